import type { Plan } from './plan';
import { doesStep } from './station-plan';
import { treatmentOf, type Treatment } from './treatments';

/**
 * A plan as far as one station needs it: the levels of its own treatment, its own steps, and nothing that is for the
 * teacher (the explanation, the answers, what to do next time). It resolves to the same station plan as the whole.
 *
 * @param treatmentId the station’s treatment; one the plan does not have leaves no level
 */
export function planOfStation(plan: Plan, treatmentId: string | undefined): Plan {
  const treatment: Treatment | null = treatmentOf(plan, treatmentId) ?? null;
  const own = new Set(treatment?.levels.map((level) => level.id));
  return {
    ...plan,
    prediction: '',
    reason: '',
    factors: plan.factors.map((factor) => ({
      ...factor,
      levels: factor.levels.filter((level) => own.has(level.id)),
    })),
    leftOut: [],
    held: [],
    steps: plan.steps
      .filter((step) => doesStep(step, plan, treatment))
      .map((step) => ({ ...step, why: '', wrong: '', change: null })),
    studentQuestions: [],
    nextTime: '',
    pasted: '',
    pins: [],
    tags: [],
    aims: [],
    keyWords: [],
    answers: [],
    lookedAt: [],
    trials: [],
    risks: [],
    dismissed: [],
  };
}
