import { RefusedValue } from '../bounds';
import { fUpper, studentizedRangeCritical, studentizedRangeUpper } from './distributions';
import { squaresAboutMean, requireGroups, type Groups } from './groups';
import { meanOf } from './mean';
import type { TukeyPair } from './tukey-hsd';

export interface WelchAnova {
  f: number;
  dfBetween: number;
  /** A fraction: the spreads decide what they are worth. */
  dfWithin: number;
  p: number;
}

interface Spread {
  name: string;
  n: number;
  mean: number;
  /** Variance of the mean. */
  ofMean: number;
}

/** @throws RefusedValue naming the group that has no spread, or fewer than two values */
function spreadsOf(groups: Groups): Spread[] {
  requireGroups(groups, 2);
  return Object.entries(groups).map(([name, values]) => {
    const ofMean = squaresAboutMean(values) / (values.length - 1) / values.length;
    if (!(ofMean > 0)) throw new RefusedValue(`groups.${name}`, values, 'values that are not all equal');
    return { name, n: values.length, mean: meanOf(values), ofMean };
  });
}

/**
 * Do the means of several groups differ, where their spreads need not be alike? (B. L. Welch, On the comparison of several
 * mean values: an alternative approach, Biometrika 38 (1951) 330.)
 *
 * @param groups at least two, each of at least two values that are not all equal
 */
export function welchAnova(groups: Groups): WelchAnova {
  const spreads = spreadsOf(groups);
  const k = spreads.length;
  const weights = spreads.map(({ ofMean }) => 1 / ofMean);
  const whole = weights.reduce((sum, one) => sum + one, 0);
  const mean = spreads.reduce((sum, one, i) => sum + weights[i]! * one.mean, 0) / whole;
  const between = spreads.reduce((sum, one, i) => sum + weights[i]! * (one.mean - mean) ** 2, 0) / (k - 1);
  const lambda = spreads.reduce((sum, { n }, i) => sum + (1 - weights[i]! / whole) ** 2 / (n - 1), 0);
  const f = between / (1 + (2 * (k - 2) * lambda) / (k * k - 1));
  const dfWithin = (k * k - 1) / (3 * lambda);
  return { f, dfBetween: k - 1, dfWithin, p: fUpper(f, k - 1, dfWithin) };
}

/**
 * Which pairs differ, where spreads need not be alike: each pair by its own spread and its own degrees of freedom, against
 * the studentized range of all groups (P. A. Games and J. F. Howell, J. Educ. Stat. 1 (1976) 113).
 */
export function gamesHowell(groups: Groups): TukeyPair[] {
  const spreads = spreadsOf(groups);
  return spreads.flatMap((first, i) =>
    spreads.slice(i + 1).map((second) => {
      const variance = first.ofMean + second.ofMean;
      const df = variance ** 2 / (first.ofMean ** 2 / (first.n - 1) + second.ofMean ** 2 / (second.n - 1));
      const se = Math.sqrt(variance / 2);
      const difference = second.mean - first.mean;
      const half = studentizedRangeCritical(spreads.length, df) * se;
      return {
        ...{ a: first.name, b: second.name, difference, low: difference - half, high: difference + half },
        p: studentizedRangeUpper(Math.abs(difference) / se, spreads.length, df),
      };
    }),
  );
}
