import type { Step } from './step';

/** How long a step takes, min: at least and at most; a step by the side takes both. Null where nobody has said. */
export function stepMinutes(
  step: Pick<Step, 'minutes' | 'minutesTo' | 'per'>,
): { least: number; most: number } | null {
  if (step.minutes === null) return null;
  const times = step.per === 'side' ? 2 : 1;
  return {
    least: times * step.minutes,
    most: times * Math.max(step.minutes, step.minutesTo ?? step.minutes),
  };
}

/** When to look early: as said; else the low end of a range; never where the door stays shut. Minutes after it begins. */
export function earlyLook(
  step: Pick<Step, 'minutes' | 'minutesTo' | 'per' | 'lookAt' | 'door'>,
): number | null {
  if (step.door === 'shut') return null;
  if (step.lookAt !== null) return step.lookAt;
  const range = stepMinutes(step);
  return range && range.most > range.least ? range.least : null;
}
