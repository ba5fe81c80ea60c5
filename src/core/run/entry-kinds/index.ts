import { deviationKind } from './deviation';
import { eventKind } from './event';
import { measurementKind } from './measurement';
import { notedKind } from './noted';
import { observationKind } from './observation';
import { readingKind } from './reading';
import { timerKind } from './timer';

/** Every kind of thing that can be written down. A new kind is a file and a line here. */
export const entryKinds = {
  reading: readingKind,
  observation: observationKind,
  event: eventKind,
  measurement: measurementKind,
  noted: notedKind,
  deviation: deviationKind,
  timer: timerKind,
} as const;

export type { LogCells } from './entry-kind';
export type { DeviationBody } from './deviation';
export type { EventBody } from './event';
export type { MeasurementBody } from './measurement';
export type { NotedBody } from './noted';
export type { ObservationBody, ObservationTime, Sense } from './observation';
export type { ReadingBody } from './reading';
export type { TimerBody } from './timer';
