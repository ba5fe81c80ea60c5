import type { WeightedFit } from '../numeric';
import { windowOf, type Forecast, type Trace } from '../trace';
import { fitHeat, heatScalesOf, moreShare, roomC, type HeatScales } from './heat-fit';
import { smallPanLossWPerK, type SyrupBatch } from './syrup-batch';
import { column, lessonSpreads, type SyrupSpreads } from './syrup-unknowns';

/** How far back the line is drawn, s, and the most readings it is drawn through. */
const windowS = 1200;
const mostReadings = 60;
const horizonS = 4 * 3600;
/** A moment that is off by more than itself, and by more than this, s, is empty words. */
const emptyWordsS = 45;
/** z for a two-sided 95 % interval. */
const z95 = 1.96;

/**
 * Time until a boiling syrup reaches `targetC` on its thermometer, plateau included.
 *
 * Each reading is turned into the heat the batch must have taken up, and lost, to show it. Under steady power that grows
 * in a straight line, whatever the temperature does; a line through it, weighted by how much each reading tells (little
 * on the plateau, much in the climb), runs to the target. Pan, losses, what was weighed, the thermometer's error and a
 * power that creeps or cycles are unknowns of the same fit, each held by what is known of such things. Where the readings
 * scatter about the line by more than their own noise (a plate that lags, a hand at the knob), the interval widens by as
 * much.
 *
 * @param nowS the present moment on the trace's clock, s
 * @param spreads what is not known beforehand; a comparison may know more than a lesson does
 */
export function forecastSyrup(
  trace: Trace,
  batch: SyrupBatch,
  targetC: number,
  nowS: number,
  spreads: SyrupSpreads = lessonSpreads,
): Forecast {
  const recent = windowOf(trace, nowS - windowS, nowS, mostReadings);
  const n = recent.seconds.length;
  if (n < 3) return { kind: 'too-few-readings' };
  // The latest three themselves, not of those that are left for the line.
  const latest = windowOf(trace, nowS - windowS, nowS).celsius.slice(-3);
  const recentC = latest.sort((a, b) => a - b)[1]!;
  if (recentC >= targetC - 0.05) return { kind: 'reached', byC: recentC - targetC };
  const scales = heatScalesOf(batch);
  const fitted = fitHeat(recent, scales, nowS, trace.seconds[0]!, spreads);
  if (!fitted) return { kind: 'too-few-readings' };
  const { fit, precision, jitterS, cycleS } = fitted;
  const secondsTo = (estimates: readonly number[]) => secondsToTarget(estimates, scales, targetC, cycleS);
  const seconds = secondsTo(fit.estimates);
  if (!(seconds < horizonS)) return { kind: 'not-approaching' };
  const central = Math.max(1, seconds);
  const { rate, momentS, narrowed } = spreads;
  const spreadS = Math.hypot(
    spreadOfFunction(secondsTo, fit, precision, narrowed),
    central * rate,
    jitterS,
    momentS,
  );
  // Time cannot be less than none: far ahead the interval is laid out in ratios, near by in seconds.
  const relative = spreadS / central;
  const [low, high] =
    relative > 0.15
      ? [central * Math.exp(-z95 * relative), central * Math.exp(z95 * relative)]
      : [central - z95 * spreadS, central + z95 * spreadS];
  if (relative > 1 && spreadS > emptyWordsS) return { kind: 'not-yet' };
  return { kind: 'reaching', seconds: central, low: Math.max(0, low), high: high < horizonS ? high : null };
}

/** Seconds until the target for one set of unknowns. */
function secondsToTarget(
  estimates: readonly number[],
  { own, water, solids }: HeatScales,
  targetC: number,
  cycleS: number | null,
): number {
  const trueC = targetC - estimates[column.offset]!;
  const moreAt = (celsius: number) =>
    estimates[column.pan]! * (celsius - roomC) +
    (estimates[column.water]! / moreShare) * (water.joulesAt(celsius) - own.joulesAt(celsius)) +
    (estimates[column.solids]! / moreShare) * (solids.joulesAt(celsius) - own.joulesAt(celsius));
  const lossAt = (celsius: number) => (smallPanLossWPerK + estimates[column.loss]!) * (celsius - roomC);
  // Heat on the batch's own scale that stands for the present heat: what the unknowns add is taken off at both ends.
  const heat = estimates[column.heat]!;
  const hereC = own.celsiusAt(heat - moreAt(own.celsiusAt(heat)));
  const toGo = own.joulesAt(trueC) + moreAt(trueC) - heat;
  if (toGo <= 0) return 0;
  const stretch = toGo / Math.max(1e-6, own.joulesAt(trueC) - own.joulesAt(hereC));
  const power = estimates[column.power]!;
  const net = (factor: number) => (celsius: number) => (power * factor - lossAt(celsius)) / stretch;
  const from = own.joulesAt(hereC);
  let seconds = own.secondsBetween(from, trueC, net(1));
  // A creeping power: its mean over the way, found in two rounds.
  for (let round = 0; round < 2 && Number.isFinite(seconds); round += 1) {
    const factor = Math.max(0.3, 1 + (estimates[column.drift]! * Math.min(seconds, 1800)) / 2);
    seconds = own.secondsBetween(from, trueC, net(factor));
  }
  return cycleS === null ? seconds : whereSwingMeets(seconds, estimates, power, cycleS);
}

/** The first moment at which the line and the swing of a cycling hob together have brought what the line alone would. */
function whereSwingMeets(lineS: number, estimates: readonly number[], power: number, cycleS: number): number {
  const aheadAt = (seconds: number) => {
    const turn = (2 * Math.PI * seconds) / cycleS;
    const swing =
      estimates[column.swingSine]! * Math.sin(turn) + estimates[column.swingCosine]! * Math.cos(turn);
    return seconds + swing / Math.max(1, power) - lineS;
  };
  // Beyond a cycle away the swing can move the moment by no more than a cycle.
  const stepS = cycleS / 40;
  let before = Math.max(0, lineS - cycleS);
  if (!Number.isFinite(lineS) || aheadAt(before) >= 0) return before;
  for (let at = before + stepS; at <= lineS + cycleS; at += stepS) {
    const [behind, ahead] = [aheadAt(before), aheadAt(at)];
    if (ahead >= 0) return before + (stepS * -behind) / (ahead - behind);
    before = at;
  }
  return lineS;
}

/**
 * Standard deviation of a function of the estimates, by its slopes (propagation of error). The part that comes from what
 * was not known beforehand counts at `narrowed` of its size, the part that comes from the readings whole.
 */
function spreadOfFunction(
  of: (estimates: readonly number[]) => number,
  { estimates, covariance }: WeightedFit,
  precision: readonly number[],
  narrowed: number,
): number {
  const slopes = estimates.map((value, i) => {
    const step = 0.3 * Math.sqrt(Math.max(0, covariance[i]![i]!));
    if (step === 0) return 0;
    const [up, down] = [step, -step].map((move) =>
      of(estimates.map((one, j) => (i === j ? value + move : one))),
    );
    if (Number.isFinite(up) && Number.isFinite(down)) return (up! - down!) / (2 * step);
    const centre = of(estimates);
    const finite = [up, down].find((one) => Number.isFinite(one));
    return finite === undefined ? 0 : Math.abs(finite - centre) / step;
  });
  const moves = covariance.map((row) => row.reduce((sum, c, j) => sum + c * slopes[j]!, 0));
  const whole = slopes.reduce((sum, slope, i) => sum + slope * moves[i]!, 0);
  const beforehand = moves.reduce((sum, move, i) => sum + precision[i]! * move * move, 0);
  return Math.sqrt(Math.max(0, whole - (1 - narrowed ** 2) * beforehand));
}
