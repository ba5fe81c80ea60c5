import { mayBeMissing, type RecordSpec, type Spec } from './shape';

type Predicate = (value: unknown) => boolean;

const compiled = new WeakMap<Spec, Predicate>();

/**
 * Whether a value has a shape: no reasons, but fast enough for thousands of entries a second. Each shape is turned into
 * plain predicates once.
 */
export function accepts(spec: Spec, value: unknown): boolean {
  return predicateOf(spec)(value);
}

function predicateOf(spec: Spec): Predicate {
  let predicate = compiled.get(spec);
  if (!predicate) compiled.set(spec, (predicate = compile(spec)));
  return predicate;
}

/** What no keyboard types and no database keeps as it came: the NUL, and half a character. */
const unwritable = /[\0\p{Surrogate}]/u;

const idPattern = /^[\w.-]{1,80}$/;

function compile(spec: Spec): Predicate {
  switch (spec.kind) {
    case 'text': {
      const { least, most } = spec;
      return (value) =>
        typeof value === 'string' &&
        value.length <= most &&
        value.length >= least &&
        (least === 0 || /\S/.test(value)) &&
        !unwritable.test(value);
    }
    case 'id':
      return (value) => typeof value === 'string' && idPattern.test(value);
    case 'number': {
      const { low, high } = spec;
      return spec.whole
        ? (value) => Number.isInteger(value) && (value as number) >= low && (value as number) <= high
        : (value) => typeof value === 'number' && value >= low && value <= high;
    }
    case 'choice': {
      const { options } = spec;
      return (value) => options.includes(value as string);
    }
    case 'flag':
      return (value) => typeof value === 'boolean';
    case 'nullable': {
      const inner = predicateOf(spec.inner);
      return (value) => value === null || inner(value);
    }
    case 'list': {
      const { least, most } = spec;
      const of = predicateOf(spec.of);
      return (value) =>
        Array.isArray(value) && value.length >= least && value.length <= most && value.every(of);
    }
    case 'record':
      return recordPredicate(spec);
    case 'union': {
      const { tag } = spec;
      const variants = new Map(
        Object.entries(spec.variants).map(([name, variant]) => [name, predicateOf(variant)]),
      );
      return (value) => {
        if (typeof value !== 'object' || value === null) return false;
        const chosen = variants.get((value as Record<string, unknown>)[tag] as string);
        return chosen !== undefined && chosen(value);
      };
    }
    case 'refined': {
      const inner = predicateOf(spec.inner);
      return (value) => inner(value) && spec.wrong(value) === null;
    }
  }
}

/** Whether an object has so many keys of its own and no more: a hundred thousand are not counted to the end. */
function hasNoMore(given: Record<string, unknown>, known: number): boolean {
  let count = 0;
  for (const name in given) if (Object.hasOwn(given, name) && (count += 1) > known) return false;
  return count === known;
}

function recordPredicate({ fields }: RecordSpec): Predicate {
  const needed = Object.keys(fields).filter((name) => !mayBeMissing(fields[name]!));
  const spare = Object.keys(fields).filter((name) => mayBeMissing(fields[name]!));
  const predicates = new Map(Object.keys(fields).map((name) => [name, predicateOf(fields[name]!)]));
  const neededPredicates = needed.map((name) => predicates.get(name)!);
  return (value) => {
    if (typeof value !== 'object' || value === null || Array.isArray(value)) return false;
    const given = value as Record<string, unknown>;
    for (let i = 0; i < needed.length; i += 1) {
      if (!Object.hasOwn(given, needed[i]!) || !neededPredicates[i]!(given[needed[i]!])) return false;
    }
    let known = needed.length;
    for (const name of spare) {
      if (!Object.hasOwn(given, name)) continue;
      known += 1;
      if (given[name] !== undefined && !predicates.get(name)!(given[name])) return false;
    }
    return hasNoMore(given, known);
  };
}
