import { RefusedValue } from '../bounds';
import {
  boilingIn,
  levelLabel,
  levelOf,
  levelsInOrder,
  targetOf,
  temperatureStep,
  type Level,
  type Place,
  type Plan,
  type Response,
} from '../practical';
import { divisionSeen, isScore, spreadOfRounding } from '../inference';
import { describeSample, fitLine, meanOf, studentT, type LinearFit } from '../statistics';
import { reachedByHeating } from './approach';
import type { Notebook, StationNotes } from './notebook';

/** What one station measured of one response. Several values are repeats; their mean counts. */
export interface ResultCell {
  values: { id: string; value: number; corrected: boolean }[];
  mean: number | null;
}

export interface ResultRow {
  station: number;
  level: Level | undefined;
  levelWords: string;
  /** One for each response of the plan, in its order. */
  cells: ResultCell[];
  /** How hot the station really got by the end of its temperature step, on its own thermometer, °C. */
  reachedC: number | null;
  /** Whether its temperature step was marked as done. */
  heatingDone: boolean;
  /** Whether it was cooled towards its target: then what it reached is its lowest reading. */
  cooled: boolean;
  /** Its target there, °C. */
  targetC: number | null;
  /** What it reached, as a sea-level temperature, so that it stands beside the levels. */
  reachedSeaLevelC: number | null;
  deviations: string[];
}

/** The class table: one row a station, stations grouped by level. */
export function classTable(
  plan: Plan,
  place: Place | null,
  levels: ReadonlyMap<number, string>,
  notebook: Notebook,
): ResultRow[] {
  const order = levelsInOrder(plan.factor).map((level) => level.id);
  const stations = [...levels.keys()].sort(
    (a, b) => order.indexOf(levels.get(a)!) - order.indexOf(levels.get(b)!) || a - b,
  );
  const { boilingC } = boilingIn(place);
  return stations.map((station) => {
    const notes = notebook.station(station);
    const level = levelOf(plan, levels.get(station));
    const hot = temperatureStep(plan);
    const target = hot ? targetOf(plan, hot.endpoint, level, place) : null;
    const doneAt = heatingDoneAt(plan, notes, notebook);
    const cooled =
      target !== null &&
      !reachedByHeating(plan, boilingC, target.localC + wellAboveC, notes.readings.get(1)?.celsius ?? []);
    const reachedC = target === null ? null : reachedIn(notes, notebook, doneAt, cooled);
    return {
      station,
      level,
      levelWords: level ? levelLabel(plan.factor, level) : '',
      cells: plan.responses.map((response) => cellOf(response, notes)),
      reachedC,
      heatingDone: doneAt !== null,
      cooled,
      targetC: target?.localC ?? null,
      reachedSeaLevelC:
        reachedC === null || target === null ? null : reachedC + target.seaLevelC - target.localC,
      deviations: notes.deviations.map((noted) => noted.body.text),
    };
  });
}

/** What a station measured of a response. */
export function cellOf(response: Response, notes: StationNotes): ResultCell {
  const values = notes.measurements
    .filter((noted) => noted.body.responseId === response.id)
    .map((noted) => ({ id: noted.id, value: noted.body.value, corrected: noted.corrected }));
  return { values, mean: values.length === 0 ? null : meanOf(values.map((one) => one.value)) };
}

/** Seconds after “off the heat” in which a pan may still climb. */
const carryOverS = 20;

/** When the temperature step was marked as done, ms; null for not yet. */
function heatingDoneAt(plan: Plan, notes: StationNotes, notebook: Notebook): number | null {
  const hot = temperatureStep(plan);
  const done = [...notes.events, ...notebook.everywhere.events].find(
    (event) => event.body.stepId === hot?.id,
  );
  return done?.at ?? null;
}

/** Whether a station began more than this above its target, °C, and is to be cooled to it. */
const wellAboveC = 5;

/** Farthest reading towards the target up to the end of the step; a single wild reading does not count. */
function reachedIn(
  notes: StationNotes,
  notebook: Notebook,
  doneAt: number | null,
  cooled: boolean,
): number | null {
  const trace = notes.readings.get(1);
  if (!trace || trace.celsius.length === 0) return null;
  const until = doneAt === null ? Infinity : (doneAt - notebook.zeroMs) / 1000 + carryOverS;
  let farthest: number | null = null;
  for (let i = 0; i < trace.celsius.length && trace.seconds[i]! <= until; i += 1) {
    const around = trace.celsius.slice(Math.max(0, i - 1), i + 2).sort((a, b) => a - b);
    const middle = around[Math.floor(cooled ? around.length / 2 : (around.length - 1) / 2)]!;
    if (farthest === null || (cooled ? middle < farthest : middle > farthest)) farthest = middle;
  }
  return farthest;
}

/** Whether points stand at the level that was planned or where the station really stopped. */
export type PlotAt = 'planned' | 'reached';

export interface SeriesPoint {
  station: number;
  levelId: string;
  x: number;
  y: number;
  deviated: boolean;
}

export interface LevelGroup {
  level: Level;
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
  numeric: boolean;
  points: SeriesPoint[];
  groups: LevelGroup[];
  /** A score: its order counts, not its distances. */
  ordinal: boolean;
  /** Spread that the rounding of the instrument alone makes, in the response's unit. */
  leastSd: number;
  /** A straight line through every station; null for words and scores, or where there are too few points. */
  fit: LinearFit | null;
}

/** Lays one response out against the factor, every station visible. */
export function responseSeries(
  plan: Plan,
  rows: readonly ResultRow[],
  index: number,
  plotAt: PlotAt,
): ResponseSeries {
  const response = plan.responses[index]!;
  const numeric = plan.factor.kind !== 'words';
  const ordered = levelsInOrder(plan.factor);
  const xOf = (level: Level) => (numeric ? (level.value ?? 0) : ordered.indexOf(level));
  const points = rows.flatMap((row): SeriesPoint[] => {
    const y = row.cells[index]?.mean ?? null;
    if (y === null || !row.level) return [];
    const reached = plotAt === 'reached' && plan.factor.kind === 'target' ? row.reachedSeaLevelC : null;
    return [
      {
        station: row.station,
        levelId: row.level.id,
        x: reached ?? xOf(row.level),
        y,
        deviated: row.deviations.length > 0,
      },
    ];
  });
  const ordinal = isScore(response);
  const leastSd = spreadOfRounding(response.smallestDivision ?? divisionSeen(points.map((point) => point.y)));
  const groups = ordered.flatMap((level): LevelGroup[] => {
    const values = points.filter((point) => point.levelId === level.id).map((point) => point.y);
    if (values.length === 0) return [];
    const label = levelLabel(plan.factor, level);
    const mean = meanOf(values);
    return [
      { level, label, x: xOf(level), values, mean, ci95: ordinal ? null : intervalOf(values, leastSd) },
    ];
  });
  const fit = numeric && !ordinal ? lineThrough(points) : null;
  return { response, index, numeric, points, groups, ordinal, leastSd, fit };
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
