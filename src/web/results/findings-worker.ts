import type { Plan } from '../../core/practical';
import type { Remark } from '../../core/remark';
import { findingsFor, type ResponseSeries, type ResultRow } from '../../core/run';
import { answerQuestions } from '../ui/use-worker-answer';

export interface Question {
  plan: Plan;
  rows: readonly ResultRow[];
  series: readonly ResponseSeries[];
}

/** What may be called different takes thousands of drawn classes: beside the page. */
answerQuestions(({ plan, rows, series }: Question): Remark[] => findingsFor(plan, rows, series));
