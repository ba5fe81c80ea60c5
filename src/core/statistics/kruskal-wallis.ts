import { RefusedValue } from '../bounds';
import { chiSquareUpper } from './distributions';
import { requireGroups, type Groups } from './groups';
import { rankOf } from './ranks';

export interface KruskalWallis {
  h: number;
  df: number;
  p: number;
}

/**
 * Kruskal and Wallis's test on ranks, corrected for ties; p by the chi-square approximation, which is rough below five
 * values a group (Kruskal and Wallis, J. Am. Stat. Assoc. 47 (1952) 583).
 *
 * @throws RefusedValue naming `groups`; also where all values are equal
 */
export function kruskalWallis(groups: Groups): KruskalWallis {
  requireGroups(groups, 1);
  const all = Object.values(groups);
  const n = all.flat().length;
  if (n < 3) throw new RefusedValue('groups', groups, 'at least 3 values in all');
  const { ranks, ties } = rankOf(all.flat());
  const correction = 1 - ties / (n ** 3 - n);
  if (correction === 0) throw new RefusedValue('groups', groups, 'values that are not all equal');
  let [sum, from] = [0, 0];
  for (const group of all) {
    const total = ranks.slice(from, from + group.length).reduce((a, b) => a + b, 0);
    sum += total ** 2 / group.length;
    from += group.length;
  }
  const h = ((12 / (n * (n + 1))) * sum - 3 * (n + 1)) / correction;
  const df = all.length - 1;
  return { h, df, p: chiSquareUpper(h, df) };
}
