import jstat from 'jstat';
import { incompleteBeta, incompleteGammaUpper, logGamma } from '../numeric';

// jStat is CommonJS: Node sees its default export only.
const { jStat } = jstat;

/*
 * jStat is good to eight or nine digits and its tails are differences from 1; the distributions that p values come
 * from are therefore taken from the incomplete beta and gamma functions, good to thirteen. jStat serves where that is
 * enough: first guesses, the normal quantile, the studentised range.
 */

/** Student's t that leaves (1 − level) / 2 in each tail. @param df degrees of freedom, above 0, not necessarily whole */
export function studentT(df: number, level = 0.95): number {
  return studentTQuantile(1 - (1 - level) / 2, df);
}

/** The t below which a share of Student's distribution lies: two Newton steps from jStat's inverse. */
export function studentTQuantile(share: number, df: number): number {
  let t = jStat.studentt.inv(share, df);
  for (let i = 0; i < 2; i += 1) {
    const below = t > 0 ? 1 - studentTwoSided(t, df) / 2 : studentTwoSided(t, df) / 2;
    t -= (below - share) / studentTDensity(t, df);
  }
  return t;
}

function studentTDensity(t: number, df: number): number {
  const log = logGamma((df + 1) / 2) - logGamma(df / 2) - 0.5 * Math.log(df * Math.PI);
  return Math.exp(log - ((df + 1) / 2) * Math.log1p((t * t) / df));
}

/** Probability of a t at least this far from 0, on either side. */
export function studentTwoSided(t: number, df: number): number {
  return incompleteBeta(df / (df + t * t), df / 2, 0.5);
}

/** Probability of an F at least this large. */
export function fUpper(f: number, dfNumerator: number, dfDenominator: number): number {
  const x = dfDenominator / (dfDenominator + dfNumerator * f);
  return incompleteBeta(x, dfDenominator / 2, dfNumerator / 2);
}

/** Probability of a chi-square at least this large. */
export function chiSquareUpper(chi2: number, df: number): number {
  return incompleteGammaUpper(df / 2, chi2 / 2);
}

/** Probability of a studentised range at least this large (Copenhaver and Holland, 1988, as jStat has it). */
export function studentizedRangeUpper(q: number, means: number, df: number): number {
  return Math.min(1, Math.max(0, 1 - jStat.tukey.cdf(q, means, df)));
}

/** The studentised range that 5 % exceed. */
export function studentizedRangeCritical(means: number, df: number, level = 0.95): number {
  // The range of two is √2 times the difference of two.
  if (means === 2) return Math.SQRT2 * studentTQuantile((1 + level) / 2, df);
  try {
    return jStat.tukey.inv(level, means, df);
  } catch {
    // Its secant steps do not settle for some fractions of degrees of freedom: halving always does.
    let [low, high] = [0, 4];
    while (studentizedRangeUpper(high, means, df) > 1 - level && high < 1e6) [low, high] = [high, 2 * high];
    for (let halving = 0; halving < 40; halving += 1) {
      const middle = (low + high) / 2;
      if (studentizedRangeUpper(middle, means, df) > 1 - level) low = middle;
      else high = middle;
    }
    return (low + high) / 2;
  }
}

/** The z below which a share of the normal distribution lies. */
export function normalQuantile(share: number): number {
  return jStat.normal.inv(share, 0, 1);
}
