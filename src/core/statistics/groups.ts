import { RefusedValue } from '../bounds';
import { meanOf, requireSample } from './describe';

/** Values by the name of their group. */
export type Groups = Readonly<Record<string, readonly number[]>>;

/** @throws RefusedValue unless there are at least two groups of at least `least` numbers each */
export function requireGroups(groups: Groups, least: number): void {
  const names = Object.keys(groups);
  if (names.length < 2) throw new RefusedValue('groups', groups, 'at least two groups');
  for (const name of names) requireSample(`groups.${name}`, groups[name]!, least);
}

/** Sum of squares of values about their mean. */
export function squaresAboutMean(values: readonly number[]): number {
  const mean = meanOf(values);
  return values.reduce((total, value) => total + (value - mean) ** 2, 0);
}

/** Sums of squares within and between groups. */
export function groupSquares(groups: Groups): { between: number; within: number; n: number; mean: number } {
  const all = Object.values(groups);
  const values = all.flat();
  const mean = meanOf(values);
  return {
    n: values.length,
    mean,
    between: all.reduce((total, group) => total + group.length * (meanOf(group) - mean) ** 2, 0),
    within: all.reduce((total, group) => total + squaresAboutMean(group), 0),
  };
}
