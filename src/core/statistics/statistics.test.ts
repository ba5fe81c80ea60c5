import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import fc from 'fast-check';
import * as simple from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { describeSample, differenceOfMeans, fitLine, studentT } from '.';

describe('describing a sample', () => {
  it('NIST StRD NumAcc4: mean and SD to ten digits where the offset is ten million', () => {
    const values = [
      10000000.2,
      ...Array.from({ length: 1000 }, (_, i) => (i % 2 === 0 ? 10000000.1 : 10000000.3)),
    ];
    const { mean, sd, n } = describeSample(values);
    expect(n).toBe(1001);
    expect(mean).toBeCloseTo(10000000.2, 7);
    // Certified SD 0.1; the data themselves carry nine digits after rounding to doubles.
    expect(sd).toBeCloseTo(0.1, 8);
  });

  it('agrees with simple-statistics and stdlib on any sample', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -1e3, max: 1e3, noNaN: true }), { minLength: 2, maxLength: 60 }),
        (values) => {
          const ours = describeSample(values);
          expect(ours.mean).toBeCloseTo(simple.mean(values), 8);
          expect(ours.sd).toBeCloseTo(simple.sampleStandardDeviation(values), 8);
          expect(ours.median).toBeCloseTo(simple.median(values), 8);
          const half =
            (tQuantile(0.975, values.length - 1) * simple.sampleStandardDeviation(values)) /
            Math.sqrt(values.length);
          expect(ours.ci95[0]).toBeCloseTo(simple.mean(values) - half, 6);
          expect(ours.ci95[1]).toBeCloseTo(simple.mean(values) + half, 6);
        },
      ),
    );
  });

  it('takes quartiles as R does by default: 1, 2, 3, 4 gives 1.75 and 3.25 (Hyndman and Fan 1996, type 7)', () => {
    expect(describeSample([4, 1, 3, 2])).toMatchObject({ q1: 1.75, median: 2.5, q3: 3.25 });
  });

  it('has Student’s t of the printed tables', () => {
    // Fisher and Yates, table III, two-sided 5 %: 1, 2, 10, 30 degrees of freedom.
    expect([1, 2, 10, 30].map((df) => studentT(df).toFixed(3))).toEqual([
      '12.706',
      '4.303',
      '2.228',
      '2.042',
    ]);
  });

  it('has the t of another library, to eleven digits', () => {
    for (const df of [1, 2, 3.3, 5, 27, 100, 1000]) {
      for (const level of [0.8, 0.95, 0.99])
        expect(studentT(df, level) / tQuantile(1 - (1 - level) / 2, df), `${df}`).toBeCloseTo(1, 11);
    }
  });

  it('refuses one value where two are needed, and what is not a number', () => {
    expect(() => describeSample([3])).toThrow(/values is \[3\]; allowed: at least 2 numbers/);
    expect(() => describeSample([3, NaN])).toThrow(/values\[1\] is NaN/);
  });
});

describe('straight line', () => {
  // NIST StRD, Norris (linear, lower level of difficulty), y then x.
  const norris =
    `0.1 0.2 338.8 337.4 118.1 118.2 888.0 884.6 9.2 10.1 228.1 226.5 668.5 666.3 998.5 996.3 449.1 448.6
    778.9 777.0 559.2 558.2 0.3 0.4 0.1 0.6 778.1 775.5 668.8 666.9 339.3 338.0 448.9 447.5 10.8 11.6 557.7 556.0
    228.3 228.1 998.0 995.8 888.8 887.6 119.6 120.2 0.3 0.3 0.6 0.3 557.6 556.8 339.3 339.1 888.0 887.2 998.5 999.0
    778.9 779.0 10.2 11.1 117.6 118.3 228.9 229.2 668.4 669.1 449.2 448.9 0.2 0.5`
      .trim()
      .split(/\s+/)
      .map(Number);

  it('NIST StRD Norris: the certified values to nine digits or better', () => {
    const y = norris.filter((_, i) => i % 2 === 0);
    const x = norris.filter((_, i) => i % 2 === 1);
    const fit = fitLine(x, y);
    const certified = {
      intercept: -0.262323073774029,
      interceptSe: 0.232818234301152,
      slope: 1.00211681802045,
      slopeSe: 0.429796848199937e-3,
      residualSd: 0.884796396144373,
      r2: 0.999993745883712,
    };
    for (const [name, value] of Object.entries(certified)) {
      expect(Math.abs(fit[name as keyof typeof fit] / value - 1)).toBeLessThan(1e-9);
    }
  });

  it('agrees with simple-statistics on any points that are not above each other', () => {
    const point = fc.tuple(fc.integer({ min: -50, max: 50 }), fc.double({ min: -50, max: 50, noNaN: true }));
    fc.assert(
      fc.property(fc.array(point, { minLength: 3, maxLength: 30 }), (points) => {
        fc.pre(new Set(points.map(([x]) => x)).size > 1);
        const fit = fitLine(
          points.map(([x]) => x),
          points.map(([, y]) => y),
        );
        const { m, b } = simple.linearRegression(points);
        expect(fit.slope).toBeCloseTo(m, 6);
        expect(fit.intercept).toBeCloseTo(b, 6);
        expect(Object.values(fit).every(Number.isFinite)).toBe(true);
      }),
    );
  });

  it('refuses x all equal and lists of different length', () => {
    expect(() => fitLine([2, 2, 2], [1, 2, 3])).toThrow(
      /x is \[2,2,2\]; allowed: numbers that are not all equal/,
    );
    expect(() => fitLine([1, 2, 3], [1, 2, 3, 4])).toThrow(
      /y is \[1,2,3,4\]; allowed: as many numbers as x \(3\)/,
    );
  });
});

describe('difference of two means', () => {
  it('gives Welch’s interval of a worked example', () => {
    // R: t.test(c(2.1,2.5,1.9), c(4.0,4.4,3.8)) gives df = 4, interval about the difference −1.9 of ±0.694 (by hand:
    // both samples have SD 0.30551, so SE = 0.24944 and t(4) = 2.7764).
    const { difference, ci95, df } = differenceOfMeans([2.1, 2.5, 1.9], [4.0, 4.4, 3.8]);
    expect(difference).toBeCloseTo(-1.9, 12);
    expect(df).toBeCloseTo(4, 9);
    expect(ci95[1] - difference).toBeCloseTo(2.7764 * 0.24944, 3);
  });
});
