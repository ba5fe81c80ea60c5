import { medianOf, WeightedEquations } from '../numeric';
import { foresee } from '../forecast';
import type { Trace } from '../trace';
import type { ForecastLesson, ForecastScenario } from './forecast-lessons';

export interface ForecastFigures {
  id: string;
  lessons: number;
  forecasts: number;
  /** Share of intervals that held the moment it was reached, %. */
  coveragePercent: number;
  /** Share of moments at which no forecast was given, %. */
  silentPercent: number;
  /** Median width of the interval against the time that was really left, %. */
  widthPercent: number;
  /** Median error of the forecast two minutes ahead, s; null where none was made. */
  errorAtTwoMinutesS: number | null;
  /** The same for one who knows the scenario and only not its numbers; null where not asked for. */
  oracle: OracleFigures | null;
  /** The same for one who knows the physics, but not which scenario of its kind it is. */
  anyLesson: OracleFigures | null;
}

interface OracleFigures {
  widthPercent: number;
  errorAtTwoMinutesS: number;
}

type Forecaster = (
  lesson: ForecastLesson,
  /** Grows from moment to moment, as that of a board does. */
  trace: Trace,
  nowS: number,
) => { seconds: number; low: number; high: number | null } | null;

/** What the board says at a moment of a lesson, by the very call it makes; null where it gives no moment. */
export const programForecast: Forecaster = ({ batch, targetC, pan }, trace, nowS) => {
  const boilingC = batch?.localBoilingC ?? 99;
  const { forecast } = foresee({ batch, boilingC, ...pan }, trace, targetC, nowS);
  return forecast.kind === 'reaching' ? forecast : null;
};

/** z for a two-sided 95 % interval, and the median of |z|. */
const [z95, zHalf] = [1.96, 0.6745];

/**
 * Measures a forecaster over lessons of a scenario: at eight moments of each, spread over its last three quarters, and
 * two minutes before the end.
 *
 * @param withOracle also works out what the true model could say at best (several times as slow)
 */
export function measureForecasts(
  scenario: ForecastScenario,
  forecaster: Forecaster,
  lessons: number,
  withOracle = false,
): ForecastFigures {
  let [asked, held] = [0, 0];
  const widths: number[] = [];
  const errors: number[] = [];
  const [oracle, anyLesson] = [new OracleTally(), new OracleTally()];
  for (let seed = 1; seed <= lessons; seed += 1) {
    const lesson = scenario.lesson(seed);
    if (!Number.isFinite(lesson.reachedS)) continue;
    const bounds = withOracle ? slopesOf(lesson) : null;
    const { spreads, anySpreads } = lesson.truth;
    const moments = Array.from({ length: 8 }, (_, i) => lesson.reachedS * (0.25 + 0.09 * i));
    const early = lesson.reachedS - 120;
    const trace = { seconds: [] as number[], celsius: [] as number[] };
    for (const [i, now] of [...moments, early].entries()) {
      if (now < 30) continue;
      const upTo = lesson.seconds.findIndex((second) => second > now);
      const n = upTo < 0 ? lesson.seconds.length : upTo;
      for (let k = trace.seconds.length; k < n; k += 1) {
        trace.seconds.push(lesson.seconds[k]!);
        trace.celsius.push(lesson.celsius[k]!);
      }
      // Two minutes before the end may lie before the last of the moments: of that one another trace is read.
      const seen =
        i === moments.length
          ? { seconds: lesson.seconds.slice(0, n), celsius: lesson.celsius.slice(0, n) }
          : trace;
      const forecast = forecaster(lesson, seen, now);
      const real = lesson.reachedS - now;
      if (i === moments.length) {
        if (forecast) errors.push(Math.abs(forecast.seconds - real));
        if (bounds) oracle.error(boundOf(lesson, bounds, spreads, n));
        if (bounds && anySpreads) anyLesson.error(boundOf(lesson, bounds, anySpreads, n));
        continue;
      }
      asked += 1;
      if (!forecast) continue;
      if (real >= forecast.low && (forecast.high === null || real <= forecast.high)) held += 1;
      widths.push(((forecast.high ?? 4 * 3600) - forecast.low) / real);
      if (bounds) oracle.width(boundOf(lesson, bounds, spreads, n) / real);
      if (bounds && anySpreads) anyLesson.width(boundOf(lesson, bounds, anySpreads, n) / real);
    }
  }
  const given = widths.length;
  return {
    id: scenario.id,
    lessons,
    forecasts: given,
    coveragePercent: (100 * held) / Math.max(1, given),
    silentPercent: (100 * (asked - given)) / Math.max(1, asked),
    widthPercent: given === 0 ? 0 : 100 * medianOf(widths),
    errorAtTwoMinutesS: errors.length === 0 ? null : medianOf(errors),
    oracle: oracle.figures(),
    anyLesson: anyLesson.figures(),
  };
}

class OracleTally {
  readonly #widths: number[] = [];
  readonly #errors: number[] = [];

  width(relativeSd: number): void {
    this.#widths.push(200 * z95 * relativeSd);
  }

  error(sdS: number): void {
    this.#errors.push(zHalf * sdS);
  }

  figures(): OracleFigures | null {
    if (this.#widths.length === 0 || this.#errors.length === 0) return null;
    return { widthPercent: medianOf(this.#widths), errorAtTwoMinutesS: medianOf(this.#errors) };
  }
}

/** Step of a derivative, as a share of what is not known. */
const nudge = 0.15;

/** How the moment and each reading move with each thing that is not told. */
interface Slopes {
  moment: number;
  shown: number[];
}

function slopesOf({ seconds, targetC, reachedS, truth }: ForecastLesson): Slopes[] {
  const run = (values: readonly number[]) => {
    const shownAt = truth.play(values);
    const shown: number[] = [];
    let [before, moment, next] = [NaN, NaN, 0];
    for (let s = 1; s < 1.3 * reachedS + 300 && (Number.isNaN(moment) || next < seconds.length); s += 1) {
      const here = shownAt(s);
      if (s === seconds[next]) {
        shown.push(here);
        next += 1;
      }
      const there = truth.rising ? here >= targetC : here <= targetC;
      if (there && Number.isNaN(moment)) {
        moment = Number.isNaN(before) ? s : s - 1 + (targetC - before) / (here - before);
      }
      before = here;
    }
    return { shown, moment };
  };
  return truth.values.map((value, i) => {
    const step = nudge * Math.max(truth.spreads[i]!, truth.anySpreads?.[i] ?? 0);
    const moved = (by: number) => run(truth.values.map((one, j) => (i === j ? value + by : one)));
    const [up, down] = [moved(step), moved(-step)];
    return {
      moment: (up.moment - down.moment) / (2 * step),
      shown: up.shown.map((one, k) => (one - down.shown[k]!) / (2 * step)),
    };
  });
}

/**
 * The best that one who knows the model of a lesson, and how its numbers spread, could say of the moment it ends: the
 * bound of Cramér and Rao with what is known beforehand (van Trees).
 *
 * @returns the standard deviation after the first n readings, s
 */
function boundOf(
  { truth }: ForecastLesson,
  slopes: readonly Slopes[],
  spreads: readonly number[],
  n: number,
): number {
  const equations = new WeightedEquations(slopes.length);
  // In units of each spread, so that the equations are well scaled.
  for (let k = 0; k < n; k += 1) {
    const row = slopes.map((slope, i) => slope.shown[k]! * spreads[i]!);
    equations.add(row, 0, 1 / truth.readingC ** 2);
  }
  slopes.forEach((_, i) => {
    const row = slopes.map((__, j) => (i === j ? 1 : 0));
    equations.add(row, 0, 1);
  });
  const covariance = equations.solve()?.covariance;
  if (!covariance) return Infinity;
  const moment = slopes.map((slope, i) => slope.moment * spreads[i]!);
  const variance = moment.reduce(
    (sum, a, i) => sum + moment.reduce((part, b, j) => part + a * b * covariance[i]![j]!, 0),
    0,
  );
  return Math.sqrt(Math.max(0, variance));
}
