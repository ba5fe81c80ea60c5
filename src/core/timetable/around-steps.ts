import type { StationStep } from '../practical';
import type { LaneOf, LessonTask } from './lesson';

/** Hands washed for 20 s, with the way to the sink, min (common practice). */
const washMin = 1;
/** The teacher stands by while a pan of hot sugar comes to its end, min. */
export const callMin = 1;

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

const fixed = (minutes: number) => ({ least: minutes, likely: minutes, most: minutes });
const nameOf = (lane: LaneOf) => (lane.kind === 'station' ? lane.number : 'all');

/** The teacher beside a pan, in its last minute. */
export const callTask = (step: StationStep, lane: LaneOf): LessonTask => ({
  ...{ id: `call-${step.id}@${nameOf(lane)}`, kind: 'call', lane, step },
  ...{ words: 'The teacher stands by', hands: 'hands-on', minutes: fixed(callMin) },
});

/** Hands washed before anything else is touched. */
export const washTask = (step: StationStep, lane: LaneOf): LessonTask => ({
  ...{ id: `wash-${step.id}@${nameOf(lane)}`, kind: 'wash', lane, step },
  ...{ words: 'Wash hands for 20 s', hands: 'hands-on', minutes: fixed(washMin) },
});
