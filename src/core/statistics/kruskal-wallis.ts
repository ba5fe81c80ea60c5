import { RefusedValue } from '../bounds';
import { chiSquareUpper } from './distributions';
import { requireGroups, type Groups } from './groups';
import { arrangementsOf, sharesAtLeast, type RankMethod } from './rank-arrangements';
import { rankOf } from './ranks';

export interface KruskalWallis {
  h: number;
  df: number;
  p: number;
  method: RankMethod;
  /** By the chi-square approximation, for comparison. */
  chiSquareP: number;
}

/** From this many values in the smallest group chi-square is good enough where the exact way is too long. */
const chiSquareFrom = 5;

/**
 * Kruskal and Wallis's test on ranks, corrected for ties. p is exact, by enumeration with the ties
 * there are, up to a million ways to deal the ranks; beyond that by chi-square from five values a group, else by seeded
 * shuffles (Kruskal and Wallis, J. Am. Stat. Assoc. 47 (1952) 583).
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
  const chiSquareP = chiSquareUpper(h, df);
  const sizes = all.map((group) => group.length);
  if (arrangementsOf(sizes) > 1e6 && Math.min(...sizes) >= chiSquareFrom) {
    return { h, df, p: chiSquareP, method: 'chi-square', chiSquareP };
  }
  const { shares, method } = sharesAtLeast(ranks, sizes, (sums) => {
    let total = 0;
    for (let g = 0; g < sizes.length; g += 1) total += sums[g]! ** 2 / sizes[g]!;
    return [total];
  });
  return { h, df, p: shares[0]!, method, chiSquareP };
}
