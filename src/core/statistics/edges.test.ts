import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { describe, expect, it } from 'vitest';
import { RefusedValue } from '../bounds';
import {
  combinedUncertainty,
  differenceOfMeans,
  dunnettTest,
  friedmanTest,
  grubbsTest,
  kruskalWallis,
  sharesAtLeast,
  spearmanCorrelation,
  twoWayUnbalanced,
  welchTest,
} from '.';
import { rowsOf } from './testing/groups';

const refusal = (ask: () => unknown) => {
  try {
    ask();
  } catch (error) {
    if (error instanceof RefusedValue) return error.message;
    throw error;
  }
  return null;
};

describe('what statistics cannot answer they refuse by name', () => {
  it.each<[string, () => unknown, RegExp | null]>([
    ['Dunnett, no repeat at all', () => dunnettTest([1], { a: [2] }), /^groups .*at least one repeat/],
    ['Dunnett, one repeat', () => dunnettTest([1], { a: [2, 3] }), null],
    ['Friedman, nothing', () => friedmanTest([]), /^ranks .*at least two rows of at least two/],
    ['Friedman, one column', () => friedmanTest([[1], [2]]), /^ranks /],
    [
      'Friedman, rows of two lengths',
      () =>
        friedmanTest([
          [1, 2, 3],
          [1, 2],
        ]),
      /^ranks\[1\] .*3 numbers/,
    ],
    [
      'Friedman, all equal',
      () =>
        friedmanTest([
          [2, 2],
          [2, 2],
        ]),
      /^ranks .*not all are equal/,
    ],
    ['Kruskal, two values', () => kruskalWallis({ a: [1], b: [2] }), /^groups .*at least 3 values/],
    ['Kruskal, all equal', () => kruskalWallis({ a: [2, 2], b: [2] }), /^groups .*not all equal/],
    ['Spearman, x all equal', () => spearmanCorrelation([1, 1, 1], [1, 2, 3]), /^x .*not all equal/],
    ['Spearman, y all equal', () => spearmanCorrelation([1, 2, 3], [4, 4, 4]), /^y .*not all equal/],
  ])('%s', (_, ask, said) => {
    const sentence = refusal(ask);
    if (said === null) expect(sentence).toBeNull();
    else expect(sentence).toMatch(said);
  });
});

describe('Grubbs’s farthest value', () => {
  it.each([
    [[10, 1, 2, 3], 10],
    [[1, 2, 3, 10], 10],
    [[-5, 1, 2, 3], -5],
    [[1, 2, -5, 3], -5],
    // Equally far on both sides: the first that was met.
    [[0, 5, 10], 0],
  ])('of %j is %d', (values, farthest) => {
    expect(grubbsTest(values).farthest).toBe(farthest);
  });
});

describe('Spearman beyond ten pairs', () => {
  it('has Student’s t on n − 2 degrees of freedom', () => {
    const x = Array.from({ length: 12 }, (_, i) => i + 1);
    const y = [2, 1, 5, 3, 4, 9, 6, 12, 7, 8, 11, 10];
    const { rho, p, method } = spearmanCorrelation(x, y);
    // Σd² = 1+1+4+1+1+9+1+16+4+4+0+4 = 46: 1 − 6 × 46 / (12 × 143).
    expect(rho).toBeCloseTo(1 - 276 / 1716, 12);
    expect(method).toBe('t');
    expect(tQuantile(1 - p / 2, 10)).toBeCloseTo(rho * Math.sqrt(10 / (1 - rho ** 2)), 6);
  });
});

describe('Spearman where all agree', () => {
  it('is one order of n! to either side', () => {
    const up = Array.from({ length: 12 }, (_, i) => i);
    // 2 / 12! = 2 / 479 001 600.
    expect(spearmanCorrelation(up, up)).toMatchObject({
      rho: 1,
      p: expect.closeTo(2 / 479_001_600, 15) as number,
    });
    expect(spearmanCorrelation(up, up).p * 479_001_600).toBeCloseTo(2, 6);
    expect(spearmanCorrelation(up, [...up].reverse()).rho).toBe(-1);
  });
});

describe('two samples without spread', () => {
  it('have a difference without a t', () => {
    expect(differenceOfMeans([1, 1], [3, 3, 3])).toMatchObject({ difference: -2, df: 3 });
    expect(refusal(() => welchTest([1, 1], [3, 3]))).toMatch(/^a .*not all equal/);
    expect(refusal(() => welchTest([1, 1], [3, 4]))).toBeNull();
  });
});

describe('an uncertainty of nothing', () => {
  it('has no end of degrees of freedom', () => {
    expect(combinedUncertainty({ division: 0, calibration: 0, sd: 0, repeats: 1 })).toMatchObject({
      effectiveDf: Infinity,
      expanded: 0,
    });
    const rounding = combinedUncertainty({ division: 1, calibration: 0, sd: 0, repeats: 1 });
    expect(rounding.effectiveDf).toBe(Infinity);
    expect(rounding.coverageFactor).toBeCloseTo(1.96, 3);
  });
});

describe('shares by shuffling', () => {
  it('count the deal that was seen among the rest, so that none is ever 0', () => {
    // Nothing is as large as what was said to be seen: 1 of 1 + draws.
    const none = sharesAtLeast([1, 2, 3, 4, 5, 6], [3, 3], (sums) => [sums[0]!], {
      mostExact: 1,
      draws: 99,
      observed: [1e9],
    });
    expect(none).toEqual({ shares: [1 / 100], method: 'permutation' });
    const all = sharesAtLeast([1, 2, 3, 4, 5, 6], [3, 3], (sums) => [sums[0]!], {
      mostExact: 1,
      draws: 99,
      observed: [0],
    });
    expect(all.shares).toEqual([1]);
    // By enumeration there are 20 deals; one puts 4, 5 and 6 first.
    expect(sharesAtLeast([4, 5, 6, 1, 2, 3], [3, 3], (sums) => [sums[0]!])).toEqual({
      shares: [1 / 20],
      method: 'exact',
    });
  });
});

describe('Friedman and Kruskal–Wallis by brute force', () => {
  const orders = (row: number[]): number[][] =>
    row.length === 0
      ? [[]]
      : row.flatMap((one, i) =>
          orders([...row.slice(0, i), ...row.slice(i + 1)]).map((rest) => [one, ...rest]),
        );

  it('Friedman with ties: all 216 orders of three rows, χ² corrected', () => {
    // Ranks 1.5 1.5 3, 1 2.5 2.5, 1 2 3: sums 3.5, 6, 8.5; 12 × 12.5 / (36 − 12/2) = 5.
    const rows = [
      [5, 5, 8],
      [4, 6, 6],
      [3, 5, 7],
    ];
    const ranks = [
      [1.5, 1.5, 3],
      [1, 2.5, 2.5],
      [1, 2, 3],
    ];
    let far = 0;
    let all = 0;
    for (const a of orders(ranks[0]!)) {
      for (const b of orders(ranks[1]!)) {
        for (const c of orders(ranks[2]!)) {
          const spread = a.reduce((sum, one, j) => sum + (one + b[j]! + c[j]! - 6) ** 2, 0);
          all += 1;
          if (spread >= 12.5 - 1e-9) far += 1;
        }
      }
    }
    const { chi2, p, method } = friedmanTest(rows);
    expect(chi2).toBeCloseTo(5, 12);
    expect([p, method]).toEqual([expect.closeTo(far / all, 12), 'exact']);
  });

  it('many rows or wide ones are left to chi-square, and say so', () => {
    const wide = [
      [1, 2, 3, 4, 5, 6, 7],
      [2, 1, 3, 4, 5, 7, 6],
    ];
    expect(friedmanTest(wide).method).toBe('chi-square');
    expect(friedmanTest(wide).p).toBe(friedmanTest(wide).chiSquareP);
    const groups = (n: number) => ({
      a: Array.from({ length: n }, (_, i) => i),
      b: Array.from({ length: n }, (_, i) => i + 2.5),
      c: Array.from({ length: n }, (_, i) => 1.3 * i + 1.1),
    });
    // 15!/(5!)³ = 756 756 deals are counted; 18!/(6!)³ = 17 153 136 are not.
    expect(kruskalWallis(groups(5)).method).toBe('exact');
    expect(kruskalWallis(groups(6)).method).toBe('chi-square');
    // 18!/(5! 6! 7!) = 14 702 688: five in the smallest are enough for chi-square, four are not.
    const uneven = (first: number) => ({
      ...groups(7),
      a: [1, 4, 9, 2, 6].slice(0, first),
      b: [3, 5, 8, 11, 7, 2],
    });
    expect(kruskalWallis(uneven(5)).method).toBe('chi-square');
    expect(kruskalWallis(uneven(4)).method).toBe('permutation');
    const small = { ...groups(9), d: [3, 4, 5] };
    expect(kruskalWallis(small).method).toBe('permutation');
    expect(kruskalWallis(small).p).toBeCloseTo(kruskalWallis(small).chiSquareP, 1);
  });
});

describe('two-way analysis of variance', () => {
  it('R’s ToothGrowth (C. I. Bliss, 1952): supplement 15.572, dose 92.000, both together 4.107 on 2 and 54', () => {
    const dose = {
      VC: [
        [4.2, 11.5, 7.3, 5.8, 6.4, 10, 11.2, 11.2, 5.2, 7],
        [16.5, 16.5, 15.2, 17.3, 22.5, 17.3, 13.6, 14.5, 18.8, 15.5],
        [23.6, 18.5, 33.9, 25.5, 26.4, 32.5, 26.7, 21.5, 23.3, 29.5],
      ],
      OJ: [
        [15.2, 21.5, 17.6, 9.7, 14.5, 10, 8.2, 9.4, 16.5, 9.7],
        [19.7, 23.3, 23.6, 26.4, 20, 25.2, 25.8, 21.2, 14.5, 27.3],
        [25.5, 26.4, 22.4, 24.5, 24.8, 30.9, 26.4, 27.3, 29.4, 23],
      ],
    };
    const { a, b, interaction } = twoWayUnbalanced(rowsOf([dose.VC, dose.OJ]));
    expect([a.f, b.f, interaction!.f].map((f) => Number(f.toFixed(3)))).toEqual([15.572, 92, 4.107]);
    expect([a.df, b.df, interaction!.df]).toEqual([1, 2, 2]);
    expect(a.p).toBeCloseTo(0.000231, 6);
    expect(interaction!.p).toBeCloseTo(0.02186, 5);
  });
});
