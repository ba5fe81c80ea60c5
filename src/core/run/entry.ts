/** One reading of a thermometer. */
export interface ReadingBody {
  kind: 'reading';
  celsius: number;
  /** Which of the station's thermometers, from 1. */
  probe: number;
  /** `C` or `F`: what it was typed in. */
  unit: 'C' | 'F';
  source: 'typed' | 'probe';
}

export type ObservationTime = 'before' | 'during' | 'after';
export type Sense = 'appearance' | 'colour' | 'texture' | 'smell' | 'sound';

export interface ObservationBody {
  kind: 'observation';
  text: string;
  when: ObservationTime;
  sense: Sense | null;
}

/** Something that was done or happened. With a step, that step is done. */
export interface EventBody {
  kind: 'event';
  text: string;
  stepId: string | null;
}

export interface MeasurementBody {
  kind: 'measurement';
  /** The response it belongs to; null for something else worth measuring. */
  responseId: string | null;
  name: string;
  value: number;
  unit: string;
}

/** Something that went differently from the plan. */
export interface DeviationBody {
  kind: 'deviation';
  text: string;
}

export interface TimerBody {
  kind: 'timer';
  label: string;
  minutes: number;
  lookAt: number | null;
}

export type RecordedBody =
  ReadingBody | ObservationBody | EventBody | MeasurementBody | DeviationBody | TimerBody;

/** Points at an earlier entry and says what should have stood there; null strikes it out. Both stay readable. */
export interface CorrectionBody {
  kind: 'correction';
  corrects: string;
  to: RecordedBody | null;
}

export type EntryBody = RecordedBody | CorrectionBody;
export type EntryKind = EntryBody['kind'];

/** One entry of a run's notebook. */
export interface Entry {
  /** UUIDv7 made by whoever wrote it. */
  id: string;
  /** null: everywhere. */
  station: number | null;
  /** When it happened, ms since 1970, on the run's clock. */
  at: number;
  /** Minutes the writer's clock is ahead of UTC. */
  offset: number;
  body: EntryBody;
}
