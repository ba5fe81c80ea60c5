import { Heap } from './heap';
import { changeTicks, firstC, lastC, type Problem, type Schedule } from './problem';

/** How a timetable went when it was carried out. Ticks, not whole ones. */
export interface CarriedOut {
  starts: Float64Array;
  ends: Float64Array;
  /** When the last task ended. */
  end: number;
  /** How long each task was ready before it could begin, for want of something shared. */
  waited: Float64Array;
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
 * shares is free, the earlier planned first where two want the same. Which oven, and in which order an oven is hot and less
 * hot, stay as planned.
 */
export class Crew {
  /** Place of each task in the planned order. */
  readonly #turn: Int32Array;
  /** Tasks that wait for each task. */
  readonly #followers: Wait[][];
  readonly #waits: Int32Array;
  readonly #soonest: Float64Array;

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
    for (const { before, after, gap } of problem.arcs) {
      // What must not wait long for another is begun when the timetable says, not as soon as it can be.
      if (gap < 0) [before, after].forEach((task) => (this.#soonest[task] = plan.starts[task]!));
    }
    this.#byArcs();
    this.#byOvens(order);
  }

  /** @param durations of each task as it turns out, ticks */
  run(durations: ArrayLike<number>): CarriedOut {
    const { tasks, resources } = this.problem;
    const starts = new Float64Array(tasks.length).fill(-1);
    const ends = new Float64Array(tasks.length).fill(-1);
    const waited = new Float64Array(tasks.length);
    const upon = new Int32Array(tasks.length).fill(-1);
    const free = resources.map(({ units }) => units);
    const freedBy = resources.map(() => -1);
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
      const { uses } = tasks[task]!;
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
          for (const { resource, units } of tasks[task]!.uses) {
            free[resource]! += units;
            freedBy[resource] = task;
          }
        }
      }
      // Something shared that an earlier one waits for is not taken from under it by a later one.
      const wanted = new Set<number>();
      for (let i = 0; i < queue.length; i += 1) {
        const { uses } = tasks[queue[i]!]!;
        if (uses.every(({ resource, units }) => free[resource]! >= units && !wanted.has(resource))) {
          begin(queue.splice(i, 1)[0]!, now);
          i -= 1;
        } else uses.forEach(({ resource }) => wanted.add(resource));
      }
    }
    return { starts, ends, end: ends.reduce((last, end) => Math.max(last, end), 0), waited, upon };
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

  /** What was planned to be out of an oven first is out, and the oven as hot as it has to be. */
  #byOvens(order: readonly number[]): void {
    const { tasks, ovens } = this.problem;
    const { starts, ovenOf } = this.plan;
    ovens.forEach((oven, o) => {
      const inside = order.filter((task) => ovenOf[task] === o);
      inside.forEach((task, i) => {
        const use = tasks[task]!.oven!;
        if (oven.startC !== null) {
          this.#soonest[task] = Math.max(this.#soonest[task]!, changeTicks(oven, oven.startC, firstC(use)));
        }
        for (const other of inside.slice(0, i)) {
          const before = tasks[other]!.oven!;
          if (starts[other]! + tasks[other]!.duration <= starts[task]!) {
            this.#wait(task, {
              task: other,
              after: 'end',
              ticks: changeTicks(oven, lastC(before), firstC(use)),
            });
          } else if (before.shut || use.shut || before.profile.length > 1 || use.profile.length > 1) {
            // Planned beside one another behind a shut door: they go in together.
            this.#wait(task, { task: other, after: 'start', ticks: 0 });
          }
        }
      });
    });
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
