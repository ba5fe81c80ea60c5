export { blindedState, blindName, isHidden, type Blind } from './blinded';
export { asMade, asMadeAt, madeOtherwise, type AsMade, type AsMadeLine } from './as-made';
export type { Call } from './call';
export { callsFor } from './calls';
export { weighedCalls } from './weighed-calls';
export { runTime, withSpeed, type RunClock } from './clock';
export { completionsOf } from './completions';
export {
  cellsOf,
  entryFields,
  entryShape,
  pictureOf,
  recordedInWords,
  type CorrectionBody,
  type Entry,
  type EntryBody,
  type EntryKind,
  type RecordedBody,
} from './entry';
export {
  entryKinds,
  pictureHash,
  type DeviationBody,
  type EventBody,
  type LogCells,
  type MeasurementBody,
  type NotedBody,
  type ObservationBody,
  type ObservationTime,
  type PhotoBody,
  type ReadingBody,
  type Sense,
  type TimerBody,
  type WeighedBody,
} from './entry-kinds';
export type { Countdown } from './countdown';
export { findingsFor } from './findings';
export { Notebook, type Noted, type StationNotes } from './notebook';
export { readQuickLine, type QuickEntry, type QuickLineContext, type Understood } from './quick-line';
export {
  classTable,
  reachedByFactor,
  responseSeries,
  type LevelGroup,
  type PlotAt,
  type ResponseSeries,
  type ResultRow,
  type Reached,
  type SeriesPoint,
} from './results';
export {
  benchSetting,
  canBeSimulated,
  watchesOf,
  type BatchTables,
  type BenchSetting,
  type OwnPlan,
  type Watch,
} from './bench-setting';
export { settingOfRun, treatmentAt, type SettableRun } from './setting-of-run';
export { isMissing, type ResultCell } from './result-cell';
export { stationRange } from './station-range';
export { thermometersAt, truthIn, type TruthOf } from './truth';
export { truthCall } from './truth-calls';
export { lastDone, stationState, type StationState } from './station-state';
export { eventOf, lessonSteps } from './steps';
