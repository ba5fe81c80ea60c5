import type { BatchFacts } from '../core/batch';
import type { Place, Plan } from '../core/practical';
import type { Remark } from '../core/remark';
import type { Blind, RunClock } from '../core/run';
import { about, id, list, number, oneOf, optional, record, text, whole, type Of } from '../core/shape';
import { classOf } from './class-of';

export type RunStatus = 'planned' | 'running' | 'finished';

/** Earliest and latest lesson the program takes, ms since 1970 (2000 to 2100). */
export const momentRange = [946_684_800_000, 4_102_444_800_000] as const;
const seed = () => whole(0, 4_294_967_295);

/** One class doing one revision of a practical on one day. */
const newRunShape = record('NewRun', {
  id: id(),
  practicalId: id(),
  revision: whole(1, 1e9),
  roomId: id(),
  classId: id(),
  startsAt: about('when the lesson begins, ms since 1970', whole(...momentRange)),
  stations: whole(1, 40),
  probes: oneOf(['none', 'simulated']),
  seed: optional(about('draws the layout; left out, the server picks one', seed())),
});
export const NewRun = classOf(newRunShape);
export type NewRun = Of<typeof newRunShape>;

/** Draws the layout anew; only before the start. */
export const NewLayout = classOf(record('NewLayout', { seed: seed() }));

/** Takes a run that has not begun to another revision of its plan. */
export const OtherRevision = classOf(record('OtherRevision', { revision: whole(1, 1e9) }));

/** How fast a simulated run goes. */
export const ClockSpeed = classOf(record('ClockSpeed', { speed: oneOf([1, 10, 60]) }));

/** Which treatment a station does. */
const allocationShape = record('Allocation', {
  station: whole(1, 99),
  treatmentId: about('ids of its levels, in the order of the factors, with dots between', text(200, 1)),
});
export const allocationListShape = list(allocationShape, 40, 1);
export type Allocation = Of<typeof allocationShape>;

/** As it was stored while a plan had one factor. */
export const allocationOfVersionOne = record('Allocation of version 1', {
  station: whole(1, 99),
  levelId: id(),
});

/** A stored allocation, of whichever version. */
export const readAllocation = (
  stored: readonly (Allocation | Of<typeof allocationOfVersionOne>)[],
): Allocation[] =>
  stored.map((one) => ('levelId' in one ? { station: one.station, treatmentId: one.levelId } : one));

export const clockShape = record('RunClock', {
  anchorRunMs: number(...momentRange),
  anchorWallMs: number(...momentRange),
  speed: number(0, 60),
});

export interface Run {
  id: string;
  practicalId: string;
  revision: number;
  plan: Plan;
  /** What the ingredients table knows of the plan’s batch. */
  batch: BatchFacts;
  roomId: string;
  /** The room as it was when the run began (until then, as it is). */
  place: Place;
  classId: string;
  className: string;
  students: number;
  unit: 'C' | 'F';
  startsAt: number;
  stations: number[];
  seed: number;
  allocation: Allocation[];
  probes: 'none' | 'simulated';
  status: RunStatus;
  startedAt: number | null;
  finishedAt: number | null;
  clock: RunClock | null;
}

/** A run with the moment the server read its wall clock, so that a client can set its own by it. */
export interface RunNow {
  run: Run;
  serverNow: number;
  /** Which database the server has: one put back from a copy is another. */
  epoch: string;
}

/** A run as a station has it: its own treatment and nothing of anybody else’s. */
export interface StationRun extends Run {
  /** Ids of the ingredients that are not the same at all stations. */
  varied: string[];
  /** What it is not to know of itself; null: nothing. */
  blind: Blind | null;
}

/** What the margin of its plan still says, in short: the most urgent first. */
export interface RunRemarks {
  open: Pick<Remark, 'id' | 'rank' | 'what'>[];
}

/** Where probe readings can come from: syrup has a simulation. */
export const speeds = [1, 10, 60] as const;
