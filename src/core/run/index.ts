export { callsFor, type Call } from './calls';
export { runTime, withSpeed, type RunClock } from './clock';
export { completionsOf } from './completions';
export type {
  CorrectionBody,
  DeviationBody,
  Entry,
  EntryBody,
  EntryKind,
  EventBody,
  MeasurementBody,
  ObservationBody,
  ObservationTime,
  ReadingBody,
  RecordedBody,
  Sense,
  TimerBody,
} from './entry';
export type { Countdown } from './countdown';
export { recordedInWords } from './entry-words';
export type { Finding } from './finding';
export { findingsFor } from './findings';
export { Notebook, type Noted, type ReadingTrace, type StationNotes } from './notebook';
export {
  readQuickLine,
  stationRange,
  type QuickEntry,
  type QuickLineContext,
  type Understood,
} from './quick-line';
export {
  classTable,
  responseSeries,
  type LevelGroup,
  type PlotAt,
  type ResponseSeries,
  type ResultCell,
  type ResultRow,
  type SeriesPoint,
} from './results';
export { benchSetting, lastDone, stationState, type BenchSetting, type StationState } from './station-state';
export { eventOf, lessonSteps } from './steps';
