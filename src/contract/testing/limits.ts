import { expect, it } from 'vitest';
import { check } from '../check';
import { type ContractClass } from '../class-of';

/*
 * The limits that stand in docs/formats.md, field by field: what is just inside passes, what is just outside is
 * refused at its own place and in these words.
 */

export type Limit =
  | { number: [low: number, high: number, unit?: string]; orNull?: true }
  | { whole: [low: number, high: number, unit?: string]; orNull?: true }
  | { text: [least: number, most: number]; orNull?: true }
  | { id: true; orNull?: true }
  | { oneOf: (string | number | null)[] }
  | { flag: true }
  | { list: [least: number, most: number, one: unknown] };

export const long = (length: number) => 'x'.repeat(length);

/** What a limit lets through, what it does not, and what it says. */
export function casesOf(limit: Limit): { sound: unknown[]; refused: unknown[]; words: string } {
  if ('number' in limit || 'whole' in limit) {
    const [low, high, unit] = 'number' in limit ? limit.number : limit.whole;
    const least = 'whole' in limit ? 1 : Math.max(Math.abs(low), Math.abs(high)) * 1e-9;
    const kind = 'whole' in limit ? 'a whole number' : 'a number';
    const fraction = 'whole' in limit ? [low + 0.5] : [];
    return {
      sound: [low, high],
      refused: [low - least, high + least, String(low), NaN, Infinity, ...fraction, undefined, true, [low]],
      words: `${kind} from ${low} to ${high}${unit ? ` ${unit}` : ''}`,
    };
  }
  if ('text' in limit) {
    const [least, most] = limit.text;
    return {
      sound: [least === 0 ? '' : 'x', long(most)],
      refused: [long(most + 1), 7, undefined, ...(least > 0 ? ['', ' \t'] : [])],
      words: `text of ${least > 0 ? `${least} to` : 'up to'} ${most} characters${least > 0 ? ', not only blanks' : ''}`,
    };
  }
  if ('id' in limit) {
    return {
      sound: ['a', `aZ_9.-${long(74)}`],
      refused: ['', long(81), 'a b', '../a', 7, undefined],
      words: 'an id of 1 to 80 letters, digits, dots and dashes',
    };
  }
  if ('oneOf' in limit) {
    return {
      sound: limit.oneOf,
      refused: ['', 'nothing of the kind', 11, undefined],
      words: `one of ${limit.oneOf.filter((one) => one !== null).join(', ')}`,
    };
  }
  if ('flag' in limit) return { sound: [true, false], refused: ['true', 0, null], words: 'true or false' };
  const [least, most, one] = limit.list;
  const listed = (n: number) =>
    Array.from({ length: n }, (_, i) =>
      typeof one === 'function' ? (one as (i: number) => unknown)(i) : structuredClone(one),
    );
  return { sound: [listed(least), listed(most)], refused: [listed(most + 1), {}, 'x'], words: '' };
}

/** The document with the value at a pointer. */
export function withAt(document: object, pointer: string, value: unknown): object {
  const copy = structuredClone(document);
  const keys = pointer.slice(1).split('/');
  const last = keys.pop()!;
  let place = copy as Record<string, unknown>;
  for (const key of keys) place = place[key] as Record<string, unknown>;
  place[last] = value;
  return copy;
}

export function holdsLimits<T>(type: ContractClass<T>, sound: object, limits: Record<string, Limit>) {
  it.each(Object.entries(limits))('%s', (pointer, limit) => {
    const { sound: inside, refused, words } = casesOf(limit);
    const orNull = 'orNull' in limit;
    for (const value of orNull ? [...inside, null] : inside) {
      expect(check(type, withAt(sound, pointer, value)), JSON.stringify(value)).toHaveProperty('value');
    }
    const nothing = orNull || ('oneOf' in limit && limit.oneOf.includes(null)) ? [] : [null];
    for (const value of [...refused, ...nothing]) {
      const result = check(type, withAt(sound, pointer, value));
      expect(result, String(value)).toHaveProperty('errors');
      const [problem] = 'errors' in result ? result.errors : [];
      expect(problem).toMatchObject({ pointer, field: pointer.split('/').at(-1) });
      if (words !== '') expect(problem!.allowed).toBe(words);
    }
  });
}

export const at = { '/entries/0/id': { id: true } } as const;
