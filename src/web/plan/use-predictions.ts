import { useEffect, useRef, useState } from 'react';
import type { Place, Plan } from '../../core/practical';
import type { Prediction } from '../../core/predictions';
import type { Answer, Question } from './predictions-worker';
import { useSettled } from '../ui/use-settled';

const settleMs = 250;

/** What the models expect of the plan as it stands, worked out beside the page; what is shown is of the last plan asked. */
export function usePredictions(plan: Plan, place: Place | null): readonly Prediction[] {
  const [predictions, setPredictions] = useState<readonly Prediction[]>([]);
  const worker = useRef<Worker>(null);
  const asked = useRef(0);
  const settled = useSettled(plan, settleMs);
  useEffect(() => {
    const own = new Worker(new URL('./predictions-worker.ts', import.meta.url), { type: 'module' });
    own.onmessage = ({ data }: MessageEvent<Answer>) => {
      if (data.number === asked.current) setPredictions(data.predictions);
    };
    worker.current = own;
    return () => own.terminate();
  }, []);
  useEffect(() => {
    asked.current += 1;
    const question: Question = { number: asked.current, plan: settled, place };
    worker.current?.postMessage(question);
  }, [settled, place]);
  return predictions;
}
