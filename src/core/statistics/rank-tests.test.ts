import chiSquareCdf from '@stdlib/stats-base-dists-chisquare-cdf';
import kruskal from '@stdlib/stats-kruskal-test';
import * as simple from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../random';
import { friedmanTest, grubbsTest, kruskalWallis, spearmanCorrelation, wilsonInterval } from '.';
import { plantGrowth, randomGroups } from './testing/groups';

describe('tests on ranks', () => {
  it('exact p of small samples as printed (Kruskal and Wallis 1952; Friedman 1937; Spearman’s tables)', () => {
    expect(kruskalWallis({ a: [1, 2, 3], b: [4, 5, 6], c: [7, 8, 9] }).p).toBeCloseTo(6 / 1680, 12);
    expect(kruskalWallis({ a: [1, 2], b: [3, 4], c: [5, 6] }).p).toBeCloseTo(0.0667, 4);
    // Rank sum of two groups: 1 2 3 against 4 5 6 7, two tails of 35 ways each.
    expect(kruskalWallis({ a: [1, 2, 3], b: [4, 5, 6, 7] }).p).toBeCloseTo(2 / 35, 12);
    // Ties: 1 1 against 2 2 is the most extreme of six ways, either way round.
    expect(kruskalWallis({ a: [1, 1], b: [2, 2] }).p).toBeCloseTo(2 / 6, 12);
    const same = [1, 2, 3];
    expect(friedmanTest([same, same, same]).p).toBeCloseTo(0.0278, 4);
    expect(friedmanTest([same, same, same, [1, 3, 2]]).p).toBeCloseTo(0.0417, 4);
    expect(spearmanCorrelation([1, 2, 3, 4, 5, 6], [1, 2, 3, 4, 6, 5]).p).toBeCloseTo(0.0167, 4);
  });

  it('R, kruskal.test on PlantGrowth: H = 7.9882, p = 0.01842', () => {
    const { h, df, p } = kruskalWallis(plantGrowth);
    expect([h.toFixed(4), df, p.toFixed(5)]).toEqual(['7.9882', 2, '0.01842']);
  });

  it('agree with stdlib on random groups with and without ties', () => {
    for (let seed = 1; seed <= 12; seed += 1) {
      const groups = randomGroups(seed, seed % 2 === 0);
      const theirs = (kruskal as unknown as (...all: number[][]) => { statistic: number; pValue: number })(
        ...Object.values(groups),
      );
      const ours = kruskalWallis(groups);
      expect(ours.h).toBeCloseTo(theirs.statistic, 9);
      expect(ours.chiSquareP).toBeCloseTo(theirs.pValue, 11);
      expect(ours.chiSquareP).toBeCloseTo(1 - chiSquareCdf(ours.h, ours.df), 9);
    }
  });

  it('Friedman: Hollander and Wolfe’s base-running times, chi-square 11.143, p = 0.003805 (R, friedman.test)', () => {
    const times = [
      [5.4, 5.5, 5.55],
      [5.85, 5.7, 5.75],
      [5.2, 5.6, 5.5],
      [5.55, 5.5, 5.4],
      [5.9, 5.85, 5.7],
      [5.45, 5.55, 5.6],
      [5.4, 5.4, 5.35],
      [5.45, 5.5, 5.35],
      [5.25, 5.15, 5.0],
      [5.85, 5.8, 5.7],
      [5.25, 5.2, 5.1],
      [5.65, 5.55, 5.45],
      [5.6, 5.35, 5.45],
      [5.05, 5.0, 4.95],
      [5.5, 5.5, 5.4],
      [5.45, 5.55, 5.5],
      [5.55, 5.55, 5.35],
      [5.45, 5.5, 5.55],
      [5.5, 5.45, 5.25],
      [5.65, 5.6, 5.4],
      [5.7, 5.65, 5.55],
      [6.3, 6.3, 6.25],
    ];
    const { chi2, df, chiSquareP, p } = friedmanTest(times);
    expect([chi2.toFixed(3), df, chiSquareP.toFixed(6)]).toEqual(['11.143', 2, '0.003805']);
    // The exact one lies a little below: chi-square is conservative there.
    expect(p).toBeLessThan(chiSquareP);
  });

  it('Spearman agrees with simple-statistics, and is ±1 for orders that agree or oppose', () => {
    const random = seededRandom(3);
    for (let trial = 0; trial < 10; trial += 1) {
      const x = Array.from({ length: 8 }, () => random.normal());
      const y = x.map((value) => value + random.normal());
      expect(spearmanCorrelation(x, y).rho).toBeCloseTo(simple.sampleRankCorrelation(x, y), 12);
    }
    expect(spearmanCorrelation([1, 2, 3, 4], [2, 4, 8, 16])).toEqual({
      rho: 1,
      p: expect.closeTo(2 / 24, 9) as number,
      method: 'exact',
    });
    expect(spearmanCorrelation([1, 2, 3, 4], [9, 7, 3, 1]).rho).toBe(-1);
    // R, cor.test(1:5, c(2,1,4,3,5), method = "spearman"): rho 0.8, p = 0.1333 (16 of 120 orders).
    expect(spearmanCorrelation([1, 2, 3, 4, 5], [2, 1, 4, 3, 5]).p).toBeCloseTo(16 / 120, 12);
  });
});

describe('outliers and shares', () => {
  it('Grubbs: the uranium isotope data of the NIST/SEMATECH e-Handbook, G = 2.4687, critical value 2.126', () => {
    const found = grubbsTest([199.31, 199.53, 200.19, 200.82, 201.92, 201.95, 202.18, 245.57]);
    expect(found.outlier).toBe(245.57);
    expect(found.g).toBeCloseTo(2.46876, 4);
    // Grubbs and Beck (1972) print 2.126; by Student’s t it is 2.1266.
    expect(Math.abs(found.critical - 2.126)).toBeLessThan(0.001);
    expect(grubbsTest([4.1, 4.3, 3.9, 4.2]).outlier).toBeNull();
  });

  it('Wilson: 10 of 20 is 0.299 to 0.701 (Newcombe 1998), none of 10 stops at 0.278', () => {
    expect(wilsonInterval(10, 20).map((x) => x.toFixed(3))).toEqual(['0.299', '0.701']);
    expect(wilsonInterval(0, 10).map((x) => x.toFixed(3))).toEqual(['0.000', '0.278']);
    expect(() => wilsonInterval(11, 10)).toThrow(/successes is 11; allowed: a whole number from 0 to 10/);
  });
});
