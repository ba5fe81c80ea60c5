import type { Pantry } from '../order';
import type { Plan, StationPlan } from '../practical';
import type { WorkingLine } from '../working';

/** What is short, and how things stand. */
export interface ShortAsked {
  plan: Plan;
  /** Batches that have not begun with it: of stations, and with no station what is shown; spares apart. */
  batches: readonly { station: number | null; treatmentId: string | null; own: StationPlan }[];
  /** Batches kept ready of each treatment beyond its stations. */
  spares: number;
  ingredientId: string;
  /** What of it is there, g. */
  haveG: number;
  pantry: Pantry;
  /** Whether somebody can still go to a shop. */
  canBuy: boolean;
}

export type WayOutKind = 'buy' | 'spares' | 'leave-out' | 'smaller' | 'swap' | 'fewer';

/** One answer to something short: what to do, what it comes to, and what it costs the fair test. */
export interface WayOut {
  kind: WayOutKind;
  /** “batches of 0.84”. */
  name: string;
  /** What is done, with its amounts, as a sentence for the log. */
  words: string;
  /** 0 nothing, 1 the same at every station, 2 fewer repeats or another result to be expected, 3 it is no longer the same question. */
  testCost: 0 | 1 | 2 | 3;
  testWords: string;
  working: WorkingLine[];
  /** Every station’s amounts times this; 1 where they stay. */
  factor: number;
}

export interface Short {
  name: string;
  neededG: number;
  shortG: number;
  ways: WayOut[];
}

/** A batch with what of the ingredient it takes. */
export type Taking = ShortAsked['batches'][number] & { grams: number };

/** What is asked, worked out so far. */
export interface Reckoned extends ShortAsked {
  batches: readonly Taking[];
  line: Plan['formula'][number];
  name: string;
  /** Who takes of it, in words. */
  who: string;
  /** What the batches take, spares apart. */
  stationsG: number;
  /** What each spare takes, the least first. */
  sparesG: readonly number[];
  shortG: number;
}

/** Whether a factor acts on what is short. */
export const isTested = ({ plan, ingredientId }: Reckoned) =>
  plan.factors.some(({ acts }) => 'ingredientId' in acts && acts.ingredientId === ingredientId);
