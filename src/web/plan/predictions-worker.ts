import type { Place, Plan } from '../../core/practical';
import { predictionsOf, type Prediction } from '../../core/predictions';
import { answerQuestions } from '../ui/use-worker-answer';

export interface Question {
  plan: Plan;
  place: Place | null;
}

/** Conduction and eggs take a moment: beside the page, so that typing does not wait for them. */
answerQuestions(({ plan, place }: Question): Prediction[] => predictionsOf(plan, place));
