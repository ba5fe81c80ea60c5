import { RefusedValue } from '../bounds';
import { normalQuantile } from './distributions';

/**
 * Wilson's score interval of a proportion (Wilson, J. Am. Stat. Assoc. 22 (1927) 209): good for few trials too.
 *
 * @param successes 0 to `trials`
 * @param trials at least 1
 */
export function wilsonInterval(successes: number, trials: number, level = 0.95): [low: number, high: number] {
  if (!Number.isInteger(trials) || trials < 1)
    throw new RefusedValue('trials', trials, 'a whole number from 1');
  if (!Number.isInteger(successes) || successes < 0 || successes > trials) {
    throw new RefusedValue('successes', successes, `a whole number from 0 to ${trials}`);
  }
  const z = normalQuantile(1 - (1 - level) / 2);
  const share = successes / trials;
  const middle = (share + (z * z) / (2 * trials)) / (1 + (z * z) / trials);
  const half =
    (z / (1 + (z * z) / trials)) *
    Math.sqrt((share * (1 - share)) / trials + (z * z) / (4 * trials * trials));
  return [Math.max(0, middle - half), Math.min(1, middle + half)];
}
