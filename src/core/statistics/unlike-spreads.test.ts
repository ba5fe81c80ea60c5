import { describe, expect, it } from 'vitest';
import { growth, plantGrowth, rowsOf } from './testing/groups';
import { fitLine, gamesHowell, robustTrend, tukeyHsd, twoWayUnbalanced, welchAnova, welchTest } from '.';

describe('with unlike spreads', () => {
  it('Welch: two groups are Welch’s t squared; R, oneway.test(extra ~ group, sleep): F 3.4626 on 1 and 17.776, p 0.07939', () => {
    // R’s sleep (Cushny and Peebles, 1905).
    const sleep = {
      one: [0.7, -1.6, -0.2, -1.2, -0.1, 3.4, 3.7, 0.8, 0, 2],
      two: [1.9, 0.8, 1.1, 0.1, -0.1, 4.4, 5.5, 1.6, 4.6, 3.4],
    };
    const welch = welchAnova(sleep);
    expect([welch.f, welch.dfWithin, welch.p].map((value) => value.toFixed(4))).toEqual([
      '3.4626',
      '17.7765',
      '0.0794',
    ]);
    const { t, df, p } = welchTest(sleep.one, sleep.two);
    expect([welch.f, welch.dfWithin, welch.p]).toEqual([
      expect.closeTo(t ** 2, 9) as unknown,
      expect.closeTo(df, 9) as unknown,
      expect.closeTo(p, 9) as unknown,
    ]);
    const [pair] = gamesHowell(sleep);
    expect(pair!.p).toBeCloseTo(p, 4);
    expect(pair!.difference).toBeCloseTo(1.58, 9);
  });

  it('Games and Howell: PlantGrowth, the second treatment beside the first 0.865, p 0.024; beside the control 0.494, p 0.113 (rstatix, from memory)', () => {
    const pairs = new Map(gamesHowell(plantGrowth).map((pair) => [`${pair.b} ${pair.a}`, pair]));
    expect(pairs.get('trt2 trt1')).toMatchObject({
      difference: expect.closeTo(0.865, 9) as unknown,
      p: expect.closeTo(0.024, 3) as unknown,
    });
    expect(pairs.get('trt2 ctrl')).toMatchObject({
      difference: expect.closeTo(0.494, 9) as unknown,
      p: expect.closeTo(0.113, 2) as unknown,
    });
  });

  it('a noisy group costs the others nothing: they are told apart, where the pooled spread hides it', () => {
    const groups = {
      quiet: [5, 5.1, 4.9, 5, 5.1, 4.9],
      still: [5.6, 5.7, 5.5, 5.6, 5.7, 5.5],
      noisy: [1, 10],
    };
    expect(tukeyHsd(groups)[0]!.p).toBeGreaterThan(0.5);
    const [pair] = gamesHowell(groups);
    expect(pair!.p).toBeLessThan(0.001);
    expect(() => welchAnova({ a: [1, 1], b: [2, 3] })).toThrow(/groups\.a/);
    expect(() => welchAnova({ a: [1], b: [2, 3] })).toThrow();
  });

  it('a slope: least squares’ own, its interval wider where the ends are noisy; one far point alone decides nothing', () => {
    const x = [1, 1, 2, 2, 3, 3, 4, 4];
    const y = [0, 4, 2, 2.2, 3, 3.1, 2, 6];
    const robust = robustTrend(x, y);
    const { slope, slopeSe } = fitLine(x, y);
    expect(robust.slope).toBeCloseTo(slope, 12);
    expect((robust.high - robust.low) / 2).toBeGreaterThan(2.447 * slopeSe);
    expect(robust.stationsAtEnds).toBe(4);
    expect(() => robustTrend([1, 1, 1, 5], [1, 2, 3, 90])).toThrow(/alone decides/);
    expect(() => robustTrend([1, 2, 3], [1, 2, 3])).toThrow(/at least 4/);
  });

  it('two factors, uneven cells: Kutner, table 23.1: interaction 0.23, error 8; type II by sums within levels', () => {
    const told = twoWayUnbalanced(growth);
    expect(told.interaction!.f).toBeCloseTo(0.0377 / 0.1625, 2);
    expect([told.interaction!.df, told.dfError, told.emptyCells]).toEqual([2, 8, 0]);
    // Left by one factor alone: squares about the means of its levels; by both, as printed: 1.3754.
    const leftWithin = (of: 'a' | 'b') => {
      const levels = [...new Set(growth.map((row) => row[of]))];
      return levels.reduce((sum, level) => {
        const values = growth.filter((row) => row[of] === level).map(({ value }) => value);
        const mean = values.reduce((total, one) => total + one, 0) / values.length;
        return sum + values.reduce((total, one) => total + (one - mean) ** 2, 0);
      }, 0);
    };
    expect(told.a.f).toBeCloseTo((leftWithin('b') - 1.3754) / 0.1625, 2);
    expect(told.b.f).toBeCloseTo((leftWithin('a') - 1.3754) / 2 / 0.1625, 2);
  });

  it('two factors, a gap says less of the interaction; a tangle is refused', () => {
    const cells = [
      [
        [4.8, 5, 5.2],
        [8.8, 9.1, 9.2],
        [6, 6.4, 6.1],
      ],
      [
        [5, 5.3, 5.4],
        [9, 9.2, 9.7],
        [7, 7.4, 7.9],
      ],
    ];
    const rows = rowsOf(cells);
    const gap = twoWayUnbalanced(rows.filter(({ a, b }) => !(a === 'a1' && b === 'b2')));
    expect(gap).toMatchObject({ emptyCells: 1, dfError: 10, interaction: { df: 1 } });
    expect(() =>
      twoWayUnbalanced(
        rows.filter(({ a, b }) => (a === 'a0') === (b === 'b0')).filter(({ b }) => b !== 'b2'),
      ),
    ).toThrow(/one factor from the other/);
    const single = twoWayUnbalanced(rows.filter((_, i) => i % 3 === 0));
    expect(single).toMatchObject({ interaction: null, dfError: 2 });
  });
});
