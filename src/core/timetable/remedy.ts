import type { Plan } from '../practical';

/** A change of the plan that may make its lesson fit. */
export interface Remedy {
  id: string;
  /** What it does, on a button. */
  label: string;
  /** What it costs the lesson or the fair test. */
  cost: string;
  apply(plan: Plan): Plan;
}
