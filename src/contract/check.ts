import { plainToInstance } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';
import type { FieldProblem } from './problem';

export type Checked<T> = { value: T } | { errors: FieldProblem[] };

/** Checks a plain object against a class of the contract; properties it does not know are refused. */
export function check<T extends object>(type: new () => T, plain: unknown): Checked<T> {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain)) {
    return { errors: [{ pointer: '', field: 'body', value: plain ?? null, allowed: 'a JSON object' }] };
  }
  const instance = instanceOf(type, plain);
  if (!instance) {
    const allowed = 'an object in each place where the contract has one';
    return { errors: [{ pointer: '', field: 'body', value: printable(plain), allowed }] };
  }
  const errors = validateSync(instance, {
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: true,
    stopAtFirstError: true,
    validationError: { target: false },
  });
  return errors.length > 0
    ? { errors: errors.flatMap((error) => fieldProblems(error, '')) }
    : { value: instance };
}

/** Undefined where the document is so misshapen that the transformer trips over it (null in a list of parts). */
function instanceOf<T extends object>(type: new () => T, plain: object): T | undefined {
  try {
    return plainToInstance(type, plain);
  } catch (error) {
    if (error instanceof TypeError) return undefined;
    throw error;
  }
}

function fieldProblems(error: ValidationError, above: string): FieldProblem[] {
  const pointer = `${above}/${error.property.replaceAll('~', '~0').replaceAll('/', '~1')}`;
  const own = Object.entries(error.constraints ?? {}).map(([constraint, message]) => ({
    pointer,
    field: error.property,
    value: printable(error.value),
    allowed: constraint === 'whitelistValidation' ? 'nothing: this field is not known' : message,
  }));
  return [...own.slice(0, 1), ...(error.children ?? []).flatMap((child) => fieldProblems(child, pointer))];
}

/** Values are quoted in problems, but not at any length. */
function printable(value: unknown): unknown {
  const text = JSON.stringify(value) as string | undefined;
  if (text === undefined) return null;
  return text.length > 120 ? `${text.slice(0, 117)}…` : value;
}
