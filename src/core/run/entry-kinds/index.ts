import { deviationKind } from './deviation';
import { eventKind } from './event';
import { measurementKind } from './measurement';
import { notedKind } from './noted';
import { observationKind } from './observation';
import { photoKind } from './photo';
import { readingKind } from './reading';
import { timerKind } from './timer';
import { weighedKind } from './weighed';

/** Every kind of thing that can be written down. A new kind is a file and a line here. */
export const entryKinds = {
  reading: readingKind,
  observation: observationKind,
  event: eventKind,
  measurement: measurementKind,
  noted: notedKind,
  photo: photoKind,
  deviation: deviationKind,
  timer: timerKind,
  weighed: weighedKind,
} as const;

export type { LogCells } from './entry-kind';
export type { DeviationBody } from './deviation';
export type { EventBody } from './event';
export type { MeasurementBody } from './measurement';
export type { NotedBody } from './noted';
export type { ObservationBody, ObservationTime, Sense } from './observation';
export { pictureHash, type PhotoBody } from './photo';
export type { ReadingBody } from './reading';
export type { TimerBody } from './timer';
export type { WeighedBody } from './weighed';
