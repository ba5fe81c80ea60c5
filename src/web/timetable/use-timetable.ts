import { useEffect, useRef, useState } from 'react';
import type { Place, Plan } from '../../core/practical';
import type { LaidOut } from '../../core/review';
import type { LessonTimetable, Odds, OtherRoom } from '../../core/timetable';
import type { Answer, Question, SchoolLists, Tried } from './timetable-worker';

/** What is known of the timetable of a plan so far. */
export interface TimetableState {
  /** The plan that it is the timetable of: the last one stays until the next is there. */
  of: Plan | null;
  timetable: LessonTimetable | null;
  /** A shorter one is still looked for. */
  looking: boolean;
  /** How far the search is; null: not told yet, or over. */
  progress: { tried: number; of: number } | null;
  /** Why there is none. */
  impossible: string | null;
  odds: Odds | null;
  tried: readonly Tried[];
  /** When all would have cleared up with an oven more; null: not known, or of no use. */
  oneMoreOven: number | null;
}

/** What the rest of a sheet needs of the timetable beside it. */
export interface Laid {
  /** As far as it is known: a shorter one may follow. */
  timetable: LessonTimetable | null;
  /** What it says of its end; null: not yet laid out. */
  out: LaidOut | null;
}

const nothing: TimetableState = {
  ...{ of: null, timetable: null, looking: true, progress: null },
  ...{ impossible: null, odds: null, tried: [], oneMoreOven: null },
};

const newWorker = () => new Worker(new URL('./timetable-worker.ts', import.meta.url), { type: 'module' });
const spareMs = 1500;
/** One that has loaded its program and waits: the next question need not wait for that. */
let spare: Worker | null = null;

function takeWorker(): Worker {
  const taken = spare ?? newWorker();
  spare = null;
  // Not while this one works at its first answer.
  setTimeout(() => (spare ??= newWorker()), spareMs);
  return taken;
}

/**
 * The timetable of a plan, worked out beside the page; the last one stays until the next is there.
 *
 * @returns with `stop`, which ends the search for a shorter one with what there is
 */
export function useTimetable(
  plan: Plan,
  place: Place | null,
  lists: SchoolLists,
  rooms: readonly OtherRoom[],
): TimetableState & { stop(): void } {
  const [state, setState] = useState(nothing);
  const [stopped, setStopped] = useState<{ plan: Plan; most: number } | null>(null);
  const most = stopped?.plan === plan ? stopped.most : null;
  // What says the same is the same question, whichever copy of the plan it is asked with.
  const key = JSON.stringify(plan);
  const latest = useRef(plan);
  useEffect(() => {
    latest.current = plan;
  });
  useEffect(() => {
    // A search that is under way is of no use once the plan has changed: its worker ends with it.
    const worker = takeWorker();
    const asked = latest.current;
    worker.onmessage = ({ data }: MessageEvent<Answer>) =>
      setState((was) => ({ ...withAnswer(was, data), of: asked }));
    const question: Question = { plan: asked, place, lists, rooms, most };
    worker.postMessage(question);
    return () => worker.terminate();
  }, [key, place, lists, rooms, most]);
  return { ...state, stop: () => setStopped({ plan, most: state.progress?.tried ?? 1 }) };
}

function withAnswer(was: TimetableState, answer: Answer): TimetableState {
  switch (answer.kind) {
    case 'timetable':
      // How sure it is, and what would help, come after it: those of the last one are not this one’s.
      return { ...nothing, timetable: answer.timetable, looking: answer.looking };
    case 'progress':
      return { ...was, progress: { tried: answer.tried, of: answer.of } };
    case 'impossible':
      return { ...nothing, looking: false, impossible: answer.words };
    case 'odds':
      return { ...was, odds: answer.odds };
    case 'remedies':
      return { ...was, tried: answer.tried, oneMoreOven: answer.oneMoreOven };
  }
}
