export { datedJobs, type Dated, type DatedJob, type DatedLesson, type DayClash } from './dated-jobs';
export { clashWords, daysThatHold, insteadWords } from './job-words';
export {
  schoolWaysShape,
  usualLists,
  usualWays,
  type Bell,
  type ListLine,
  type SchoolWays,
} from './school-ways';
export { lastOpen } from './open-hours';
export {
  calendarDay,
  clockTime,
  clockWords,
  dayWords,
  minuteMs,
  minuteWords,
  startOfDay,
} from './wall-clock';
