import { RefusedValue } from '../bounds';
import { requireSample } from './describe';
import { chiSquareUpper } from './distributions';
import type { RankMethod } from './rank-arrangements';
import { rankOf } from './ranks';

export interface Friedman {
  chi2: number;
  df: number;
  p: number;
  method: RankMethod;
  /** By the chi-square approximation, for comparison. */
  chiSquareP: number;
  /** Sum of the ranks each treatment got. */
  rankSums: number[];
}

/**
 * Friedman's test: do assessors rank the treatments alike? Corrected for ties; scores are ranked within each row, so
 * ranks and scores may be given (Friedman, J. Am. Stat. Assoc. 32 (1937) 675; ISO 8587:2006 for sensory ranking). p is exact for
 * small panels, all orders within the rows counted with their ties, else by chi-square.
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
  const chiSquareP = chiSquareUpper(chi2, k - 1);
  const exact = exactP(
    rows.map((row) => rankOf(row).ranks),
    spread,
  );
  return {
    chi2,
    df: k - 1,
    p: exact ?? chiSquareP,
    method: exact === null ? 'chi-square' : 'exact',
    chiSquareP,
    rankSums,
  };
}

/** Sums that may be added for one row of the exact distribution, and the widest row whose orders are all tried. */
const [mostSteps, widest] = [400_000, 6];

/** Share of all orders within the rows that part the rank sums at least as far, or null where there are too many. */
function exactP(rows: readonly (readonly number[])[], spread: number): number | null {
  const k = rows[0]!.length;
  if (k > widest) return null;
  // Ranks doubled, so that mid-ranks are whole; the last sum follows from the others.
  let states = new Map<string, { sums: number[]; ways: number }>([
    ['', { sums: new Array<number>(k).fill(0), ways: 1 }],
  ]);
  for (const row of rows) {
    const orders = ordersOf(row.map((rank) => Math.round(2 * rank)));
    if (states.size * orders.length > mostSteps) return null;
    const next = new Map<string, { sums: number[]; ways: number }>();
    for (const { sums, ways } of states.values()) {
      for (const order of orders) {
        // Sums in any order part alike: one state for all of them.
        const added = sums.map((sum, j) => sum + order.ranks[j]!).sort((a, b) => a - b);
        const key = added.join();
        const known = next.get(key);
        if (known) known.ways += ways * order.ways;
        else next.set(key, { sums: added, ways: ways * order.ways });
      }
    }
    states = next;
  }
  const middle = rows.length * (k + 1);
  let [far, all] = [0, 0];
  for (const { sums, ways } of states.values()) {
    all += ways;
    const parted = sums.reduce((total, sum) => total + (sum - middle) ** 2, 0) / 4;
    if (parted >= spread - 1e-9 * (1 + spread)) far += ways;
  }
  return far / all;
}

/** Every different order of a row, with how often it comes up. */
function ordersOf(row: readonly number[]): { ranks: number[]; ways: number }[] {
  const found = new Map<string, { ranks: number[]; ways: number }>();
  const place = (taken: number[], rest: number[]) => {
    if (rest.length === 0) {
      const known = found.get(taken.join());
      if (known) known.ways += 1;
      else found.set(taken.join(), { ranks: taken, ways: 1 });
      return;
    }
    rest.forEach((rank, i) => place([...taken, rank], [...rest.slice(0, i), ...rest.slice(i + 1)]));
  };
  place([], [...row]);
  return [...found.values()];
}
