import { useMemo } from 'react';
import type { Plan } from '../../core/practical';
import type { Remark } from '../../core/remark';
import type { ResponseSeries, ResultRow } from '../../core/run';
import { useWorkerAnswer } from '../ui/use-worker-answer';
import type { Question } from './findings-worker';

const newWorker = () => new Worker(new URL('./findings-worker.ts', import.meta.url), { type: 'module' });

/**
 * What the results tell, worked out beside the page; null before the first answer.
 *
 * @param subject the run, and where its points are drawn: sentences of another one never stand under it
 */
export function useFindings(
  subject: string,
  plan: Plan,
  rows: readonly ResultRow[],
  series: readonly ResponseSeries[],
): readonly Remark[] | null {
  const question = useMemo((): Question => ({ plan, rows, series }), [plan, rows, series]);
  return useWorkerAnswer<Question, Remark[]>(newWorker, question, subject);
}

/** What stands in their place until then. */
export const workingOut = 'Being worked out …';
