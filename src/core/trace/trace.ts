/** Readings a classroom thermometer can show, °C: from dry ice to a grill. Others are refused as slips. */
export const readingRangeC = { low: -90, high: 400 } as const;

/**
 * Temperatures of one station in time: as many `celsius` as `seconds`, in order of time. Two readings may
 * share a second; typed arrays do as well as plain ones.
 */
export interface Trace {
  readonly seconds: ArrayLike<number>;
  readonly celsius: ArrayLike<number>;
}

/** Index of the first reading at or after `seconds`; the length when there is none. */
export function indexAt(trace: Trace, seconds: number): number {
  let [low, high] = [0, trace.seconds.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (trace.seconds[middle]! < seconds) low = middle + 1;
    else high = middle;
  }
  return low;
}

/**
 * The part of a trace from one moment to another, thinned evenly to at most `most` readings. The last is kept.
 */
export function windowOf(
  trace: Trace,
  fromS: number,
  toS: number,
  most = Infinity,
): { seconds: number[]; celsius: number[] } {
  const start = indexAt(trace, fromS);
  let end = indexAt(trace, toS);
  while (end < trace.seconds.length && trace.seconds[end]! <= toS) end += 1;
  const stride = Math.max(1, Math.ceil((end - start) / most));
  const seconds: number[] = [];
  const celsius: number[] = [];
  for (let i = end - 1; i >= start; i -= stride) {
    seconds.push(trace.seconds[i]!);
    celsius.push(trace.celsius[i]!);
  }
  return { seconds: seconds.reverse(), celsius: celsius.reverse() };
}
