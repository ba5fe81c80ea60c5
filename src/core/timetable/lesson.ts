import type { Pin, Plan, StationStep, Treatment } from '../practical';
import type { EquipmentKind } from '../room';
import type { Problem } from '../schedule';

/** Ticks a minute is cut into: the timetable knows half minutes. */
export const ticksPerMinute = 2;

export const toTicks = (minutes: number): number => Math.max(0, Math.ceil(minutes * ticksPerMinute - 1e-9));
export const toMinutes = (ticks: number): number => ticks / ticksPerMinute;

/** A line of the lists every lesson of the school begins and ends with. */
export interface ListItem {
  words: string;
  minutes: number;
}

/** What a timetable is made of. */
export interface Lesson {
  plan: Plan;
  /** Stations by number, each with its treatment. */
  stations: readonly { number: number; treatment: Treatment | null }[];
  /** Hands that can work at once at a station. */
  hands: number;
  /** Grown-ups that can show, call and help at once. */
  teachers: number;
  opening: readonly ListItem[];
  closing: readonly ListItem[];
  pins: readonly Pin[];
}

export type LaneOf = { kind: 'station'; number: number } | { kind: 'class' } | { kind: 'teacher' };

/** One thing done in a lesson: a task of the problem, with what it is. */
export interface LessonTask {
  id: string;
  kind: 'briefing' | 'opening' | 'step' | 'call' | 'wash' | 'clearing';
  lane: LaneOf;
  /** The step as this station does it; null where it is none of the method. */
  step: StationStep | null;
  words: string;
  hands: 'hands-on' | 'waiting';
  /** At least, as the timetable is made, at most. */
  minutes: { least: number; likely: number; most: number };
}

/** What was taken for granted, for it is not said: told beside the timetable. */
export type Assumption =
  | { kind: 'no-minutes'; stepId: string }
  | { kind: 'oven-temperature'; stepId: string }
  /** The room says of none of these how many there are: each station is taken to have its own. */
  | { kind: 'not-counted'; resource: EquipmentKind };

/** What a resource of a lesson is. */
export type SharedKind = 'hands' | 'teacher' | EquipmentKind;

export interface LessonProblem {
  problem: Problem;
  /** What each resource of the problem is. */
  shared: SharedKind[];
  tasks: LessonTask[];
  assumptions: Assumption[];
}
