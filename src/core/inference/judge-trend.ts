import { fitLine, meanOf, rankOf, sharesAtLeast, squaresAboutMean, type LinearFit } from '../statistics';
import { calledDifferent } from './called-different';
import { judgeValues, studentOf, type ContrastJudged } from './contrast';
import { familyOf, type ContrastFamily } from './contrast-family';
import { effectForPower, stationsForPower } from './stations-for-power';
import { unlikeSpreads } from './unlike-spreads';

export interface TrendPoint {
  x: number;
  y: number;
  /** The level it belongs to, whose repeats tell the spread; points at one level may lie apart in x. */
  level: string;
}

export interface LackOfFit {
  p: number;
  told: boolean;
  /** The level farthest from the line for its spread, and by how much its mean lies above it. */
  worst: { level: string; off: number; se: number; df: number };
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

/** Share of classes in which a line may be said not to fit though it does, and of those in which it may be said to rise or fall. */
const [misfits, slopes] = [calledDifferent / 8, calledDifferent * 0.92];

/**
 * Does a response rise or fall along ordered levels? By the slope of a straight line, its error made of every level’s own
 * spread about the line and no smaller than the instrument's rounding; and does a line fit at all: how far each level lies
 * from it, against the spread of the repeats. Both hold whatever level scatters up to `mostUnlike` times as much as another.
 * Scores by shuffling their ranks along the order of the levels, and as numbers in the same way: both must say so.
 *
 * @returns null for fewer than four points or only one x
 */
export function judgeTrend(
  points: readonly TrendPoint[],
  leastSd: number,
  ordinal: boolean,
): TrendJudged | null {
  const xs = points.map((point) => point.x);
  const ys = points.map((point) => point.y);
  const [from, to] = [Math.min(...xs), Math.max(...xs)];
  if (points.length < 4 || !(to > from)) return null;
  const fit = fitLine(xs, ys);
  const df = points.length - 2;
  const sd = Math.hypot(leastSd, fit.residualSd);
  const change = fit.slope * (to - from);
  if (ordinal) {
    const { p, told } = rankTrend(points, leastSd);
    return {
      ...{ method: 'ranks', p, told, change, low: null, high: null },
      ...{ fit, sd, df, lackOfFit: null },
    };
  }
  const along = levelsAlong(points);
  const family = slopeFamily(along);
  const critical = family.critical(slopes);
  const { se, df: worth, z } = slopeOf(along, family, leastSd);
  const half = studentOf(critical, worth) * se;
  return {
    ...{
      method: 'line',
      p: family.pOf(z),
      told: z > critical,
      change,
      low: change - half,
      high: change + half,
    },
    ...{ fit, sd, df: worth, lackOfFit: lackOfFit(along, leastSd) },
  };
}

/** The points level by level, along x. */
interface AlongLevel {
  name: string;
  xs: number[];
  ys: number[];
  /** Mean of its x. */
  x: number;
}

function levelsAlong(points: readonly TrendPoint[]): AlongLevel[] {
  const levels = new Map<string, AlongLevel>();
  for (const { x, y, level } of points) {
    const own = levels.get(level) ?? { name: level, xs: [], ys: [], x: 0 };
    own.xs.push(x);
    own.ys.push(y);
    levels.set(level, own);
  }
  const along = [...levels.values()].map((own) => ({ ...own, x: meanOf(own.xs) }));
  return along.sort((one, other) => one.x - other.x);
}

/** Whether points of one level lie apart in x: then what the line does within a level is none of its spread. */
const liesApart = (along: readonly AlongLevel[]) => along.some(({ xs }) => xs.some((x) => x !== xs[0]));

type Place = Pick<AlongLevel, 'x'> & { size: number };

const placesOf = (along: readonly AlongLevel[]): Place[] => {
  const [low, high] = [along[0]!.x, along.at(-1)!.x];
  const apart = liesApart(along) && high > low;
  // Then the values are judged where they lie, and the places serve for the critical value: near is near enough.
  const near = (x: number) => (apart ? Math.round((50 * (x - low)) / (high - low)) : x);
  return along.map(({ x, xs }) => ({ x: near(x), size: xs.length }));
};

const keyOf = (places: readonly Place[]) => places.map(({ x, size }) => `${size}@${x}`).join();

const spreadsAlong = (places: readonly Place[]) =>
  unlikeSpreads(
    places.map((_, i) => `place ${i}`),
    places.map(({ size }) => size),
  );

/** Weights of values in the change of the line through them along their whole range. */
function changeWeights(xs: readonly number[]): number[] {
  const mean = meanOf(xs);
  const scale = (Math.max(...xs) - Math.min(...xs)) / squaresAboutMean(xs, mean);
  return xs.map((x) => (x - mean) * scale);
}

const everyX = (places: readonly Place[]) => places.flatMap(({ x, size }) => new Array<number>(size).fill(x));
const indices = (list: readonly unknown[]): number[] => list.map((_, i) => i);
const ones = (list: readonly unknown[]): number[] => list.map(() => 1);
/** The level each value belongs to, level after level. */
const levelsOf = (sizes: readonly { length: number }[]) =>
  sizes.flatMap(({ length }, level) => new Array<number>(length).fill(level));

function slopeFamily(along: readonly AlongLevel[]): ContrastFamily {
  return slopeFamilyAt(placesOf(along));
}

function slopeFamilyAt(places: readonly Place[]): ContrastFamily {
  return familyOf(`slope ${keyOf(places)}`, () => {
    const weights = changeWeights(everyX(places));
    let from = 0;
    const byLevel = places.map(({ size }) => {
      const weight = size * weights[from]!;
      from += size;
      return weight;
    });
    return {
      sizes: places.map(({ size }) => size),
      columns: [ones(places), places.map(({ x }) => x)],
      questions: [[{ at: indices(places), weights: byLevel }]],
      spreads: spreadsAlong(places),
    };
  });
}

function slopeOf(along: readonly AlongLevel[], family: ContrastFamily, leastSd: number): ContrastJudged {
  const lists = along.map(({ ys }) => ys);
  if (!liesApart(along)) return family.judge(lists, leastSd)[0]![0]!;
  const xs = along.flatMap((level) => level.xs);
  const slope = { at: indices(xs), weights: changeWeights(xs) };
  const design = { levels: levelsOf(lists), columns: [ones(xs), xs], contrasts: [slope] };
  return judgeValues(lists.flat(), design, leastSd)[0]!;
}

/** Weights of values in how far the mean of each level lies from the line through all of them. */
function missWeights(xs: readonly number[], levels: readonly number[]): number[][] {
  const [n, mean] = [xs.length, meanOf(xs)];
  const sxx = squaresAboutMean(xs, mean);
  return Array.from({ length: Math.max(...levels) + 1 }, (_, level) => {
    const own = xs.filter((_x, i) => levels[i] === level);
    const along = (meanOf(own) - mean) / sxx;
    return xs.map((x, i) => Number(levels[i] === level) / own.length - 1 / n - along * (x - mean));
  });
}

/** How far each level’s mean lies from the line through all points. */
function misfitFamily(places: readonly Place[]): ContrastFamily {
  return familyOf(`misfit ${keyOf(places)}`, () => {
    const levels = levelsOf(places.map(({ size }) => ({ length: size })));
    const byValue = missWeights(everyX(places), levels);
    const sizes = places.map(({ size }) => size);
    return {
      ...{ sizes, columns: null },
      questions: [
        byValue.map((weights) => ({
          at: indices(places),
          weights: sizes.map((size, level) => size * weights[levels.indexOf(level)]!),
        })),
      ],
      spreads: spreadsAlong(places),
    };
  });
}

function missesOf(along: readonly AlongLevel[], family: ContrastFamily, leastSd: number): ContrastJudged[] {
  const lists = along.map(({ ys }) => ys);
  if (!liesApart(along)) return family.judge(lists, leastSd)[0]!;
  const xs = along.flatMap((level) => level.xs);
  const levels = levelsOf(lists);
  const columns = [...along.map((_, level) => levels.map((one) => Number(one === level))), xs];
  const contrasts = missWeights(xs, levels).map((weights) => ({ at: indices(xs), weights }));
  return judgeValues(lists.flat(), { levels, columns, contrasts }, leastSd);
}

function lackOfFit(along: readonly AlongLevel[], leastSd: number): LackOfFit | null {
  const df = along.reduce((sum, { ys }) => sum + ys.length - 1, 0) - Number(liesApart(along));
  if (along.length < 3 || df < 1) return null;
  const family = misfitFamily(placesOf(along));
  const answers = missesOf(along, family, leastSd);
  const critical = family.critical(misfits);
  const told = answers.filter(({ z }) => z > critical);
  // Of the levels that miss it, the one that sticks out.
  const worst = (told.length > 0 ? told : answers).reduce((far, one) =>
    Math.abs(one.estimate) > Math.abs(far.estimate) ? one : far,
  );
  const within = along.reduce((sum, { ys }) => sum + squaresAboutMean(ys), 0);
  return {
    p: family.pOf(worst.z),
    told: told.length > 0,
    worst: {
      level: along[answers.indexOf(worst)]!.name,
      ...{ off: worst.estimate, se: worst.se, df: worst.df },
    },
    sd: Math.hypot(leastSd, Math.sqrt(within / df)),
  };
}

/** Whether scores lean on the factor: their ranks among all deals of them over the stations, and their slope. */
function rankTrend(points: readonly TrendPoint[], leastSd: number): { p: number; told: boolean } {
  const levels = new Map<number, number[]>();
  for (const { x, y } of points) levels.set(x, [...(levels.get(x) ?? []), y]);
  const ordered = [...levels].sort(([a], [b]) => a - b);
  const sizes = ordered.map(([, list]) => list.length);
  const values = ordered.flatMap(([, list]) => list);
  const { ranks } = rankOf(values);
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
  const family = slopeFamilyAt(sizes.map((size, i) => ({ size, x: scores[i]! })));
  const { z } = family.judge(
    ordered.map(([, list]) => list),
    leastSd,
  )[0]![0]!;
  return {
    p: Math.max(shares[0]!, family.pOf(z)),
    told: shares[0]! < calledDifferent && z > family.critical(calledDifferent),
  };
}

/** About how many stations a level, all spreads alike, until a straight trend is told in `power` of classes; null above two dozen. */
export function stationsForTrend(
  slope: number,
  sd: number,
  levelXs: readonly number[],
  power = 0.8,
): number | null {
  const range = Math.max(...levelXs) - Math.min(...levelXs);
  if (sd === 0 || slope === 0 || !(range > 0)) return null;
  return stationsForPower(power, (size) => {
    const family = slopeFamilyAt(levelXs.map((x) => ({ x, size })));
    return family.powerOf(slope * range, sd, family.critical(slopes));
  });
}

/** Change along the whole range of the levels, in spreads, all of them alike, that is told in `power` of classes. */
export function changeSeen(levelXs: readonly number[], stations: number, power = 0.8): number {
  const family = slopeFamilyAt(levelXs.map((x) => ({ x, size: stations })));
  const critical = family.critical(slopes);
  return effectForPower(power, (effect) => family.powerOf(effect, 1, critical));
}
