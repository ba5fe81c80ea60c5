import type { ReadingTrace } from './reading-trace';

/** A stretch of a trace, and towards which side it goes. */
export interface Stretch {
  /** Readings after this moment, s. */
  from: number;
  /** … and not after this one, s. */
  until: number;
  /** Whether it is cooled: then the farthest is the lowest. */
  cooled: boolean;
}

/** How far a stretch was looked through. */
interface Looked {
  rewritten: number;
  /** Readings before this one have both their neighbours and are done with. */
  next: number;
  farthest: number | null;
}

const known = new WeakMap<ReadingTrace, Map<string, Looked>>();
/** A trace is looked through for a few stretches, whose ends move when a step is done. */
const mostStretches = 24;

/**
 * Farthest reading of a stretch towards its side; a single wild reading does not count: each is judged by the middle of
 * itself and its neighbours. What was looked through is not looked at again, so that a trace may grow for hours.
 *
 * @returns null where the stretch holds none, °C
 */
export function farthestIn(trace: ReadingTrace, stretch: Stretch): number | null {
  const looked = lookedAt(trace, stretch);
  const { seconds } = trace;
  const { from, until, cooled } = stretch;
  // What came since may still be of before it.
  while (looked.next < seconds.length && seconds[looked.next]! <= from) looked.next += 1;
  for (; looked.next < seconds.length - 1 && seconds[looked.next]! <= until; looked.next += 1)
    looked.farthest = farther(looked.farthest, middleAt(trace, looked.next, cooled), cooled);
  // The last has no neighbour after it yet: it is judged anew when that has come.
  const last = seconds.length - 1;
  if (looked.next !== last || seconds[last]! > until) return looked.farthest;
  return farther(looked.farthest, middleAt(trace, last, cooled), cooled);
}

function lookedAt(trace: ReadingTrace, { from, until, cooled }: Stretch): Looked {
  const stretches = known.get(trace) ?? new Map<string, Looked>();
  known.set(trace, stretches);
  const key = `${from} ${until} ${cooled}`;
  let looked = stretches.get(key);
  if (looked?.rewritten !== trace.rewritten) {
    if (stretches.size >= mostStretches) stretches.clear();
    looked = { rewritten: trace.rewritten, next: firstAfter(trace, from), farthest: null };
    stretches.set(key, looked);
  }
  return looked;
}

const farther = (one: number | null, other: number, cooled: boolean): number =>
  one === null || (cooled ? other < one : other > one) ? other : one;

/** The middle of a reading and its neighbours; of two, the one that is less far. */
function middleAt({ celsius }: ReadingTrace, i: number, cooled: boolean): number {
  const own = celsius[i]!;
  const before = celsius[i - 1] ?? null;
  const after = celsius[i + 1] ?? null;
  if (before === null && after === null) return own;
  if (before === null || after === null) {
    const other = before ?? after!;
    return cooled ? Math.max(own, other) : Math.min(own, other);
  }
  return Math.max(Math.min(own, before), Math.min(Math.max(own, before), after));
}

/** Index of the first reading after a moment; the length where there is none. */
export function firstAfter({ seconds }: ReadingTrace, moment: number): number {
  let [low, high] = [0, seconds.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (seconds[middle]! <= moment) low = middle + 1;
    else high = middle;
  }
  return low;
}
