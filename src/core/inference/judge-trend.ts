import {
  fitLine,
  fUpper,
  meanOf,
  noncentralTwoSided,
  rankOf,
  sharesAtLeast,
  studentT,
  studentTwoSided,
  type LinearFit,
} from '../statistics';
import { calledDifferent } from './called-different';

export interface TrendPoint {
  x: number;
  y: number;
  /** The level it belongs to, whose repeats tell the spread; points at one level may lie apart in x. */
  level: string;
}

export interface LackOfFit {
  f: number;
  df: [number, number];
  p: number;
  /** The level farthest from the line for its spread, and by how much its mean lies above it. */
  worst: { level: string; off: number; ratio: number };
  /** Spread within the levels. */
  sd: number;
}

export interface TrendJudged {
  method: 'line' | 'ranks';
  p: number;
  told: boolean;
  /** Along the whole range of x: change of the line, with its 95 % interval; null where ranks decide. */
  change: number;
  low: number | null;
  high: number | null;
  fit: LinearFit;
  /** Residual spread, no smaller than the rounding of the instrument. */
  sd: number;
  df: number;
  /** Whether the line fits; null where it cannot be tried. */
  lackOfFit: LackOfFit | null;
}

/**
 * Does a response rise or fall along ordered levels? By the slope of a straight line, its spread no smaller than the
 * instrument's rounding, with a test of whether a line fits at all (pure error of the repeats against what the line
 * leaves; Draper and Smith, 2.1); for scores by shuffling their ranks over the levels.
 *
 * @returns null for fewer than four points or only one x
 */
export function judgeTrend(
  points: readonly TrendPoint[],
  leastSd: number,
  ordinal: boolean,
): TrendJudged | null {
  const xs = points.map((point) => point.x);
  const [from, to] = [Math.min(...xs), Math.max(...xs)];
  if (points.length < 4 || !(to > from)) return null;
  const fit = fitLine(
    xs,
    points.map((point) => point.y),
  );
  const df = points.length - 2;
  const sd = Math.hypot(leastSd, fit.residualSd);
  const change = fit.slope * (to - from);
  if (ordinal) {
    const p = rankTrendP(points);
    return {
      method: 'ranks',
      p,
      told: p < calledDifferent,
      change,
      low: null,
      high: null,
      fit,
      sd,
      df,
      lackOfFit: null,
    };
  }
  const meanX = meanOf(xs);
  const sxx = xs.reduce((sum, x) => sum + (x - meanX) ** 2, 0);
  const se = sd / Math.sqrt(sxx);
  const half = studentT(df, 1 - calledDifferent) * se * (to - from);
  const p = se === 0 ? 1 : studentTwoSided(fit.slope / se, df);
  return {
    method: 'line',
    p,
    told: p < calledDifferent,
    change,
    low: change - half,
    high: change + half,
    fit,
    sd,
    df,
    lackOfFit: lackOfFit(points, fit, leastSd),
  };
}

/** Share of all deals of the ranks over the stations that lean on the factor at least as much. */
function rankTrendP(points: readonly TrendPoint[]): number {
  const levels = new Map<number, number[]>();
  for (const { x, y } of points) levels.set(x, [...(levels.get(x) ?? []), y]);
  const ordered = [...levels].sort(([a], [b]) => a - b);
  const sizes = ordered.map(([, values]) => values.length);
  const { ranks } = rankOf(ordered.flatMap(([, values]) => values));
  const centre = meanOf(ranks);
  // Mid-ranks of the levels, so that only their order counts.
  let before = 0;
  const scores = sizes.map((size) => {
    before += size;
    return before - (size - 1) / 2;
  });
  const mean = scores.reduce((sum, score, i) => sum + score * sizes[i]!, 0) / ranks.length;
  const { shares } = sharesAtLeast(
    ranks.map((rank) => rank - centre),
    sizes,
    (sums) => {
      let lean = 0;
      for (let g = 0; g < sizes.length; g += 1) lean += (scores[g]! - mean) * sums[g]!;
      return [Math.abs(lean)];
    },
    { mostExact: 20_000, draws: 4_999 },
  );
  return shares[0]!;
}

function lackOfFit(points: readonly TrendPoint[], fit: LinearFit, leastSd: number): LackOfFit | null {
  const levels = new Map<string, TrendPoint[]>();
  for (const point of points) levels.set(point.level, [...(levels.get(point.level) ?? []), point]);
  const dfPure = points.length - levels.size;
  const dfLack = levels.size - 2;
  if (dfLack < 1 || dfPure < 1) return null;
  const lineAt = (x: number) => fit.intercept + fit.slope * x;
  let [pure, lack] = [0, 0];
  let worst = { level: '', off: 0, ratio: 0 };
  const misses: { level: string; off: number; n: number }[] = [];
  for (const [level, group] of levels) {
    // What is left of each point after the line, so that points of a level may lie a little apart in x.
    const rests = group.map((point) => point.y - lineAt(point.x));
    const off = meanOf(rests);
    rests.forEach((rest) => (pure += (rest - off) ** 2));
    lack += group.length * off ** 2;
    misses.push({ level, off, n: group.length });
  }
  const sd = Math.hypot(leastSd, Math.sqrt(pure / dfPure));
  if (sd === 0) return null;
  for (const { level, off, n } of misses) {
    const ratio = Math.abs(off) / (sd / Math.sqrt(n));
    if (ratio > worst.ratio) worst = { level, off, ratio };
  }
  const f = lack / dfLack / sd ** 2;
  return { f, df: [dfLack, dfPure], p: fUpper(f, dfLack, dfPure), worst, sd };
}

/** Stations a level until a straight trend is found in 80 % of classes; null above 60. */
export function stationsForTrend(
  slope: number,
  sd: number,
  levelXs: readonly number[],
  power = 0.8,
): number | null {
  const mean = meanOf(levelXs);
  const sxx = levelXs.reduce((sum, x) => sum + (x - mean) ** 2, 0);
  if (sd === 0 || sxx === 0) return null;
  for (let n = 2; n <= 60; n += 1) {
    const df = n * levelXs.length - 2;
    const delta = (Math.abs(slope) * Math.sqrt(n * sxx)) / sd;
    if (noncentralTwoSided(studentT(df, 1 - calledDifferent), df, delta) >= power) return n;
  }
  return null;
}
