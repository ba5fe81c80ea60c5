import { incompleteGammaUpper } from '../numeric';

/** Probability of a standard normal value below z (by the incomplete gamma function; good to twelve digits). */
export function normalBelow(z: number): number {
  const tail = incompleteGammaUpper(0.5, (z * z) / 2) / 2;
  return z > 0 ? 1 - tail : tail;
}

/** Density of the standard normal distribution. */
export function normalDensity(z: number): number {
  return Math.exp(-(z * z) / 2) / Math.sqrt(2 * Math.PI);
}
