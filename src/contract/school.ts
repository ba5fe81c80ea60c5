import { riskScaleShape } from '../core/practical';
import { record, type Of } from '../core/shape';
import { classOf } from './class-of';

/** The school’s words for the risk that remains. */
const newRiskScaleShape = record('RiskScale', { words: riskScaleShape });
export const RiskScale = classOf(newRiskScaleShape);
export type RiskScale = Of<typeof newRiskScaleShape>;

/** The school, as every page may ask for it. */
export interface School {
  name: string;
  teacher: string;
  /** Whether this is the invented school that comes with the program. */
  demo: boolean;
  version: string;
  /** Its words for the risk that remains, least first. */
  riskScale: string[];
}

/** How the copies of the database go. */
export interface BackupState {
  /** The newest, ms since 1970; null: there is none yet. */
  lastAt: number | null;
  /** The last try, where it failed. */
  failed: { at: number; why: string } | null;
}
