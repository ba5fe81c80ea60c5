import { describeSample } from './describe';
import { studentT } from './student-t';

export interface Difference {
  /** Mean of `a` less mean of `b`. */
  difference: number;
  ci95: [low: number, high: number];
  df: number;
}

/**
 * Difference of two means with Welch's interval, which does not ask for equal spreads
 * (Welch, Biometrika 34 (1947) 28).
 *
 * @param a at least two numbers
 * @param b at least two numbers
 */
export function differenceOfMeans(a: readonly number[], b: readonly number[]): Difference {
  const [first, second] = [describeSample(a), describeSample(b)];
  const [va, vb] = [first.sem ** 2, second.sem ** 2];
  const difference = first.mean - second.mean;
  const se = Math.sqrt(va + vb);
  if (se === 0) return { difference, ci95: [difference, difference], df: a.length + b.length - 2 };
  const df = (va + vb) ** 2 / (va ** 2 / (a.length - 1) + vb ** 2 / (b.length - 1));
  const half = studentT(df) * se;
  return { difference, ci95: [difference - half, difference + half], df };
}
