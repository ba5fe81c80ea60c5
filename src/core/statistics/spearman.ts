import { RefusedValue } from '../bounds';
import { logGamma } from '../numeric';
import { meanOf, requireSample } from './describe';
import { studentTwoSided } from './distributions';
import { rankOf } from './ranks';

export interface Spearman {
  rho: number;
  /** Two-sided, by Student's t on n − 2 degrees of freedom; for orders that agree or oppose wholly 2/n!, exactly. */
  p: number;
}

/**
 * Spearman's rank correlation with mid-ranks for ties (Spearman, 1904); p by the t approximation, rough below ten pairs.
 *
 * @param x as many as `y`, at least three
 * @throws RefusedValue naming `x` or `y`; also where one of them does not vary
 */
export function spearmanCorrelation(x: readonly number[], y: readonly number[]): Spearman {
  requireSample('x', x, 3);
  requireSample('y', y, 3);
  if (x.length !== y.length) throw new RefusedValue('y', y, `as many numbers as x (${x.length})`);
  const [first, second] = [rankOf(x).ranks, rankOf(y).ranks];
  const middle = meanOf(first);
  let [xy, xx, yy] = [0, 0, 0];
  first.forEach((rank, i) => {
    xy += (rank - middle) * (second[i]! - middle);
    xx += (rank - middle) ** 2;
    yy += (second[i]! - middle) ** 2;
  });
  if (xx === 0) throw new RefusedValue('x', x, 'numbers that are not all equal');
  if (yy === 0) throw new RefusedValue('y', y, 'numbers that are not all equal');
  const rho = Math.max(-1, Math.min(1, xy / Math.sqrt(xx * yy)));
  const df = x.length - 2;
  // Student's t would say 0 there: with three pairs one order in three agrees or opposes by chance alone.
  const p =
    Math.abs(rho) > 1 - 1e-12
      ? 2 / Math.exp(logGamma(x.length + 1))
      : studentTwoSided(rho * Math.sqrt(df / (1 - rho * rho)), df);
  return { rho, p };
}
