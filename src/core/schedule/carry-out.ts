import { Heap } from './heap';
import { ovensCarriedOut } from './oven-places';
import type { Problem, Schedule } from './problem';

/** How a timetable went when it was carried out. Ticks, not whole ones. */
export interface CarriedOut {
  starts: Float64Array;
  ends: Float64Array;
  /** When the last task ended. */
  end: number;
  /** How long each task was ready before it could begin, for want of something shared. */
  waited: Float64Array;
  /** For want of what each task waited last: a resource by its index; those beyond the last are places in ovens; −1: none. */
  wanting: Int32Array;
  /** The task whose end, or start, each task began upon; −1: none. */
  upon: Int32Array;
}

/** A task is ready, or over. */
interface Event {
  at: number;
  task: number;
  over: boolean;
}

/** A task waits for the start or the end of another, and some ticks after it. */
interface Wait {
  task: number;
  after: 'start' | 'end';
  ticks: number;
}

/**
 * A timetable as a class carries it out, again and again: each task begins when what comes before it is over and what it
 * shares, a place in an oven too, is free, the earlier planned first where two want the same. In which order an oven is hot
 * and less hot stays as planned.
 */
export class Crew {
  /** Place of each task in the planned order. */
  readonly #turn: Int32Array;
  /** Tasks that wait for each task. */
  readonly #followers: Wait[][];
  readonly #waits: Int32Array;
  readonly #soonest: Float64Array;
  /** What each task takes, and how much there is: the problem’s resources, then places in ovens. */
  readonly #uses: { resource: number; units: number }[][];
  readonly #units: number[];

  constructor(
    readonly problem: Problem,
    readonly plan: Schedule,
  ) {
    const { tasks } = problem;
    const order = tasks.map((_, i) => i).sort((a, b) => plan.starts[a]! - plan.starts[b]! || a - b);
    this.#turn = new Int32Array(tasks.length);
    order.forEach((task, turn) => (this.#turn[task] = turn));
    this.#followers = tasks.map(() => []);
    this.#waits = new Int32Array(tasks.length);
    this.#soonest = Float64Array.from(tasks, ({ earliest }) => earliest);
    this.#uses = tasks.map(({ uses }) => [...uses]);
    this.#units = problem.resources.map(({ units }) => units);
    for (const { before, after, gap } of problem.arcs) {
      // What must not wait long for another is begun when the timetable says, not as soon as it can be.
      if (gap < 0) [before, after].forEach((task) => (this.#soonest[task] = plan.starts[task]!));
    }
    this.#byArcs();
    this.#byOvens();
  }

  /** @param durations of each task as it turns out, ticks */
  run(durations: ArrayLike<number>): CarriedOut {
    const { tasks } = this.problem;
    const starts = new Float64Array(tasks.length).fill(-1);
    const ends = new Float64Array(tasks.length).fill(-1);
    const waited = new Float64Array(tasks.length);
    const upon = new Int32Array(tasks.length).fill(-1);
    const wanting = new Int32Array(tasks.length).fill(-1);
    const free = [...this.#units];
    const freedBy = free.map(() => -1);
    const ready = this.#soonest.slice();
    const open = this.#waits.slice();
    /** What happens next, the soonest first. */
    const events = new Heap<Event>((a, b) => a.at - b.at);
    open.forEach((count, task) => {
      if (count === 0) events.push({ at: ready[task]!, task, over: false });
    });
    /** Ready, but for something shared; in the planned order. */
    const queue: number[] = [];
    const begin = (task: number, now: number) => {
      const uses = this.#uses[task]!;
      starts[task] = now;
      ends[task] = now + durations[task]!;
      waited[task] = now - ready[task]!;
      if (waited[task] > 1e-9) upon[task] = lastOf(uses, freedBy, ends);
      for (const { resource, units } of uses) free[resource]! -= units;
      events.push({ at: ends[task], task, over: true });
      for (const { task: other, after, ticks } of this.#followers[task]!) {
        const at = (after === 'end' ? ends[task] : now) + ticks;
        if (at > ready[other]! || upon[other] === -1) {
          ready[other] = Math.max(ready[other]!, at);
          upon[other] = task;
        }
        open[other]! -= 1;
        if (open[other] === 0) events.push({ at: ready[other]!, task: other, over: false });
      }
    };
    for (let next = events.top; next !== undefined; next = events.top) {
      const now = next.at;
      for (let event = next; event !== undefined && event.at <= now + 1e-9; event = events.top!) {
        events.pop();
        const { task, over } = event;
        if (!over) insert(queue, task, this.#turn);
        else {
          for (const { resource, units } of this.#uses[task]!) {
            free[resource]! += units;
            freedBy[resource] = task;
          }
        }
      }
      // Something shared that an earlier one waits for is not taken from under it by a later one.
      const wanted = new Set<number>();
      for (let i = 0; i < queue.length; i += 1) {
        const task = queue[i]!;
        const uses = this.#uses[task]!;
        const lacking = uses.find(({ resource, units }) => free[resource]! < units || wanted.has(resource));
        if (!lacking) {
          begin(queue.splice(i, 1)[0]!, now);
          i -= 1;
        } else {
          wanting[task] = lacking.resource;
          uses.forEach(({ resource }) => wanted.add(resource));
        }
      }
    }
    return { starts, ends, end: ends.reduce((last, end) => Math.max(last, end), 0), waited, wanting, upon };
  }

  #wait(task: number, on: Wait): void {
    this.#followers[on.task]!.push({ ...on, task });
    this.#waits[task]! += 1;
  }

  #byArcs(): void {
    const { tasks, arcs } = this.problem;
    for (const { before, after, gap } of arcs) {
      // Most-lags hold in the plan; a class that is late is late. Two that begin together wait in the planned order.
      if (gap < 0 || this.#turn[after]! < this.#turn[before]!) continue;
      const { duration } = tasks[before]!;
      this.#wait(
        after,
        gap >= duration
          ? { task: before, after: 'end', ticks: gap - duration }
          : { task: before, after: 'start', ticks: gap },
      );
    }
  }

  /** What comes out before another goes in, and the oven as hot as it has to be; places are shared like anything else. */
  #byOvens(): void {
    const { places, waits, soonest } = ovensCarriedOut(this.problem, this.plan);
    soonest.forEach((ticks, task) => {
      this.#soonest[task] = Math.max(this.#soonest[task]!, ticks);
    });
    for (const { task, on, after, ticks } of waits) this.#wait(task, { task: on, after, ticks });
    for (const { units, taken } of places) {
      const resource = this.#units.push(units) - 1;
      taken.forEach((own, task) => this.#uses[task]!.push({ resource, units: own }));
    }
  }
}

function insert(queue: number[], task: number, turn: Int32Array): void {
  let at = queue.length;
  while (at > 0 && turn[queue[at - 1]!]! > turn[task]!) at -= 1;
  queue.splice(at, 0, task);
}

/** Of the tasks that freed what is used, the one that ended last. */
function lastOf(
  uses: readonly { resource: number }[],
  freedBy: readonly number[],
  ends: Float64Array,
): number {
  let last = -1;
  for (const { resource } of uses) {
    const task = freedBy[resource]!;
    if (task >= 0 && (last < 0 || ends[task]! > ends[last]!)) last = task;
  }
  return last;
}
