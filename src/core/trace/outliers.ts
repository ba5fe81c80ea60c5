import { medianOf } from '../numeric';
import type { Trace } from './trace';

/** Readings on each side that a reading is compared with. */
const sideReadings = 5;
/** Robust spreads from which a reading stands out, and the least distance, °C. */
const spreads = 5;
const smallestC = 1;

/**
 * Indices of readings that stand out from their neighbours by far more than these scatter (Hampel's filter: median and
 * 1.4826 × median absolute deviation). They are marked, never dropped.
 */
export function findOutliers(trace: Trace): number[] {
  const n = trace.celsius.length;
  const found: number[] = [];
  for (let i = 0; i < n; i += 1) {
    const around: number[] = [];
    for (let j = Math.max(0, i - sideReadings); j <= Math.min(n - 1, i + sideReadings); j += 1) {
      if (j !== i) around.push(trace.celsius[j]!);
    }
    if (around.length < 4) continue;
    const middle = medianOf(around);
    const spread = 1.4826 * medianOf(around.map((one) => Math.abs(one - middle)));
    if (Math.abs(trace.celsius[i]! - middle) > Math.max(smallestC, spreads * spread)) found.push(i);
  }
  return found;
}
