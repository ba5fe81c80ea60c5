import { validateSync } from 'class-validator';
import { accepts, filled, refusalsOf } from '../core/shape';
import type { ContractClass } from './class-of';
import type { FieldProblem } from './problem';

export type Checked<T> = { value: T } | { errors: FieldProblem[] };

/**
 * Checks a plain object against a class of the contract; properties it does not know are refused. What is sound is told
 * by its shape alone, which is quick; only where it is not does class-validator find the properties to blame, and the
 * shape the place in them.
 */
export function check<T>(type: ContractClass<T>, plain: unknown): Checked<T> {
  if (accepts(type.shape, plain)) return { value: filled(type.shape, plain) };
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain)) {
    return { errors: [{ pointer: '', field: 'body', value: plain ?? null, allowed: 'a JSON object' }] };
  }
  const instance = Object.assign(new type(), plain);
  const blamed = new Set(
    validateSync(instance, {
      whitelist: true,
      forbidNonWhitelisted: true,
      forbidUnknownValues: true,
      stopAtFirstError: true,
    }).map((error) => error.property),
  );
  const errors = refusalsOf(type.shape, plain).filter(({ pointer }) =>
    blamed.has((pointer.split('/')[1] ?? '').replaceAll('~1', '/').replaceAll('~0', '~')),
  );
  return { errors: errors.length > 0 ? errors : refusalsOf(type.shape, plain) };
}
