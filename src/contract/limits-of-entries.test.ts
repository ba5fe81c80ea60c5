import { describe, expect, it } from 'vitest';
import { check } from './check';
import { accepts } from '../core/shape';
import { entryShape } from '../core/run';
import { EntryBatch } from './entries';
import { type Limit, casesOf, withAt, holdsLimits, at } from './testing/limits';

const isSoundEntry = (value: unknown) => accepts(entryShape, value);

const entry = (body: object) => ({ id: 'e', station: 4, at: Date.UTC(2026, 10, 24), offset: 60, body });

const reading = { kind: 'reading', celsius: 118.5, probe: 1, unit: 'C', source: 'typed' };

const body = (limits: Record<string, Limit>) =>
  Object.fromEntries(Object.entries(limits).map(([name, limit]) => [`/entries/0/body/${name}`, limit]));

/** Kinds of entries with the limits of their fields. */
const kinds: [object, Record<string, Limit>][] = [
  [
    reading,
    {
      ...at,
      '/entries/0/station': { whole: [1, 99], orNull: true },
      '/entries/0/at': { whole: [Date.UTC(2000, 0, 1), Date.UTC(2100, 0, 1), 'ms since 1970'] },
      '/entries/0/offset': { whole: [-900, 900, 'min'] },
      ...body({
        celsius: { number: [-90, 400, '°C'] },
        probe: { whole: [1, 9] },
        unit: { oneOf: ['C', 'F'] },
        source: { oneOf: ['typed', 'probe'] },
      }),
    },
  ],
  [
    { kind: 'observation', text: 'golden', when: 'during', sense: 'colour' },
    body({
      text: { text: [1, 500] },
      when: { oneOf: ['before', 'during', 'after'] },
      sense: { oneOf: ['appearance', 'colour', 'texture', 'smell', 'sound', null] },
    }),
  ],
  [
    { kind: 'event', text: 'soda in', stepId: 's' },
    body({ text: { text: [1, 200] }, stepId: { id: true, orNull: true } }),
  ],
  [
    { kind: 'measurement', responseId: 'm', name: 'mass', value: 86.2, unit: 'g' },
    body({
      responseId: { id: true, orNull: true },
      name: { text: [1, 80] },
      value: { number: [-1e9, 1e9] },
      unit: { text: [0, 20] },
    }),
  ],
  [
    { kind: 'noted', about: 'hob', name: 'which hob', text: 'back left', value: 3, unit: '' },
    body({
      about: { id: true },
      name: { text: [1, 120] },
      text: { text: [1, 200] },
      value: { number: [-1e9, 1e9], orNull: true },
      unit: { text: [0, 20] },
    }),
  ],
  [{ kind: 'deviation', text: 'dropped an egg' }, body({ text: { text: [1, 500] } })],
  [
    { kind: 'timer', label: 'egg', minutes: 20, lookAt: 15 },
    body({
      label: { text: [0, 1200] },
      minutes: { number: [0.01, 600, 'min'] },
      lookAt: { number: [0.01, 600, 'min'], orNull: true },
    }),
  ],
  [{ kind: 'correction', corrects: 'e1', to: reading }, body({ corrects: { id: true } })],
];

describe('limits of entries', () => {
  for (const [one, limits] of kinds) holdsLimits(EntryBatch, { entries: [entry(one)] }, limits);

  it('a piece is from 1 to 40, or left out', () => {
    const of = (piece: unknown) =>
      isSoundEntry(
        entry({ kind: 'measurement', responseId: 'm', name: 'mass', value: 86.2, unit: 'g', piece }),
      );
    expect([1, 40, undefined].map(of)).toEqual([true, true, true]);
    expect([0, 41, 1.5, '2', null].map(of)).toEqual([false, false, false, false, false]);
  });

  it('the quick look over an entry agrees at every limit', () => {
    for (const [one, limits] of kinds) {
      const batch = { entries: [entry(one)] };
      expect(isSoundEntry(batch.entries[0])).toBe(true);
      for (const [pointer, limit] of Object.entries(limits)) {
        const { sound, refused } = casesOf(limit);
        for (const value of [...sound, ...refused, null]) {
          const changed = withAt(batch, pointer, value) as { entries: unknown[] };
          expect(isSoundEntry(changed.entries[0]), `${pointer} ${String(value)}`).toBe(
            'value' in check(EntryBatch, changed),
          );
        }
      }
    }
    for (const wrong of [null, undefined, 7, 'e', [], { ...entry(reading), more: 1 }, entry([] as never)]) {
      expect(isSoundEntry(wrong)).toBe(false);
    }
    for (const wrongBody of [null, 7, 'reading', { ...reading, kind: 7 }, { ...reading, kind: 'toString' }]) {
      expect(isSoundEntry(entry(wrongBody as never))).toBe(false);
    }
  });

  it('a batch: one entry to a thousand, nothing besides, and sound ones as they came', () => {
    const batch = (n: number) => ({ entries: Array.from({ length: n }, () => entry(reading)) });
    const thousand = batch(1000);
    const passed = check(EntryBatch, thousand);
    expect('value' in passed && passed.value).toBe(thousand);
    for (const [wrong, sentence] of [
      [batch(0), 'a list of 1 to 1000'],
      [batch(1001), 'a list of 1 to 1000'],
      [{ ...batch(1), more: 1 }, 'nothing: this field is not known'],
      [{ entries: { length: 1 } }, 'a list of 1 to 1000'],
      [{}, 'a list of 1 to 1000'],
      [null, 'a JSON object'],
      [undefined, 'a JSON object'],
      [7, 'a JSON object'],
      ['entries', 'a JSON object'],
      [[batch(1)], 'a JSON object'],
    ] as const) {
      const result = check(EntryBatch, wrong);
      expect('errors' in result && result.errors[0]!.allowed).toBe(sentence);
    }
  });
});
