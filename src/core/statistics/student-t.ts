import { jStat } from 'jstat';

/**
 * Student's t that leaves (1 − level) / 2 in each tail. jStat's inverse is good to nine digits; one Newton step on its
 * distribution function makes it good to all that are printed anywhere.
 *
 * @param df degrees of freedom, above 0 (not necessarily whole)
 */
export function studentT(df: number, level = 0.95): number {
  const wanted = 1 - (1 - level) / 2;
  const near = jStat.studentt.inv(wanted, df);
  const density = jStat.studentt.pdf(near, df);
  return density > 0 ? near - (jStat.studentt.cdf(near, df) - wanted) / density : near;
}
