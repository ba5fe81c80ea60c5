import { requireWithin } from '../bounds';
import { normalQuantile, studentTQuantile } from '../statistics';

/**
 * Smallest difference between two levels that a design finds in `power` of all classes at 5 %, two-sided:
 * Δ = (t₀.₉₇₅ + t_power) · s · √(2/n) on the degrees of freedom of all levels together (the usual t approximation).
 *
 * @param sd spread between stations of one level
 * @param replicates stations a level, from 2
 * @param levels from 2
 */
export function detectableDifference(sd: number, replicates: number, levels: number, power = 0.8): number {
  requireWithin('sd', sd, 0, 1e9);
  requireWithin('replicates', replicates, 2, 1000);
  requireWithin('levels', levels, 2, 100);
  requireWithin('power', power, 0.5, 0.99);
  const df = levels * (replicates - 1);
  return (studentTQuantile(0.975, df) + studentTQuantile(power, df)) * sd * Math.sqrt(2 / replicates);
}

/** Stations a level needs to find a difference; null above 200. */
export function replicatesFor(difference: number, sd: number, levels: number, power = 0.8): number | null {
  requireWithin('difference', difference, 1e-9, 1e9);
  // The normal distribution gives where to begin; t always wants a little more.
  const start = 2 * (((normalQuantile(0.975) + normalQuantile(power)) * sd) / difference) ** 2;
  for (let n = Math.max(2, Math.floor(start)); n <= 200; n += 1) {
    if (detectableDifference(sd, n, levels, power) <= difference) return n;
  }
  return null;
}
