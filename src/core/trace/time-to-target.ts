import type { Source } from '../working';
import { approachesOf, type Approach, type Surroundings } from './approaches';
import { passed } from './passed';
import { divisionOfReadings, readingSpreadC } from './reading-spread';
import { steamed } from './steaming';
import { windowOf, type Trace } from './trace';

/** When a trace will reach a temperature, counted from now. */
export type Forecast =
  | {
      kind: 'reaching';
      seconds: number;
      low: number;
      /** null: it may never get there */ high: number | null;
    }
  | { kind: 'reached'; byC: number }
  | { kind: 'not-approaching' }
  /** It is on its way, but the readings do not say when: an honest interval would hold anything. */
  | { kind: 'not-yet' }
  | { kind: 'too-few-readings' };

export const approachSource: Source = {
  kind: 'handbook',
  text: 'Newton’s law of cooling and heating, T = L + s (1 − e^(−k t)) / k, by least squares for each k, weighted by likelihood; how much a curve may yet slow down is a teaching value',
};

/** The readings that are used: as many as tell a rate and a bend, and no older than this, s. */
const [fewest, most, oldestS] = [8, 60, 5400];
/** Readings come close enough together that so long a stretch of them does, s. */
const leastWindowS = 150;
/** Slower than this, °C/s, nothing moves. */
const leastSlope = 1e-6;
const horizonS = 4 * 3600;
/** It is cooling when it has fallen by so much, °C. */
const fallingC = 2;
/** Rooms warm, windows open, a skin forms: what cools keeps to its curve so much less than what is heated. */
const looseInCooling = 2;
/** Of what cools nothing is said of a moment farther off than this, s, and than so much of what was seen of it. */
const [soonS, aheadOfCooling, aheadOfCoolingKnown] = [180, 0.7, 1];
/** The world is not an exponential: the time is good to this share, and to more the farther it is beyond what was seen. */
const [timeSpread, beyondSpread] = [0.025, 0.05];
/**
 * A curve that bends upwards by so much is a core that has only begun to warm: nothing tells how fast it will get, unless
 * the target is within this share of what was seen.
 */
const [beginning, nearBy] = [-0.35, 0.5];
/** The same with three nodes (Gauss and Hermite), where the shape matters less. */
const fewNodes: readonly [z: number, weight: number][] = [
  [-Math.sqrt(3), 1 / 6],
  [0, 2 / 3],
  [Math.sqrt(3), 1 / 6],
];
/** How much more a curve may yet bend before it is there, against a straight run, and the shares of these. */
const slowings: readonly [bend: number, share: number][] = [
  [0, 0.84],
  [0.3, 0.14],
  [0.7, 0.02],
];
/** The same of what cools in surroundings nobody told: towards a room it slows down sooner than towards a refrigerator. */
const slowingsInCooling: typeof slowings = [
  [0, 0.6],
  [0.3, 0.2],
  [0.7, 0.14],
  [1.2, 0.06],
];
/** Doors open and trays are moved somewhere colder: it may come in this share of the time, the middle of a food, which hears of it late, in this. */
const [quicker, quickerCore, quickerShare] = [0.7, 0.32, 0.06];
/** A run is long from so many spreads of a reading, and straight where it leaves its line by no more than this share. */
const [longRun, straightness] = [50, 0.025];
const unbent: readonly [bend: number, share: number][] = [[0, 1]];
/** z of the nodes of a normal distribution, and their weights. */
const nodes: readonly [z: number, weight: number][] = [
  [-2.0202, 0.01995],
  [-0.9586, 0.39362],
  [0, 0.17286],
  [0.9586, 0.39362],
  [2.0202, 0.01995],
];

/**
 * Time until a trace reaches `targetC`, if it goes on towards where it is heading: T = L + s (1 − e^(−k t)) / k, an
 * approach to an asymptote, of which a straight line is the case k = 0. Every bend k that the readings allow is kept with
 * its weight (the level L and slope s follow by least squares), so the interval is as wide as what they leave open; where
 * half of that never arrives, or the ends lie very far apart, it says “not yet”.
 *
 * @param nowS the present moment on the trace's clock, s
 * @param surroundings oven, air or water, where it is told: the asymptote then is likely near it
 * @param steamsToC boiling point of what is mostly water in a pan, °C: what rises towards it steams more and more
 * @param hearsLate it is the middle of a food: what is done to it shows late
 */
export function timeToTarget(
  trace: Trace,
  targetC: number,
  nowS: number,
  surroundings?: Surroundings,
  steamsToC?: number,
  hearsLate = false,
): Forecast {
  const latest = recentOf(trace, nowS);
  if (latest.seconds.length < 3) return { kind: 'too-few-readings' };
  const noiseC = readingSpreadC(latest, 0.05);
  const run = straightRun(trace, nowS, noiseC);
  const whole = windowOf(trace, nowS - oldestS, nowS, most);
  // What cools bends for as long as it is warm: only a long stretch of it tells towards what.
  const falls = whole.celsius.at(-1)! < whole.celsius[0]! - fallingC;
  const recent = falls ? whole : (run ?? latest);
  const candidates = approachesOf(recent, nowS, noiseC, surroundings);
  if (candidates.length === 0) return { kind: 'too-few-readings' };
  const allWeight = candidates.reduce((sum, one) => sum + one.weight, 0);
  const likely = candidates.filter((one) => one.weight > 1e-3 * allWeight);
  const levelC = candidates.reduce((sum, one) => sum + one.weight * one.level, 0) / allWeight;
  const slope = candidates.reduce((sum, one) => sum + one.weight * one.slope, 0) / allWeight;
  const slopeSd = Math.sqrt(
    candidates.reduce((sum, one) => sum + one.weight * (one.varSlope + (one.slope - slope) ** 2), 0) /
      allWeight,
  );
  const gap = targetC - levelC;
  const slack = Math.max(noiseC / 2, divisionOfReadings(recent.celsius) / 4, 0.05);
  const heading = Math.abs(slope) < leastSlope ? 0 : Math.sign(slope);
  if (Math.abs(gap) <= slack || (heading !== 0 && passed(trace, targetC, heading, slack))) {
    return { kind: 'reached', byC: -gap };
  }
  if (gap * heading <= 0) return { kind: 'not-approaching' };
  // A slope that may as well be none says nothing of when.
  if (Math.abs(slope) < slopeSd) return { kind: 'not-yet' };
  const span = nowS - recent.seconds[0]!;
  const speedingUp = candidates.reduce((sum, one) => sum + one.weight * one.bend * span, 0) / allWeight;
  if (speedingUp < beginning && gap / slope > nearBy * span) {
    return { kind: 'not-yet' };
  }
  const soon = Math.max(
    soonS,
    (surroundings === undefined || hearsLate ? aheadOfCooling : aheadOfCoolingKnown) * span,
  );
  if (falls && gap / slope > soon) return { kind: 'not-yet' };
  // The forecast itself goes on as the readings do; the interval allows for a curve that slows down yet.
  const median = shareBelow(
    likely.flatMap((one) => arrivalsOf(one, targetC, span, unbent)),
    0.5,
  );
  const bending = run === null;
  const dry = likely.flatMap((one) =>
    falls
      ? arrivalsOf(one, targetC, span, slowingsInCooling, looseInCooling)
      : arrivalsOf(one, targetC, span, bending ? slowings : unbent),
  );
  const arrivals =
    steamsToC === undefined || heading < 0
      ? falls
        ? dry.flatMap(([seconds, weight]): [number, number][] => [
            [seconds, weight * (1 - quickerShare)],
            [seconds * (hearsLate ? quickerCore : quicker), weight * quickerShare],
          ])
        : dry
      : steamed(dry, levelC, Math.min(targetC, steamsToC), steamsToC);
  if (median === Infinity) return { kind: 'not-approaching' };
  const [low, high] = [shareBelow(arrivals, 0.025), shareBelow(arrivals, 0.975)];
  if (median > horizonS) return { kind: 'not-approaching' };
  return {
    kind: 'reaching',
    seconds: median,
    low: Math.min(low, median),
    high: high < horizonS ? high : null,
  };
}

/** The latest readings that tell a rate and its bend. */
function recentOf(trace: Trace, nowS: number): { seconds: number[]; celsius: number[] } {
  const all = windowOf(trace, nowS - oldestS, nowS);
  const n = all.seconds.length;
  if (n === 0) return all;
  // Back until there are enough of them and they span enough time.
  let from = n - 1;
  while (from > 0 && (n - from < fewest || nowS - all.seconds[from]! < leastWindowS)) from -= 1;
  return windowOf(trace, all.seconds[from]!, nowS, most);
}

/** A long run that lies on one line, or null: a pan of water does, a core never. It will not slow down for long. */
function straightRun(trace: Trace, nowS: number, noiseC: number): Trace | null {
  const { seconds, celsius } = windowOf(trace, nowS - oldestS, nowS, most);
  const n = seconds.length;
  const range = Math.max(...celsius) - Math.min(...celsius);
  if (n < fewest || range < longRun * noiseC) return null;
  const [meanS, meanC] = [seconds, celsius].map((values) => values.reduce((sum, one) => sum + one, 0) / n);
  let [ss, sc] = [0, 0];
  seconds.forEach((at, i) => {
    ss += (at - meanS!) ** 2;
    sc += (at - meanS!) * (celsius[i]! - meanC!);
  });
  const left = seconds.reduce(
    (sum, at, i) => sum + (celsius[i]! - meanC! - (sc / ss) * (at - meanS!)) ** 2,
    0,
  );
  return Math.sqrt(left / n) < straightness * range ? { seconds, celsius } : null;
}

/** Moments at which a bend arrives, over what its level and slope leave open; Infinity for never. */
function arrivalsOf(
  { bend, level, slope, varLevel, varSlope, covariance, weight }: Approach,
  targetC: number,
  spanS: number,
  slowing: typeof slowings,
  loose = 1,
): [seconds: number, weight: number][] {
  const out: [number, number][] = [];
  const sdSlope = Math.sqrt(varSlope);
  const follows = varSlope > 0 ? covariance / varSlope : 0;
  const sdRest = Math.sqrt(Math.max(0, varLevel - (varSlope > 0 ? covariance ** 2 / varSlope : 0)));
  for (const [z1, w1] of nodes) {
    const s = slope + z1 * sdSlope;
    for (const [z2, w2] of fewNodes) {
      const gap = targetC - (level + follows * z1 * sdSlope + z2 * sdRest);
      const ratio = gap / s;
      for (const [more, share] of slowing) {
        // A core that speeds up will not go on doing so; one that runs straight will slow down towards its surroundings.
        const k =
          Math.max(0, bend) + more / (1 + 3 * Math.max(0, bend * spanS)) / Math.max(1, Math.abs(ratio));
        let seconds = Infinity;
        if (gap * slope <= 0) seconds = 0;
        else if (ratio > 0) {
          const left = 1 - k * ratio;
          seconds = k === 0 ? ratio : left > 0 ? -Math.log(left) / k : Infinity;
        }
        // The farther beyond what was seen, the less the shape of the curve is known.
        const spread = loose * (timeSpread + beyondSpread * Math.min(4, Math.max(0, seconds / spanS)));
        for (const [z3, w3] of fewNodes) {
          const at = seconds === Infinity ? seconds : seconds * Math.exp(z3 * spread) + z3 * 2;
          out.push([at, weight * w1 * w2 * w3 * share]);
        }
      }
    }
  }
  return out;
}

/** The moment by which a share of the arrivals is in. */
function shareBelow(arrivals: [seconds: number, weight: number][], share: number): number {
  const sorted = [...arrivals].sort(([a], [b]) => a - b);
  const whole = sorted.reduce((sum, [, weight]) => sum + weight, 0);
  let sum = 0;
  for (const [seconds, weight] of sorted) {
    sum += weight;
    if (sum >= share * whole) return Math.max(0, seconds);
  }
  return Infinity;
}
