import type { Place, Plan } from '../../core/practical';
import {
  impossibleWords,
  layOut,
  lessonOdds,
  lessonOf,
  remediesOf,
  timetableOfLesson,
  type LessonTimetable,
  type Odds,
} from '../../core/timetable';

export interface Question {
  plan: Plan;
  place: Place | null;
}

/** What a remedy would do: when all have cleared up then. */
export interface Tried {
  id: string;
  endsMin: number;
}

export type Answer =
  | { kind: 'timetable'; timetable: LessonTimetable; looking: boolean }
  | { kind: 'impossible'; words: string }
  | { kind: 'odds'; odds: Odds }
  | { kind: 'remedies'; tried: Tried[] };

/** Timetables tried for the first drawing, then for how long it is looked for a shorter one. */
const firstTried = 60;
const searchMs = 1500;
const oddsMs = 2000;
const remedyTried = 120;

const say = (answer: Answer) => self.postMessage(answer);

/** Makes the timetable of a plan beside the page: a first one at once, then a shorter one, how sure it is, what would help. */
self.onmessage = ({ data: { plan, place } }: MessageEvent<Question>) => {
  const lesson = lessonOf(plan);
  const first = layOut(lesson, place, { most: firstTried });
  if ('impossible' in first) {
    say({ kind: 'impossible', words: impossibleWords(plan, first.made, first.impossible) });
    return;
  }
  const { made } = first;
  say({
    kind: 'timetable',
    timetable: timetableOfLesson(made, first.solved),
    looking: !first.solved.proved,
  });
  let { solved } = first;
  if (!solved.proved) {
    const until = performance.now() + searchMs;
    const again = layOut(lesson, place, { most: Infinity, enough: () => performance.now() > until });
    if ('solved' in again) ({ solved } = again);
    say({ kind: 'timetable', timetable: timetableOfLesson(made, solved), looking: false });
  }
  const until = performance.now() + oddsMs;
  const odds = lessonOdds(made, solved.schedule, plan.periodMinutes, {
    enough: () => performance.now() > until,
  });
  say({ kind: 'odds', odds });
  const tried = remediesOf(plan).flatMap(({ id, apply }): Tried[] => {
    const better = layOut(lessonOf(apply(plan)), place, { most: remedyTried });
    if ('impossible' in better) return [];
    return [{ id, endsMin: timetableOfLesson(better.made, better.solved).endsMin }];
  });
  say({ kind: 'remedies', tried });
};
