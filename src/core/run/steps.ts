import type { Plan, Step } from '../practical';

/** What is said when a step is done: its own words, or “step 3 done”. */
export function eventOf(step: Step, index: number): string {
  return step.event.trim() === '' ? `step ${index + 1} done` : step.event;
}

/** The steps a station walks through in the lesson. */
export function lessonSteps(plan: Plan): Step[] {
  return plan.steps.filter((step) => step.when === 'lesson');
}
