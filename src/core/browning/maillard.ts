import { requireWithin } from '../bounds';
import type { Source } from '../working';

const gasConstant = 8.314;
/** Activation energy, kJ/mol (reported 100 to 160). */
const maillardActivationKJ = 120;
const referenceK = 393.15;

export const maillardSource: Source = {
  kind: 'from-memory',
  text: 'Teaching model: Arrhenius with 120 kJ/mol (100 to 160 reported), rate about ×2.3 a unit of pH, greatest at water activity 0.7',
};

export interface MaillardConditions {
  temperatureC: number;
  pH: number;
  /** Water activity at the surface, 0 to 1. */
  waterActivity: number;
}

/**
 * Rate of Maillard browning against 120 °C, pH 6 and water activity 0.7. Teaching model: the shape is right, the class
 * fits the constants to its own food.
 */
export function maillardRate({ temperatureC, pH, waterActivity }: MaillardConditions): number {
  requireWithin('temperatureC', temperatureC, -20, 250, '°C');
  requireWithin('pH', pH, 2, 11);
  requireWithin('waterActivity', waterActivity, 0, 1);
  const heat = Math.exp(
    ((maillardActivationKJ * 1000) / gasConstant) * (1 / referenceK - 1 / (temperatureC + 273.15)),
  );
  // Between about pH 4 and 9 the amine's free share grows; it levels off above.
  const alkali = 2.3 ** (Math.min(9.5, pH) - 6);
  const water = Math.exp(-(((waterActivity - 0.7) / 0.28) ** 2));
  return heat * alkali * water;
}

/** Where sugars begin to caramelise, °C (from memory). */
export const caramelisation = [
  { sugar: 'fructose', fromC: 105 },
  { sugar: 'glucose', fromC: 150 },
  { sugar: 'sucrose', fromC: 160 },
  { sugar: 'maltose', fromC: 180 },
] as const;
