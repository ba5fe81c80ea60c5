import fc from 'fast-check';
import { linearRegression } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import {
  incompleteGammaUpper,
  medianOf,
  monotoneCurve,
  quantileOfSorted,
  WeightedEquations,
  whereRisingReaches,
} from '.';

const risingPoints = fc
  .array(
    fc.tuple(fc.double({ min: 0.01, max: 10, noNaN: true }), fc.double({ min: 0, max: 10, noNaN: true })),
    {
      minLength: 2,
      maxLength: 12,
    },
  )
  .map((steps) => {
    let [x, y] = [0, 0];
    return steps.map(([dx, dy]) => [(x += dx), (y += dy)] as const);
  });

describe('the monotone curve', () => {
  it('passes through its points and never falls where they rise', () => {
    fc.assert(
      fc.property(risingPoints, (points) => {
        const curve = monotoneCurve(
          points.map(([x]) => x),
          points.map(([, y]) => y),
        );
        for (const [x, y] of points) expect(curve.at(x)).toBeCloseTo(y, 8);
        const [first, last] = [points[0]![0], points.at(-1)![0]];
        let before = -Infinity;
        for (let i = 0; i <= 200; i += 1) {
          const here = curve.at(first + ((last - first) * i) / 200);
          expect(here).toBeGreaterThanOrEqual(before - 1e-9);
          before = here;
        }
      }),
    );
  });

  it('has the slope it says it has', () => {
    const curve = monotoneCurve([0, 1, 3, 4], [0, 2, 3, 7]);
    for (const x of [0.2, 0.9, 1.7, 2.6, 3.4]) {
      expect(curve.slopeAt(x)).toBeCloseTo((curve.at(x + 1e-6) - curve.at(x - 1e-6)) / 2e-6, 5);
    }
    expect([curve.at(-5), curve.at(9), curve.slopeAt(-5)]).toEqual([0, 7, 0]);
    // Through two points it is the straight line.
    expect(monotoneCurve([1, 3], [2, 8]).slopeAt(2)).toBeCloseTo(3, 12);
    expect(monotoneCurve([1, 3], [2, 8]).at(1.5)).toBeCloseTo(3.5, 12);
    // Three-point slopes at the ends are those of the parabola: of x² on 0, 1, 2, 3 they are 0 and 6.
    const parabola = monotoneCurve([0, 1, 2, 3], [0, 1, 4, 9]);
    expect([parabola.slopeAt(0), parabola.slopeAt(3)]).toEqual([0, 6]);
    const uneven = monotoneCurve([1, 2, 4, 5], [1, 4, 16, 25]);
    expect(uneven.slopeAt(1)).toBeCloseTo(2, 12);
    expect(uneven.slopeAt(5)).toBeCloseTo(10, 12);
  });
});

describe('weighted equations', () => {
  it('with equal weights are the ordinary straight line', () => {
    const points = [
      [0, 1.1],
      [1, 2.9],
      [2, 5.2],
      [3, 6.8],
      [4, 9.1],
    ] as [number, number][];
    const equations = new WeightedEquations(2);
    for (const [x, y] of points) equations.add([x, 1], y, 1);
    const { m, b } = linearRegression(points);
    expect(equations.solve()!.estimates[0]).toBeCloseTo(m, 12);
    expect(equations.solve()!.estimates[1]).toBeCloseTo(b, 12);
    // The covariance of slope and intercept for unit variance, by hand: Sxx = 10, x̄ = 2, n = 5.
    expect(equations.solve()!.covariance[0]![0]).toBeCloseTo(1 / 10, 12);
    expect(equations.solve()!.covariance[1]![1]).toBeCloseTo(1 / 5 + 4 / 10, 12);
  });

  it('believe a point the more the heavier it is, and refuse what they cannot tell', () => {
    const equations = new WeightedEquations(1);
    equations.add([1], 10, 3);
    equations.add([1], 20, 1);
    expect(equations.solve()!.estimates[0]).toBeCloseTo(12.5, 12);
    // Three unknowns whose first equation begins with nothing: rows must change places. 2y + z = 7, x + z = 5, 3x + y = 6.
    const three = new WeightedEquations(3);
    three.add([0, 2, 1], 7, 1);
    three.add([1, 0, 1], 5, 1);
    three.add([3, 1, 0], 6, 1);
    // By hand: x = 10/7, y = 12/7, z = 25/7.
    three.solve()!.estimates.forEach((one, i) => expect(one).toBeCloseTo([10 / 7, 12 / 7, 25 / 7][i]!, 10));
    // Of [[0,1],[1,0]]-like normal matrices the diagonal is 0 without a weight: such a fit is refused.
    const idle = new WeightedEquations(2);
    idle.add([0, 1], 3, 1);
    expect(idle.solve()).toBeNull();
    const open = new WeightedEquations(2);
    open.add([1, 1], 3, 1);
    expect(open.solve()).toBeNull();
  });
});

describe('small tools', () => {
  it('find where a rising function reaches a value, and stop at the ends', () => {
    expect(whereRisingReaches(2, (x) => x * x, 0, 10)).toBeCloseTo(Math.SQRT2, 8);
    expect(whereRisingReaches(500, (x) => x * x, 0, 10)).toBeCloseTo(10, 8);
  });

  it('take medians and quantiles between neighbours', () => {
    expect(medianOf([9, 1, 4])).toBe(4);
    expect(medianOf([9, 1, 4, 5])).toBe(4.5);
    expect(quantileOfSorted([10, 20, 30, 40], 0.1)).toBeCloseTo(13, 12);
  });
});

describe('the incomplete gamma function', () => {
  it('Q(1, x) = e^−x; chi-square tables: 3.841, 18.307 and 124.342 leave 5 % on 1, 10 and 100 degrees of freedom', () => {
    for (const x of [0.01, 0.5, 1.9, 2.1, 30])
      expect(incompleteGammaUpper(1, x)).toBeCloseTo(Math.exp(-x), 12);
    for (const [df, printed] of [
      [1, 3.841],
      [10, 18.307],
      [100, 124.342],
    ] as const) {
      expect(incompleteGammaUpper(df / 2, printed / 2)).toBeCloseTo(0.05, 4);
    }
    expect([0, -1].map((x) => incompleteGammaUpper(2, x))).toEqual([1, 1]);
  });
});
