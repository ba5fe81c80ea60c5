import { validateSync } from 'class-validator';
import { accepts, below, filled, refusalsOf } from '../core/shape';
import type { ContractClass } from './class-of';
import type { FieldProblem } from './problem';

export type Checked<T> = { value: T } | { errors: FieldProblem[] };

/**
 * Checks a plain object against a class of the contract; properties it does not know are refused. What is sound is told
 * by its shape alone, which is quick; only where it is not does class-validator say which properties are, and the shape
 * the places in the others.
 */
export function check<T>(type: ContractClass<T>, plain: unknown): Checked<T> {
  if (accepts(type.shape, plain)) return { value: filled(type.shape, plain) };
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain)) {
    return { errors: [{ pointer: '', field: 'body', value: plain ?? null, allowed: 'a JSON object' }] };
  }
  // Only what the class knows is put into it: a body may call a property constructor or __proto__.
  const known = Object.entries(plain).filter(([name]) => Object.hasOwn(type.shape.fields, name));
  const instance = Object.assign(new type(), Object.fromEntries(known));
  const sound = new Set(known.map(([name]) => name));
  for (const { property } of validateSync(instance, { stopAtFirstError: true })) sound.delete(property);
  const cleared = [...sound].map((name) => below('', name));
  return {
    errors: refusalsOf(type.shape, plain).filter(
      ({ pointer }) => !cleared.some((one) => pointer === one || pointer.startsWith(`${one}/`)),
    ),
  };
}
