import type { Plan } from './plan';
import { stationPlan, type StationStep } from './station-plan';
import { stepMinutes } from './step-minutes';
import { treatmentsOf } from './treatments';

export interface TimedStep {
  step: StationStep;
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

/** The lesson laid end to end for the station that takes longest: briefing, its steps one after the other, clearing up. */
export function timetableOf(plan: Plan): Timetable {
  const treatments = treatmentsOf(plan);
  const plans = treatments.length === 0 ? [null] : treatments;
  return plans
    .map((treatment) => laidOut(plan, stationPlan(plan, null, treatment).steps))
    .reduce((longest, one) => (one.endsMinute > longest.endsMinute ? one : longest));
}

function laidOut(plan: Plan, all: readonly StationStep[]): Timetable {
  let minute = plan.briefingMinutes;
  const steps = all
    .filter((step) => step.when === 'lesson')
    .map((step) => {
      const startMinute = minute;
      minute += stepMinutes(step)?.most ?? 0;
      return { step, startMinute, endMinute: minute };
    });
  const endsMinute = minute + plan.clearUpMinutes;
  return { steps, workEndsMinute: minute, endsMinute, spareMinutes: plan.periodMinutes - endsMinute };
}
