import { formatNumber } from '../format';
import { medianOf } from '../numeric';
import { pointAt, type Response } from '../practical';
import type { Source } from '../working';
import type { LevelGroup } from './results';

export const shuffles: Source = {
  kind: 'handbook',
  text: 'Permutation test: the values dealt anew over the stations, all ways or 4999 of them; the largest difference of each deal keeps the error of all pairs together (Westfall and Young); and as numbers, each level by its own spread: the less sure of the two counts',
};
/** How levels are held against each other whose spreads need not be alike. */
export const unlikeSpreads: Source = {
  kind: 'paper',
  text: 'Each by its own spread, as Games and Howell (J. Educ. Stat. 1 (1976) 113), Satterthwaite’s degrees of freedom; what is called different lies farther out than the farthest of all comparisons in 95 % of drawn classes in which nothing differs, whatever level scatters up to five times as much as another',
};
export const power: Source = {
  kind: 'handbook',
  text: 'Power of the whole procedure by drawn classes whose spreads are alike, 80 %',
};

/** “2 %” of classes, or “fewer than 1 in 1000”. */
export function ofClasses(p: number): string {
  if (p < 0.001) return 'in fewer than 1 of 1000 classes';
  return `in ${formatNumber(100 * p, p < 0.1 ? 1 : 0)} % of classes`;
}

/** Stations it would take, by the test that is used; nothing is said where nothing was seen. */
export function neededWords(needed: number | null, have: number, what: string): string {
  if (needed === null) return ' If there is one, it is small beside the spread.';
  if (needed <= have) return ' Chance was against it, or there is none.';
  return ` If it is real, about ${needed} stations a level would show ${what} in 8 of 10 classes.`;
}

const sizes = /^(g|kg|mg|mm|cm|m|ml|cl|l|mm[²2]|cm[²2³3])$/i;
const times = /^(s|sec|seconds?|min|minutes?|h|hours?|days?)$/i;

/** Longer, greater or higher: the word that goes with what is measured. */
export function comparative({ kind, unit }: Pick<Response, 'kind' | 'unit'>, up: boolean): string {
  if (kind === 'time' || times.test(unit)) return up ? 'longer' : 'shorter';
  if (kind === 'count' || kind === 'mass-difference' || sizes.test(unit)) return up ? 'greater' : 'smaller';
  return up ? 'higher' : 'lower';
}

/** The middle of a level’s stations, by its name where the scale has one. */
export function shownMedian(response: Response, { values }: LevelGroup): string {
  const median = medianOf(values);
  return pointAt(response, median) ?? formatNumber(median);
}

/** The levels as they are judged: a name and its stations. */
export const named = (groups: readonly LevelGroup[]) =>
  groups.map(({ label, values }) => ({ name: label, values }));
