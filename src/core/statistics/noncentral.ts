import { incompleteBeta, logGamma } from '../numeric';

/**
 * Probability of a noncentral F at least this large: central ones mixed with Poisson weights (Johnson, Kotz and
 * Balakrishnan, 30.2), from the middle of the weights outwards until they no longer count.
 *
 * @param noncentrality λ = Σ n (μᵢ − μ)² / σ², from 0
 */
function noncentralFUpper(f: number, df1: number, df2: number, noncentrality: number): number {
  if (f <= 0) return 1;
  const x = df2 / (df2 + df1 * f);
  const half = noncentrality / 2;
  const weight = (j: number) =>
    half === 0 ? (j === 0 ? 1 : 0) : Math.exp(j * Math.log(half) - half - logGamma(j + 1));
  const upper = (j: number) => incompleteBeta(x, df2 / 2, df1 / 2 + j);
  const middle = Math.floor(half);
  let sum = 0;
  for (let j = middle; j >= 0; j -= 1) {
    const w = weight(j);
    sum += w * upper(j);
    if (w < 1e-13) break;
  }
  for (let j = middle + 1; j < middle + 10_000; j += 1) {
    const w = weight(j);
    sum += w * upper(j);
    if (w < 1e-13) break;
  }
  return Math.min(1, sum);
}

/** Probability of a noncentral t at least this far from 0 on either side. @param delta its noncentrality */
export function noncentralTwoSided(t: number, df: number, delta: number): number {
  return noncentralFUpper(t * t, 1, df, delta * delta);
}
