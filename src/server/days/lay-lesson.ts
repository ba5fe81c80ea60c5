import { treatmentOf, type Place, type Plan } from '../../core/practical';
import {
  impossibleWords,
  layOut,
  lessonOf,
  timetableOfLesson,
  type Lesson,
  type LessonTimetable,
} from '../../core/timetable';

/** A lesson to be laid out, as it can be sent to a thread. */
export interface LessonAsked {
  plan: Plan;
  place: Place;
  stations: { number: number; treatmentId: string | null }[];
  hands: number;
  opening: Lesson['opening'];
  closing: Lesson['closing'];
}

export type LessonLaid =
  | { timetable: LessonTimetable; impossible: null }
  | { timetable: null; impossible: string };

/** The timetable of a lesson, or why there is none. */
export function layLesson({ plan, place, stations, ...asked }: LessonAsked): LessonLaid {
  const lesson = lessonOf(plan, {
    ...asked,
    stations: stations.map(({ number, treatmentId }) => ({
      number,
      treatment: treatmentId === null ? null : (treatmentOf(plan, treatmentId) ?? null),
    })),
  });
  const laid = layOut(lesson, place);
  return 'impossible' in laid
    ? { timetable: null, impossible: impossibleWords(plan, laid.made, laid.impossible) }
    : { timetable: timetableOfLesson(laid.made, laid.solved), impossible: null };
}
