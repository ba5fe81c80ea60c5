import { RefusedValue } from '../bounds';
import { requireSample } from './describe';
import { meanOf } from './mean';

/** Values by the name of their group. */
export type Groups = Readonly<Record<string, readonly number[]>>;

/** @throws RefusedValue unless there are at least two groups of at least `least` numbers each */
export function requireGroups(groups: Groups, least: number): void {
  const names = Object.keys(groups);
  if (names.length < 2) throw new RefusedValue('groups', groups, 'at least two groups');
  for (const name of names) requireSample(`groups.${name}`, groups[name]!, least);
}

/** Sum of squares of values about their mean. */
export function squaresAboutMean(values: readonly number[], mean = meanOf(values)): number {
  let total = 0;
  for (let i = 0; i < values.length; i += 1) {
    const distance = values[i]! - mean;
    total += distance * distance;
  }
  return total;
}

/** Sums of squares within and between groups. */
export function groupSquares(groups: Groups): { between: number; within: number; n: number; mean: number } {
  const parts = Object.values(groups).map((values) => ({ values, mean: meanOf(values) }));
  const n = parts.reduce((count, { values }) => count + values.length, 0);
  // About the first mean, so that a large offset costs no digits.
  const base = parts[0]!.mean;
  const mean = base + parts.reduce((sum, part) => sum + part.values.length * (part.mean - base), 0) / n;
  let [between, within] = [0, 0];
  for (const part of parts) {
    between += part.values.length * (part.mean - mean) ** 2;
    within += squaresAboutMean(part.values, part.mean);
  }
  return { n, mean, between, within };
}
