import { validateSync } from 'class-validator';
import { accepts, below, filled, printable, refusalsOf, unknownFields } from '../core/shape';
import type { ContractClass } from './class-of';
import type { FieldProblem } from './problem';

export type Checked<T> = { value: T } | { errors: FieldProblem[] };

/**
 * Checks a plain object against a class of the contract; properties it does not know are refused. What is sound is told
 * by its shape alone, which is quick; only where it is not does class-validator say which properties are to blame, and
 * the shape of each where in it.
 */
export function check<T>(type: ContractClass<T>, plain: unknown): Checked<T> {
  const { shape } = type;
  if (accepts(shape, plain)) return { value: filled(shape, plain) };
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain)) {
    return { errors: [{ pointer: '', field: 'body', value: printable(plain), allowed: 'a JSON object' }] };
  }
  // Only what the class knows is put into it: a body may call a property constructor or __proto__.
  const given = Object.fromEntries(
    Object.keys(shape.fields)
      .filter((name) => Object.hasOwn(plain, name))
      .map((name) => [name, (plain as Record<string, unknown>)[name]]),
  );
  const blamed = validateSync(Object.assign(new type(), given), { stopAtFirstError: true });
  // Of a class without properties it says that it does not know it, and names none.
  const named = blamed.filter(
    ({ property }) => property !== undefined && Object.hasOwn(shape.fields, property),
  );
  const wrong = named.flatMap(({ property }) =>
    refusalsOf(shape.fields[property]!, given[property], below('', property), property),
  );
  return { errors: [...wrong, ...unknownFields(shape.fields, plain as Record<string, unknown>)] };
}
