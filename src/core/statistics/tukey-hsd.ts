import { meanOf } from './mean';
import { studentizedRangeCritical, studentizedRangeUpper } from './distributions';
import type { Groups } from './groups';
import { oneWayAnova } from './one-way-anova';

export interface TukeyPair {
  a: string;
  b: string;
  /** Mean of b less mean of a. */
  difference: number;
  /** 95 % interval that holds for all pairs together. */
  low: number;
  high: number;
  p: number;
}

/**
 * Tukey's honestly significant differences, after Kramer for groups of unequal size: which pairs of groups differ, with
 * one error rate for all pairs together (NIST/SEMATECH e-Handbook, 7.4.7.1).
 *
 * @throws RefusedValue as the analysis of variance does
 */
export function tukeyHsd(groups: Groups): TukeyPair[] {
  const { pooledSd, dfWithin } = oneWayAnova(groups);
  const names = Object.keys(groups);
  const critical = studentizedRangeCritical(names.length, dfWithin);
  return names.flatMap((a, i) =>
    names.slice(i + 1).map((b) => {
      const [first, second] = [groups[a]!, groups[b]!];
      const difference = meanOf(second) - meanOf(first);
      const se = pooledSd * Math.sqrt((1 / first.length + 1 / second.length) / 2);
      const half = critical * se;
      return {
        a,
        b,
        difference,
        low: difference - half,
        high: difference + half,
        p: studentizedRangeUpper(Math.abs(difference) / se, names.length, dfWithin),
      };
    }),
  );
}
