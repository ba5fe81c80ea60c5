import { meanOf, rankOf, sharesAtLeast, squaresAboutMean } from '../statistics';
import { calledDifferent } from './called-different';
import { studentOf } from './contrast';
import { familyOf, type ContrastFamily } from './contrast-family';
import { effectForPower, stationsForPower } from './stations-for-power';
import { unlikeSpreads } from './unlike-spreads';

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
  /** Adjusted for the family; of scores the larger of both ways. */
  p: number;
  /** Of scores: by shuffling their ranks alone. */
  shuffledP?: number;
  /** Whether they may be called different. */
  told: boolean;
}

export type LevelMethod = 'means' | 'ranks';

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

/**
 * Do levels without an order differ, and which? All pairs, or all against the control, in one family: each pair by the
 * spreads of its own two levels, none called different that lies no farther out than the farthest of a class in which
 * nothing differs does in 5 % of classes, whatever level scatters up to `mostUnlike` times as much as another. A level
 * of one station is held against no other. Scores by shuffling their ranks, the largest difference of each deal (Westfall
 * and Young), and, since shuffling takes unlike spreads for unlike levels, as numbers as well: both must say so.
 *
 * @returns null for fewer than two levels that can be held against each other
 */
export function judgeLevels(question: LevelQuestion): LevelsJudged | null {
  const levels = question.levels.filter((one) => one.values.length >= 2);
  const df = levels.reduce((sum, one) => sum + one.values.length - 1, 0);
  if (levels.length < 2) return null;
  const at = levels.findIndex((one) => one.name === question.control);
  const ordered = at > 0 ? [levels[at]!, ...levels.filter((_, i) => i !== at)] : levels;
  const asked = { ...question, levels: ordered };
  return question.ordinal ? byRanks(asked, at >= 0, df) : byMeans(asked, at >= 0, df);
}

/** The questions of levels of these sizes: each pair, or each against the first. */
function familyOfLevels(sizes: readonly number[], controlled: boolean): ContrastFamily {
  return familyOf(`levels ${controlled} ${sizes.join()}`, () => ({
    ...{ sizes, columns: null },
    questions: [pairsOf(sizes.length, controlled).map((pair) => ({ at: pair, weights: [1, -1] }))],
    spreads: unlikeSpreads(
      sizes.map((size, i) => (controlled && i === 0 ? `control ${size}` : `${size}`)),
      sizes,
    ),
  }));
}

/** Pairs by the places of their levels: each against the first, or all. */
function pairsOf(count: number, controlled: boolean): [one: number, other: number][] {
  const pairs: [number, number][] = [];
  for (let b = 1; b < count; b += 1) for (let a = 0; a < (controlled ? 1 : b); a += 1) pairs.push([b, a]);
  return pairs;
}

function byMeans({ levels, leastSd }: LevelQuestion, controlled: boolean, df: number): LevelsJudged {
  const family = familyOfLevels(
    levels.map((one) => one.values.length),
    controlled,
  );
  const critical = family.critical(calledDifferent);
  const answers = family.judge(
    levels.map((one) => one.values),
    leastSd,
  )[0]!;
  const within = levels.reduce((sum, { values }) => sum + squaresAboutMean(values), 0);
  const farthest = Math.max(...answers.map(({ z }) => z));
  const pairs = pairsOf(levels.length, controlled).map(([b, a], i): PairJudged => {
    const { estimate, se, df: own, z } = answers[i]!;
    const half = studentOf(critical, own) * se;
    return {
      ...{ name: levels[b]!.name, against: levels[a]!.name, difference: estimate },
      ...{ low: estimate - half, high: estimate + half, told: z > critical },
      get p() {
        return family.pOf(z);
      },
    };
  });
  return {
    method: 'means',
    get globalP() {
      return family.pOf(farthest);
    },
    told: farthest > critical,
    pairs,
    sd: Math.hypot(leastSd, Math.sqrt(within / df)),
    df,
  };
}

function byRanks(question: LevelQuestion, controlled: boolean, df: number): LevelsJudged {
  const { levels } = question;
  const all = levels.flatMap((one) => one.values);
  const values = rankOf(all).ranks;
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
  const asNumbers = byMeans(question, controlled, df);
  const globalP = Math.max(shares[0]!, asNumbers.globalP);
  const told = shares[0]! < calledDifferent && asNumbers.told;
  const means = levels.map((one) => meanOf(one.values));
  return {
    ...{ method: 'ranks', globalP, told, sd: null, df },
    pairs: pairs.map(([b, a], i): PairJudged => {
      const shuffledP = shares[i + 1]!;
      return {
        ...{ name: levels[b]!.name, against: levels[a]!.name, difference: means[b]! - means[a]! },
        ...{ low: null, high: null, shuffledP },
        get p() {
          return Math.max(shuffledP, asNumbers.pairs[i]!.p);
        },
        told: told && shuffledP < calledDifferent && asNumbers.pairs[i]!.told,
      };
    }),
  };
}

/** About how many stations a level, all spreads alike, until a difference of two levels is told in `power` of classes; null above two dozen. */
export function stationsForPair(
  difference: number,
  sd: number,
  levels: number,
  controlled: boolean,
  power = 0.8,
): number | null {
  if (difference === 0 || sd === 0) return null;
  return stationsForPower(power, (n) => {
    const family = familyOfLevels(new Array<number>(levels).fill(n), controlled);
    return family.powerOf(difference, sd, family.critical(calledDifferent));
  });
}

/** Difference of two levels, in spreads, all of them alike, that is told in `power` of classes of so many levels and stations. */
export function differenceSeen(levels: number, stations: number, controlled: boolean, power = 0.8): number {
  const family = familyOfLevels(new Array<number>(levels).fill(stations), controlled);
  const critical = family.critical(calledDifferent);
  return effectForPower(power, (effect) => family.powerOf(effect, 1, critical));
}
