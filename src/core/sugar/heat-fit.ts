import { WeightedEquations, type WeightedFit } from '../numeric';
import { readingSpreadC } from '../trace';
import { heatScaleOf, type HeatScale } from './heat-to-go';
import { smallPanLossWPerK, type SyrupBatch } from './syrup-batch';
import { column, cyclingUnknowns, steadyUnknowns, type SyrupSpreads } from './syrup-unknowns';

/** Kitchen air, °C. */
export const roomC = 21;
/** A plate takes about so long to warm, s. */
const plateS = 90;
/** So many spreads below what it was, a pan has cooled. */
export const fallenBy = 3;
/** Cycles that are looked for, s, and how little the readings may be apart against them. */
const cyclesS = [40, 45, 50, 56, 63, 70, 78, 86, 90, 94, 104, 116, 130, 150, 175, 200];

const leastReadingsACycle = 3;
/** … and over how many of them at least: a short stretch bends like half a swing. */
const leastCycles = 4;
/** A swing of the heat by so many seconds of power is looked into; it counts where it explains so much of what is left. */
const [swingS, swingShare] = [2.5, 0.6];
/** So much of the scatter about the line stays in the interval: a hob switches on and off, not by sine and cosine. */
const swingLeft = 0.8;

/** What was weighed makes the heat scale: the batch's own, and with a little more water, or a little more sugar. */
export interface HeatScales {
  own: HeatScale;
  water: HeatScale;
  solids: HeatScale;
}
/** How much more, as a share. */
export const moreShare = 0.01;
const known = new WeakMap<SyrupBatch, HeatScales>();

export function heatScalesOf(batch: SyrupBatch): HeatScales {
  let scales = known.get(batch);
  if (!scales) {
    scales = {
      own: heatScaleOf(batch),
      water: heatScaleOf({ ...batch, waterG: batch.waterG * (1 + moreShare) }),
      solids: heatScaleOf({ ...batch, solidsG: batch.solidsG * (1 + moreShare) }),
    };
    known.set(batch, scales);
  }
  return scales;
}

export interface HeatFit {
  fit: WeightedFit;
  /** What was known of each unknown beforehand, as one over its variance. */
  precision: readonly number[];
  /** What is left about the line, as seconds of power. */
  jitterS: number;
  /** Length of the hob's cycle, s, where it has one. */
  cycleS: number | null;
}

/** One reading as an equation: heat taken up and lost = power × time + heat now + what the unknowns add. */
interface Row {
  row: number[];
  value: number;
  weight: number;
  /** How much of it is left by now, and its noise as heat, J. */
  fade: number;
  noise: number;
  /** Seconds from now: the past is negative. */
  age: number;
}

/**
 * Fits power, present heat and what is not known beforehand to readings. Heat that comes and goes about the line is first
 * taken for wide, so that no unknown is bent to take it up; where it swings with a period, the swing is fitted too.
 *
 * @returns null where the readings do not determine the unknowns
 */
export function fitHeat(
  trace: { seconds: readonly number[]; celsius: readonly number[] },
  scales: HeatScales,
  nowS: number,
  beganS: number,
  spreads: SyrupSpreads,
): HeatFit | null {
  const rows = rowsOf(trace, scales, nowS, beganS, spreads);
  const steady = settle(rows, spreads, null);
  if (!steady || steady.jitterS < swingS) return steady;
  const cycleS = cycleOf(rows, steady.fit);
  const swinging = cycleS === null ? null : settle(rows, spreads, cycleS);
  if (!swinging || swinging.jitterS > steady.jitterS) return steady;
  return { ...swinging, jitterS: Math.max(swinging.jitterS, steady.jitterS * swingLeft) };
}

/** A fit whose weights agree with what it leaves. */
function settle(rows: readonly Row[], spreads: SyrupSpreads, cycleS: number | null): HeatFit | null {
  let power = 300;
  let wobbleS = spreads.widestWobbleS;
  for (const one of rows) {
    one.row.length = steadyUnknowns;
    if (cycleS !== null) {
      const turn = (2 * Math.PI * one.age) / cycleS;
      one.row.push(Math.sin(turn), Math.cos(turn));
    }
  }
  const unknowns = rows[0]!.row.length;
  let fit: WeightedFit | null = null;
  for (let round = 0; round < 3; round += 1) {
    for (const one of rows) {
      // Drift bends the line: power × drift × age² / 2, with the power of the round before.
      one.row[column.drift] = (power * one.age * one.age) / 2;
      one.weight = one.fade / (one.noise ** 2 + (power * wobbleS) ** 2);
    }
    fit = solve(rows, priorOf(power, spreads, unknowns), 1);
    if (!fit) return null;
    power = Math.max(50, fit.estimates[column.power]!);
    wobbleS = Math.min(
      2 * spreads.widestWobbleS,
      Math.max(spreads.leastWobbleS, wobbleOf(rows, fit) / power),
    );
  }
  if (!fit) return null;
  const prior = priorOf(power, spreads, unknowns);
  return {
    fit: solve(rows, prior, scatterOf(rows, fit)) ?? fit,
    precision: prior.precision,
    jitterS: wobbleS,
    cycleS,
  };
}

/**
 * Heat that a batch has taken up when it shows a temperature, J, and heat for a degree more, J/K.
 *
 * @param peakC the temperature it stood at, where it has cooled a little since
 */
export function heatShown(
  scale: HeatScale,
  hereC: number,
  peakC: number,
  noiseC: number,
): { heat: number; perDegree: number } {
  // Taken a little to both sides, so that a reading at the corner where boiling begins claims no precision.
  const reach = Math.max(0.3, noiseC);
  const [above, below] = [scale.joulesAt(peakC + reach), scale.joulesAt(peakC - reach)];
  // It stands below its peak by its own warmth only: that of a degree at the cold end, where nothing boils.
  const cooled = scale.joulesPerDegreeAt(30) * (peakC - hereC);
  return { heat: (above + below) / 2 - cooled, perDegree: (above - below) / (2 * reach) };
}

function rowsOf(
  { seconds, celsius }: { seconds: readonly number[]; celsius: readonly number[] },
  { own, water, solids }: HeatScales,
  nowS: number,
  beganS: number,
  spreads: SyrupSpreads,
): Row[] {
  const noiseC = readingSpreadC({ seconds, celsius }, 0.25);
  const lossesAt = lossesOf(seconds, celsius, nowS);
  let peak = -Infinity;
  return seconds.map((at, i) => {
    const here = celsius[i]!;
    // A pan that has cooled a little is not back where it was on the way up: its water is gone. It stands below its peak
    // by its own warmth only.
    const fell = peak - here > fallenBy * noiseC;
    if (!fell && i >= 2) peak = Math.max(peak, celsius.slice(i - 2, i + 1).sort((a, b) => a - b)[1]!);
    const { heat, perDegree } = heatShown(own, here, fell ? peak : here, noiseC);
    const age = at - nowS;
    const row = new Array<number>(steadyUnknowns).fill(0);
    row[column.power] = age;
    row[column.heat] = 1;
    row[column.offset] = perDegree;
    row[column.pan] = -(here - roomC);
    row[column.loss] = lossesAt[i]!;
    row[column.lag] = Math.exp(-(at - beganS) / plateS) - Math.exp(-(nowS - beganS) / plateS);
    row[column.water] = -(water.joulesAt(here) - own.joulesAt(here)) / moreShare;
    row[column.solids] = -(solids.joulesAt(here) - own.joulesAt(here)) / moreShare;
    const fade = Math.exp(age / spreads.fadingS);
    const noise = perDegree * noiseC;
    return { row, value: heat - smallPanLossWPerK * lossesAt[i]!, weight: 0, fade, noise, age };
  });
}

/** Kelvin-seconds above the room from each reading until now, by the trapezium rule. */
function lossesOf(seconds: readonly number[], celsius: readonly number[], nowS: number): number[] {
  const last = seconds.length - 1;
  const losses = new Array<number>(seconds.length);
  losses[last] = (nowS - seconds[last]!) * (celsius[last]! - roomC);
  for (let i = last - 1; i >= 0; i -= 1) {
    const middle = (celsius[i]! + celsius[i + 1]!) / 2 - roomC;
    losses[i] = losses[i + 1]! + middle * (seconds[i + 1]! - seconds[i]!);
  }
  return losses;
}

/** What is known of each unknown beforehand: its likely value, and one over the square of its spread (0: nothing). */
function priorOf(
  power: number,
  spreads: SyrupSpreads,
  unknowns: number,
): { mean: number[]; precision: number[] } {
  const sd = new Array<number>(unknowns).fill(Infinity);
  sd[column.drift] = spreads.drift;
  sd[column.lag] = spreads.lagS * power;
  sd[column.offset] = spreads.offsetC;
  sd[column.pan] = spreads.panJPerK;
  sd[column.loss] = spreads.lossWPerK;
  sd[column.water] = Math.hypot(spreads.weighing, spreads.pouredIn.sd);
  sd[column.solids] = spreads.weighing;
  if (unknowns === cyclingUnknowns) {
    sd[column.swingSine] = spreads.widestWobbleS * power;
    sd[column.swingCosine] = spreads.widestWobbleS * power;
  }
  const mean = new Array<number>(unknowns).fill(0);
  mean[column.pan] = spreads.likelyExtraPanJPerK;
  mean[column.water] = spreads.pouredIn.likely;
  return { mean, precision: sd.map((one) => 1 / one ** 2) };
}

function solve(
  rows: readonly Row[],
  { mean, precision }: { mean: number[]; precision: number[] },
  inflation: number,
): WeightedFit | null {
  const equations = new WeightedEquations(mean.length);
  for (const { row, value, weight } of rows) equations.add(row, value, weight / inflation);
  precision.forEach((weight, index) => {
    if (weight === 0) return;
    const row = new Array<number>(mean.length).fill(0);
    row[index] = 1;
    equations.add(row, mean[index]!, weight);
  });
  return equations.solve();
}

const residual = ({ row, value }: Row, fit: WeightedFit) =>
  value - row.reduce((sum, a, i) => sum + a * fit.estimates[i]!, 0);

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

/** The period that what is left swings with, s; null where none explains most of it. */
function cycleOf(rows: readonly Row[], fit: WeightedFit): number | null {
  const left = rows.map((one) => ({ age: one.age, r: residual(one, fit), w: one.fade / one.noise ** 2 }));
  const all = left.reduce((sum, { r, w }) => sum + w * r * r, 0);
  const span = rows.at(-1)!.age - rows[0]!.age;
  const apart = span / Math.max(1, rows.length - 1);
  let best: { cycleS: number; share: number } | null = null;
  for (const cycleS of cyclesS) {
    if (cycleS < leastReadingsACycle * apart || span < leastCycles * cycleS) continue;
    const equations = new WeightedEquations(3);
    let explained = 0;
    for (const { age, r, w } of left) {
      const turn = (2 * Math.PI * age) / cycleS;
      equations.add([1, Math.sin(turn), Math.cos(turn)], r, w);
    }
    const swing = equations.solve();
    if (!swing) continue;
    for (const { age, r, w } of left) {
      const turn = (2 * Math.PI * age) / cycleS;
      const [mean, sine, cosine] = swing.estimates as [number, number, number];
      explained += w * (r - mean - sine * Math.sin(turn) - cosine * Math.cos(turn)) ** 2;
    }
    const share = 1 - explained / all;
    if (share > swingShare && share > (best?.share ?? 0)) best = { cycleS, share };
  }
  return best?.cycleS ?? null;
}

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
