import { formatNumber } from '../format';
import { medianOf } from '../numeric';
import { pointAt, type Response } from '../practical';
import type { Source } from '../working';
import type { LevelGroup } from './results';

export const shuffles: Source = {
  kind: 'handbook',
  text: 'Permutation test: the values dealt anew over the stations, all ways or 4999 of them; the largest difference of each deal keeps the error of all pairs together (Westfall and Young)',
};
export const means: Record<'control' | 'pairs', Source> = {
  control: { kind: 'paper', text: 'Dunnett, Biometrics 20 (1964) 482: several levels with one control' },
  pairs: {
    kind: 'handbook',
    text: 'Tukey’s HSD, Kramer for unequal groups; NIST/SEMATECH e-Handbook 7.4.7.1',
  },
};
export const power: Source = {
  kind: 'handbook',
  text: 'Power by the noncentral t distribution of the test that is used, 80 %',
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
