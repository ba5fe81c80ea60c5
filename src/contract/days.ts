import type { DatedJob } from '../core/days';
import type { LessonTimetable } from '../core/timetable';
import type { RunStatus } from './runs';

/** A job of a run, on its own day or before its bell. */
export interface RunJob extends DatedJob {
  runId: string;
  practicalId: string;
  title: string;
  className: string;
  roomName: string;
  /** When the lesson begins, and how far it has come. */
  lessonAt: number;
  status: RunStatus;
  /** Why it is done at another time than it would have been; null: it is not. */
  moved: string | null;
}

/** The timetable of a run, as its wall page, its calendar and everybody else have it. */
export interface RunTimetable {
  /** Null where none can hold. */
  timetable: LessonTimetable | null;
  /** Why there is none. */
  impossible: string | null;
  jobs: RunJob[];
  /** What keeps the days before and after from holding, in words, with days that would. */
  clashes: { words: string; daysThatHold: number[] }[];
}

/** Jobs that begin in a span of days, soonest first; and what does not hold. */
export interface Jobs {
  jobs: RunJob[];
  clashes: { runId: string; words: string; daysThatHold: number[] }[];
}

/** What a calendar subscribes to; it is said once, when it is made. */
export interface CalendarAddress {
  path: string;
}
