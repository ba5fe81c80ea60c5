import { requireWithin } from '../bounds';
import { noncentralTwoSided, studentizedRangeCritical, studentT } from '../statistics';

/** What is asked of two levels: this one pair, chosen before; or any pair, all of them counted together (Tukey). */
export type PairQuestion = 'one-pair' | 'all-pairs';

/** Share of classes in which a design finds a difference of two levels, at 5 %, two-sided, by the noncentral t. */
function powerOfDesign(
  difference: number,
  sd: number,
  replicates: number,
  levels: number,
  question: PairQuestion = 'one-pair',
): number {
  requireWithin('difference', difference, 0, 1e9);
  requireWithin('sd', sd, 1e-12, 1e9);
  requireWithin('replicates', replicates, 2, 1000);
  requireWithin('levels', levels, 2, 100);
  const df = levels * (replicates - 1);
  return powerBeyond(criticalT(levels, df, question), df, difference / sd, replicates);
}

/** The same for a difference in spreads, where the critical t is known. */
const powerBeyond = (critical: number, df: number, effect: number, replicates: number) =>
  noncentralTwoSided(critical, df, effect * Math.sqrt(replicates / 2));

const criticalT = (levels: number, df: number, question: PairQuestion) =>
  question === 'one-pair' || levels === 2 ? studentT(df) : studentizedRangeCritical(levels, df) / Math.SQRT2;

/**
 * Smallest difference between two levels that a design finds in `power` of all classes at 5 %, two-sided, on the
 * degrees of freedom of all levels together: exact, by the noncentral t distribution.
 *
 * @param sd spread between stations of one level
 * @param replicates stations a level, from 2
 * @param levels from 2
 */
export function detectableDifference(
  sd: number,
  replicates: number,
  levels: number,
  power = 0.8,
  question: PairQuestion = 'one-pair',
): number {
  requireWithin('sd', sd, 0, 1e9);
  requireWithin('replicates', replicates, 2, 1000);
  requireWithin('levels', levels, 2, 100);
  requireWithin('power', power, 0.5, 0.99);
  if (sd === 0) return 0;
  const df = levels * (replicates - 1);
  const critical = criticalT(levels, df, question);
  const found = (effect: number) => powerBeyond(critical, df, effect, replicates) >= power;
  let [low, high] = [0, 1];
  while (!found(high)) high *= 2;
  while (high - low > 1e-9 * high) {
    const middle = (low + high) / 2;
    if (found(middle)) high = middle;
    else low = middle;
  }
  return high * sd;
}

/** Stations a level needs to find a difference; null above 200. */
export function replicatesFor(
  difference: number,
  sd: number,
  levels: number,
  power = 0.8,
  question: PairQuestion = 'one-pair',
): number | null {
  requireWithin('difference', difference, 1e-9, 1e9);
  for (let n = 2; n <= 200; n += 1) {
    if (powerOfDesign(difference, Math.max(sd, 1e-12), n, levels, question) >= power) return n;
  }
  return null;
}
