import { seededRandom } from '../random';
import { lowerBound, type Bound } from './bound';
import { isClash, networkOf, windowsOf, type Clash } from './network';
import { fitsNone } from './oven-fit';
import { Placing } from './placing';
import { changeTicks, type Problem, type Schedule } from './problem';
import { Search } from './search';

/** Why there is no timetable at all. */
export type Impossible =
  | Clash
  /** A task asks for more of something than there is. */
  | { kind: 'too-few'; task: number; resource: number }
  | { kind: 'no-oven'; task: number }
  /** Tasks held by a last start find no room beside the others: the tasks of one block. */
  | { kind: 'no-room'; tasks: readonly number[] };

export interface Solved {
  schedule: Schedule;
  /** The tick at which the last task ends. */
  ends: number;
  bound: Bound;
  /** Nothing shorter is possible. */
  proved: boolean;
  /** Timetables that were tried. */
  tried: number;
}

export interface SolveSettings {
  /** Ends the search; asked after each timetable tried. */
  enough?: (soFar: { ends: number; bound: number; tried: number }) => boolean;
  /** Most timetables tried, default 2000. */
  most?: number;
  seed?: number;
}

export const isImpossible = (found: Solved | Impossible): found is Impossible => 'kind' in found;

/**
 * A short timetable that keeps every condition: serial generation by several rules, each pushed right and left again
 * (double justification, Valls, Ballestín and Quintanilla 2005), then a search over the ranks of blocks.
 */
export function solve(problem: Problem, settings: SolveSettings = {}): Solved | Impossible {
  const network = networkOf(problem);
  const windows = windowsOf(problem, network);
  if (isClash(windows)) return windows;
  const lacking = lacks(problem);
  if (lacking) return lacking;
  const bound = lowerBound(problem, network, windows);
  const search = new Search(problem, network, new Placing(problem, network, windows, horizonOf(problem)));
  const { most = 2000, seed = 1, enough = () => false } = settings;
  const random = seededRandom(seed);
  const over = () =>
    search.tried >= most ||
    (search.best !== null &&
      (search.best.ends <= bound.ticks ||
        enough({ ends: search.best.ends, bound: bound.ticks, tried: search.tried })));
  search.byRules(random, over);
  search.improve(random, over);
  if (!search.best) return { kind: 'no-room', tasks: search.blocks.members[search.stuck.block] ?? [] };
  const { schedule, ends } = search.best;
  return { schedule, ends, bound, proved: ends <= bound.ticks, tried: search.tried };
}

function lacks({ tasks, resources, ovens }: Problem): Impossible | null {
  for (const [i, task] of tasks.entries()) {
    const short = task.uses.find(({ resource, units }) => units > resources[resource]!.units);
    if (short) return { kind: 'too-few', task: i, resource: short.resource };
    if (fitsNone(task, ovens)) return { kind: 'no-oven', task: i };
  }
  return null;
}

/** Ticks within which any sensible timetable ends: everything one after the other. */
function horizonOf({ tasks, arcs, ovens }: Problem): number {
  const slowest = Math.max(
    0,
    ...ovens.map((oven) => changeTicks(oven, oven.startC ?? 20, 260) + changeTicks(oven, 260, 20)),
  );
  const work = tasks.reduce((sum, { duration, oven }) => sum + duration + (oven ? slowest : 0), 0);
  const lags = arcs.reduce((sum, { before, gap }) => sum + Math.max(0, gap - tasks[before]!.duration), 0);
  const waits = Math.max(
    0,
    ...tasks.map(({ earliest, latest }) => (latest === Infinity ? earliest : Math.max(earliest, latest))),
  );
  return work + lags + waits + 1;
}
