import {
  dunnettCritical,
  dunnettUpper,
  fUpper,
  meanOf,
  noncentralTwoSided,
  rankOf,
  sharesAtLeast,
  squaresAboutMean,
  studentizedRangeCritical,
  studentizedRangeUpper,
} from '../statistics';
import { calledDifferent } from './called-different';

/** One level's stations. */
export interface LevelValues {
  name: string;
  values: readonly number[];
}

/** Two levels compared, in one family with all the others that are. */
export interface PairJudged {
  /** The level that is compared … */
  name: string;
  /** … with this one: the control, or an earlier level. */
  against: string;
  /** Mean less the other's mean. */
  difference: number;
  /** 95 % interval for all pairs together; null where ranks decide. */
  low: number | null;
  high: number | null;
  /** Adjusted for the family. */
  p: number;
  /** Whether they may be called different. */
  told: boolean;
}

export type LevelMethod = 'means' | 'permutation' | 'ranks';

export interface LevelsJudged {
  method: LevelMethod;
  /** Chance of levels so far apart if none differed. */
  globalP: number;
  /** Whether the levels as a whole may be called different. */
  told: boolean;
  pairs: PairJudged[];
  /** Spread within levels, no smaller than the rounding of the instrument; null where ranks decide. */
  sd: number | null;
  df: number;
}

export interface LevelQuestion {
  levels: readonly LevelValues[];
  /** Name of the level the others are compared with; null: all pairs. */
  control: string | null;
  /** Least spread, from the instrument's division. */
  leastSd: number;
  /** Scores: their order counts, not their distances. */
  ordinal: boolean;
}

/** Deals that are tried where there are too many to try all: enough to place a p of 0.05 within 0.006. */
const draws = 4_999;
const mostExact = 20_000;
/** Spreads this many times apart are not one spread: then the values are shuffled instead. */
const unequal = 4;

const criticals = new Map<string, number>();

/** |t| that one pair must reach so that all of them together are wrong in 5 % of classes; worked out once for a design. */
function familyCritical(sizes: readonly number[], controlled: boolean, df: number): number {
  const key = `${controlled} ${df} ${controlled ? sizes.join() : sizes.length}`;
  let known = criticals.get(key);
  if (known === undefined) {
    known = controlled
      ? dunnettCritical(lambdasOf(sizes), df, 1 - calledDifferent)
      : studentizedRangeCritical(sizes.length, df, 1 - calledDifferent) / Math.SQRT2;
    criticals.set(key, known);
  }
  return known;
}

/** √(nᵢ / (n₀ + nᵢ)), the control first. */
const lambdasOf = ([n0, ...others]: readonly number[]) => others.map((n) => Math.sqrt(n / (n0! + n)));

/**
 * Do levels without an order differ, and which? First all together: by the analysis of variance, or, for scores and for
 * spreads that are not alike, by shuffling; only if that says so, the pairs: all against the control by Dunnett, or all
 * with each other by Tukey, or by the largest difference a shuffle makes (Westfall and Young). So the chance of calling
 * anything different when nothing is stays at 5 % or below.
 */
export function judgeLevels(question: LevelQuestion): LevelsJudged | null {
  const levels = question.levels.filter((one) => one.values.length > 0);
  const df = levels.reduce((sum, one) => sum + one.values.length - 1, 0);
  if (levels.length < 2 || df < 1) return null;
  const at = levels.findIndex((one) => one.name === question.control);
  const ordered = at > 0 ? [levels[at]!, ...levels.filter((_, i) => i !== at)] : levels;
  const controlled = at >= 0;
  const asked = { ...question, levels: ordered };
  if (question.ordinal || spreadsDiffer(ordered, question.leastSd)) return byShuffling(asked, controlled, df);
  return byMeans(asked, controlled, df);
}

/** Pairs by the places of their levels: each against the first, or all. */
function pairsOf(count: number, controlled: boolean): [one: number, other: number][] {
  const pairs: [number, number][] = [];
  for (let b = 1; b < count; b += 1) for (let a = 0; a < (controlled ? 1 : b); a += 1) pairs.push([b, a]);
  return pairs;
}

function spreadsDiffer(levels: readonly LevelValues[], leastSd: number): boolean {
  const repeated = levels.filter((one) => one.values.length >= 4);
  if (repeated.length < levels.length) return false;
  const sds = repeated.map(({ values }) => Math.sqrt(squaresAboutMean(values) / (values.length - 1)));
  const widest = Math.max(...sds);
  return widest > 0 && widest > unequal * Math.max(leastSd, Math.min(...sds));
}

function byMeans({ levels, leastSd }: LevelQuestion, controlled: boolean, df: number): LevelsJudged {
  const means = levels.map((one) => meanOf(one.values));
  const sizes = levels.map((one) => one.values.length);
  const n = sizes.reduce((a, b) => a + b, 0);
  const within = levels.reduce((sum, { values }, i) => sum + squaresAboutMean(values, means[i]), 0);
  const sd = Math.hypot(leastSd, Math.sqrt(within / df));
  const grand = means.reduce((sum, mean, i) => sum + mean * sizes[i]!, 0) / n;
  const between = means.reduce((sum, mean, i) => sum + sizes[i]! * (mean - grand) ** 2, 0);
  const globalP = sd === 0 ? 1 : fUpper(between / (levels.length - 1) / sd ** 2, levels.length - 1, df);
  const told = globalP < calledDifferent;
  const critical = familyCritical(sizes, controlled, df);
  const pairs = pairsOf(levels.length, controlled).map(([b, a]): PairJudged => {
    const difference = means[b]! - means[a]!;
    const se = sd * Math.sqrt(1 / sizes[a]! + 1 / sizes[b]!);
    const t = se === 0 ? 0 : Math.abs(difference) / se;
    return {
      name: levels[b]!.name,
      against: levels[a]!.name,
      difference,
      low: difference - critical * se,
      high: difference + critical * se,
      get p() {
        return controlled
          ? dunnettUpper(t, lambdasOf(sizes), df)
          : studentizedRangeUpper(t * Math.SQRT2, levels.length, df);
      },
      told: told && t > critical,
    };
  });
  return { method: 'means', globalP, told, pairs, sd, df };
}

function byShuffling({ levels, ordinal }: LevelQuestion, controlled: boolean, df: number): LevelsJudged {
  const all = levels.flatMap((one) => one.values);
  const values = ordinal ? rankOf(all).ranks : all;
  const centre = meanOf(values);
  const centred = values.map((value) => value - centre);
  const sizes = levels.map((one) => one.values.length);
  const pairs = pairsOf(levels.length, controlled);
  const scales = pairs.map(([b, a]) => 1 / Math.sqrt(1 / sizes[a]! + 1 / sizes[b]!));
  const apart = (sums: Float64Array, [b, a]: [number, number], i: number) =>
    Math.abs(sums[b]! / sizes[b]! - sums[a]! / sizes[a]!) * scales[i]!;
  const seen = new Float64Array(levels.length);
  let at = 0;
  sizes.forEach((size, g) => {
    for (let i = 0; i < size; i += 1) seen[g]! += centred[at + i]!;
    at += size;
  });
  const whole = (sums: Float64Array) => {
    let total = 0;
    for (let g = 0; g < sizes.length; g += 1) total += sums[g]! ** 2 / sizes[g]!;
    return total;
  };
  const observed = [whole(seen), ...pairs.map((pair, i) => apart(seen, pair, i))];
  const { shares } = sharesAtLeast(
    centred,
    sizes,
    (sums) => {
      let most = 0;
      for (let i = 0; i < pairs.length; i += 1) most = Math.max(most, apart(sums, pairs[i]!, i));
      return [whole(sums), ...pairs.map(() => most)];
    },
    { mostExact, draws, observed },
  );
  const globalP = shares[0]!;
  const told = globalP < calledDifferent;
  const means = levels.map((one) => meanOf(one.values));
  return {
    method: ordinal ? 'ranks' : 'permutation',
    globalP,
    told,
    pairs: pairs.map(([b, a], i) => ({
      name: levels[b]!.name,
      against: levels[a]!.name,
      difference: means[b]! - means[a]!,
      low: null,
      high: null,
      p: shares[i + 1]!,
      told: told && shares[i + 1]! < calledDifferent,
    })),
    sd: null,
    df,
  };
}

/** Stations a level until a difference of two levels is found in 80 % of classes by the test that is used; null above 60. */
export function stationsForPair(
  difference: number,
  sd: number,
  levels: number,
  controlled: boolean,
  power = 0.8,
): number | null {
  if (difference === 0 || sd === 0) return null;
  for (let n = 2; n <= 60; n += 1) {
    const df = levels * (n - 1);
    const critical = familyCritical(new Array<number>(levels).fill(n), controlled, df);
    if (noncentralTwoSided(critical, df, (Math.abs(difference) / sd) * Math.sqrt(n / 2)) >= power) return n;
  }
  return null;
}
