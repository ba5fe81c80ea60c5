import { Heap } from './heap';
import type { Placing, Stuck } from './placing';
import type { Schedule } from './problem';

/** Blocks of tasks, and which must be placed before which. */
export interface Blocks {
  /** Tasks of each block, each after those a least-lag puts before it. */
  members: readonly (readonly number[])[];
  /** Tasks of the same block that must be placed before each task. */
  first: readonly (readonly number[])[];
  /** Blocks that wait for a block. */
  followers: readonly (readonly number[])[];
  /** How many blocks each waits for. */
  waitsFor: readonly number[];
  /** Blocks with a last start of their own, placed before all others. */
  fixed: readonly boolean[];
}

/** What a timetable is made from: a rank of each task, the oven it would rather go into, ticks it is held back. */
export interface Genes {
  rank: Float64Array;
  /** −1: whichever takes it first. */
  oven: Int8Array;
  hold: Int16Array;
}

/** The block that found no room, and what it lacked. */
export interface Failure {
  block: number;
  stuck: Stuck | null;
}

/** How often a block is tried again further on before it counts as not to be placed. */
const tries = 400;

/**
 * Serial generation: of the blocks whose forerunners are placed, the one with the smallest rank comes next, each of its tasks
 * where it fits first. A task that would start too long after another of its block sends that one further on.
 *
 * @param stuck is told where some block finds no room; the answer is null then
 */
export function decode(placing: Placing, blocks: Blocks, genes: Genes, stuck: Failure): Schedule | null {
  placing.clear();
  const rank = blocks.members.map((members) =>
    members.reduce((least, task) => Math.min(least, genes.rank[task]!), Infinity),
  );
  const heap = new Heap<number>((a, b) =>
    blocks.fixed[a] === blocks.fixed[b] ? rank[a]! - rank[b]! || a - b : blocks.fixed[a] ? -1 : 1,
  );
  const waits = [...blocks.waitsFor];
  const done = blocks.members.map(() => false);
  blocks.members.forEach((_, b) => {
    if (waits[b] === 0 || blocks.fixed[b]) heap.push(b);
  });
  for (let block = heap.pop(); block !== undefined; block = heap.pop()) {
    if (done[block]) continue;
    done[block] = true;
    const failed = placeBlock(placing, blocks, blocks.members[block]!, genes);
    if (failed) {
      stuck.block = block;
      stuck.stuck = failed;
      return null;
    }
    for (const follower of blocks.followers[block]!) {
      waits[follower]! -= 1;
      if (waits[follower] === 0 && !done[follower]) heap.push(follower);
    }
  }
  return placing.schedule();
}

function placeBlock(
  placing: Placing,
  blocks: Blocks,
  members: readonly number[],
  genes: Genes,
): Stuck | null {
  const order = members.length === 1 ? members : byRank(members, blocks.first, genes.rank);
  for (const member of members) placing.release[member] = placing.low[member]! + genes.hold[member]!;
  const mark = placing.count;
  let stuck: Stuck | null = null;
  for (let attempt = 0; attempt < tries; attempt += 1) {
    stuck = null;
    for (const member of order) {
      stuck = placing.place(member, genes.oven[member]);
      if (stuck) break;
    }
    if (!stuck) return null;
    // Only one of the same block can be sent further on.
    if (stuck.short === Infinity || !members.includes(stuck.heldBy)) return stuck;
    const from = placing.starts[stuck.heldBy]! + stuck.short;
    placing.backTo(mark);
    placing.release[stuck.heldBy] = from;
  }
  return stuck;
}

/** Tasks of a block by their rank, each after those that must be placed before it. */
function byRank(members: readonly number[], first: Blocks['first'], rank: Float64Array): number[] {
  const left = [...members];
  const order: number[] = [];
  while (left.length > 0) {
    let best = -1;
    for (const task of left) {
      if (first[task]!.some((before) => left.includes(before))) continue;
      if (best < 0 || rank[task]! < rank[best]!) best = task;
    }
    if (best < 0) best = left[0]!;
    left.splice(left.indexOf(best), 1);
    order.push(best);
  }
  return order;
}
