import { made } from '../shape';
import { planFormat, planShape, type Plan } from './plan';

/** A practical with nothing in it but a title: what “start from nothing” starts from. */
export function newPlan(title: string, roomId: string | null): Plan {
  return made(planShape, {
    format: planFormat,
    title,
    question: '',
    prediction: '',
    reason: '',
    factors: [],
    leftOut: [],
    responses: [],
    held: [],
    noted: [],
    formula: [],
    steps: [],
    thermometers: [],
    roomId,
    stations: 8,
    order: 'shuffled',
    periodMinutes: 60,
    briefingMinutes: 5,
    clearUpMinutes: 8,
    studentQuestions: [],
    dismissed: [],
  });
}
