import quantile from '@stdlib/stats-base-dists-t-quantile';

/**
 * Student's t that leaves (1 − level) / 2 in each tail.
 *
 * @param df degrees of freedom, above 0 (not necessarily whole)
 */
export function studentT(df: number, level = 0.95): number {
  return quantile(1 - (1 - level) / 2, df);
}
