import { RefusedValue } from '../bounds';
import { describeSample } from './describe';
import { studentTQuantile } from './distributions';

export interface Grubbs {
  /** The value that does not belong to the rest, or null. */
  outlier: number | null;
  /** Largest distance from the mean in standard deviations. */
  g: number;
  /** Two-sided, 5 %. */
  critical: number;
  /** The value farthest from the mean, outlier or not. */
  farthest: number;
}

/**
 * Grubbs's test for one outlier, two-sided at 5 % (Grubbs, Technometrics 11 (1969) 1; NIST/SEMATECH e-Handbook,
 * 1.3.5.17.1). A flagged value is looked into, not thrown away.
 *
 * @param values at least three, not all equal
 */
export function grubbsTest(values: readonly number[]): Grubbs {
  if (values.length < 3) throw new RefusedValue('values', values, 'at least 3 numbers');
  const { mean, sd, n } = describeSample(values);
  if (sd === 0) throw new RefusedValue('values', values, 'numbers that are not all equal');
  const farthest = values.reduce((far, one) => (Math.abs(one - mean) > Math.abs(far - mean) ? one : far));
  const g = Math.abs(farthest - mean) / sd;
  const t = studentTQuantile(1 - 0.05 / (2 * n), n - 2);
  const critical = ((n - 1) / Math.sqrt(n)) * Math.sqrt((t * t) / (n - 2 + t * t));
  return { outlier: g > critical ? farthest : null, g, critical, farthest };
}
