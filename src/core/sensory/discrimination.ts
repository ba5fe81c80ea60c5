import { RefusedValue } from '../bounds';
import { binomialUpper } from '../statistics';
import type { Source } from '../working';

/** Tests in which an assessor who feels nothing is right by chance alone. */
export const discriminationTests = {
  triangle: { chance: 1 / 3, standard: 'ISO 4120:2021' },
  'duo-trio': { chance: 1 / 2, standard: 'ISO 10399:2017' },
  'paired-comparison': { chance: 1 / 2, standard: 'ISO 5495:2005' },
} as const;
export type DiscriminationTest = keyof typeof discriminationTests;

export const triangleSource: Source = {
  kind: 'standard',
  text: 'ISO 4120:2021, triangle test: exact binomial with chance one in three',
};

export interface Discrimination {
  /** Chance of at least as many right answers from assessors who guess. */
  p: number;
  /** Fewest right answers that reach 5 %. Null when even all would not. */
  minimumCorrect: number | null;
}

/** @param correct right answers, 0 to `trials` @param trials assessors, 1 to 1000 */
export function discrimination(test: DiscriminationTest, correct: number, trials: number): Discrimination {
  requireCount('trials', trials, 1, 1000);
  requireCount('correct', correct, 0, trials);
  const { chance } = discriminationTests[test];
  let minimumCorrect: number | null = null;
  for (let k = trials; k >= 0 && binomialUpper(k, trials, chance) <= 0.05; k -= 1) minimumCorrect = k;
  return { p: binomialUpper(correct, trials, chance), minimumCorrect };
}

/** Preference of A over B, two-sided: nobody said beforehand which would win. */
export function pairedPreference(preferA: number, trials: number): number {
  requireCount('trials', trials, 1, 1000);
  requireCount('preferA', preferA, 0, trials);
  return Math.min(1, 2 * binomialUpper(Math.max(preferA, trials - preferA), trials, 0.5));
}

/** @throws RefusedValue unless a whole number within limits */
export function requireCount(field: string, value: number, low: number, high: number): void {
  if (!Number.isInteger(value) || value < low || value > high) {
    throw new RefusedValue(field, value, `a whole number from ${low} to ${high}`);
  }
}
