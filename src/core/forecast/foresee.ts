import { forecastSyrup, lessonSpreads, type SyrupBatch, type SyrupSpreads } from '../sugar';
import { timeToTarget, type Forecast, type Surroundings, type Trace } from '../trace';
import { PanWatch } from './pan-watch';

/** What a thermometer stands in. */
export interface Pan {
  /** The syrup of its batch, where it boils one to above the boiling point of water. */
  batch: SyrupBatch | null;
  /** Water boils here, °C. */
  boilingC: number;
  /** It is mostly water, in a pan: it steams the more the nearer it comes to the boil. */
  steams: boolean;
  /** It is the core of a food, whose warmth comes late and from all sides: nobody touches it. */
  core: boolean;
  /** What it cools or warms in, as far as plan and readings tell; null: nothing is told. */
  surroundings: Surroundings | null;
}

/** When a pan will be there, and what was seen on the way. */
export interface Foreseen {
  forecast: Forecast;
  /**
   * Since when it goes as it goes now, s: the heat was turned, a lid put on, something poured in; null: all along, or the
   * readings are too far apart to tell a moment.
   */
  changedS: number | null;
  /** The thermometer is out just now, or something cold has gone in. */
  away: boolean;
  /** Moments of readings that are left out, s: no pan goes like that. */
  wild: readonly number[];
}

/** After a change so many readings, over so many seconds, are wanted before anything is said. */
const [leastReadings, leastS] = [5, 16];
/** What is seen since a change is short: of what was not known beforehand more counts, and the heat may be turned again. */
const touchedSpreads = { ...lessonSpreads, narrowed: 0.8, rate: 0.06, offsetC: 1.2 };
/** Cold cream in a syrup: about so much of its water as was weighed, give or take. */
const pouredSpreads = { ...touchedSpreads, pouredIn: { likely: 0.3, sd: 0.3 } };

/** Read by eye to two degrees or more, and often of what is no plain syrup. */
const byEyeSpreads = { ...lessonSpreads, rate: 0.08 };

/** Readings no farther apart than this, s, tell a moment; of those by hand a change is only taken into account. */
const closeS = 15;
const isClose = (seconds: readonly number[]) => {
  const of = Math.min(6, seconds.length - 1);
  return of > 0 && (seconds.at(-1)! - seconds.at(-1 - of)!) / of <= closeS;
};

const watches = new WeakMap<Trace, { batch: SyrupBatch | null; watch: PanWatch }>();

/** A station that chooses its own amounts has its batch worked out anew each time; it is the same batch all the same. */
const isSame = (one: SyrupBatch | null, other: SyrupBatch | null): boolean =>
  one === other || (one !== null && other !== null && JSON.stringify(one) === JSON.stringify(other));

function watchOf(trace: Trace, { batch, core }: Pan, nowS: number): PanWatch {
  const known = watches.get(trace);
  if (known && isSame(known.batch, batch) && known.watch.holdsAt(nowS)) return known.watch;
  const watch = new PanWatch(trace, batch, core);
  watches.set(trace, { batch, watch });
  return watch;
}

/**
 * Time until a pan shows a temperature, by what it has done since it was last touched. Readings from before a change count no
 * more, and those of a thermometer that was out never; where too little has been seen since, nothing is said.
 *
 * @param doneS when something was last done to it by what is written down (a lid, cream in, the heat turned), on the trace’s
 *   clock, s; null: nothing was
 * @param nowS the present moment on the trace’s clock, s; asked again and again of a trace that grows, only what is new is read
 */
export function foresee(
  pan: Pan,
  trace: Trace,
  targetC: number,
  nowS: number,
  doneS: number | null = null,
): Foreseen {
  const watch = watchOf(trace, pan, nowS);
  watch.readTo(nowS);
  const { settling, changes } = watch;
  // A hob that cycles goes on cycling: that is no news, and the fit knows of it.
  const seen = changes.changed && !changes.isRestless;
  const done = firstSince(settling.seconds, doneS, nowS);
  const start = Math.max(changes.start, done);
  const touched = seen || done > changes.start;
  const told = {
    changedS: seen && isClose(changes.seconds) ? (changes.seconds[changes.start] ?? null) : null,
    away: settling.isAway,
    wild: settling.wild,
  };
  if (settling.isAway) return { ...told, forecast: { kind: 'not-yet' } };
  const since = {
    seconds: settling.seconds.slice(start),
    celsius: settling.celsius.slice(start),
  };
  const span = since.seconds.length === 0 ? 0 : nowS - since.seconds[0]!;
  if (touched && (since.seconds.length < leastReadings || span < leastS))
    return { ...told, forecast: soonAnyway(since, targetC, nowS) };
  const coldYet = watch.poured !== null && since.celsius.at(-1)! < watch.poured.untilC;
  if (pan.batch && coldYet) return { ...told, forecast: { kind: 'not-yet' } };
  const spreads = watch.poured
    ? pouredSpreads
    : touched
      ? touchedSpreads
      : watch.coarse
        ? byEyeSpreads
        : lessonSpreads;
  // Once it was touched it may stand somewhere else.
  const known = touched ? { ...pan, surroundings: null } : pan;
  const forecast = forecastBy(known, spreads, since, targetC, nowS);
  return { ...told, forecast: watch.onPlateau && !touched ? sooner(forecast) : forecast };
}

/** The first reading since a moment, where there are some before it; else the first of all. */
function firstSince(seconds: readonly number[], doneS: number | null, nowS: number): number {
  if (doneS === null || doneS > nowS) return 0;
  const at = seconds.findIndex((second) => second >= doneS);
  return at < 0 ? seconds.length : at;
}

/** While a syrup stands on its plateau a burner that is turned shows in no reading for minutes: it may come in this share of the time. */
const onPlateauSooner = 0.66;

function sooner(forecast: Forecast): Forecast {
  if (forecast.kind !== 'reaching') return forecast;
  return { ...forecast, low: Math.min(forecast.low, onPlateauSooner * forecast.seconds) };
}

/** So near, s, hands must be ready whatever was just done: it may come this many times sooner, or later. */
const [nearS, timesOff] = [60, 4];

/** Just after a change nothing is known of when, but for what is there nearly now: of that a warning is better than silence. */
function soonAnyway({ seconds, celsius }: Trace, targetC: number, nowS: number): Forecast {
  const last = seconds.length - 1;
  if (last < 2) return { kind: 'not-yet' };
  const rate = (celsius[last]! - celsius[last - 2]!) / (seconds[last]! - seconds[last - 2]!);
  const left = (targetC - celsius[last]!) / rate - (nowS - seconds[last]!);
  if (!(left > 0 && left < nearS)) return { kind: 'not-yet' };
  return { kind: 'reaching', seconds: left, low: left / timesOff, high: left * timesOff };
}

function forecastBy(pan: Pan, spreads: SyrupSpreads, trace: Trace, targetC: number, nowS: number): Forecast {
  const { batch, boilingC, steams, core, surroundings } = pan;
  // What the heat of a syrup never gets it to, no curve through its temperature does.
  if (batch && targetC > boilingC) return forecastSyrup(trace, batch, targetC, nowS, spreads);
  return timeToTarget(trace, targetC, nowS, surroundings ?? undefined, steams ? boilingC : undefined, core);
}
