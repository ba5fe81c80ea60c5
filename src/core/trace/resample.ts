import { requireWithin } from '../bounds';
import { indexAt, type Trace } from './trace';

/** Temperature at a moment by a straight line between its neighbours; the end values outside. Null for an empty trace. */
export function celsiusAt(trace: Trace, seconds: number): number | null {
  const n = trace.seconds.length;
  if (n === 0) return null;
  const after = indexAt(trace, seconds);
  if (after === 0) return trace.celsius[0]!;
  if (after === n) return trace.celsius[n - 1]!;
  const [t0, t1] = [trace.seconds[after - 1]!, trace.seconds[after]!];
  const share = t1 === t0 ? 1 : (seconds - t0) / (t1 - t0);
  return trace.celsius[after - 1]! + share * (trace.celsius[after]! - trace.celsius[after - 1]!);
}

/** A trace with a reading every `everyS` seconds from its first to its last; nothing is made up across gaps over `gapS`. */
export function resampled(
  trace: Trace,
  everyS: number,
  gapS = 120,
): { seconds: number[]; celsius: number[] } {
  requireWithin('everyS', everyS, 0.1, 3600, 's');
  const n = trace.seconds.length;
  const [seconds, celsius]: [number[], number[]] = [[], []];
  if (n === 0) return { seconds, celsius };
  const [start, end] = [trace.seconds[0]!, trace.seconds[n - 1]!];
  let after = 0;
  for (let i = 0; start + i * everyS <= end + 1e-9; i += 1) {
    const t = start + i * everyS;
    while (after < n - 1 && trace.seconds[after]! < t) after += 1;
    const before = Math.max(0, after - 1);
    const wide = trace.seconds[after]! - trace.seconds[before]! > gapS;
    if (wide && t > trace.seconds[before]! && t < trace.seconds[after]!) continue;
    seconds.push(t);
    celsius.push(celsiusAt(trace, t)!);
  }
  return { seconds, celsius };
}
