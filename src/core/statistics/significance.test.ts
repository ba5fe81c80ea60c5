import anova1 from '@stdlib/stats-anova1';
import fCdf from '@stdlib/stats-base-dists-f-cdf';
import rangeCdf from '@stdlib/stats-base-dists-studentized-range-cdf';
import ttest2 from '@stdlib/stats-ttest2';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../random';
import {
  dunnettCritical,
  dunnettTest,
  dunnettUpper,
  oneWayAnova,
  squaresOfTwoFactors,
  tukeyHsd,
  twoWayUnbalanced,
  welchTest,
} from '.';
import { studentizedRangeCritical, studentizedRangeUpper } from './distributions';
import { plantGrowth, randomGroups, rowsOf } from './testing/groups';

describe('one-way analysis of variance', () => {
  it('R, PlantGrowth: F = 4.846 on 2 and 27 degrees of freedom, p = 0.01591', () => {
    const { f, dfBetween, dfWithin, p } = oneWayAnova(plantGrowth);
    expect([f.toFixed(3), dfBetween, dfWithin, p.toFixed(5)]).toEqual(['4.846', 2, 27, '0.01591']);
  });

  it('NIST StRD SiRstv: certified sums of squares and F to nine digits', () => {
    const { squaresBetween, squaresWithin, f } = oneWayAnova({
      1: [196.3052, 196.124, 196.189, 196.2569, 196.3403],
      2: [196.3042, 196.3825, 196.1669, 196.3257, 196.0422],
      3: [196.1303, 196.2005, 196.2889, 196.0343, 196.1811],
      4: [196.2795, 196.1748, 196.1494, 196.1485, 195.9885],
      5: [196.2119, 196.1051, 196.185, 196.0052, 196.209],
    });
    expect(squaresBetween / 5.11462616e-2).toBeCloseTo(1, 8);
    expect(squaresWithin / 2.1663656e-1).toBeCloseTo(1, 8);
    expect(f / 1.18046237440255).toBeCloseTo(1, 9);
  });

  // NIST StRD SmLs01 to SmLs09, by their construction (Simon and Lesage, 1989): nine levels around .4, .3, .5, .3, .5 …,
  // each of one value there and equally many 0.1 below and above. Between 0.08 n, within 0.09 (n − 1), F = n.
  // A double holds 1 000 000 000 000.4 only to 0.0001, which leaves three digits, whoever reckons.
  it.each([
    [1, 13],
    [1e6, 9],
    [1e12, 3],
  ])('NIST StRD SmLs, values about %d: the certified sums and F to %d digits', (offset, digits) => {
    for (const n of [21, 201, 2001]) {
      const groups = Object.fromEntries(
        [4, 3, 5, 3, 5, 3, 5, 3, 5].map((tenths, level) => [
          level,
          Array.from({ length: n }, (_, i) =>
            Number(`${offset}.${tenths + (i === 0 ? 0 : (i % 2) * 2 - 1)}`),
          ),
        ]),
      );
      const { squaresBetween, squaresWithin, f, dfWithin } = oneWayAnova(groups);
      expect(dfWithin).toBe(9 * (n - 1));
      for (const [ours, certified] of [
        [squaresBetween, 0.08 * n],
        [squaresWithin, 0.09 * (n - 1)],
        [f, n],
      ] as const) {
        expect(Math.abs(ours / certified - 1)).toBeLessThan(10 ** -digits);
      }
    }
  });

  it('agrees with stdlib on random groups', () => {
    for (let seed = 1; seed <= 12; seed += 1) {
      const groups = randomGroups(seed);
      const ours = oneWayAnova(groups);
      const names = Object.entries(groups).flatMap(([name, values]) => values.map(() => name));
      const theirs = anova1(Object.values(groups).flat(), names);
      expect(ours.f / theirs.statistic).toBeCloseTo(1, 9);
      expect(ours.p).toBeCloseTo(theirs.pValue, 11);
      expect(ours.p).toBeCloseTo(1 - fCdf(ours.f, ours.dfBetween, ours.dfWithin), 11);
    }
  });

  it('refuses what has no answer, naming the group', () => {
    // One repeat in all is the least that has an answer. By hand: (1 + 2) / 2 = 1.5 against 4.
    expect(oneWayAnova({ a: [1, 2], b: [4] })).toMatchObject({ dfWithin: 1, squaresWithin: 0.5 });
    for (const cells of [
      [
        [
          [1, 2],
          [3, 4],
        ],
      ],
      [[[1, 2]], [[3, 4]]],
    ]) {
      expect(() => twoWayUnbalanced(rowsOf(cells))).toThrow(/at least two levels of each factor/);
    }
    expect(() => oneWayAnova({ a: [1, 2] })).toThrow(/groups is .* at least two groups/);
    expect(() => oneWayAnova({ a: [1], b: [2] })).toThrow(/more values than groups/);
    expect(() => oneWayAnova({ a: [3, 3], b: [4, 4] })).toThrow(/not all equal within their groups/);
    expect(() => oneWayAnova({ a: [3, NaN], b: [4, 5] })).toThrow(/groups\.a\[1\] is NaN/);
  });
});

describe('Tukey’s HSD', () => {
  it('R, TukeyHSD(aov(weight ~ group, PlantGrowth)): differences, intervals and adjusted p', () => {
    const pairs = tukeyHsd(plantGrowth).map(({ a, b, difference, low, high, p }) =>
      [`${b}-${a}`, difference.toFixed(3), low.toFixed(4), high.toFixed(4), p.toFixed(4)].join(' '),
    );
    expect(pairs).toEqual([
      'trt1-ctrl -0.371 -1.0622 0.3202 0.3909',
      'trt2-ctrl 0.494 -0.1972 1.1852 0.1980',
      'trt2-trt1 0.865 0.1738 1.5562 0.0120',
    ]);
  });

  it('the printed table of the studentised range at 5 % (Harter, 1960), to its last digit', () => {
    for (const [groups, df, printed] of [
      [2, 5, '3.635'],
      [3, 10, '3.877'],
      [3, 12, '3.773'],
      [4, 20, '3.958'],
      [5, 30, '4.102'],
      [6, 60, '4.163'],
      [8, 24, '4.684'],
    ] as const) {
      expect(studentizedRangeCritical(groups, df).toFixed(3)).toBe(printed);
      expect(studentizedRangeUpper(Number(printed), groups, df)).toBeCloseTo(0.05, 4);
    }
  });

  it('agrees with stdlib’s studentised range', () => {
    for (let seed = 1; seed <= 6; seed += 1) {
      const groups = randomGroups(seed);
      const { pooledSd, dfWithin } = oneWayAnova(groups);
      for (const { a, b, difference, p } of tukeyHsd(groups)) {
        const se = pooledSd * Math.sqrt((1 / groups[a]!.length + 1 / groups[b]!.length) / 2);
        const theirs = 1 - rangeCdf(Math.abs(difference) / se, Object.keys(groups).length, dfWithin, 1);
        expect(p).toBeCloseTo(theirs, 5);
      }
    }
  });
});

describe('where nothing varies', () => {
  it('no test has an answer, and says so', () => {
    expect(() => welchTest([5, 5], [6, 6])).toThrow(
      /a is \[5,5\]; allowed: values that are not all equal, in a or in b/,
    );
    expect(() =>
      twoWayUnbalanced(
        rowsOf([
          [
            [1, 1],
            [2, 2],
          ],
          [
            [3, 3],
            [4, 4],
          ],
        ]),
      ),
    ).toThrow(/not all equal within their cells/);
    expect(welchTest([5, 5], [6, 8]).df).toBeCloseTo(1, 9);
  });
});

describe('Dunnett’s test of one group', () => {
  it('is Student’s t: 12.706, 2.228, 2.042 on 1, 10, 30 degrees of freedom', () => {
    for (const [df, printed] of [
      [5, 2.5706],
      [10, 2.2281],
      [30, 2.0423],
    ] as const) {
      expect(dunnettCritical([Math.SQRT1_2], df)).toBeCloseTo(printed, 4);
      expect(dunnettUpper(printed, [0.6], df)).toBeCloseTo(0.05, 5);
    }
    expect(dunnettUpper(0, [0.6], 5)).toBe(1);
  });
});

describe('two-way analysis of variance', () => {
  it('splits a worked table: squares add up, and one column alone is the one-way analysis', () => {
    // By hand: row effect ±2, column effect ±1, no interaction, repeats ±0.5.
    const cell = (middle: number) => [middle - 0.5, middle + 0.5];
    const rows = rowsOf([
      [cell(7), cell(9)],
      [cell(11), cell(13)],
    ]);
    const { a, b, interaction, error } = squaresOfTwoFactors(rows);
    const squares = [a, b, interaction, error].map((one) => Number(one.squares.toFixed(9)));
    expect([...squares, error.df]).toEqual([32, 8, 0, 2, 4]);
    const told = twoWayUnbalanced(rows);
    expect([told.a.f, told.b.f].map((f) => Number(f.toFixed(9)))).toEqual([64, 16]);
    expect(told.interaction!.p).toBeCloseTo(1, 6);
  });
});

describe('Welch’s test', () => {
  it('agrees with stdlib on random samples of unequal spread', () => {
    const random = seededRandom(7);
    for (let trial = 0; trial < 12; trial += 1) {
      const a = Array.from({ length: 4 + (trial % 4) }, () => 5 + random.normal());
      const b = Array.from({ length: 6 }, () => 6 + 3 * random.normal());
      const [ours, theirs] = [welchTest(a, b), ttest2(a, b, { variance: 'unequal' })];
      expect(ours.t).toBeCloseTo(theirs.statistic, 9);
      expect(ours.df).toBeCloseTo(theirs.df, 9);
      expect(ours.p).toBeCloseTo(theirs.pValue, 11);
      expect(ours.ci95[0]).toBeCloseTo(theirs.ci[0]!, 7);
    }
  });
});

describe('Dunnett’s test', () => {
  it('two-sided 5 % points as printed (Dunnett 1964, table II; one group is Student’s t)', () => {
    const equal = (groups: number) => new Array<number>(groups).fill(Math.SQRT1_2);
    for (const [df, points] of [
      [5, [2.57, 3.03, 3.29, 3.48]],
      [10, [2.23, 2.57, 2.76, 2.89]],
      [20, [2.09, 2.38, 2.54, 2.65]],
      [60, [2.0, 2.27, 2.41, 2.51]],
    ] as const) {
      points.forEach((point, i) => {
        expect(Math.abs(dunnettCritical(equal(i + 1), df) - point), `${df} ${i + 1}`).toBeLessThan(0.0061);
      });
    }
    const [only] = dunnettTest([4, 5, 7], { a: [8, 9, 12] });
    const mean = welchTest([8, 9, 12], [4, 5, 7]);
    expect(only!.difference).toBeCloseTo(mean.difference, 12);
    expect(only!.p).toBeCloseTo(oneWayAnova({ a: [8, 9, 12], b: [4, 5, 7] }).p, 5);
  });
});
