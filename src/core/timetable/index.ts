export {
  toMinutes,
  type Assumption,
  type LaneOf,
  type Lesson,
  type LessonProblem,
  type SharedKind,
} from './lesson';
export { heatsOven, isInOven, ovenCelsius } from './demand';
export { freeMoments, withLook } from './free-moments';
export { lessonProblem } from './lesson-problem';
export { lessonOdds, type Odds } from './odds';
export { withoutPin, withPin } from './pinned';
export type { OvenDrawn, OvenSpan } from './ovens-drawn';
export { orderWords, runningOrder, type OrderFor, type OrderLine } from './running-order';
export { stationWay } from './station-way';
export { stepTimes, type StepTimes, type Turn } from './step-times';
export { remediesInPairs, remediesOf, type OtherRoom } from './remedies';
export type { Remedy } from './remedy';
export {
  certainlyOver,
  handsOf,
  layOut,
  lessonOf,
  timetableOfLesson,
  type Bar,
  type Binding,
  type Laid,
  type LessonTimetable,
  searchOf,
  type Load,
} from './timetable';
export { assumptionWords, bindingWords, impossibleWords } from './words';
