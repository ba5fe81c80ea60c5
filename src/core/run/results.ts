import { RefusedValue } from '../bounds';
import {
  isNumeric,
  factorsWithLevels,
  treatmentsOf,
  type Factor,
  type Plan,
  type Response,
  type Treatment,
} from '../practical';
import { divisionSeen, isScore, spreadOfRounding } from '../inference';
import { describeSample, fitLine, meanOf, studentT, type LinearFit } from '../statistics';
import { reachedByHeating } from './approach';
import { asMadeAt, madeOtherwise } from './as-made';
import { watchesOf, type BenchSetting, type Watch } from './bench-setting';
import type { ResultCell } from './result-cell';
import { cellsOfStation } from './station-cells';
import { farthestIn, firstAfter } from './farthest';
import type { Notebook } from './notebook';

/** How far a station took a step that a thermometer ends. */
export interface Reached {
  stepId: string;
  /** Farthest reading by the end of the step, on its own thermometer, °C. */
  celsius: number | null;
  /** Its target there, °C. */
  targetC: number;
  /** What it reached, as a sea-level temperature, so that it stands beside the levels. */
  seaLevelC: number | null;
  /** Whether the step was marked as done. */
  done: boolean;
  /** Whether it was cooled towards its target: then what it reached is its lowest reading. */
  cooled: boolean;
}

export interface ResultRow {
  station: number;
  treatment: Treatment | null;
  label: string;
  /** One for each response of the plan, in its order. */
  cells: ResultCell[];
  /** One for each step of the station that a thermometer ends, in its order. */
  reached: Reached[];
  deviations: string[];
  /** What it wrote down of each noted variable of the plan; empty where nothing. */
  noted: string[];
}

/** The class table: one row a station, stations grouped by treatment. */
export function classTable(setting: BenchSetting, notebook: Notebook): ResultRow[] {
  const { plan } = setting;
  const order = treatmentsOf(plan).map((treatment) => treatment.id);
  const rankOf = (station: number) => order.indexOf(setting.own(station).treatment?.id ?? '');
  const stations = [...setting.stations].sort((a, b) => rankOf(a) - rankOf(b) || a - b);
  return stations.map((station) => {
    const notes = notebook.station(station);
    const own = setting.ownWith(station, notebook);
    return {
      station,
      treatment: own.treatment,
      label: own.treatment?.label ?? '',
      cells: cellsOfStation(plan.responses, notes),
      reached: watchesOf(plan, own).map((watch) => reachedAt(watch, setting, station, notebook)),
      deviations: [
        ...notes.deviations.map((noted) => noted.body.text),
        ...madeOtherwise(asMadeAt(setting, notebook, station))
          .filter(({ verdict }) => verdict.rank === 'check')
          .map(({ words }) => words),
      ],
      noted: plan.noted.map((noted) => notebook.notedAbout(station, noted.id)?.body.text ?? ''),
    };
  });
}

/** Where the factor of a temperature says a station ends, what it reached there; null for none. */
export function reachedByFactor(plan: Plan, row: Pick<ResultRow, 'reached'>): Reached | null {
  const acts = plan.factors.map((factor) => factor.acts).find((one) => one.on === 'end-temperature');
  if (!acts) return null;
  return row.reached.find((one) => one.stepId === acts.stepId) ?? row.reached.at(-1) ?? null;
}

/** Seconds after “off the heat” in which a pan may still climb. */
const carryOverS = 20;
/** Whether a station began more than this above its target, °C, and is to be cooled to it. */
const wellAboveC = 5;

function reachedAt(watch: Watch, setting: BenchSetting, station: number, notebook: Notebook): Reached {
  const target = watch.step.target!;
  const trace = notebook.station(station).readings.get(watch.probe);
  const events = notebook.eventsAt(station);
  const done = events.find((event) => event.body.stepId === watch.step.id)?.at ?? null;
  // Where one thermometer serves several steps, each has the readings from the end of the one before it.
  const earlier = watchesOf(setting.plan, setting.own(station)).filter(
    (one) => one.probe === watch.probe && one.step.number < watch.step.number,
  );
  const begun = earlier.map(
    (one) => events.find((event) => event.body.stepId === one.step.id)?.at ?? -Infinity,
  );
  const from = begun.length === 0 ? -Infinity : (Math.max(...begun) - notebook.zeroMs) / 1000;
  const until = done === null ? Infinity : (done - notebook.zeroMs) / 1000 + carryOverS;
  const begin = trace ? firstAfter(trace, from) : 0;
  const celsius = trace ? trace.celsius.slice(begin, begin + 3) : [];
  const cooled = !reachedByHeating(watch.medium, setting.boilingC, target.localC + wellAboveC, celsius);
  const reachedC = trace ? farthestIn(trace, { from, until, cooled }) : null;
  return {
    stepId: watch.step.id,
    celsius: reachedC,
    targetC: target.localC,
    seaLevelC: reachedC === null ? null : reachedC + target.seaLevelC - target.localC,
    done: done !== null,
    cooled,
  };
}

/** Whether points stand at the level that was planned or where the station really stopped. */
export type PlotAt = 'planned' | 'reached';

export interface SeriesPoint {
  station: number;
  treatmentId: string;
  x: number;
  y: number;
  deviated: boolean;
}

export interface LevelGroup {
  treatment: Treatment;
  label: string;
  x: number;
  values: number[];
  mean: number;
  /** 95 % interval of the mean, the instrument's rounding in it; null with fewer than two stations, and for scores. */
  ci95: [number, number] | null;
}

/** One response against the factor. */
export interface ResponseSeries {
  response: Response;
  /** Index of the response in the plan. */
  index: number;
  /** The factors it is laid out against: the first along the axis, a second one side by side. */
  factors: readonly Factor[];
  numeric: boolean;
  points: SeriesPoint[];
  groups: LevelGroup[];
  /** A score: its order counts, not its distances. */
  ordinal: boolean;
  /** Spread that the rounding of the instrument alone makes, in the response's unit. */
  leastSd: number;
  /** A straight line through every station; null for two factors, words and scores, or where there are too few points. */
  fit: LinearFit | null;
}

/** Whether the values of a response are an order without a measure. */
function isOrdinal(response: Response): boolean {
  if (response.kind === 'number') return isScore(response);
  return response.kind === 'score' || response.kind === 'ordered-words' || response.kind === 'sensory';
}

/** Lays one response out against the factors, every station visible. */
export function responseSeries(
  plan: Plan,
  rows: readonly ResultRow[],
  index: number,
  plotAt: PlotAt,
): ResponseSeries {
  const response = plan.responses[index]!;
  const factors = factorsWithLevels(plan);
  const first = factors[0];
  const numeric = first !== undefined && isNumeric(first);
  const treatments = treatmentsOf(plan);
  const xOf = placesAlong(plan, treatments, numeric);
  const points = rows.flatMap((row): SeriesPoint[] => {
    const y = row.cells[index]?.mean ?? null;
    if (y === null || !row.treatment) return [];
    const byTemperature = plotAt === 'reached' && first?.acts.on === 'end-temperature';
    const reached = byTemperature ? (reachedByFactor(plan, row)?.seaLevelC ?? null) : null;
    return [
      {
        station: row.station,
        treatmentId: row.treatment.id,
        x: reached ?? xOf(row.treatment),
        y,
        deviated: row.deviations.length > 0,
      },
    ];
  });
  const ordinal = isOrdinal(response);
  const leastSd = spreadOfRounding(response.smallestDivision ?? divisionSeen(points.map((point) => point.y)));
  const groups = treatments.flatMap((treatment): LevelGroup[] => {
    const values = points.filter((point) => point.treatmentId === treatment.id).map((point) => point.y);
    if (values.length === 0) return [];
    const mean = meanOf(values);
    const ci95 = ordinal ? null : intervalOf(values, leastSd);
    return [{ treatment, label: treatment.label, x: xOf(treatment), values, mean, ci95 }];
  });
  const fit = numeric && !ordinal && factors.length === 1 ? lineThrough(points) : null;
  return { response, index, factors, numeric, points, groups, ordinal, leastSd, fit };
}

/** Where a treatment stands along the axis of the first factor. */
function placesAlong(plan: Plan, treatments: readonly Treatment[], numeric: boolean) {
  const first = factorsWithLevels(plan)[0];
  const words = [...new Set(treatments.map((one) => one.levels[0]!.id))];
  return ({ levels }: Treatment): number => {
    const level = levels[0]!;
    return numeric && first ? (level.value ?? 0) : words.indexOf(level.id);
  };
}

/** 95 % interval of a mean, never narrower than the rounding of the readings leaves it. */
function intervalOf(values: readonly number[], leastSd: number): [number, number] | null {
  if (values.length < 2) return null;
  const { mean, sd, n } = describeSample(values);
  const half = (studentT(n - 1) * Math.hypot(sd, leastSd)) / Math.sqrt(n);
  return [mean - half, mean + half];
}

function lineThrough(points: readonly SeriesPoint[]): LinearFit | null {
  try {
    return fitLine(
      points.map((point) => point.x),
      points.map((point) => point.y),
    );
  } catch (error) {
    if (error instanceof RefusedValue) return null;
    throw error;
  }
}
