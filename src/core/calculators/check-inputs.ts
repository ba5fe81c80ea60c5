import { RefusedValue } from '../bounds';
import type { Calculator, InputSpec } from './definition';

/**
 * Checks raw input against a calculator's specs and fills in fallbacks.
 *
 * @throws RefusedValue for the first field that is unknown, missing, of the wrong kind or out of range
 */
export function checkInputs({ inputs, oneOf }: Calculator, raw: unknown): Record<string, unknown> {
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw)) {
    throw new RefusedValue('inputs', raw, 'a JSON object');
  }
  const given = raw as Record<string, unknown>;
  const names = Object.keys(inputs);
  for (const name of Object.keys(given)) {
    if (!names.includes(name)) throw new RefusedValue(name, given[name], `only ${names.join(', ')}`);
  }
  const checked: Record<string, unknown> = {};
  for (const name of names) {
    const value = checkOne(name, given[name], inputs[name]!);
    if (value !== undefined) checked[name] = value;
  }
  if (oneOf && oneOf.every((name) => checked[name] === undefined)) {
    throw new RefusedValue(oneOf[0]!, undefined, `${oneOf.join(' or ')} must be given`);
  }
  return checked;
}

function checkOne(name: string, value: unknown, spec: InputSpec): unknown {
  if (value === undefined) {
    if (spec.kind !== 'numbers' && spec.optional) return spec.fallback;
    throw new RefusedValue(name, undefined, allowedFor(spec));
  }
  switch (spec.kind) {
    case 'number':
      if (typeof value !== 'number' || !Number.isFinite(value) || value < spec.low || value > spec.high) {
        throw new RefusedValue(name, value, allowedFor(spec));
      }
      return value;
    case 'choice':
      if (typeof value !== 'string' || !spec.options.includes(value)) {
        throw new RefusedValue(name, value, allowedFor(spec));
      }
      return value;
    case 'numbers': {
      if (!Array.isArray(value) || value.length < spec.least)
        throw new RefusedValue(name, value, allowedFor(spec));
      const wrong = value.findIndex((one) => typeof one !== 'number' || !Number.isFinite(one));
      if (wrong >= 0) throw new RefusedValue(`${name}[${wrong}]`, value[wrong], 'a finite number');
      return value;
    }
  }
}

/** What a field allows, in words. */
export function allowedFor(spec: InputSpec): string {
  switch (spec.kind) {
    case 'number':
      return `a number from ${spec.low} to ${spec.high}${spec.unit && ` ${spec.unit}`}`;
    case 'choice':
      return `one of ${spec.options.join(', ')}`;
    case 'numbers':
      return `a list of at least ${spec.least} numbers`;
  }
}
