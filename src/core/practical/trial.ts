import type { Plan } from './plan';
import type { Step } from './step';
import type { Trial } from './taught';

/** How much longer students take than a practised hand at what is done by hand (common practice: half as long again). */
export const studentsTake = 1.5;

/** Minutes as a plan has them: whole ones from five on, halves below, never none. */
const planned = (minutes: number) =>
  minutes >= 5 ? Math.ceil(minutes) : Math.max(0.5, Math.ceil(minutes * 2) / 2);

/** What a step of a trial would take in the lesson, min: hands are slower in a class, waiting is not. */
export function minutesInLesson(
  step: Pick<Step, 'hands' | 'per'>,
  took: number,
  handsFactor: number = studentsTake,
): number {
  const once = step.per === 'side' ? took / 2 : took;
  return planned(step.hands === 'hands-on' ? once * handsFactor : once);
}

/**
 * The plan with what a trial batch has shown: the trial itself, and the minutes of its steps. A range keeps its width, a
 * look moves with the end of its step, a warning stays before it.
 *
 * @param handsFactor what hands-on steps are multiplied by
 */
export function withTrial(plan: Plan, trial: Trial, handsFactor: number = studentsTake): Plan {
  const took = new Map(trial.took.map(({ stepId, minutes }) => [stepId, minutes]));
  return {
    ...plan,
    trials: [...plan.trials, trial].slice(-20),
    steps: plan.steps.map((step) => {
      const own = took.get(step.id);
      return own === undefined ? step : withMinutes(step, minutesInLesson(step, own, handsFactor));
    }),
  };
}

function withMinutes(step: Step, minutes: number): Step {
  const { minutes: before, minutesTo, lookAt, warnAt } = step;
  const width = before !== null && minutesTo !== null ? Math.max(0, minutesTo - before) : 0;
  const share = lookAt !== null && before ? lookAt / before : null;
  return {
    ...step,
    minutes,
    minutesTo: width > 0 ? minutes + width : null,
    lookAt: lookAt === null ? null : Math.min(minutes, share === null ? lookAt : planned(share * minutes)),
    warnAt: warnAt === null ? null : Math.min(warnAt, minutes),
  };
}
