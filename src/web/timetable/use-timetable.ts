import { useEffect, useState } from 'react';
import type { Place, Plan } from '../../core/practical';
import type { LessonTimetable, Odds } from '../../core/timetable';
import type { Answer, Question, Tried } from './timetable-worker';

/** What is known of the timetable of a plan so far. */
export interface TimetableState {
  timetable: LessonTimetable | null;
  /** A shorter one is still looked for. */
  looking: boolean;
  /** Why there is none. */
  impossible: string | null;
  odds: Odds | null;
  tried: readonly Tried[];
}

const nothing: TimetableState = { timetable: null, looking: true, impossible: null, odds: null, tried: [] };

/** The timetable of a plan, worked out beside the page; the last one stays until the next is there. */
export function useTimetable(plan: Plan, place: Place | null): TimetableState {
  const [state, setState] = useState(nothing);
  useEffect(() => {
    // A search that is under way is of no use once the plan has changed: its worker ends with it.
    const worker = new Worker(new URL('./timetable-worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<Answer>) => setState((was) => withAnswer(was, data));
    const question: Question = { plan, place };
    worker.postMessage(question);
    return () => worker.terminate();
  }, [plan, place]);
  return state;
}

function withAnswer(was: TimetableState, answer: Answer): TimetableState {
  switch (answer.kind) {
    case 'timetable':
      // How sure it is, and what would help, come after it: those of the last one are not this one’s.
      return { ...nothing, timetable: answer.timetable, looking: answer.looking };
    case 'impossible':
      return { ...nothing, looking: false, impossible: answer.words };
    case 'odds':
      return { ...was, odds: answer.odds };
    case 'remedies':
      return { ...was, tried: answer.tried };
  }
}
