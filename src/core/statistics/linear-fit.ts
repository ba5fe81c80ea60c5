import { RefusedValue } from '../bounds';
import { requireSample } from './describe';
import { meanOf } from './mean';

export interface LinearFit {
  slope: number;
  intercept: number;
  r2: number;
  slopeSe: number;
  interceptSe: number;
  /** Residual standard deviation, n − 2 degrees of freedom. */
  residualSd: number;
}

/**
 * Straight line by ordinary least squares with standard errors.
 *
 * @param x as many as `y`, at least three, not all equal
 * @throws RefusedValue naming `x` or `y`
 */
export function fitLine(x: readonly number[], y: readonly number[]): LinearFit {
  requireSample('x', x, 3);
  requireSample('y', y, 3);
  if (x.length !== y.length) throw new RefusedValue('y', y, `as many numbers as x (${x.length})`);
  const n = x.length;
  const meanX = meanOf(x);
  const meanY = meanOf(y);
  let [sxx, sxy, syy] = [0, 0, 0];
  for (let i = 0; i < n; i += 1) {
    const [dx, dy] = [x[i]! - meanX, y[i]! - meanY];
    sxx += dx * dx;
    sxy += dx * dy;
    syy += dy * dy;
  }
  if (!(sxx > 1e-24 * meanX * meanX) || sxx === 0) {
    throw new RefusedValue('x', x, 'numbers that are not all equal');
  }
  const slope = sxy / sxx;
  const intercept = meanY - slope * meanX;
  let residualSquares = 0;
  for (let i = 0; i < n; i += 1) {
    const residual = y[i]! - meanY - slope * (x[i]! - meanX);
    residualSquares += residual * residual;
  }
  const residualSd = Math.sqrt(residualSquares / (n - 2));
  return {
    slope,
    intercept,
    // All y equal: the line is the data, but it explains no variation because there is none.
    r2: syy === 0 ? 0 : Math.max(0, 1 - residualSquares / syy),
    slopeSe: residualSd / Math.sqrt(sxx),
    interceptSe: residualSd * Math.sqrt(1 / n + (meanX * meanX) / sxx),
    residualSd,
  };
}
