import type { StationPlan, StationStep } from '../practical';

/** What is said when a step is done: its own words, or “step 3 done”. */
export function eventOf({ event, number }: Pick<StationStep, 'event' | 'number'>): string {
  return event.trim() === '' ? `step ${number} done` : event;
}

/** The steps a station walks through in the lesson. */
export function lessonSteps({ steps }: Pick<StationPlan, 'steps'>): StationStep[] {
  return steps.filter((step) => step.when === 'lesson');
}
