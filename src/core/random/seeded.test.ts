import { describe, expect, it } from 'vitest';
import { seededRandom } from '.';

const seeds = Array.from({ length: 4000 }, (_, seed) => seed);
const meanOf = (values: number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;

describe('seeded random numbers', () => {
  it('repeat themselves for a seed', () => {
    const draw = () =>
      Array.from(
        { length: 5 },
        (
          (random) => () =>
            random.uniform()
        )(seededRandom(7)),
      );
    expect(draw()).toEqual(draw());
  });

  it.each([0, 1, 2, 30])('draw %i of neighbouring seeds is uniform and unrelated', (skipped) => {
    const draws = seeds.map((seed) => {
      const random = seededRandom(seed);
      for (let i = 0; i < skipped; i += 1) random.uniform();
      return random.uniform();
    });
    // Bounds are four standard errors of a uniform sample of 4000.
    expect(Math.abs(meanOf(draws) - 0.5)).toBeLessThan(4 / Math.sqrt(12 * 4000));
    expect(Math.abs(meanOf(draws.map((u) => (u - 0.5) ** 2)) - 1 / 12)).toBeLessThan(0.005);
    const products = draws.slice(1).map((u, i) => 12 * (u - 0.5) * (draws[i]! - 0.5));
    expect(Math.abs(meanOf(products))).toBeLessThan(4 / Math.sqrt(4000));
  });

  it('are normal where that is asked for: mean 0, SD 1, 5 % beyond 1.96', () => {
    const draws = seeds.map((seed) => seededRandom(seed).normal());
    expect(Math.abs(meanOf(draws))).toBeLessThan(4 / Math.sqrt(4000));
    expect(meanOf(draws.map((z) => z * z))).toBeCloseTo(1, 0);
    expect(Math.abs(draws.filter((z) => Math.abs(z) > 1.96).length / 4000 - 0.05)).toBeLessThan(0.015);
  });
});
