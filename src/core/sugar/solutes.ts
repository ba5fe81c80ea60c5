import { RefusedValue, requireWithin } from '../bounds';
import { boilingAtPressure, saturationPressureMPa } from '../water';
import { absoluteZeroC } from '../units';
import type { Source } from '../working';

/** Norrish's constant and the molar mass of a solute. */
export interface Solute {
  id: string;
  name: string;
  k: number;
  molarMass: number;
}

export const solutes: readonly Solute[] = [
  { id: 'sucrose', name: 'sucrose', k: 6.47, molarMass: 342.3 },
  { id: 'glucose', name: 'glucose', k: 2.25, molarMass: 180.16 },
  { id: 'fructose', name: 'fructose', k: 2.25, molarMass: 180.16 },
  { id: 'lactose', name: 'lactose', k: 10.2, molarMass: 342.3 },
  { id: 'maltose', name: 'maltose', k: 4.54, molarMass: 342.3 },
  { id: 'glycerol', name: 'glycerol', k: 1.16, molarMass: 92.09 },
  { id: 'sorbitol', name: 'sorbitol', k: 1.65, molarMass: 182.17 },
];

const waterMolarMass = 18.015;

export const norrishSource: Source = {
  kind: 'paper',
  text: 'Norrish, J. Food Technol. 1 (1966) 25: a_w = x_w exp(−(Σ √Kᵢ xᵢ)²)',
};

export interface SoluteDose {
  solute: Solute;
  massG: number;
}

/** The solute a word means, or undefined. */
export function soluteCalled(word: string): Solute | undefined {
  const text = word.trim().toLowerCase();
  const id =
    { sugar: 'sucrose', dextrose: 'glucose', glycerine: 'glycerol', 'milk sugar': 'lactose' }[text] ?? text;
  return solutes.find((solute) => solute.id === id);
}

/**
 * Water activity of a mixture of sugars and polyols in water, by Norrish. Good to some 0.01 up to about 75 % solids;
 * above that it runs low, and boiling points from it run high.
 *
 * @param waterG above 0 to 100 000 g
 */
export function waterActivity(doses: readonly SoluteDose[], waterG: number): number {
  requireWithin('waterG', waterG, 0.01, 100_000, 'g');
  let moles = waterG / waterMolarMass;
  const parts = doses.map(({ solute, massG }, i) => {
    requireWithin(`solutes[${i}].massG`, massG, 0, 100_000, 'g');
    const mol = massG / solute.molarMass;
    moles += mol;
    return { mol, root: Math.sqrt(solute.k) };
  });
  const sum = parts.reduce((total, { mol, root }) => total + (root * mol) / moles, 0);
  return (waterG / waterMolarMass / moles) * Math.exp(-sum * sum);
}

/** Where a mixture boils, °C, by its water activity: water's vapour pressure must be p / a_w. */
export function mixtureBoilingC(doses: readonly SoluteDose[], waterG: number, localBoilingC: number): number {
  const activity = waterActivity(doses, waterG);
  const pressureKPa = (saturationPressureMPa(localBoilingC - absoluteZeroC) * 1000) / activity;
  if (pressureKPa > 2000) throw new RefusedValue('waterG', waterG, 'more water: this mixture is nearly dry');
  return boilingAtPressure(pressureKPa);
}
