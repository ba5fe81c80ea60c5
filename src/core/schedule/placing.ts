import type { Network, Windows } from './network';
import { ovenFit, type InOven } from './oven-fit';
import type { Problem, Schedule } from './problem';

/** What a task that found no room needs: so many ticks more, and the placed task that held it back. */
export interface Stuck {
  task: number;
  short: number;
  /** −1: nothing placed, but a last start of its own. */
  heldBy: number;
}

/**
 * Tasks on a timetable that fills up: what is taken at each tick, what is in each oven, and between which ticks each task
 * not yet placed may still start. Placing can be taken back, last first.
 */
export class Placing {
  readonly starts: Int32Array;
  readonly ovenOf: Int16Array;
  readonly low: Float64Array;
  readonly high: Float64Array;
  /** First starts a task is held to beyond what its arcs ask. */
  readonly release: Float64Array;
  readonly #heldBy: Int32Array;
  readonly #taken: Int16Array[];
  readonly #inside: InOven[][];
  /** Ovens, those that fewest are bound to first: who may go into any leaves the others to them. */
  readonly #ovens: readonly number[];
  readonly #trail: { list: Float64Array | Int32Array; at: number; was: number }[] = [];
  readonly #placed: { task: number; mark: number }[] = [];

  constructor(
    readonly problem: Problem,
    readonly network: Network,
    readonly windows: Windows,
    readonly horizon: number,
  ) {
    const count = problem.tasks.length;
    this.starts = new Int32Array(count).fill(-1);
    this.ovenOf = new Int16Array(count).fill(-1);
    this.low = Float64Array.from(windows.low);
    this.high = Float64Array.from(windows.high);
    this.release = new Float64Array(count);
    this.#heldBy = new Int32Array(count).fill(-1);
    this.#taken = problem.resources.map(() => new Int16Array(horizon));
    this.#inside = problem.ovens.map(() => []);
    const bound = problem.ovens.map((_, o) =>
      problem.tasks.reduce(
        (sum, { oven, duration }) =>
          sum + (oven?.among.includes(o) ? (duration * oven.places) / oven.among.length : 0),
        0,
      ),
    );
    this.#ovens = bound.map((_, o) => o).sort((a, b) => bound[a]! - bound[b]! || a - b);
  }

  /** Begins anew. */
  clear(): void {
    this.starts.fill(-1);
    this.ovenOf.fill(-1);
    this.low.set(this.windows.low);
    this.high.set(this.windows.high);
    this.release.fill(0);
    this.#heldBy.fill(-1);
    this.#taken.forEach((ticks) => ticks.fill(0));
    this.#inside.forEach((inside) => (inside.length = 0));
    this.#trail.length = 0;
    this.#placed.length = 0;
  }

  get count(): number {
    return this.#placed.length;
  }

  /**
   * Puts a task where it fits first; what it needs when it does not fit.
   *
   * @param rather the oven to take where it takes it in time; −1: whichever takes it first
   */
  place(task: number, rather = -1): Stuck | null {
    const first = Math.max(this.low[task]!, this.release[task]!);
    const high = this.high[task]!;
    let { start, oven } = this.#firstFit(task, first, rather);
    if (rather >= 0 && (start > high || start >= this.horizon)) {
      ({ start, oven } = this.#firstFit(task, first, -1));
    }
    if (start >= this.horizon) return { task, short: Infinity, heldBy: -1 };
    if (start > high) return { task, short: start - high, heldBy: this.#heldBy[task]! };
    this.#put(task, start, oven);
    return null;
  }

  /** Takes back placings until `count` are left. */
  backTo(count: number): void {
    while (this.#placed.length > count) {
      const { task, mark } = this.#placed.pop()!;
      this.#book(task, -1);
      const oven = this.ovenOf[task]!;
      // The last placed is the last in its oven.
      if (oven >= 0) this.#inside[oven]!.pop();
      this.starts[task] = -1;
      this.ovenOf[task] = -1;
      while (this.#trail.length > mark) {
        const { list, at, was } = this.#trail.pop()!;
        list[at] = was;
      }
    }
  }

  schedule(): Schedule {
    return { starts: Array.from(this.starts), ovenOf: Array.from(this.ovenOf) };
  }

  #firstFit(task: number, first: number, only: number): { start: number; oven: number } {
    const { oven: use, duration } = this.problem.tasks[task]!;
    if (use === null) return { start: this.#resourcesFrom(task, first), oven: -1 };
    let best = { start: Infinity, oven: -1 };
    this.#ovens.forEach((o) => {
      if ((only >= 0 && o !== only) || (use.among.length > 0 && !use.among.includes(o))) return;
      const oven = this.problem.ovens[o]!;
      const inside = this.#inside[o]!;
      let start = first;
      while (start < best.start && start < this.horizon) {
        const free = this.#resourcesFrom(task, start);
        const fits = ovenFit(oven, inside, use, free, free + duration);
        if (fits === free) {
          if (free < best.start) best = { start: free, oven: o };
          return;
        }
        start = fits;
      }
    });
    return best;
  }

  /** The first tick from `start` on at which everything a task uses is free for as long as it takes. */
  #resourcesFrom(task: number, start: number): number {
    const { uses, duration } = this.problem.tasks[task]!;
    let from = start;
    for (let i = 0; i < uses.length; i += 1) {
      const { resource, units } = uses[i]!;
      const ticks = this.#taken[resource]!;
      const most = this.problem.resources[resource]!.units - units;
      if (most < 0) return Infinity;
      for (let at = Math.min(from + duration, this.horizon) - 1; at >= from; at -= 1) {
        if (ticks[at]! <= most) continue;
        from = at + 1;
        at = Math.min(from + duration, this.horizon);
        i = -1;
      }
    }
    return from;
  }

  #put(task: number, start: number, oven: number): void {
    this.#placed.push({ task, mark: this.#trail.length });
    this.starts[task] = start;
    this.ovenOf[task] = oven;
    this.#book(task, 1);
    const { oven: use, duration } = this.problem.tasks[task]!;
    if (use && oven >= 0) this.#inside[oven]!.push({ use, from: start, to: start + duration });
    this.#set(this.low, task, start);
    this.#set(this.high, task, start);
    this.#spread(task);
  }

  #book(task: number, sign: 1 | -1): void {
    const { uses, duration } = this.problem.tasks[task]!;
    const start = this.starts[task]!;
    for (const { resource, units } of uses) {
      const ticks = this.#taken[resource]!;
      for (let at = start; at < start + duration; at += 1) ticks[at]! += sign * units;
    }
  }

  #set(list: Float64Array | Int32Array, at: number, value: number): void {
    this.#trail.push({ list, at, was: list[at]! });
    list[at] = value;
  }

  /** What the start of one task means for when others may start. */
  #spread(task: number): void {
    const { arcs } = this.problem;
    const later = [task];
    for (let at = later.pop(); at !== undefined; at = later.pop()) {
      for (const i of this.network.from[at]!) {
        const { after, gap } = arcs[i]!;
        if (this.low[at]! + gap <= this.low[after]!) continue;
        this.#set(this.low, after, this.low[at]! + gap);
        later.push(after);
      }
    }
    const sooner = [task];
    for (let at = sooner.pop(); at !== undefined; at = sooner.pop()) {
      for (const i of this.network.to[at]!) {
        const { before, gap } = arcs[i]!;
        if (this.high[at]! - gap >= this.high[before]!) continue;
        this.#set(this.high, before, this.high[at]! - gap);
        this.#set(this.#heldBy, before, task);
        sooner.push(before);
      }
    }
  }
}
