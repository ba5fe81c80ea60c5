/** Something of which so many units are there at once: hands at a station, rings of a hob, balances, the teacher. */
export interface Resource {
  name: string;
  units: number;
}

/** An oven: one temperature at a time, so many places, and the time it takes to get hotter or cooler. */
export interface Oven {
  name: string;
  places: number;
  /** °C it gains in one tick while heating. */
  risePerTick: number;
  /** °C it loses in one tick while cooling. */
  fallPerTick: number;
  /** °C at the beginning; null: at whatever it is first wanted, for somebody heated it before. */
  startC: number | null;
  /** Ticks from cold, and from any temperature to any other, where they do not hang on how far it is. */
  flat?: { cold: number; change: number };
}

/** What a task asks of an oven. */
export interface OvenUse {
  places: number;
  /** Temperatures from a tick of the task on, the first from 0, °C. */
  profile: readonly { from: number; celsius: number }[];
  /** Nobody opens the door while it is in. */
  shut: boolean;
  /** Ovens it may go into, by index; none: any. */
  among: readonly number[];
}

/** Something that takes time and is not interrupted. */
export interface Task {
  /** Whole ticks. */
  duration: number;
  uses: readonly { resource: number; units: number }[];
  oven: OvenUse | null;
  /** The first tick at which it may start. */
  earliest: number;
  /** The last tick at which it may start; `Infinity`: whenever. */
  latest: number;
}

/**
 * `after` starts at least `gap` ticks after `before` starts. With a negative gap it is a most-lag: `before` starts at
 * most −gap ticks after `after` does.
 */
export interface Arc {
  before: number;
  after: number;
  gap: number;
}

/** Tasks, what binds them in time, and what they share. All times are whole ticks from the beginning. */
export interface Problem {
  tasks: readonly Task[];
  arcs: readonly Arc[];
  resources: readonly Resource[];
  ovens: readonly Oven[];
}

/** When each task starts, and in which oven; −1: in none. */
export interface Schedule {
  starts: readonly number[];
  ovenOf: readonly number[];
}

/** The tick at which the last task ends. */
export function makespan({ tasks }: Problem, { starts }: Schedule): number {
  return tasks.reduce((last, task, i) => Math.max(last, starts[i]! + task.duration), 0);
}

/** Ticks an oven needs from one temperature to another. */
export function changeTicks(oven: Oven, fromC: number, toC: number): number {
  if (oven.flat) return fromC === toC ? 0 : fromC === oven.startC ? oven.flat.cold : oven.flat.change;
  return Math.ceil(
    toC >= fromC ? (toC - fromC) / oven.risePerTick - 1e-9 : (fromC - toC) / oven.fallPerTick - 1e-9,
  );
}

export const firstC = (use: OvenUse): number => use.profile[0]!.celsius;
export const lastC = (use: OvenUse): number => use.profile[use.profile.length - 1]!.celsius;

/** °C a task wants so many ticks after it began. */
export function celsiusAt(use: OvenUse, tick: number): number {
  let celsius = firstC(use);
  for (const part of use.profile) if (part.from <= tick) celsius = part.celsius;
  return celsius;
}
