import { WeightedEquations, type WeightedFit } from '../numeric';
import { readingSpreadC, windowOf, type Forecast, type Trace } from '../trace';
import { heatScaleOf, type HeatScale } from './heat-to-go';
import { smallPanLossWPerK, type SyrupBatch } from './syrup-batch';

/** How far back the line is drawn, s, and the most readings it is drawn through. */
const windowS = 600;
const mostReadings = 60;
/** The past fades as fast as a hob is touched, s. */
const fadingS = 240;
const roomC = 21;
const horizonS = 4 * 3600;
/** z for a two-sided 95 % interval. */
const z95 = 1.96;

/**
 * What is not known beforehand, each as the standard deviation of its prior (from memory, and from what lessons differ
 * by): they are fitted along with power and present heat, and widen the interval by what the readings leave open.
 */
const spreadOf = {
  /** Thermometer's calibration and the day's weather together, °C. */
  offsetC: 0.45,
  /** Pans of 150 to 500 J/K about the small one. */
  panJPerK: 110,
  /** Loss to the room about the small pan's, W/K. */
  lossWPerK: 0.5,
  /** Weighing, share of the water and of the solids. */
  weighing: 0.025,
  /** Heat a plate that was cold at first is behind by, as seconds of power; it catches up as e^(−t / 90 s). */
  lagS: 60,
  /** The hob's power changes by such a share a second: 20 % in ten minutes. */
  drift: 2.8e-4,
} as const;
/** The pan is rather heavier than the smallest, J/K. */
const likelyExtraPan = 60;
/** A plate takes about so long to warm, s. */
const plateS = 90;
/** Power taken up to the target is not known better than this share of the way, nor the moment better than this, s. */
const rateSpread = 0.04;
const momentS = 1.5;
/** Stirring and draughts alone shift the heat by about as much as the hob gives in this time, s. */
const leastWobbleS = 1.5;
/** … and a cycling hob or a turned knob by up to about this, s. */
const widestWobbleS = 15;
/** So many spreads below what it was, a pan has cooled. */
const fallenBy = 3;

/** Columns of the fit: power, heat now, and what is not known beforehand. */
const [POWER, HEAT, DRIFT, OFFSET, PAN, LOSS, WATER, SOLIDS, LAG] = [0, 1, 2, 3, 4, 5, 6, 7, 8] as const;
const unknowns = 9;

/** The batch with a little more water, or a little more sugar, and its scale: how the heat changes with what was weighed. */
interface Variants {
  own: HeatScale;
  water: HeatScale;
  solids: HeatScale;
}
const share = 0.01;
const variants = new WeakMap<SyrupBatch, Variants>();

function variantsOf(batch: SyrupBatch): Variants {
  let known = variants.get(batch);
  if (!known) {
    known = {
      own: heatScaleOf(batch),
      water: heatScaleOf({ ...batch, waterG: batch.waterG * (1 + share) }),
      solids: heatScaleOf({ ...batch, solidsG: batch.solidsG * (1 + share) }),
    };
    variants.set(batch, known);
  }
  return known;
}

/**
 * Time until a boiling syrup reaches `targetC` on its thermometer, plateau included.
 *
 * Each reading is turned into the heat the batch must have taken up, and lost, to show it. Under steady power that grows
 * in a straight line, whatever the temperature does; a line through it, weighted by how much each reading tells (little
 * on the plateau, much in the climb), runs to the target. Pan, losses, what was weighed, the thermometer's error and a
 * power that creeps are unknowns of the same fit, each held by what is known of such things. Where the readings scatter
 * about the line by more than their own noise (a hob that cycles, a plate that lags), the interval widens by as much.
 *
 * @param nowS the present moment on the trace's clock, s
 */
export function forecastSyrup(trace: Trace, batch: SyrupBatch, targetC: number, nowS: number): Forecast {
  const recent = windowOf(trace, nowS - windowS, nowS, mostReadings);
  const n = recent.seconds.length;
  if (n < 3) return { kind: 'too-few-readings' };
  const recentC = recent.celsius.slice(-3).sort((a, b) => a - b)[1]!;
  if (recentC >= targetC - 0.05) return { kind: 'reached', byC: recentC - targetC };
  const scales = variantsOf(batch);
  const fitted = fitHeat(recent, scales, nowS, trace.seconds[0]!);
  if (!fitted) return { kind: 'too-few-readings' };
  const { fit, jitterS } = fitted;
  const secondsTo = (estimates: readonly number[]) => secondsToTarget(estimates, scales, targetC);
  const seconds = secondsTo(fit.estimates);
  if (!(seconds < horizonS)) return { kind: 'not-approaching' };
  const central = Math.max(1, seconds);
  const spreadS = Math.hypot(spreadOfFunction(secondsTo, fit), central * rateSpread, jitterS, momentS);
  // Time cannot be less than none: far ahead the interval is laid out in ratios, near by in seconds.
  const relative = spreadS / central;
  const [low, high] =
    relative > 0.15
      ? [central * Math.exp(-z95 * relative), central * Math.exp(z95 * relative)]
      : [central - z95 * spreadS, central + z95 * spreadS];
  if (relative > 1.5) return { kind: 'not-yet' };
  return { kind: 'reaching', seconds: central, low: Math.max(0, low), high: high < horizonS ? high : null };
}

/** Seconds until the target for one set of unknowns. */
function secondsToTarget(
  estimates: readonly number[],
  { own, water, solids }: Variants,
  targetC: number,
): number {
  const offset = estimates[OFFSET]!;
  const trueC = targetC - offset;
  const moreAt = (celsius: number) =>
    estimates[PAN]! * (celsius - roomC) +
    (estimates[WATER]! / share) * (water.joulesAt(celsius) - own.joulesAt(celsius)) +
    (estimates[SOLIDS]! / share) * (solids.joulesAt(celsius) - own.joulesAt(celsius));
  const lossAt = (celsius: number) => (smallPanLossWPerK + estimates[LOSS]!) * (celsius - roomC);
  // Heat on the batch's own scale that stands for the present heat: what the unknowns add is taken off at both ends.
  const hereC = own.celsiusAt(estimates[HEAT]! - moreAt(own.celsiusAt(estimates[HEAT]!)));
  const toGo = own.joulesAt(trueC) + moreAt(trueC) - estimates[HEAT]!;
  if (toGo <= 0) return 0;
  const stretch = toGo / Math.max(1e-6, own.joulesAt(trueC) - own.joulesAt(hereC));
  const power = estimates[POWER]!;
  const net = (factor: number) => (celsius: number) => (power * factor - lossAt(celsius)) / stretch;
  const from = own.joulesAt(hereC);
  let seconds = own.secondsBetween(from, trueC, net(1));
  // A creeping power: its mean over the way, found in two rounds.
  for (let round = 0; round < 2 && Number.isFinite(seconds); round += 1) {
    const factor = Math.max(0.3, 1 + (estimates[DRIFT]! * Math.min(seconds, 1800)) / 2);
    seconds = own.secondsBetween(from, trueC, net(factor));
  }
  return seconds;
}

/** One reading as an equation. */
interface Row {
  row: number[];
  value: number;
  weight: number;
  /** How much of it is left by now, and its noise as heat, J. */
  fade: number;
  noise: number;
  age: number;
}

/** One equation a reading: heat taken up and lost = power × time + heat now + what the unknowns add. */
function fitHeat(
  { seconds, celsius }: { seconds: number[]; celsius: number[] },
  { own, water, solids }: Variants,
  nowS: number,
  beganS: number,
): { fit: WeightedFit; jitterS: number } | null {
  const noiseC = readingSpreadC({ seconds, celsius }, 0.25);
  const rows: Row[] = [];
  let [lost, kelvinSeconds] = [0, 0];
  const losses: [number, number][] = [];
  seconds.forEach((at, i) => {
    if (i > 0) {
      const span = at - seconds[i - 1]!;
      const middle = (celsius[i]! + celsius[i - 1]!) / 2 - roomC;
      lost += smallPanLossWPerK * middle * span;
      kelvinSeconds += middle * span;
    }
    losses.push([lost, kelvinSeconds]);
  });
  // Counted from now: the last reading's losses, carried on to the present moment.
  const rest = (nowS - seconds.at(-1)!) * (celsius.at(-1)! - roomC);
  const [allLost, allKelvin] = [lost + smallPanLossWPerK * rest, kelvinSeconds + rest];
  let power = 300;
  let peak = -Infinity;
  // Warmth a degree, at the cold end of the scale where nothing boils.
  const warmth = own.joulesPerDegreeAt(30);
  seconds.forEach((at, i) => {
    const here = celsius[i]!;
    // Taken a little to both sides, so that a reading at the corner where boiling begins claims no precision.
    const reach = Math.max(0.3, noiseC);
    // A pan that has cooled a little is not back where it was on the way up: its water is gone. It stands below its peak
    // by its own warmth only.
    const fell = peak - here > fallenBy * noiseC;
    if (!fell && i >= 2) peak = Math.max(peak, celsius.slice(i - 2, i + 1).sort((a, b) => a - b)[1]!);
    const stood = fell ? peak : here;
    const perDegree = (own.joulesAt(stood + reach) - own.joulesAt(stood - reach)) / (2 * reach);
    const heat =
      (own.joulesAt(stood + reach) + own.joulesAt(stood - reach)) / 2 - (fell ? warmth * (peak - here) : 0);
    const age = at - nowS;
    const row = new Array<number>(unknowns).fill(0);
    row[POWER] = age;
    row[HEAT] = 1;
    // Drift bends the line: power × drift × age² / 2, with the power of the first round.
    row[DRIFT] = (power * age * age) / 2;
    row[OFFSET] = perDegree;
    row[PAN] = -(here - roomC);
    row[LOSS] = allKelvin - losses[i]![1];
    row[LAG] = Math.exp(-(at - beganS) / plateS) - Math.exp(-(nowS - beganS) / plateS);
    row[WATER] = -(water.joulesAt(here) - own.joulesAt(here)) / share;
    row[SOLIDS] = -(solids.joulesAt(here) - own.joulesAt(here)) / share;
    rows.push({
      row,
      value: heat - (allLost - losses[i]![0]),
      weight: Math.exp(age / fadingS) / (perDegree * noiseC) ** 2,
      fade: Math.exp(age / fadingS),
      noise: perDegree * noiseC,
      age,
    });
  });
  const solve = (inflation: number) => {
    const equations = new WeightedEquations(unknowns);
    for (const { row, value, weight } of rows) equations.add(row, value, weight / inflation);
    const prior = (column: number, mean: number, sd: number) => {
      const row = new Array<number>(unknowns).fill(0);
      row[column] = 1;
      equations.add(row, mean, 1 / sd ** 2);
    };
    prior(DRIFT, 0, spreadOf.drift);
    prior(LAG, 0, spreadOf.lagS * power);
    prior(OFFSET, 0, spreadOf.offsetC);
    prior(PAN, likelyExtraPan, spreadOf.panJPerK);
    prior(LOSS, 0, spreadOf.lossWPerK);
    prior(WATER, 0, spreadOf.weighing);
    prior(SOLIDS, 0, spreadOf.weighing);
    return equations.solve();
  };
  // Heat that comes and goes about the line (a hob that cycles, stirring), as seconds of power: in the climb readings are
  // so telling that without it the line would follow the last of them.
  // Begun wide, so that no unknown is bent to take it up.
  let wobbleS = widestWobbleS;
  let fit: WeightedFit | null = null;
  for (let round = 0; round < 3; round += 1) {
    for (const one of rows) {
      one.row[DRIFT] = (power * one.age * one.age) / 2;
      one.weight = one.fade / (one.noise ** 2 + (power * wobbleS) ** 2);
    }
    fit = solve(1);
    if (!fit) return null;
    power = Math.max(50, fit.estimates[POWER]!);
    wobbleS = Math.min(2 * widestWobbleS, Math.max(leastWobbleS, wobbleOf(rows, fit) / power));
  }
  if (!fit) return null;
  fit = solve(scatterOf(rows, fit)) ?? fit;
  return { fit, jitterS: wobbleS };
}

/** Root mean square of what is left of the heat beyond what the readings' noise makes, J. */
function wobbleOf(rows: readonly Row[], fit: WeightedFit): number {
  let [squares, weights] = [0, 0];
  for (const one of rows) {
    // Where a degree is much heat (the plateau) a reading cannot tell a wobble.
    const weight = one.fade / one.noise ** 2;
    squares += weight * (residual(one, fit) ** 2 - one.noise ** 2);
    weights += weight;
  }
  return Math.sqrt(Math.max(0, squares / weights));
}

const residual = ({ row, value }: Row, fit: WeightedFit) =>
  value - row.reduce((sum, a, i) => sum + a * fit.estimates[i]!, 0);

/**
 * By how much more than their own noise the readings scatter about the line, as a variance, with neighbours that err
 * alike counted as fewer (autocorrelations up to the first that is not positive).
 */
function scatterOf(rows: readonly Row[], fit: WeightedFit): number {
  let [chi, effective] = [0, 0];
  const scaled = rows.map((one) => {
    const value = residual(one, fit) * Math.sqrt(one.weight / one.fade);
    chi += one.fade * value * value;
    effective += one.fade;
    return value;
  });
  const reduced = chi / Math.max(1, effective - 2);
  const squares = scaled.reduce((sum, value) => sum + value * value, 0);
  let together = 1;
  for (let lag = 1; lag < scaled.length / 3; lag += 1) {
    let products = 0;
    for (let i = lag; i < scaled.length; i += 1) products += scaled[i]! * scaled[i - lag]!;
    if (products <= 0) break;
    together += (2 * products) / Math.max(1e-12, squares);
  }
  return Math.max(1, reduced) * Math.min(20, together);
}

/** Standard deviation of a function of the estimates, by its slopes (propagation of error). */
function spreadOfFunction(
  of: (estimates: readonly number[]) => number,
  { estimates, covariance }: WeightedFit,
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
  const variance = slopes.reduce(
    (sum, a, i) => sum + slopes.reduce((part, b, j) => part + a * b * covariance[i]![j]!, 0),
    0,
  );
  return Math.sqrt(Math.max(0, variance));
}
