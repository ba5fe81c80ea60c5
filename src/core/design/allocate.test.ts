import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { allocateTreatments } from '.';

const levels = ['a', 'b', 'c', 'd'];
const stations = (count: number) => Array.from({ length: count }, (_, i) => i + 1);

describe('allocating levels to stations', () => {
  it('balances replicates and repeats itself for a seed', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 1, max: 8 }),
        fc.integer(),
        (count, kinds, seed) => {
          const ids = Array.from({ length: kinds }, (_, i) => `level ${i}`);
          const first = allocateTreatments(stations(count), ids, 'shuffled', seed);
          const counts = ids.map((id) => first.filter((one) => one.treatmentId === id).length);
          expect(Math.max(...counts) - Math.min(...counts)).toBeLessThanOrEqual(1);
          expect(first.map((one) => one.station)).toEqual(stations(count));
          expect(allocateTreatments(stations(count), ids, 'shuffled', seed)).toEqual(first);
        },
      ),
    );
  });

  it('puts each level at each station about equally often over many seeds (chi-squared, 33 df, p = 0.001 at 63.9)', () => {
    const seen = new Map<string, number>();
    const rounds = 1200;
    for (let seed = 0; seed < rounds; seed += 1) {
      for (const { station, treatmentId } of allocateTreatments(stations(12), levels, 'shuffled', seed)) {
        seen.set(`${station}${treatmentId}`, (seen.get(`${station}${treatmentId}`) ?? 0) + 1);
      }
    }
    const expected = rounds / levels.length;
    const chi2 = [...seen.values()].reduce((sum, count) => sum + (count - expected) ** 2 / expected, 0);
    expect(seen.size).toBe(48);
    expect(chi2).toBeLessThan(63.9);
  });

  it('keeps the order listed when asked to', () => {
    expect(
      allocateTreatments(stations(6), ['a', 'b', 'c'], 'as-listed', 1).map((one) => one.treatmentId),
    ).toEqual(['a', 'a', 'b', 'b', 'c', 'c']);
    expect(() => allocateTreatments(stations(3), [], 'shuffled', 1)).toThrow(/at least one level/);
  });
});
