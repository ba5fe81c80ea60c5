import { RefusedValue } from '../bounds';
import type { Calculator, InputSpec } from './definition';

/** Numbers of lists: large enough for any classroom, small enough that sums of squares stay finite. */
const largest = 1e12;
/** Longest list that is taken: a ninety-minute trace at ten readings a second, and some. */
const longest = 100_000;

/**
 * Checks raw input against a calculator's specs and fills in fallbacks.
 *
 * @throws RefusedValue for the first field that is unknown, missing, of the wrong kind or out of range
 */
export function checkInputs({ inputs, oneOf }: Calculator, raw: unknown): Record<string, unknown> {
  const checked = checkFields('', raw, inputs);
  if (oneOf && oneOf.every((name) => checked[name] === undefined)) {
    throw new RefusedValue(oneOf[0]!, undefined, `${oneOf.join(' or ')} must be given`);
  }
  return checked;
}

function checkFields(
  before: string,
  raw: unknown,
  specs: Record<string, InputSpec>,
): Record<string, unknown> {
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw)) {
    throw new RefusedValue(before === '' ? 'inputs' : before, raw, 'a JSON object');
  }
  const given = raw as Record<string, unknown>;
  const names = Object.keys(specs);
  const path = (name: string) => (before === '' ? name : `${before}.${name}`);
  for (const name of Object.keys(given)) {
    if (!names.includes(name)) throw new RefusedValue(path(name), given[name], `only ${names.join(', ')}`);
  }
  const checked: Record<string, unknown> = {};
  for (const name of names) {
    const value = Object.hasOwn(given, name) ? given[name] : undefined;
    const kept = checkOne(path(name), value, specs[name]!);
    if (kept !== undefined) checked[name] = kept;
  }
  return checked;
}

function checkOne(name: string, value: unknown, spec: InputSpec): unknown {
  const refuse = (): never => {
    throw new RefusedValue(name, value, allowedFor(spec));
  };
  if (value === undefined) {
    if (spec.optional) return 'fallback' in spec ? spec.fallback : undefined;
    return refuse();
  }
  switch (spec.kind) {
    case 'number':
      if (typeof value !== 'number' || !Number.isFinite(value) || value < spec.low || value > spec.high)
        return refuse();
      return spec.whole && !Number.isInteger(value) ? refuse() : value;
    case 'choice':
      return typeof value === 'string' && spec.options.includes(value) ? value : refuse();
    case 'text':
      return typeof value === 'string' && value.trim() !== '' && value.length <= spec.most ? value : refuse();
    case 'flag':
      return typeof value === 'boolean' ? value : refuse();
    case 'numbers':
      if (!Array.isArray(value)) return refuse();
      return checkNumbers(name, value, spec.least);
    case 'record':
      return checkFields(name, value, spec.fields);
    case 'records':
      if (!Array.isArray(value) || value.length < spec.least || value.length > longest) return refuse();
      return value.map((one, i) => checkFields(`${name}[${i}]`, one, spec.fields));
    case 'groups': {
      if (typeof value !== 'object' || value === null || Array.isArray(value)) return refuse();
      const groups = Object.entries(value);
      if (groups.length < spec.least || groups.length > 200) return refuse();
      return Object.fromEntries(
        groups.map(([group, values]) => [group, checkNumbers(`${name}.${group}`, values, spec.leastEach)]),
      );
    }
    case 'rows':
      if (!Array.isArray(value) || value.length < spec.least || value.length > longest) return refuse();
      return value.map((row, i) => checkNumbers(`${name}[${i}]`, row, spec.leastEach));
  }
}

function checkNumbers(name: string, value: unknown, least: number): number[] {
  if (!Array.isArray(value) || value.length < least || value.length > longest) {
    throw new RefusedValue(name, value, `a list of ${least} to ${longest} numbers`);
  }
  const wrong = value.findIndex((one) => typeof one !== 'number' || !(Math.abs(one) <= largest));
  if (wrong >= 0) throw new RefusedValue(`${name}[${wrong}]`, value[wrong], `a number from −1e12 to 1e12`);
  return value as number[];
}

/** What a field allows, in words. */
export function allowedFor(spec: InputSpec): string {
  switch (spec.kind) {
    case 'number':
      return `${spec.whole ? 'a whole number' : 'a number'} from ${spec.low} to ${spec.high}${spec.unit && ` ${spec.unit}`}`;
    case 'choice':
      return `one of ${spec.options.join(', ')}`;
    case 'text':
      return `text of 1 to ${spec.most} characters, such as ${spec.example}`;
    case 'flag':
      return 'true or false';
    case 'numbers':
      return `a list of at least ${spec.least} numbers`;
    case 'record':
      return `an object with ${Object.keys(spec.fields).join(', ')}`;
    case 'records':
      return `a list of at least ${spec.least} objects with ${Object.keys(spec.fields).join(', ')}`;
    case 'groups':
      return `an object of ${spec.least} to 200 groups, each a list of at least ${spec.leastEach} numbers`;
    case 'rows':
      return `a list of at least ${spec.least} rows, each of at least ${spec.leastEach} numbers`;
  }
}
