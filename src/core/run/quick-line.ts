import { RefusedValue } from '../bounds';
import { formatNumber, formatTemperature } from '../format';
import type { Plan, StationPlan, StationStep } from '../practical';
import { readingRangeC } from '../trace';
import { celsiusFromFahrenheit, fahrenheitFromCelsius } from '../units';
import { recordedInWords, type EntryBody, type RecordedBody } from './entry';
import type { ReadingBody } from './entry-kinds';
import { measurementIn, number, toNumber } from './quick-measurement';
import { stationRange } from './station-range';
import { eventOf } from './steps';

/** What the line needs to know of the run it is typed into. */
export interface QuickLineContext {
  plan: Plan;
  stations: readonly number[];
  /** What a bare number is read in. */
  unit: 'C' | 'F';
  /** What a station does. */
  own(station: number): StationPlan;
  /** The step a station is at; undefined when all are done. */
  currentStep(station: number): StationStep | undefined;
  /** Which of its thermometers a bare number is of: the one its present step asks for. */
  probe(station: number): number;
  /** The last reading of a station's thermometer, for `/`. */
  lastReading(station: number, probe: number): { id: string; celsius: number } | null;
  /** The last thing written by hand at a station (readings aside), for `/ strike`. */
  lastWritten(station: number): { id: string; body: RecordedBody } | null;
  /** The last measurement of a station with that name, for `/`. */
  lastMeasurement(station: number, name: string): { id: string; value: number; unit: string } | null;
}

/** One entry the line would write: at one station, or (null) everywhere. */
export interface QuickEntry {
  station: number | null;
  body: EntryBody;
}

export type Understood =
  | { kind: 'empty' }
  | { kind: 'entries'; entries: QuickEntry[]; words: string }
  /** Not finished yet, and not wrong: what could come next. */
  | { kind: 'open'; hint: string }
  | { kind: 'refused'; field: string; value: string; allowed: string };

/**
 * Understands one typed line: `4 118.5`, `4 244F`, `4 t2 117`, `4 golden`, `4 soda in`, `4 m 86.2g`,
 * `4 snap 3.2`, `4 ! dropped an egg`, `4 / 118.0`, `4 timer 20 look 15`, `all oven door opened`.
 */
export function readQuickLine(line: string, context: QuickLineContext): Understood {
  const text = line.trim();
  if (text === '') return { kind: 'empty' };
  const [, who = '', rest = ''] = /^(\S+)\s*(.*)$/s.exec(text) ?? [];
  try {
    const stations = whichStations(who, context);
    if (rest === '')
      return { kind: 'open', hint: 'a temperature, what you see, ! what went differently, / a correction' };
    const entries = entriesFor(stations, rest, context);
    if ('hint' in entries) return { kind: 'open', hint: entries.hint };
    return { kind: 'entries', entries: entries.list, words: inWords(entries.list, context) };
  } catch (error) {
    if (!(error instanceof RefusedValue)) throw error;
    return { kind: 'refused', field: error.field, value: String(error.value), allowed: error.allowed };
  }
}

function whichStations(who: string, { stations }: QuickLineContext): number[] | 'all' {
  if (/^(all|every|\*)$/i.test(who)) return 'all';
  const number = Number(who.replace(/[:,]$/, ''));
  if (!Number.isInteger(number) || !stations.includes(number)) {
    throw new RefusedValue('station', who, `${stationRange(stations)}, or all`);
  }
  return [number];
}

type Read = { list: QuickEntry[] } | { hint: string };

function entriesFor(stations: number[] | 'all', rest: string, context: QuickLineContext): Read {
  if (rest.startsWith('!')) {
    const text = rest.slice(1).trim();
    if (text === '') return { hint: 'what went differently' };
    return everywhereOr(stations, { kind: 'deviation', text });
  }
  if (rest.startsWith('/')) return corrections(stations, rest.slice(1).trim(), context);
  const timer = /^timer\s+(\S+)(?:\s+look\s+(\S+))?$/i.exec(rest);
  if (timer) return everywhereOr(stations, timerBody(timer[1]!, timer[2], context));
  if (/^timer\b/i.test(rest)) return { hint: 'timer 20 look 15 (minutes)' };

  const each = stations === 'all' ? context.stations : stations;
  const list: QuickEntry[] = [];
  for (const station of each) {
    const body = bodyFor(station, rest, stations === 'all', context);
    if ('hint' in body) return body;
    if (stations === 'all' && body.kind === 'event' && body.stepId === null) return everywhereOr('all', body);
    list.push({ station, body });
  }
  return { list };
}

function everywhereOr(stations: number[] | 'all', body: RecordedBody): Read {
  if (stations === 'all') return { list: [{ station: null, body }] };
  return { list: stations.map((station) => ({ station, body })) };
}

function timerBody(minutes: string, look: string | undefined, context: QuickLineContext): RecordedBody {
  const length = positive('timer', minutes, 600);
  const lookAt = look === undefined ? null : positive('look', look, length);
  return { kind: 'timer', label: context.plan.title, minutes: length, lookAt };
}

function positive(field: string, text: string, most: number): number {
  const value = Number(text.replace(',', '.'));
  if (!Number.isFinite(value) || value <= 0 || value > most) {
    throw new RefusedValue(field, text, `minutes, more than 0 and up to ${formatNumber(most)}`);
  }
  return value;
}

function bodyFor(
  station: number,
  rest: string,
  everywhere: boolean,
  context: QuickLineContext,
): RecordedBody | { hint: string } {
  return (
    readingIn(station, rest, context) ??
    measurementIn(rest, context.plan) ??
    eventIn(station, rest, everywhere, context) ??
    numberSlip(rest) ?? { kind: 'observation', text: rest, when: 'during', sense: null }
  );
}

const readingPattern = new RegExp(`^(?:t(\\d)\\s+)?(${number})\\s*(?:°\\s*)?([CF])?$`, 'i');
const probeBegun = /^t\d?\s*$/i;

function readingIn(
  station: number,
  rest: string,
  context: QuickLineContext,
): ReadingBody | { hint: string } | null {
  if (probeBegun.test(rest) && /\d/.test(rest)) return { hint: 'what that thermometer shows' };
  const match = readingPattern.exec(rest);
  if (!match) return null;
  const unit = (match[3]?.toUpperCase() ?? context.unit) as 'C' | 'F';
  const typed = toNumber(match[2]!);
  const celsius = unit === 'F' ? celsiusFromFahrenheit(typed) : typed;
  const { low, high } = readingRangeC;
  if (!(celsius >= low && celsius <= high)) {
    const ends = unit === 'F' ? [fahrenheitFromCelsius(low), fahrenheitFromCelsius(high)] : [low, high];
    throw new RefusedValue(
      'temperature',
      `${match[2]} °${unit}`,
      `${formatNumber(ends[0]!)} to ${formatNumber(ends[1]!)} °${unit}`,
    );
  }
  const probe = Number(match[1] ?? context.probe(station));
  if (probe < 1) throw new RefusedValue('thermometer', `t${probe}`, 't1 to t9');
  return { kind: 'reading', celsius: roundedTo(celsius, 4), probe, unit, source: 'typed' };
}

const roundedTo = (value: number, decimals: number) => Math.round(value * 10 ** decimals) / 10 ** decimals;

function eventIn(
  station: number,
  rest: string,
  everywhere: boolean,
  context: QuickLineContext,
): RecordedBody | null {
  const said = rest.toLowerCase().replace(/[.!]$/, '');
  const current = context.currentStep(station);
  const named = context.own(station).steps.find((step) => eventOf(step).toLowerCase() === said);
  const step = named ?? (/^(done|step done)$/.test(said) ? current : undefined);
  if (step) return { kind: 'event', text: eventOf(step), stepId: step.id };
  if (everywhere) return { kind: 'event', text: rest, stepId: null };
  return null;
}

/** A lone token that begins like a number but is none: a slip of the finger, not an observation. */
function numberSlip(rest: string): null {
  const slip = /^[-−.,]?\d\S*$/.test(rest) || /^t\d\s/i.test(rest);
  if (slip) throw new RefusedValue('temperature', rest, 'a number, such as 118.5, 118.5C or 244F');
  return null;
}

function corrections(stations: number[] | 'all', rest: string, context: QuickLineContext): Read {
  if (rest === '') return { hint: 'the right value for the last reading, such as / 118.0' };
  if (stations === 'all') throw new RefusedValue('station', 'all', 'one station at a time for a correction');
  const station = stations[0]!;
  if (/^strike( out)?$/i.test(rest)) {
    const last = context.lastWritten(station);
    if (!last)
      throw new RefusedValue('station', String(station), 'a station with something written to strike out');
    return { list: [{ station, body: { kind: 'correction', corrects: last.id, to: null } }] };
  }
  const to = bodyFor(station, rest, false, context);
  if ('hint' in to) return to;
  if (to.kind === 'reading') {
    const last = context.lastReading(station, to.probe);
    if (!last) throw new RefusedValue('station', String(station), 'a station with a reading to correct');
    return { list: [{ station, body: { kind: 'correction', corrects: last.id, to } }] };
  }
  if (to.kind === 'measurement') {
    const last = context.lastMeasurement(station, to.name);
    if (!last) throw new RefusedValue('measurement', to.name, 'something that was measured here before');
    return { list: [{ station, body: { kind: 'correction', corrects: last.id, to } }] };
  }
  throw new RefusedValue('correction', rest, 'a temperature, a measurement such as / snap 3.2, or / strike');
}

/** Says the entries back: “Station 4 · temperature 142.1 °C (287.8 °F)”. */
function inWords(entries: readonly QuickEntry[], context: QuickLineContext): string {
  const first = entries[0]!;
  const where =
    first.station === null || (entries.length > 1 && entries.length === context.stations.length)
      ? 'All stations'
      : `Station ${entries.map((entry) => entry.station).join(', ')}`;
  return `${where} · ${bodyInWords(first.body, first.station, context)}`;
}

function bodyInWords(body: EntryBody, station: number | null, context: QuickLineContext): string {
  if (body.kind !== 'correction') return recordedInWords(body);
  if (body.to === null) {
    const struck = station === null ? null : context.lastWritten(station);
    return `strikes out “${struck ? recordedInWords(struck.body) : 'it'}”`;
  }
  const was =
    body.to.kind === 'reading' && station !== null ? context.lastReading(station, body.to.probe) : null;
  const before =
    was !== null
      ? formatTemperature(was.celsius, body.to.kind === 'reading' ? body.to.unit : 'C')
      : body.to.kind === 'measurement' && station !== null
        ? formatNumber(context.lastMeasurement(station, body.to.name)?.value ?? NaN)
        : 'it';
  return `corrects ${before} to ${recordedInWords(body.to)}`;
}
