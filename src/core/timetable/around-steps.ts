import type { StationStep } from '../practical';

const washesHands = /\bwash(?:es|ed|ing)?\b[^.;]{0,30}\bhands\b|\bhands\b[^.;]{0,20}\bwash/i;
const isRaw = ({ hands, hazards, lane }: StationStep) =>
  lane === 'stations' &&
  hands === 'hands-on' &&
  (hazards.includes('raw-meat') || hazards.includes('raw-egg'));

/** Raw egg or meat was touched, the method says nothing of washing, and what is touched next is not raw. */
export function leavesHandsUnclean(step: StationStep, steps: readonly StationStep[]): boolean {
  if (!isRaw(step) || washesHands.test(step.text)) return false;
  const next = steps.slice(steps.indexOf(step) + 1).find(({ hands }) => hands === 'hands-on');
  return next === undefined || !(isRaw(next) || washesHands.test(next.text));
}

/** A pan of hot sugar that comes to its temperature: somebody who knows stands by. */
export const callsTheTeacher = (step: StationStep): boolean =>
  step.target !== null && step.hazards.includes('hot-sugar') && !step.adult && step.lane === 'stations';
