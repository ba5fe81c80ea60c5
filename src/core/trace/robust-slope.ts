import { medianOf, quantileOfSorted } from '../numeric';
import type { Trace } from './trace';

export interface RobustSlope {
  /** °C a second. */
  slope: number;
  /** 95 % interval of the slope, °C a second. */
  low: number;
  high: number;
  /** Temperature of the line at the last reading, °C. */
  levelC: number;
  /** Robust spread of the readings about the line (1.4826 × median absolute residual), °C. */
  spreadC: number;
}

/** z for a two-sided 95 % interval. */
const z95 = 1.959964;

/**
 * Median of all pairwise slopes (Theil 1950; Sen, J. Am. Stat. Assoc. 63 (1968) 1379) with Sen's
 * distribution-free interval. Up to 29 % of the readings may be wild without moving it far.
 *
 * @param trace a short window, 3 to about 60 readings: the work grows with the square of their number
 * @returns null when fewer than three readings, or all at one moment
 */
export function robustSlope(trace: Trace): RobustSlope | null {
  const n = trace.seconds.length;
  if (n < 3) return null;
  const slopes: number[] = [];
  for (let i = 0; i < n; i += 1) {
    for (let j = i + 1; j < n; j += 1) {
      const dt = trace.seconds[j]! - trace.seconds[i]!;
      if (dt > 0) slopes.push((trace.celsius[j]! - trace.celsius[i]!) / dt);
    }
  }
  if (slopes.length < 2) return null;
  const sorted = Float64Array.from(slopes).sort();
  const slope = quantileOfSorted(sorted, 0.5);
  const margin = (z95 * Math.sqrt((n * (n - 1) * (2 * n + 5)) / 18)) / sorted.length / 2;
  const last = trace.seconds[n - 1]!;
  const levels = Array.from({ length: n }, (_, i) => trace.celsius[i]! + slope * (last - trace.seconds[i]!));
  const levelC = medianOf(levels);
  return {
    slope,
    low: quantileOfSorted(sorted, Math.max(0, 0.5 - margin)),
    high: quantileOfSorted(sorted, Math.min(1, 0.5 + margin)),
    levelC,
    spreadC: 1.4826 * medianOf(levels.map((level) => Math.abs(level - levelC))),
  };
}
