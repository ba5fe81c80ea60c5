import type { Trace } from './trace';

/** Whether the trace came from this side of the target and its last few readings lie beyond it, as it is heading. */
export function passed(trace: Trace, targetC: number, heading: number, slack: number): boolean {
  const n = trace.celsius.length;
  const aheadBy = (i: number) => (trace.celsius[i]! - targetC) * heading;
  let beyond = 0;
  for (let i = Math.max(0, n - 3); i < n; i += 1) if (aheadBy(i) >= -slack) beyond += 1;
  if (beyond < Math.min(2, n)) return false;
  for (let i = 0; i < n; i += 1) if (aheadBy(i) < -slack) return true;
  return false;
}
