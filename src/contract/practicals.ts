import type { Plan } from '../core/practical';
import { Id, Part, Whole } from './fields';
import { PlanDto } from './plan';
import type { RunStatus } from './runs';

/** A new practical with its first revision. */
export class NewPractical {
  @Id() id!: string;
  @Part(() => PlanDto) plan!: PlanDto;
}

/** An edit: the whole document, and the revision it started from. */
export class PlanEdit {
  @Whole(1, 1e9) basedOn!: number;
  @Part(() => PlanDto) plan!: PlanDto;
}

export interface Revision {
  number: number;
  savedAt: number;
  plan: Plan;
}

export interface PracticalSummary {
  id: string;
  title: string;
  question: string;
  revision: number;
  savedAt: number;
}

/** A run, as far as a practical’s own page asks. */
export interface RunSummary {
  id: string;
  practicalId: string;
  title: string;
  className: string;
  roomName: string;
  startsAt: number;
  periodMinutes: number;
  status: RunStatus;
}

export interface Practical extends Revision {
  id: string;
  runs: RunSummary[];
}

/** What a refused edit comes back with: both versions, so that nothing is lost. */
export interface StaleEdit {
  current: Revision;
  yours: Plan;
  basedOn: number;
}
