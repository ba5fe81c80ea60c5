import { RefusedValue } from '../bounds';
import { describeSample } from './describe';
import { studentT, studentTwoSided } from './distributions';

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
  const { difference, se, df } = welch(a, b);
  if (se === 0) return { difference, ci95: [difference, difference], df };
  const half = studentT(df) * se;
  return { difference, ci95: [difference - half, difference + half], df };
}

export interface WelchTest extends Difference {
  t: number;
  /** Two-sided. */
  p: number;
}

/** Welch's test of two means. @throws RefusedValue where neither sample has any spread */
export function welchTest(a: readonly number[], b: readonly number[]): WelchTest {
  const { difference, se, df } = welch(a, b);
  if (se === 0) throw new RefusedValue('a', a, 'values that are not all equal, in a or in b');
  const t = difference / se;
  return { ...differenceOfMeans(a, b), t, p: studentTwoSided(t, df) };
}

function welch(a: readonly number[], b: readonly number[]) {
  const [first, second] = [describeSample(a, 'a'), describeSample(b, 'b')];
  const [va, vb] = [first.sem ** 2, second.sem ** 2];
  const se = Math.sqrt(va + vb);
  const difference = first.mean - second.mean;
  if (se === 0) return { difference, se, df: a.length + b.length - 2 };
  // The shares of the variance, so that tiny and huge spreads neither vanish nor overflow.
  const [sa, sb] = [va / (va + vb), vb / (va + vb)];
  const df = 1 / (sa ** 2 / (a.length - 1) + sb ** 2 / (b.length - 1));
  return { difference, se, df };
}
