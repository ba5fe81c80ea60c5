import { RefusedValue } from '../bounds';
import { requireSample } from './describe';
import { chiSquareUpper } from './distributions';
import { rankOf } from './ranks';

export interface Friedman {
  chi2: number;
  df: number;
  p: number;
  /** Sum of the ranks each treatment got. */
  rankSums: number[];
}

/**
 * Friedman's test: do assessors rank the treatments alike? Corrected for ties; scores are ranked within each row, so
 * ranks and scores may be given (Friedman, J. Am. Stat. Assoc. 32 (1937) 675; ISO 8587:2006 for sensory ranking).
 *
 * @param rows one row an assessor, one column a treatment: at least two of each
 * @throws RefusedValue naming the row
 */
export function friedmanTest(rows: readonly (readonly number[])[]): Friedman {
  const k = rows[0]?.length ?? 0;
  if (rows.length < 2 || k < 2) throw new RefusedValue('ranks', rows, 'at least two rows of at least two');
  rows.forEach((row, i) => {
    requireSample(`ranks[${i}]`, row, 2);
    if (row.length !== k) throw new RefusedValue(`ranks[${i}]`, row, `${k} numbers, as in the first row`);
  });
  const n = rows.length;
  const rankSums = new Array<number>(k).fill(0);
  let ties = 0;
  for (const row of rows) {
    const ranking = rankOf(row);
    ranking.ranks.forEach((rank, j) => (rankSums[j]! += rank));
    ties += ranking.ties;
  }
  const spread = rankSums.reduce((total, sum) => total + (sum - (n * (k + 1)) / 2) ** 2, 0);
  const scale = n * k * (k + 1) - ties / (k - 1);
  if (scale === 0) throw new RefusedValue('ranks', rows, 'rows in which not all are equal');
  const chi2 = (12 * spread) / scale;
  return { chi2, df: k - 1, p: chiSquareUpper(chi2, k - 1), rankSums };
}
