import { RefusedValue } from '../core/bounds';
import { allowedFor, calculators, runCalculator } from '../core/calculators';

/** What the command prints, and how it ends. */
export interface Printed {
  status: 0 | 2;
  stdout: string;
  stderr: string;
}

/*
 * The command line of the calculators: `calc list`, `calc <id> '<json>'`. One JSON object on standard output and
 * nothing else; what is wrong goes to standard error as one JSON problem, with exit code 2.
 */

function answerTo([id, text = '{}', ...more]: string[]): object {
  if (id === undefined) throw new RefusedValue('id', undefined, 'list, or the id of a calculator');
  if (more.length > 0)
    throw new RefusedValue('arguments', more.join(' '), 'an id and one JSON object in quotes');
  if (id === 'list') return list();
  return runCalculator(id, parsed(text));
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    throw new RefusedValue('inputs', text, `a JSON object, such as '{"altitudeM":1200}'`);
  }
}

function list(): object {
  return {
    calculators: calculators.map(({ id, title, inputs }) => ({
      id,
      title,
      inputs: Object.fromEntries(
        Object.entries(inputs).map(([name, spec]) => [
          name,
          {
            about: spec.about,
            allowed: allowedFor(spec),
            ...('optional' in spec && spec.optional && { optional: true }),
            ...('fallback' in spec && spec.fallback !== undefined && { default: spec.fallback }),
          },
        ]),
      ),
    })),
  };
}

/** The problem as it goes to standard error. */
function problemOf({ field, pointer, value, allowed, message }: RefusedValue): object {
  const given =
    value === undefined ? null : typeof value === 'number' && !Number.isFinite(value) ? String(value) : value;
  return {
    type: 'about:blank',
    title: 'Something in this is not allowed',
    detail: message,
    field,
    value: given,
    allowed,
    errors: [{ pointer, field, value: given, allowed }],
  };
}

/** The command with its arguments. */
export function calc(...args: string[]): Printed {
  try {
    return { status: 0, stdout: `${JSON.stringify(answerTo(args))}\n`, stderr: '' };
  } catch (error) {
    if (!(error instanceof RefusedValue)) throw error;
    return { status: 2, stdout: '', stderr: `${JSON.stringify(problemOf(error))}\n` };
  }
}
