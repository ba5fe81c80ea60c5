import type { Allocation } from '../core/design';
import type { Place, Plan } from '../core/practical';
import type { RunClock } from '../core/run';
import { Id, OneOf, Optional, Whole } from './fields';

export type RunStatus = 'planned' | 'running' | 'finished';

/** Earliest and latest lesson the program takes, ms since 1970 (2000 to 2100). */
const momentRange = [946_684_800_000, 4_102_444_800_000] as const;

/** One class doing one revision of a practical on one day. */
export class NewRun {
  @Id() id!: string;
  @Id() practicalId!: string;
  @Whole(1, 1e9) revision!: number;
  @Id() roomId!: string;
  @Id() classId!: string;
  /** When the lesson begins, ms since 1970. */
  @Whole(...momentRange) startsAt!: number;
  @Whole(1, 40) stations!: number;
  @OneOf(['none', 'simulated']) probes!: 'none' | 'simulated';
  /** Draws the layout; left out, the server picks one. */
  @Optional() @Whole(0, 4_294_967_295) seed?: number;
}

/** Draws the layout anew; only before the start. */
export class NewLayout {
  @Whole(0, 4_294_967_295) seed!: number;
}

/** Takes a run that has not begun to another revision of its plan. */
export class OtherRevision {
  @Whole(1, 1e9) revision!: number;
}

/** How fast a simulated run goes. */
export class ClockSpeed {
  @OneOf([1, 10, 60]) speed!: number;
}

export interface Run {
  id: string;
  practicalId: string;
  revision: number;
  plan: Plan;
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
}

/** Where probe readings can come from: syrup has a simulation. */
export const speeds = [1, 10, 60] as const;
