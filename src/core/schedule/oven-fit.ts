import { celsiusAt, changeTicks, firstC, lastC, type Oven, type OvenUse, type Task } from './problem';

/** What is in an oven when. */
export interface InOven {
  use: OvenUse;
  from: number;
  to: number;
}

/**
 * Whether `use` fits an oven from `start` to `end` beside what is in it already: the start itself, or a later one before
 * which it cannot fit.
 */
export function ovenFit(
  oven: Oven,
  inside: readonly InOven[],
  use: OvenUse,
  start: number,
  end: number,
): number {
  if (use.places > oven.places) return Infinity;
  if (oven.startC !== null) {
    const warm = changeTicks(oven, oven.startC, firstC(use));
    if (start < warm) return warm;
  }
  let soonest = start;
  for (const one of inside) {
    const next = besideOne(oven, one, use, start, end);
    if (next > soonest) soonest = next;
  }
  return soonest > start ? soonest : placesFree(oven, inside, use, start, end);
}

function besideOne(oven: Oven, one: InOven, use: OvenUse, start: number, end: number): number {
  if (start >= one.to) {
    const ready = one.to + changeTicks(oven, lastC(one.use), firstC(use));
    return Math.max(start, ready);
  }
  if (end <= one.from) {
    if (one.from - end >= changeTicks(oven, lastC(use), firstC(one.use))) return start;
    return laterThan(oven, one, use, start, end);
  }
  if (!sameHeat(one, use, start, end)) return laterThan(oven, one, use, start, end);
  const opens = (shut: boolean, from: number, to: number, moments: readonly number[]) =>
    shut && moments.some((moment) => moment > from && moment < to);
  if (
    opens(use.shut, start, end, [one.from, one.to]) ||
    opens(one.use.shut, one.from, one.to, [start, end])
  ) {
    return start + 1;
  }
  return start;
}

/** Constant and different temperatures never meet: it waits until the other is out. */
function laterThan(oven: Oven, one: InOven, use: OvenUse, start: number, end: number): number {
  const constant = use.profile.length === 1 && one.use.profile.length === 1;
  if (!constant || (end <= one.from && firstC(use) === firstC(one.use))) return start + 1;
  return one.to + changeTicks(oven, lastC(one.use), firstC(use));
}

function sameHeat(one: InOven, use: OvenUse, start: number, end: number): boolean {
  if (use.profile.length === 1 && one.use.profile.length === 1) return firstC(use) === firstC(one.use);
  for (let tick = Math.max(start, one.from); tick < Math.min(end, one.to); tick += 1) {
    if (celsiusAt(use, tick - start) !== celsiusAt(one.use, tick - one.from)) return false;
  }
  return true;
}

function placesFree(oven: Oven, inside: readonly InOven[], use: OvenUse, start: number, end: number): number {
  const beside = inside.filter(({ from, to }) => from < end && start < to);
  let full = -1;
  for (const at of [start, ...beside.map(({ from }) => from).filter((from) => from > start)]) {
    let taken = use.places;
    for (const { from, to, use: other } of beside) if (from <= at && at < to) taken += other.places;
    if (taken > oven.places && at > full) full = at;
  }
  if (full === -1) return start;
  // Until one of those that fill it then is out.
  return Math.min(...beside.filter(({ from, to }) => from <= full && full < to).map(({ to }) => to));
}

export const fitsNone = ({ oven }: Task, ovens: readonly Oven[]): boolean =>
  oven !== null &&
  !ovens.some(
    ({ places }, o) => places >= oven.places && (oven.among.length === 0 || oven.among.includes(o)),
  );
