import { requireWithin } from '../bounds';
import type { Source } from '../working';
import { bicarbonateMolarMass, carbonateMolarMass, carbonDioxideMolarMass } from './atomic-weights';
import type { LeaveningAcid } from './acids';

/** Molar gas constant, J/mol·K, exact (SI, 2019). */
const gasConstant = 8.31446261815324;

export const stoichiometrySource: Source = {
  kind: 'standard',
  text: 'IUPAC standard atomic weights 2021: NaHCO₃ 84.007, CO₂ 44.009 g/mol; NaHCO₃ + H⁺ → Na⁺ + H₂O + CO₂; ideal gas',
};

export interface AcidDose {
  acid: LeaveningAcid;
  massG: number;
}

export interface Leavening {
  carbonDioxideMol: number;
  carbonDioxideG: number;
  /** Bicarbonate that found no acid, g. */
  bicarbonateLeftG: number;
  /** Bicarbonate the acids could still take, g. */
  acidSpareG: number;
  limiting: 'acid' | 'bicarbonate' | 'balanced';
}

/** Smaller differences than this share of the bicarbonate count as balanced. */
const balancedShare = 0.01;

/**
 * Gas from bicarbonate and acids in the bowl and the oven, by stoichiometry; what is left over stays as soda (soapy,
 * yellow and brown crust) or as acid (sour, pale).
 *
 * @param bicarbonateG 0 to 10 000 g
 */
export function leaven(bicarbonateG: number, doses: readonly AcidDose[]): Leavening {
  requireWithin('bicarbonateG', bicarbonateG, 0, 10_000, 'g');
  let capacityG = 0;
  doses.forEach(({ acid, massG }, i) => {
    requireWithin(`acids[${i}].massG`, massG, 0, 100_000, 'g');
    capacityG += (massG * acid.neutralisingValue) / 100;
  });
  const usedG = Math.min(bicarbonateG, capacityG);
  const mol = usedG / bicarbonateMolarMass;
  const difference = bicarbonateG - capacityG;
  return {
    carbonDioxideMol: mol,
    carbonDioxideG: mol * carbonDioxideMolarMass,
    bicarbonateLeftG: bicarbonateG - usedG,
    acidSpareG: capacityG - usedG,
    limiting:
      Math.abs(difference) <= balancedShare * Math.max(bicarbonateG, capacityG)
        ? 'balanced'
        : difference > 0
          ? 'acid'
          : 'bicarbonate',
  };
}

/** Volume of a gas in litres at a temperature and a pressure: V = n R T / p. */
export function gasVolumeL(mol: number, celsius: number, pressureKPa: number): number {
  requireWithin('temperatureC', celsius, -30, 300, '°C');
  return (mol * gasConstant * (celsius + 273.15)) / pressureKPa;
}

/** Grams of an acid that neutralise bicarbonate exactly. */
export function acidForBicarbonate(bicarbonateG: number, acid: LeaveningAcid): number {
  requireWithin('bicarbonateG', bicarbonateG, 0, 10_000, 'g');
  return (100 * bicarbonateG) / acid.neutralisingValue;
}

/**
 * Soda in hot syrup or in a hot oven, without acid: 2 NaHCO₃ → Na₂CO₃ + H₂O + CO₂. From about 80 °C, fast above
 * 100 °C; half the gas that an acid would set free.
 */
export function decomposeByHeat(bicarbonateG: number): { carbonDioxideMol: number; carbonateG: number } {
  requireWithin('bicarbonateG', bicarbonateG, 0, 10_000, 'g');
  const mol = bicarbonateG / bicarbonateMolarMass / 2;
  return { carbonDioxideMol: mol, carbonateG: mol * carbonateMolarMass };
}
