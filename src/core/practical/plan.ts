import type { LevelOrder } from '../design';
import type { AmountUnit } from '../formula';
import type { HazardId } from '../safety';

/** One setting of the factor. A number with the factor's unit, or words. */
export interface Level {
  id: string;
  value: number | null;
  words: string;
  control: boolean;
}

/** `target`: each level is a temperature (given for sea level) that ends a step. */
export type FactorKind = 'target' | 'number' | 'words';

/** The independent variable. */
export interface Factor {
  name: string;
  kind: FactorKind;
  unit: string;
  levels: Level[];
}

/** A dependent variable. */
export interface Response {
  id: string;
  name: string;
  unit: string;
  instrument: string;
  /** Smallest division of the instrument, in `unit`. */
  smallestDivision: number | null;
}

export interface HeldConstant {
  id: string;
  what: string;
  how: string;
}

/** Something that cannot be held, and so is at least written down. */
export interface NotedVariable {
  id: string;
  what: string;
}

export interface Ingredient {
  id: string;
  name: string;
  amount: number | null;
  unit: AmountUnit;
  /** What it does in the batch: structure, leavening base, browning sugar … */
  job: string;
}

/** What ends a step. `level` means the station's own level of a `target` factor. */
export type Endpoint =
  | { kind: 'time' }
  | { kind: 'appearance'; look: string }
  | { kind: 'level' }
  | { kind: 'temperature'; celsius: number; basis: 'sea-level' | 'as-read' };

export type StepWhen = 'before' | 'lesson' | 'after';

export interface Step {
  id: string;
  text: string;
  hands: 'hands-on' | 'waiting';
  when: StepWhen;
  minutes: number | null;
  /** When to look early, minutes after the step begins. */
  lookAt: number | null;
  endpoint: Endpoint;
  hazards: HazardId[];
  /** What is said when it is done, for the log: “soda in”. Empty: “step 3 done”. */
  event: string;
}

export interface Thermometer {
  /** What it is dipped in: boiling syrup follows the stages and the local boiling point, other food does not. */
  in: 'syrup' | 'food' | 'none';
  smallestDivisionC: number;
}

/** A remark that was read and set aside, with the reason. */
export interface Dismissal {
  remark: string;
  reason: string;
}

/** A practical as it is planned: one revision is one of these documents. */
export interface Plan {
  title: string;
  question: string;
  prediction: string;
  reason: string;
  factor: Factor;
  responses: Response[];
  held: HeldConstant[];
  noted: NotedVariable[];
  formula: Ingredient[];
  steps: Step[];
  thermometer: Thermometer;
  roomId: string | null;
  stations: number;
  order: LevelOrder;
  periodMinutes: number;
  briefingMinutes: number;
  clearUpMinutes: number;
  studentQuestions: string[];
  dismissed: Dismissal[];
}

/** The place a practical is done in, as far as the computation asks. */
export interface Place {
  name: string;
  kind: 'food-room' | 'laboratory';
  altitudeM: number | null;
  measuredBoilingC: number | null;
  stations: number;
  /** Smallest division of its balances, g. */
  balanceG: number;
}
