import { medianOf } from '../numeric';
import type { Trace } from './trace';

export interface Overshoot {
  /** How far beyond the target it went, °C. */
  byC: number;
  atS: number;
  /** Seconds beyond the target in all. */
  beyondS: number;
}

/** How far a rising trace went beyond its target; a single wild reading does not count. Null when it never passed. */
export function overshoot(trace: Trace, targetC: number): Overshoot | null {
  let best: Overshoot | null = null;
  let beyondS = 0;
  for (let i = 0; i < trace.seconds.length; i += 1) {
    const around = [-1, 0, 1].map((step) => trace.celsius[i + step]).filter((one) => one !== undefined);
    const byC = Math.min(trace.celsius[i]!, medianOf(around)) - targetC;
    if (byC <= 0) continue;
    beyondS += i > 0 ? trace.seconds[i]! - trace.seconds[i - 1]! : 0;
    if (!best || byC > best.byC) best = { byC, atS: trace.seconds[i]!, beyondS: 0 };
  }
  return best && { ...best, beyondS };
}
