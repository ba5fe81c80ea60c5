import type { Network, Windows } from './network';
import { tailsOf } from './network';
import { changeTicks, firstC, type Problem } from './problem';

/** A tick before which the work cannot end, and what says so. */
export interface Bound {
  ticks: number;
  by: { kind: 'path' } | { kind: 'resource'; resource: number } | { kind: 'ovens'; ovens: readonly number[] };
}

/**
 * The greatest of: the longest chain of tasks that must follow one another; for each resource and for the ovens together, the
 * work that must pass through them, with the least that must come before and after it.
 */
export function lowerBound(problem: Problem, network: Network, windows: Windows): Bound {
  const tails = tailsOf(problem, network);
  const { tasks, ovens } = problem;
  const heads = tasks.map(({ oven }, i) => {
    if (!oven) return windows.low[i]!;
    const warm = ovens
      .filter((_, o) => oven.among.length === 0 || oven.among.includes(o))
      .map((one) => (one.startC === null ? 0 : changeTicks(one, one.startC, firstC(oven))));
    return Math.max(windows.low[i]!, Math.min(...warm));
  });
  let best: Bound = {
    ticks: tasks.reduce((longest, _, i) => Math.max(longest, heads[i]! + tails[i]!), 0),
    by: { kind: 'path' },
  };
  const consider = (ticks: number, by: Bound['by']) => {
    if (ticks > best.ticks) best = { ticks, by };
  };
  problem.resources.forEach(({ units }, resource) => {
    const passing = tasks.flatMap((task, i) => {
      const taken = task.uses.find((use) => use.resource === resource)?.units ?? 0;
      return taken > 0
        ? [{ head: heads[i]!, ticks: task.duration, tail: tails[i]! - task.duration, taken }]
        : [];
    });
    consider(throughput(passing, usable([units], passing)), { kind: 'resource', resource });
  });
  for (const among of ovenSets(problem)) {
    const passing = tasks.flatMap((task, i) =>
      task.oven && isWithin(task.oven.among, among, ovens.length)
        ? [
            {
              head: heads[i]!,
              ticks: task.duration,
              tail: tails[i]! - task.duration,
              taken: task.oven.places,
            },
          ]
        : [],
    );
    const places = usable(
      among.map((o) => ovens[o]!.places),
      passing,
    );
    consider(throughput(passing, places), { kind: 'ovens', ovens: among });
  }
  return best;
}

/** Ovens that some tasks must pass through and no others: all of them, and each set that tasks are bound to. */
function ovenSets({ tasks, ovens }: Problem): number[][] {
  const sets = new Map([['', ovens.map((_, o) => o)]]);
  for (const { oven } of tasks)
    if (oven && oven.among.length > 0) sets.set(oven.among.join(), [...oven.among]);
  return [...sets.values()];
}

const isWithin = (own: readonly number[], among: readonly number[], count: number): boolean =>
  own.length === 0 ? among.length === count : own.every((o) => among.includes(o));

interface Passing {
  head: number;
  ticks: number;
  tail: number;
  taken: number;
}

/** Units that can be taken at once: of five places, tasks of two take four. */
function usable(units: readonly number[], passing: readonly Passing[]): number {
  const [first] = passing;
  const each = first && passing.every(({ taken }) => taken === first.taken) ? first.taken : 1;
  return units.reduce((sum, one) => sum + Math.floor(one / each) * each, 0);
}

/**
 * Least end of tasks that pass through something of so many units. Over the sets of those with the longest heads and tails:
 * each unit waits for its first task and is followed by what its last must be followed by.
 */
function throughput(passing: readonly Passing[], units: number): number {
  let best = 0;
  const heads = [...new Set(passing.map(({ head }) => head))].sort((a, b) => b - a).slice(0, 12);
  const tails = [...new Set(passing.map(({ tail }) => tail))].sort((a, b) => b - a).slice(0, 12);
  const widest =
    passing.length <= 200 ? { heads, tails } : { heads: heads.slice(-2), tails: tails.slice(-2) };
  for (const least of widest.heads) {
    for (const after of widest.tails) {
      const set = passing.filter(({ head, tail }) => head >= least && tail >= after);
      if (set.length === 0) continue;
      const work = set.reduce((sum, { ticks, taken }) => sum + ticks * taken, 0);
      best = Math.max(best, Math.ceil((work + firstUnits(set, units)) / units - 1e-9));
    }
  }
  return best;
}

/** Unit-ticks that are lost before the first and after the last task of each unit, at least. */
function firstUnits(set: readonly Passing[], units: number): number {
  const lost = (of: 'head' | 'tail') => {
    let left = units;
    let sum = 0;
    for (const one of [...set].sort((a, b) => a[of] - b[of])) {
      if (left === 0) break;
      const taking = Math.min(one.taken, left);
      sum += taking * one[of];
      left -= taking;
    }
    // Units no task of the set needs at once lose at least as much as the least of them: they stand still all along.
    return sum + left * (set.length === 0 ? 0 : Math.min(...set.map((one) => one[of])));
  };
  return lost('head') + lost('tail');
}
