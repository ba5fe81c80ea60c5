import { requireWithin } from '../bounds';
import { monotoneCurve } from '../numeric';
import type { Source } from '../working';

/** Sucrose that saturated water holds, % by mass, at °C (ICUMSA's tables, from memory). */
const saturation: readonly [celsius: number, percent: number][] = [
  [0, 64.2],
  [20, 66.7],
  [40, 70],
  [60, 74.2],
  [80, 78.7],
  [100, 83],
];

export const solubilitySource: Source = {
  kind: 'from-memory',
  text: 'Solubility of sucrose in water, 0 to 100 °C, as handbooks of sugar technology print it',
};

const curve = monotoneCurve(
  saturation.map(([celsius]) => celsius),
  saturation.map(([, percent]) => percent),
);

/** Sucrose of a saturated solution, % by mass. @param celsius 0 to 100 */
export function saturatedSucrosePercent(celsius: number): number {
  return curve.at(requireWithin('celsius', celsius, 0, 100, '°C'));
}

/** Supersaturation: grams of sucrose a gram of water holds, over what saturation would. Above about 1.2 it crystallises at a touch. */
export function supersaturation(sucrosePercent: number, celsius: number): number {
  requireWithin('sucrosePercent', sucrosePercent, 0, 99, '%');
  const full = saturatedSucrosePercent(celsius);
  return sucrosePercent / (100 - sucrosePercent) / (full / (100 - full));
}

export interface Doctor {
  /** Sugars and glucose syrup solids that hinder crystals, % of all sugars. */
  percent: number;
  hinders: 'little' | 'some' | 'well' | 'too much';
}

/**
 * Doctor ratio: invert sugar, glucose syrup and their like among all sugars. Their molecules fit badly into a growing
 * sucrose crystal. Hard sweets are made with 30 to 50 % (from memory); too much stays sticky and draws water.
 */
export function doctorRatio(sucroseG: number, doctorG: number): Doctor {
  requireWithin('sucroseG', sucroseG, 0.01, 100_000, 'g');
  requireWithin('doctorG', doctorG, 0, 100_000, 'g');
  const percent = (100 * doctorG) / (sucroseG + doctorG);
  return {
    percent,
    hinders: percent < 8 ? 'little' : percent < 20 ? 'some' : percent <= 50 ? 'well' : 'too much',
  };
}
