import { riskScaleShape } from '../core/practical';
import { schoolWaysShape, type SchoolWays } from '../core/days';
import { about, record, whole, type Of } from '../core/shape';
import { classOf } from './class-of';

/** The school’s words for the risk that remains. */
const newRiskScaleShape = record('RiskScale', { words: riskScaleShape });
export const RiskScale = classOf(newRiskScaleShape);
export type RiskScale = Of<typeof newRiskScaleShape>;

/** How the school works, changed from the version it was read at. */
const waysEditShape = record('SchoolWaysEdit', {
  version: about('the version the edit began at', whole(0, 1e9)),
  ways: schoolWaysShape,
});
export const SchoolWaysEdit = classOf(waysEditShape);
export type SchoolWaysEdit = Of<typeof waysEditShape>;

/** The school, as every page may ask for it. */
export interface School {
  name: string;
  teacher: string;
  /** Whether this is the invented school that comes with the program. */
  demo: boolean;
  version: string;
  /** Its words for the risk that remains, least first. */
  riskScale: string[];
  /** Its hours, bells and lists. */
  ways: SchoolWays;
  waysVersion: number;
  /** A calendar may subscribe to its lessons. */
  calendarShared: boolean;
}

/** How the copies of the database go. */
export interface BackupState {
  /** The newest, ms since 1970; null: there is none yet. */
  lastAt: number | null;
  /** The last try, where it failed. */
  failed: { at: number; why: string } | null;
}
