import { RefusedValue } from '../bounds';
import { logGamma } from '../numeric';
import { requireSample } from './describe';
import { meanOf } from './mean';
import { studentTwoSided } from './distributions';
import type { RankMethod } from './rank-arrangements';
import { rankOf } from './ranks';

export interface Spearman {
  rho: number;
  /** Two-sided. */
  p: number;
  method: RankMethod;
}

/** Pairs up to which every order is counted. */
const mostExact = 10;

/**
 * Spearman's rank correlation with mid-ranks for ties (Spearman, 1904); p exact up to ten pairs (all orders counted,
 * with the ties there are), beyond that by Student's t on n − 2 degrees of freedom.
 *
 * @param x as many as `y`, at least three
 * @throws RefusedValue naming `x` or `y`; also where one of them does not vary
 */
export function spearmanCorrelation(x: readonly number[], y: readonly number[]): Spearman {
  requireSample('x', x, 3);
  requireSample('y', y, 3);
  if (x.length !== y.length) throw new RefusedValue('y', y, `as many numbers as x (${x.length})`);
  const [first, second] = [rankOf(x).ranks, rankOf(y).ranks];
  const middle = meanOf(first);
  let [xy, xx, yy] = [0, 0, 0];
  first.forEach((rank, i) => {
    xy += (rank - middle) * (second[i]! - middle);
    xx += (rank - middle) ** 2;
    yy += (second[i]! - middle) ** 2;
  });
  if (xx === 0) throw new RefusedValue('x', x, 'numbers that are not all equal');
  if (yy === 0) throw new RefusedValue('y', y, 'numbers that are not all equal');
  const rho = Math.max(-1, Math.min(1, xy / Math.sqrt(xx * yy)));
  if (x.length <= mostExact) return { rho, p: exactP(first, second), method: 'exact' };
  const df = x.length - 2;
  const p =
    Math.abs(rho) > 1 - 1e-12
      ? 2 / Math.exp(logGamma(x.length + 1))
      : studentTwoSided(rho * Math.sqrt(df / (1 - rho * rho)), df);
  return { rho, p, method: 't' };
}

/**
 * Share of all orders of y whose correlation is at least as far from 0, ties and all. The orders are counted by the set
 * of ranks given out so far and the sum of products (ranks doubled, so that mid-ranks are whole): 2ⁿ sets, not n! orders.
 */
function exactP(first: readonly number[], second: readonly number[]): number {
  const n = first.length;
  const [a, b] = [first, second].map((ranks) => ranks.map((rank) => Math.round(2 * rank)));
  const most = a!.reduce((sum, rank) => sum + rank * 2 * n, 0);
  let layer = new Map<number, Float64Array>([[0, Float64Array.of(1)]]);
  for (let i = 0; i < n; i += 1) {
    const next = new Map<number, Float64Array>();
    for (const [used, counts] of layer) {
      for (let j = 0; j < n; j += 1) {
        if (used & (1 << j)) continue;
        const product = a![i]! * b![j]!;
        const set = used | (1 << j);
        let into = next.get(set);
        if (!into) next.set(set, (into = new Float64Array(most + 1)));
        for (let sum = 0; sum < counts.length; sum += 1) {
          if (counts[sum]! > 0) into[sum + product]! += counts[sum]!;
        }
      }
    }
    layer = next;
  }
  const [counts] = [...layer.values()];
  const middle = (a!.reduce((x, y) => x + y, 0) * b!.reduce((x, y) => x + y, 0)) / n;
  const seen = Math.abs(a!.reduce((sum, rank, i) => sum + rank * b![i]!, 0) - middle);
  let [far, all] = [0, 0];
  counts!.forEach((count, sum) => {
    all += count;
    if (Math.abs(sum - middle) >= seen - 1e-9) far += count;
  });
  return far / all;
}
