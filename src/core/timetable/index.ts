export {
  toMinutes,
  type Assumption,
  type LaneOf,
  type Lesson,
  type LessonProblem,
  type SharedKind,
} from './lesson';
export { lessonProblem } from './lesson-problem';
export { lessonOdds, type Odds } from './odds';
export { withoutPin, withPin } from './pinned';
export { remediesOf, type Remedy } from './remedies';
export {
  layOut,
  lessonOf,
  timetableOfLesson,
  type Bar,
  type Binding,
  type Laid,
  type LessonTimetable,
  type Load,
  type OvenSpan,
} from './timetable';
export { assumptionWords, bindingWords, impossibleWords } from './words';
