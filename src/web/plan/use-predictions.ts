import { useMemo } from 'react';
import type { Place, Plan } from '../../core/practical';
import type { Prediction } from '../../core/predictions';
import { useSettled } from '../ui/use-settled';
import { useWorkerAnswer } from '../ui/use-worker-answer';
import type { Question } from './predictions-worker';

const settleMs = 250;
const newWorker = () => new Worker(new URL('./predictions-worker.ts', import.meta.url), { type: 'module' });
const none: readonly Prediction[] = [];

/** What the models expect of the plan as it stands, worked out beside the page; what is shown is of the last plan asked. */
export function usePredictions(plan: Plan, place: Place | null): readonly Prediction[] {
  const settled = useSettled(plan, settleMs);
  const question = useMemo((): Question => ({ plan: settled, place }), [settled, place]);
  return useWorkerAnswer<Question, Prediction[]>(newWorker, question, 'the plan') ?? none;
}
