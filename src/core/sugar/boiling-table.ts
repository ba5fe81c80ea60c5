import { requireWithin } from '../bounds';
import { monotoneCurve, whereRisingReaches } from '../numeric';
import { seaLevelBoilingC } from '../water';
import type { Source } from '../working';

/**
 * Sucrose by mass of the solution (%) and its boiling point at one atmosphere (°C). The widely reprinted
 * confectionery table; from memory. Its own first line is water at 100 °C.
 */
export const sucroseBoilingTable: readonly (readonly [percent: number, celsius: number])[] = [
  [0, 100],
  [40, 101],
  [50, 102],
  [60, 103],
  [70, 106],
  [80, 112],
  [90, 123],
  [95, 140],
  [97, 151],
  [98.2, 160],
  [99.5, 166],
];

export const boilingTableSource: Source = {
  kind: 'from-memory',
  text: 'Boiling points of sucrose solutions at one atmosphere, confectionery table, monotone cubic between its lines',
};

export const duhringSource: Source = {
  kind: 'handbook',
  text: 'Dühring’s rule with slope 1: a syrup boils lower by as much as water does',
};

const tableWaterC = 100;
const curve = monotoneCurve(
  sucroseBoilingTable.map(([percent]) => percent),
  sucroseBoilingTable.map(([, celsius]) => celsius - tableWaterC),
);

/** Strongest syrup in the table, % sucrose: beyond it sugar breaks down instead of boiling. */
export const strongestSyrupPercent = 99.5;

/**
 * By how much a sucrose solution boils above water, °C.
 *
 * @throws RefusedValue outside 0 to 99.5 %
 */
export function boilingElevation(sucrosePercent: number): number {
  requireWithin('sucrosePercent', sucrosePercent, 0, strongestSyrupPercent, '%');
  return curve.at(sucrosePercent);
}

/** How fast that elevation grows, °C per percentage point of sucrose. */
export function boilingElevationSlope(sucrosePercent: number): number {
  return curve.slopeAt(sucrosePercent);
}

/** How far temperatures lie below those of sea level where water boils at `localBoilingC`, °C. */
export function fallBelowSeaLevel(localBoilingC: number): number {
  return seaLevelBoilingC - localBoilingC;
}

/**
 * Boiling point of a sucrose solution, °C: the table's figure less the local fall of water's boiling point.
 *
 * @throws RefusedValue outside 0 to 99.5 %
 */
export function syrupBoilingC(sucrosePercent: number, localBoilingC: number): number {
  return tableWaterC + boilingElevation(sucrosePercent) - fallBelowSeaLevel(localBoilingC);
}

/**
 * Sucrose by mass (%) of a syrup that boils at `boilingC`: the table read backwards.
 *
 * @throws RefusedValue below the boiling point of water there, or above that of a 99.5 % syrup
 */
export function syrupConcentration(boilingC: number, localBoilingC: number): number {
  const seaLevelC = boilingC + fallBelowSeaLevel(localBoilingC);
  const lowest = syrupBoilingC(0, localBoilingC);
  const highest = syrupBoilingC(strongestSyrupPercent, localBoilingC);
  // A reading of local boiling water itself (99.97 at sea level) is a syrup without sugar.
  if (seaLevelC < tableWaterC && seaLevelC >= tableWaterC - 0.05) return 0;
  if (!(seaLevelC >= tableWaterC && boilingC <= highest + 1e-9)) {
    requireWithin('boilingC', boilingC, Number(lowest.toFixed(2)), Number(highest.toFixed(2)), '°C');
  }
  return whereRisingReaches(
    seaLevelC - tableWaterC,
    (percent) => curve.at(percent),
    0,
    strongestSyrupPercent,
  );
}
