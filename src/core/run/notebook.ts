import type { Entry, RecordedBody } from './entry';
import type {
  DeviationBody,
  EventBody,
  MeasurementBody,
  NotedBody,
  ObservationBody,
  PhotoBody,
  TimerBody,
  WeighedBody,
} from './entry-kinds';
import { ReadingTrace } from './reading-trace';
import type { TruthOf } from './truth';

/** A recorded body with where and when it was written. */
export interface Noted<B> {
  id: string;
  station: number | null;
  at: number;
  body: B;
  /** Set when a correction stands on top of what was first written. */
  corrected: boolean;
}

/** What has been noted at one station, with corrections applied. */
export interface StationNotes {
  /** By thermometer number. */
  readings: Map<number, ReadingTrace>;
  observations: Noted<ObservationBody>[];
  events: Noted<EventBody>[];
  measurements: Noted<MeasurementBody>[];
  noted: Noted<NotedBody>[];
  photos: Noted<PhotoBody>[];
  deviations: Noted<DeviationBody>[];
  timers: Noted<TimerBody>[];
  weighed: Noted<WeighedBody>[];
  /** When the last entry happened, ms; null for none. What was weighed out before the start does not count. */
  lastAt: number | null;
}

/** Where something stands, and what it is. */
interface Placed {
  body: RecordedBody;
  station: number | null;
  at: number;
}

const listOf = {
  observation: 'observations',
  event: 'events',
  measurement: 'measurements',
  noted: 'noted',
  photo: 'photos',
  deviation: 'deviations',
  timer: 'timers',
  weighed: 'weighed',
} as const;

/**
 * The notebook of a run as it reads with all corrections in place. Entries may come in any order and more than
 * once; the state is the same.
 */
export class Notebook {
  readonly zeroMs: number;
  readonly #stations = new Map<number, StationNotes>();
  readonly #everywhere = emptyNotes();
  /** Where a recorded entry went, for corrections: kind, station, thermometer. */
  readonly #placed = new Map<string, Placed>();
  /** Where entries that were corrected stood, so that a later correction can bring them back. */
  readonly #origin = new Map<string, Placed>();
  /** Corrections that are here. */
  readonly #corrections = new Set<string>();
  /** Corrections that came before what they correct. */
  readonly #early = new Map<string, Entry[]>();
  /** A correction may itself be corrected: each points to the entry first written. */
  readonly #rootOfCorrection = new Map<string, string>();
  /** The correction that stands: the latest, of one moment the one with the later id. */
  readonly #lastCorrection = new Map<string, { at: number; id: string }>();

  readonly #truth: TruthOf;

  /**
   * @param zeroMs the moment traces count their seconds from: the start of the run
   * @param truth puts typed readings right; without it they are believed
   */
  constructor(
    zeroMs: number,
    stations: readonly number[],
    truth: TruthOf = (_station, _probe, celsius) => celsius,
  ) {
    this.zeroMs = zeroMs;
    this.#truth = truth;
    for (const station of stations) this.#stations.set(station, emptyNotes());
  }

  /** @returns how many of the entries were new */
  add(entries: readonly Entry[]): number {
    let added = 0;
    for (const entry of entries) {
      if (this.has(entry.id)) continue;
      added += 1;
      if (entry.body.kind === 'correction') {
        this.#corrections.add(entry.id);
        this.#correct(entry);
      } else this.#record(entry, entry.body);
    }
    return added;
  }

  has(id: string): boolean {
    return this.#isRecorded(id) || this.#corrections.has(id);
  }

  get stations(): number[] {
    return [...this.#stations.keys()];
  }

  station(station: number): StationNotes {
    return this.#stations.get(station) ?? emptyNotes();
  }

  /** What was noted for all stations at once. */
  get everywhere(): StationNotes {
    return this.#everywhere;
  }

  /** What was done at a station, there or everywhere at once, in the order it happened. */
  eventsAt(station: number): Noted<EventBody>[] {
    const everywhere = this.#everywhere.events;
    const own = this.station(station).events;
    if (everywhere.length === 0) return own;
    return [...own, ...everywhere].sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
  }

  /** What a station wrote down last about something; null for nothing. */
  notedAbout(station: number, about: string): Noted<NotedBody> | null {
    return this.station(station).noted.findLast((one) => one.body.about === about) ?? null;
  }

  /** The last reading of a thermometer at a station, as it now stands. */
  lastReading(station: number, probe = 1): { id: string; celsius: number; at: number } | null {
    const trace = this.station(station).readings.get(probe);
    if (!trace || trace.ids.length === 0) return null;
    const last = trace.ids.length - 1;
    return {
      id: trace.ids[last]!,
      celsius: trace.celsius[last]!,
      at: this.zeroMs + trace.seconds[last]! * 1000,
    };
  }

  /** The last thing written at a station other than a reading, as it now stands. */
  lastWritten(station: number): Noted<RecordedBody> | null {
    const { observations, events, measurements, noted, photos, deviations, timers, weighed } =
      this.station(station);
    const lasts: (Noted<RecordedBody> | undefined)[] = [
      observations.at(-1),
      events.at(-1),
      measurements.at(-1),
      noted.at(-1),
      photos.at(-1),
      deviations.at(-1),
      timers.at(-1),
      weighed.at(-1),
    ];
    return lasts.reduce<Noted<RecordedBody> | null>(
      (latest, one) => (one && (!latest || one.at >= latest.at) ? one : latest),
      null,
    );
  }

  /** What an entry says now, corrections applied; undefined when it is unknown or struck out. */
  bodyOf(id: string): RecordedBody | undefined {
    return this.#placed.get(id)?.body;
  }

  #isRecorded(id: string): boolean {
    return this.#placed.has(id) || this.#origin.has(id);
  }

  /** The entry first written that an id stands for; undefined where it is not here. */
  #rootOf(id: string): string | undefined {
    return this.#isRecorded(id) ? id : this.#rootOfCorrection.get(id);
  }

  #notes(station: number | null): StationNotes {
    if (station === null) return this.#everywhere;
    let notes = this.#stations.get(station);
    if (!notes) this.#stations.set(station, (notes = emptyNotes()));
    return notes;
  }

  #record(entry: Entry, body: RecordedBody) {
    this.#place(entry.id, entry.station, entry.at, body, false);
    const notes = this.#notes(entry.station);
    if (body.kind !== 'weighed' || entry.at >= this.zeroMs)
      notes.lastAt = Math.max(notes.lastAt ?? entry.at, entry.at);
    const waiting = this.#early.get(entry.id);
    if (waiting) {
      this.#early.delete(entry.id);
      for (const correction of waiting) this.#correct(correction);
    }
  }

  #correct(entry: Entry) {
    if (entry.body.kind !== 'correction') return;
    const root = this.#rootOf(entry.body.corrects);
    if (root === undefined) {
      const waiting = this.#early.get(entry.body.corrects) ?? [];
      this.#early.set(entry.body.corrects, [...waiting, entry]);
      return;
    }
    this.#rootOfCorrection.set(entry.id, root);
    const last = this.#lastCorrection.get(root);
    if (!last || last.at < entry.at || (last.at === entry.at && last.id <= entry.id)) {
      this.#lastCorrection.set(root, { at: entry.at, id: entry.id });
      const was = this.#placed.get(root) ?? this.#origin.get(root);
      if (was) {
        this.#remove(root);
        this.#origin.set(root, was);
        if (entry.body.to) this.#place(root, was.station, was.at, entry.body.to, true);
      }
    }
    const waiting = this.#early.get(entry.id);
    if (waiting) {
      this.#early.delete(entry.id);
      for (const correction of waiting) this.#correct(correction);
    }
  }

  #place(id: string, station: number | null, at: number, body: RecordedBody, corrected: boolean) {
    this.#placed.set(id, { body, station, at });
    const notes = this.#notes(station);
    if (body.kind === 'reading') {
      let trace = notes.readings.get(body.probe);
      if (!trace) notes.readings.set(body.probe, (trace = new ReadingTrace()));
      const typed = body.source === 'typed' && station !== null;
      const celsius = typed ? this.#truth(station, body.probe, body.celsius) : body.celsius;
      trace.insert(id, (at - this.zeroMs) / 1000, celsius);
      return;
    }
    const list = notes[listOf[body.kind]] as Noted<RecordedBody>[];
    const noted = { id, station, at, body, corrected };
    let index = list.length;
    while (index > 0 && isLater(list[index - 1]!, { at, id })) index -= 1;
    list.splice(index, 0, noted);
  }

  #remove(id: string) {
    const was = this.#placed.get(id);
    if (!was) return;
    this.#placed.delete(id);
    const notes = this.#notes(was.station);
    if (was.body.kind === 'reading') {
      notes.readings.get(was.body.probe)?.remove(id);
      return;
    }
    const list = notes[listOf[was.body.kind]] as Noted<RecordedBody>[];
    const index = list.findIndex((noted) => noted.id === id);
    if (index >= 0) list.splice(index, 1);
  }
}

/** Of one moment, the later id comes later: the order does not hang on what arrived first. */
const isLater = (a: { at: number; id: string }, b: { at: number; id: string }) =>
  a.at > b.at || (a.at === b.at && a.id > b.id);

function emptyNotes(): StationNotes {
  return {
    readings: new Map(),
    observations: [],
    events: [],
    measurements: [],
    noted: [],
    photos: [],
    deviations: [],
    timers: [],
    weighed: [],
    lastAt: null,
  };
}
