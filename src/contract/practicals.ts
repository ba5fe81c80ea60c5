import { planShape, type Plan } from '../core/practical';
import { about, id, record, whole, type Of } from '../core/shape';
import { classOf } from './class-of';
import type { RunStatus } from './runs';

/** A new practical with its first revision. */
const newPracticalShape = record('NewPractical', { id: id(), plan: planShape });
export const NewPractical = classOf(newPracticalShape);
export type NewPractical = Of<typeof newPracticalShape>;

/** An edit: the whole document, and the revision it started from. */
const planEditShape = record('PlanEdit', {
  basedOn: about('the revision the edit began at', whole(1, 1e9)),
  plan: planShape,
});
export const PlanEdit = classOf(planEditShape);
export type PlanEdit = Of<typeof planEditShape>;

export interface Revision {
  number: number;
  savedAt: number;
  plan: Plan;
}

/** Some of the revisions of a practical, newest first. */
export interface RevisionPage {
  revisions: Revision[];
  /** Whether there are older ones. */
  earlier: boolean;
}

export interface PracticalSummary {
  id: string;
  title: string;
  question: string;
  revision: number;
  savedAt: number;
  /** Put away: in the library only. */
  archived: boolean;
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
