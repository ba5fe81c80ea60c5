import type { Plan, Step } from './plan';

export interface TimedStep {
  step: Step;
  /** Minutes after the bell that begins the period. */
  startMinute: number;
  endMinute: number;
}

export interface Timetable {
  steps: TimedStep[];
  /** When the last step of the lesson ends, minutes after the bell. */
  workEndsMinute: number;
  /** With clearing up. */
  endsMinute: number;
  /** Minutes left before the closing bell; negative when the work runs over. */
  spareMinutes: number;
}

/** The lesson laid end to end: briefing, the steps one after the other, clearing up. */
export function timetableOf(plan: Plan): Timetable {
  let minute = plan.briefingMinutes;
  const steps = plan.steps
    .filter((step) => step.when === 'lesson')
    .map((step) => {
      const startMinute = minute;
      minute += step.minutes ?? 0;
      return { step, startMinute, endMinute: minute };
    });
  const endsMinute = minute + plan.clearUpMinutes;
  return { steps, workEndsMinute: minute, endsMinute, spareMinutes: plan.periodMinutes - endsMinute };
}
