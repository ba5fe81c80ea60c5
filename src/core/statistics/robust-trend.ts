import { RefusedValue } from '../bounds';
import { studentT, studentTwoSided } from './distributions';
import { fitLine } from './linear-fit';
import { meanOf } from './mean';

export interface RobustTrend {
  slope: number;
  low: number;
  high: number;
  p: number;
  /** Points at the lowest and at the highest x together: they carry most of a slope. */
  stationsAtEnds: number;
}

/**
 * Slope of a straight line with an interval that asks for no equal spread: each residual is weighed by how much its point
 * pulls the line (HC3: J. G. MacKinnon and H. White, J. Econometrics 29 (1985) 305; J. S. Long and L. H. Ervin, Am. Stat.
 * 54 (2000) 217), Student’s t on n − 2 degrees of freedom. A point that alone holds the line at its end has no residual
 * that tells anything: what the line would be without it is in the interval.
 *
 * @param x at least four numbers, not all equal
 * @throws RefusedValue naming `x` or `y`
 */
export function robustTrend(x: readonly number[], y: readonly number[]): RobustTrend {
  if (x.length < 4) throw new RefusedValue('x', x, 'at least 4 numbers');
  const { slope } = fitLine(x, y);
  const n = x.length;
  const [meanX, meanY] = [meanOf(x), meanOf(y)];
  const sxx = x.reduce((sum, one) => sum + (one - meanX) ** 2, 0);
  const variance =
    x.reduce((sum, one, i) => {
      const dx = one - meanX;
      const left = 1 - (1 / n + (dx * dx) / sxx);
      // The point decides the line by itself: its own residual is nothing by construction.
      if (left < 1e-9) throw new RefusedValue('x', x, 'no single point that alone decides the slope');
      const residual = y[i]! - meanY - slope * dx;
      return sum + ((dx * residual) / left) ** 2;
    }, 0) /
    sxx ** 2;
  const se = Math.sqrt(variance);
  const half = studentT(n - 2) * se;
  const [least, most] = [Math.min(...x), Math.max(...x)];
  return {
    ...{ slope, low: slope - half, high: slope + half },
    p: se === 0 ? (slope === 0 ? 1 : 0) : studentTwoSided(slope / se, n - 2),
    stationsAtEnds: x.filter((one) => one === least || one === most).length,
  };
}
