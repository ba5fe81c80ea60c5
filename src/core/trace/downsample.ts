import type { Trace } from './trace';

/**
 * Indices of the readings to draw when there are more than pixels: in each of `buckets` stretches of equal
 * time the lowest and the highest, and the first and the last of all, so that no peak is lost.
 *
 * @returns ascending indices, at most 2 × buckets + 2
 */
export function extremesKept(trace: Trace, buckets: number): number[] {
  const n = trace.seconds.length;
  if (n <= 2 * buckets + 2) return Array.from({ length: n }, (_, i) => i);
  const [start, end] = [trace.seconds[0]!, trace.seconds[n - 1]!];
  const width = (end - start) / buckets || 1;
  const kept = new Set<number>([0, n - 1]);
  for (let i = 0; i < n;) {
    const bucket = Math.min(buckets - 1, Math.floor((trace.seconds[i]! - start) / width));
    let [lowest, highest] = [i, i];
    while (i < n && Math.min(buckets - 1, Math.floor((trace.seconds[i]! - start) / width)) <= bucket) {
      if (trace.celsius[i]! < trace.celsius[lowest]!) lowest = i;
      if (trace.celsius[i]! > trace.celsius[highest]!) highest = i;
      i += 1;
    }
    kept.add(lowest);
    kept.add(highest);
  }
  return [...kept].sort((a, b) => a - b);
}
