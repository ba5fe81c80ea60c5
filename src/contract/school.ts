import { riskScaleShape } from '../core/practical';
import { schoolWaysShape, type SchoolWays } from '../core/days';
import { about, number, orNull, record, refined, text, whole, type Of } from '../core/shape';
import { classOf } from './class-of';
import { momentRange } from './runs';

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

/** What a class may cost in a term. */
const budgetShape = refined(
  record('Budget', {
    className: text(60, 1),
    amount: about('in the school’s money; null: nothing is set any more', orNull(number(0.01, 1e6))),
    from: about('the first moment of the term, ms since 1970', whole(...momentRange)),
    to: about('the moment it is over', whole(...momentRange)),
  }),
  ({ from, to }) => (from < to ? null : 'an end after the beginning'),
  'to',
);
export const BudgetSet = classOf(record('BudgetSet', { budget: budgetShape }));
export type BudgetWanted = Of<typeof budgetShape>;

/** The same, once it is set. */
export type Budget = Omit<BudgetWanted, 'amount'> & { amount: number };

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
  budgets: Budget[];
}

/** How the copies of the database go, and how much room the disk has. */
export interface StorageState extends BackupState {
  freeBytes: number;
  /** It is little: pictures will soon not be taken any more. */
  low: boolean;
}

/** How the copies of the database go. */
export interface BackupState {
  /** The newest, ms since 1970; null: there is none yet. */
  lastAt: number | null;
  /** The last try, where it failed. */
  failed: { at: number; why: string } | null;
}
