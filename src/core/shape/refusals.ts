import { accepts } from './accepts';
import { mayBeMissing, type RecordSpec, type Spec } from './shape';
import { allowedIn } from './words';

/** One thing wrong in a document: where (JSON pointer), what, and what is allowed instead. */
export interface Refusal {
  pointer: string;
  field: string;
  value: unknown;
  allowed: string;
}

/** Most refusals that are told: a document of rubbish is not answered with a book. */
const most = 50;

/** Everything a value has that its shape refuses, in the order of its fields; empty when it is sound. */
export function refusalsOf(spec: Spec, value: unknown, pointer = '', field = 'body'): Refusal[] {
  if (accepts(spec, value)) return [];
  const own = (allowed = allowedIn(spec)): Refusal[] => [
    { pointer, field, value: spec.secret ? '…' : printable(value), allowed },
  ];
  switch (spec.kind) {
    case 'nullable': {
      const inner = refusalsOf(spec.inner, value, pointer, field);
      return inner.length > 0 ? inner : own();
    }
    case 'refined': {
      const inner = refusalsOf(spec.inner, value, pointer, field);
      if (inner.length > 0) return inner;
      const allowed = spec.wrong(value) ?? allowedIn(spec);
      if (spec.at === null) return own(allowed);
      const blamed = (value as Record<string, unknown>)[spec.at];
      return [{ pointer: below(pointer, spec.at), field: spec.at, value: printable(blamed), allowed }];
    }
    case 'list': {
      if (!Array.isArray(value) || value.length < spec.least || value.length > spec.most) return own();
      const inner = value.flatMap((one, i) => refusalsOf(spec.of, one, below(pointer, String(i)), String(i)));
      return inner.slice(0, most);
    }
    case 'record':
      return isObject(value) ? inRecord(spec, value, pointer) : own();
    case 'union': {
      const tag = isObject(value) ? value[spec.tag] : undefined;
      const variant =
        typeof tag === 'string' && Object.hasOwn(spec.variants, tag) ? spec.variants[tag] : null;
      return variant ? inRecord(variant, value as Record<string, unknown>, pointer) : own();
    }
    case 'text':
    case 'id':
    case 'number':
    case 'choice':
    case 'flag':
      return own();
  }
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The JSON pointer of a key below another (RFC 6901). */
export const below = (pointer: string, key: string) =>
  `${pointer}/${key.replaceAll('~', '~0').replaceAll('/', '~1')}`;

function inRecord({ fields }: RecordSpec, given: Record<string, unknown>, pointer: string): Refusal[] {
  const known = Object.entries(fields).flatMap(([name, spec]) => {
    const value = Object.hasOwn(given, name) ? given[name] : undefined;
    if (value === undefined && mayBeMissing(spec)) return [];
    return refusalsOf(spec, value, below(pointer, name), name);
  });
  return [...known, ...unknownFields(fields, given, pointer)].slice(0, most);
}

/** What an object has beyond its fields, as far as it is told: a hundred thousand keys are not looked through. */
export function unknownFields(
  fields: RecordSpec['fields'],
  given: Record<string, unknown>,
  pointer = '',
): Refusal[] {
  const unknown: string[] = [];
  for (const name in given) {
    if (!Object.hasOwn(given, name) || Object.hasOwn(fields, name)) continue;
    unknown.push(name);
    if (unknown.length >= most) break;
  }
  return unknown.map((name) => ({
    pointer: below(pointer, name),
    field: name,
    value: printable(given[name]),
    allowed: 'nothing: this field is not known',
  }));
}

const tooDeep = 'something nested very deep';

function written(value: unknown): string | undefined {
  try {
    return JSON.stringify(value);
  } catch {
    return tooDeep;
  }
}

/** Values are quoted in refusals, but not at any length. */
export function printable(value: unknown): unknown {
  // What is nested so deep that writing it down takes more than there is, is not quoted.
  const text = written(value);
  if (text === undefined) return null;
  if (text === tooDeep) return tooDeep;
  return text.length > 120 ? `${text.slice(0, 117)}…` : value;
}
