import type { Place, Plan } from '../practical';
import type { Remark } from '../remark';

export type Section = 'question' | 'fair-test' | 'formula' | 'method' | 'time';

/** The line of the sheet a remark stands beside. */
export interface Anchor {
  section: Section;
  /** Id of the level, response, ingredient, step … it is about. */
  item?: string;
}

export interface Remedy {
  label: string;
  /** The plan with the remedy taken: a new object, the old one untouched. */
  apply(plan: Plan): Plan;
}

/** What the margin says about a plan. */
export interface PlanRemark extends Remark {
  at: Anchor;
  remedy?: Remedy;
}

/** A room a practical could be moved to. */
export interface RoomChoice {
  id: string;
  place: Place;
}

/** What the timetable of a lesson says of its end. */
export interface LaidOut {
  /** When the last station has cleared up, minutes after the bell that begins it; null: no timetable can hold. */
  endsMin: number | null;
  /** Why none can hold; empty where one does. */
  impossible: string;
}

/** What a rule may look at. */
export interface ReviewContext {
  plan: Plan;
  /** The room the practical is planned in; null when none is chosen. */
  place: Place | null;
  rooms: readonly RoomChoice[];
  /** Its timetable; null, or left out: not yet laid out, and then nothing is said of the bell. */
  laid?: LaidOut | null;
}

export type Rule = (context: ReviewContext) => PlanRemark[];
