import type { Arc, Problem } from './problem';

/** Arcs by the task they leave and the task they reach, as indices into `arcs`. */
export interface Network {
  readonly from: readonly (readonly number[])[];
  readonly to: readonly (readonly number[])[];
}

export function networkOf({ tasks, arcs }: Pick<Problem, 'tasks' | 'arcs'>): Network {
  const from: number[][] = tasks.map(() => []);
  const to: number[][] = tasks.map(() => []);
  arcs.forEach(({ before, after }, i) => {
    from[before]!.push(i);
    to[after]!.push(i);
  });
  return { from, to };
}

/** Why no times at all can hold, whatever is shared. */
export type Clash =
  /** Arcs that follow one another in a ring and together ask a task to start after itself. */
  | { kind: 'circle'; arcs: number[]; excess: number }
  /** A task that what comes before it pushes past the last tick at which it may start. */
  | { kind: 'late'; task: number; earliest: number; latest: number };

export interface Windows {
  /** First tick at which each task can start, nothing being shared. */
  low: number[];
  /** Last tick at which each task can start; `Infinity`: whenever. */
  high: number[];
}

/** First and last starts by what comes before and after alone, or why there are none. */
export function windowsOf(problem: Problem, network: Network = networkOf(problem)): Windows | Clash {
  const { tasks, arcs } = problem;
  const low = tasks.map(({ earliest }) => earliest);
  const high = tasks.map(({ latest }) => latest);
  // Bellman and Ford: after as many rounds as there are tasks, only a ring still moves anything.
  const came: (number | null)[] = tasks.map(() => null);
  let moved: number | null = null;
  for (let round = 0; round <= tasks.length; round += 1) {
    moved = null;
    arcs.forEach(({ before, after, gap }, i) => {
      if (low[before]! + gap <= low[after]!) return;
      low[after] = low[before]! + gap;
      came[after] = i;
      moved = after;
    });
    if (moved === null) break;
  }
  if (moved !== null) return ringThrough(moved, came, arcs);
  // Wherever nothing holds, some task with a last start of its own is pushed past it: that is the one to name.
  const late = tasks.findIndex(({ latest }, i) => low[i]! > latest);
  if (late !== -1) return { kind: 'late', task: late, earliest: low[late]!, latest: high[late]! };
  pullHighs(
    tasks.map((_, i) => i),
    high,
    arcs,
    network,
  );
  return { low, high };
}

export const isClash = (found: Windows | Clash): found is Clash => 'kind' in found;

function ringThrough(task: number, came: readonly (number | null)[], arcs: readonly Arc[]): Clash {
  let inRing = task;
  for (let i = 0; i < came.length; i += 1) inRing = arcs[came[inRing]!]!.before;
  const ring: number[] = [];
  let at = inRing;
  do {
    ring.unshift(came[at]!);
    at = arcs[came[at]!]!.before;
  } while (at !== inRing);
  return { kind: 'circle', arcs: ring, excess: ring.reduce((sum, i) => sum + arcs[i]!.gap, 0) };
}

/** Pulls last starts back along the arcs to `tasks`, as far as they move. There is no ring. */
function pullHighs(tasks: readonly number[], high: number[], arcs: readonly Arc[], { to }: Network): void {
  const waiting = [...tasks];
  for (let at = waiting.pop(); at !== undefined; at = waiting.pop()) {
    if (high[at] === Infinity) continue;
    for (const i of to[at]!) {
      const { before, gap } = arcs[i]!;
      if (high[at]! - gap >= high[before]!) continue;
      high[before] = high[at]! - gap;
      waiting.push(before);
    }
  }
}

/** Ticks from the start of each task to the end of the last that must follow it: the way that is left. */
export function tailsOf({ tasks, arcs }: Problem, { to }: Network): number[] {
  const tail = tasks.map(({ duration }) => duration);
  const waiting = tasks.map((_, i) => i);
  for (let at = waiting.pop(); at !== undefined; at = waiting.pop()) {
    for (const i of to[at]!) {
      const { before, gap } = arcs[i]!;
      if (tail[at]! + gap <= tail[before]!) continue;
      tail[before] = tail[at]! + gap;
      waiting.push(before);
    }
  }
  return tail;
}

/**
 * Tasks bound to one another both ways, by a most-lag, as blocks in an order in which each block comes after all it must
 * follow. By Tarjan’s strongly connected components.
 */
export function blocksOf(problem: Pick<Problem, 'tasks' | 'arcs'>, network: Network): number[][] {
  const { tasks, arcs } = problem;
  const index: number[] = tasks.map(() => -1);
  const reach: number[] = tasks.map(() => 0);
  const onStack: boolean[] = tasks.map(() => false);
  const stack: number[] = [];
  const blocks: number[][] = [];
  let count = 0;
  const open = (task: number) => {
    index[task] = reach[task] = count;
    count += 1;
    stack.push(task);
    onStack[task] = true;
    return { task, next: 0 };
  };
  tasks.forEach((_, root) => {
    if (index[root] !== -1) return;
    const visits = [open(root)];
    while (visits.length > 0) {
      const visit = visits[visits.length - 1]!;
      const arc = network.from[visit.task]![visit.next];
      visit.next += 1;
      if (arc !== undefined) {
        const other = arcs[arc]!.after;
        if (index[other] === -1) visits.push(open(other));
        else if (onStack[other]) reach[visit.task] = Math.min(reach[visit.task]!, index[other]!);
        continue;
      }
      visits.pop();
      const parent = visits[visits.length - 1];
      if (parent) reach[parent.task] = Math.min(reach[parent.task]!, reach[visit.task]!);
      if (reach[visit.task] === index[visit.task]) {
        const block: number[] = [];
        let member: number;
        do {
          member = stack.pop()!;
          onStack[member] = false;
          block.push(member);
        } while (member !== visit.task);
        blocks.push(block);
      }
    }
  });
  return blocks.reverse().map((block) => block.sort((a, b) => a - b));
}

/** For each task of a block, those of it that a least-lag puts before it. */
export function firstInBlock(
  blocks: readonly (readonly number[])[],
  arcs: readonly Arc[],
  { to }: Network,
): number[][] {
  const blockOf: number[] = [];
  blocks.forEach((block, b) => block.forEach((task) => (blockOf[task] = b)));
  const first: number[][] = blockOf.map(() => []);
  const comesFirst = (before: number, after: number) =>
    to[after]!.some((i) => arcs[i]!.before === before && arcs[i]!.gap >= 0);
  blockOf.forEach((block, task) => {
    for (const i of to[task]!) {
      const { before, gap } = arcs[i]!;
      if (gap < 0 || before === task || blockOf[before] !== block) continue;
      // Two that start together wait for each other: the one listed first goes.
      if (comesFirst(task, before) && task < before) continue;
      first[task]!.push(before);
    }
  });
  return first;
}
