import { RefusedValue } from '../bounds';
import { fUpper } from './distributions';
import { groupSquares, requireGroups, type Groups } from './groups';

export interface OneWayAnova {
  f: number;
  dfBetween: number;
  dfWithin: number;
  p: number;
  squaresBetween: number;
  squaresWithin: number;
  /** Standard deviation within the groups, pooled. */
  pooledSd: number;
  /** Share of the variation that lies between the groups. */
  etaSquared: number;
}

/**
 * One-way analysis of variance: do the means of several groups differ by more than their spread explains?
 * (Fisher; see NIST/SEMATECH e-Handbook, 7.4.3.)
 *
 * @param groups at least two, with more values than groups in all
 * @throws RefusedValue naming `groups` or the group; also where no group has any spread
 */
export function oneWayAnova(groups: Groups): OneWayAnova {
  requireGroups(groups, 1);
  const { between, within, n, mean } = groupSquares(groups);
  const dfBetween = Object.keys(groups).length - 1;
  const dfWithin = n - dfBetween - 1;
  if (dfWithin < 1) throw new RefusedValue('groups', groups, 'more values than groups: at least one repeat');
  if (!(within > 1e-29 * n * mean * mean) || within === 0) {
    throw new RefusedValue('groups', groups, 'values that are not all equal within their groups');
  }
  const f = between / dfBetween / (within / dfWithin);
  return {
    f,
    dfBetween,
    dfWithin,
    p: fUpper(f, dfBetween, dfWithin),
    squaresBetween: between,
    squaresWithin: within,
    pooledSd: Math.sqrt(within / dfWithin),
    etaSquared: between / (between + within),
  };
}
