import { rangesOf } from '../format';
import type { Plan } from '../practical';
import type { LessonTimetable } from './timetable';

/** Stations that begin together, and from when to when; none: all together, or once for all. */
export interface Turn {
  numbers: number[];
  /** “1–6”; empty: all together, or the teacher. */
  stations: string;
  startMin: number;
  endMin: number;
}

/** A step, and which stations do it when. */
export interface StepTimes {
  id: string;
  /** Its place in the plan, from 1. */
  number: number;
  words: string;
  turns: Turn[];
}

/** For each step of the lesson, when who does it. */
export function stepTimes(plan: Plan, { bars }: LessonTimetable): StepTimes[] {
  return plan.steps.flatMap((step, i): StepTimes[] => {
    const own = bars.filter(({ stepId, kind }) => stepId === step.id && kind === 'step');
    if (own.length === 0) return [];
    return [{ id: step.id, number: i + 1, words: step.text, turns: turnsOf(own) }];
  });
}

/** Bars that begin and end together, soonest first. */
export function turnsOf(bars: LessonTimetable['bars']): Turn[] {
  const turns = new Map<string, { startMin: number; endMin: number; numbers: number[] }>();
  for (const { startMin, endMin, lane } of bars) {
    const key = `${startMin}–${endMin}`;
    const turn = turns.get(key) ?? { startMin, endMin, numbers: [] };
    turns.set(key, turn);
    if (lane.kind === 'station') turn.numbers.push(lane.number);
  }
  return [...turns.values()]
    .sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin)
    .map((turn) => ({ ...turn, stations: rangesOf(turn.numbers) }));
}
