import type { Place, Plan } from '../../core/practical';
import { predictionsOf, type Prediction } from '../../core/predictions';

export interface Question {
  number: number;
  plan: Plan;
  place: Place | null;
}

export interface Answer {
  number: number;
  predictions: Prediction[];
}

/** Conduction and eggs take a moment: beside the page, so that typing does not wait for them. */
self.onmessage = ({ data: { number, plan, place } }: MessageEvent<Question>) => {
  const answer: Answer = { number, predictions: predictionsOf(plan, place) };
  self.postMessage(answer);
};
