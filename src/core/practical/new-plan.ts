import type { Plan } from './plan';

/** A practical with nothing in it but a title: what “start from nothing” starts from. */
export function newPlan(title: string, roomId: string | null): Plan {
  return {
    title,
    question: '',
    prediction: '',
    reason: '',
    factor: { name: '', kind: 'number', unit: '', levels: [] },
    responses: [],
    held: [],
    noted: [],
    formula: [],
    steps: [],
    thermometer: { in: 'none', smallestDivisionC: 1 },
    roomId,
    stations: 8,
    order: 'shuffled',
    periodMinutes: 60,
    briefingMinutes: 5,
    clearUpMinutes: 8,
    studentQuestions: [],
    dismissed: [],
  };
}
