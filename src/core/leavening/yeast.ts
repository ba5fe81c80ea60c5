import { requireWithin } from '../bounds';
import type { Source } from '../working';

/** Cardinal temperatures of gas production by baker's yeast, °C (teaching values; fit them to your own data). */
export const yeastTemperatures = { minC: 4, optimumC: 37, maxC: 52 } as const;
/** Killed within minutes from about here, °C (common practice). */
export const yeastKilledC = 55;

export const yeastSource: Source = {
  kind: 'paper',
  text: 'Cardinal temperature model with inflection: Rosso, Lobry and Flandrois, J. Theor. Biol. 162 (1993) 447; cardinal temperatures of baker’s yeast are teaching values',
};

/**
 * Rate of gas production against temperature, 1 at the optimum and 0 outside the limits (Rosso's model).
 *
 * @param temperatureC −20 to 120
 */
export function yeastRate(temperatureC: number, { minC, optimumC, maxC } = yeastTemperatures): number {
  requireWithin('temperatureC', temperatureC, -20, 120, '°C');
  if (temperatureC <= minC || temperatureC >= maxC) return 0;
  const t = temperatureC;
  const top = (t - maxC) * (t - minC) ** 2;
  const bottom =
    (optimumC - minC) * ((optimumC - minC) * (t - optimumC) - (optimumC - maxC) * (optimumC + minC - 2 * t));
  return Math.min(1, Math.max(0, top / bottom));
}

/**
 * What salt and sugar leave of the rate: both draw water from the cells. Teaching model: 2 % salt of the flour costs
 * about a tenth, 4 % a third; sugar is free to 5 %, then halves the rate by about 25 %.
 */
export function yeastInhibition(saltPercent: number, sugarPercent: number): number {
  requireWithin('saltPercent', saltPercent, 0, 20, '% of the flour');
  requireWithin('sugarPercent', sugarPercent, 0, 100, '% of the flour');
  return Math.exp(-((saltPercent / 6.3) ** 2)) / (1 + (Math.max(0, sugarPercent - 5) / 20) ** 1.5);
}

/** Fresh yeast, active dry and instant dry that raise alike: 3 : 1.25 : 1 by mass (common practice). */
export const yeastKinds = { fresh: 3, 'active-dry': 1.25, instant: 1 } as const;
export type YeastKind = keyof typeof yeastKinds;
/** A sachet of instant dry yeast, g (common practice). */
export const sachetG = 7;

export function equivalentYeastG(massG: number, from: YeastKind, to: YeastKind): number {
  requireWithin('massG', massG, 0, 10_000, 'g');
  return (massG * yeastKinds[to]) / yeastKinds[from];
}
