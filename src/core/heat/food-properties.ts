import { RefusedValue, requireWithin } from '../bounds';
import type { Source } from '../working';
import type { Material } from './shapes';

export const foodComponents = ['water', 'protein', 'fat', 'carbohydrate', 'fibre', 'ash'] as const;
export type FoodComponent = (typeof foodComponents)[number];
/** Shares by mass, adding up to 1. */
export type Composition = Partial<Record<FoodComponent, number>>;

export const choiOkosSource: Source = {
  kind: 'paper',
  text: 'Choi and Okos (1986), Effects of temperature and composition on the thermal properties of foods (coefficients from memory)',
};

type Quadratic = readonly [number, number, number];

/** Coefficients of 1, T and T², T in °C from −40 to 150: W/m·K, kg/m³, kJ/kg·K. */
const conductivity: Record<FoodComponent, Quadratic> = {
  water: [0.57109, 1.7625e-3, -6.7036e-6],
  protein: [0.17881, 1.1958e-3, -2.7178e-6],
  fat: [0.18071, -2.7604e-4, -1.7749e-7],
  carbohydrate: [0.20141, 1.3874e-3, -4.3312e-6],
  fibre: [0.18331, 1.2497e-3, -3.1683e-6],
  ash: [0.32962, 1.4011e-3, -2.9069e-6],
};
const density: Record<FoodComponent, Quadratic> = {
  water: [997.18, 3.1439e-3, -3.7574e-3],
  protein: [1329.9, -0.5184, 0],
  fat: [925.59, -0.41757, 0],
  carbohydrate: [1599.1, -0.31046, 0],
  fibre: [1311.5, -0.36589, 0],
  ash: [2423.8, -0.28063, 0],
};
const specificHeat: Record<FoodComponent, Quadratic> = {
  water: [4.1762, -9.0864e-5, 5.4731e-6],
  protein: [2.0082, 1.2089e-3, -1.3129e-6],
  fat: [1.9842, 1.4733e-3, -4.8008e-6],
  carbohydrate: [1.5488, 1.9625e-3, -5.9399e-6],
  fibre: [1.8459, 1.8306e-3, -4.6509e-6],
  ash: [1.0926, 1.8896e-3, -3.6817e-6],
};

const at = ([a, b, c]: Quadratic, celsius: number) => a + b * celsius + c * celsius * celsius;

/**
 * Thermal properties of a food from its composition at a temperature: specific heat by mass, density by volume,
 * conductivity by volume shares (the parallel model).
 *
 * @param composition shares by mass, each 0 to 1, adding up to 1 within 2 %
 * @param celsius 0 to 150: unfrozen
 * @throws RefusedValue naming the component or the temperature
 */
export function foodProperties(composition: Composition, celsius: number): Material {
  requireWithin('celsius', celsius, 0, 150, '°C');
  let total = 0;
  for (const component of foodComponents) {
    total += requireWithin(component, composition[component] ?? 0, 0, 1);
  }
  if (Math.abs(total - 1) > 0.02) throw new RefusedValue('composition', total, 'shares that add up to 1');
  let [volume, heat, conducted] = [0, 0, 0];
  for (const component of foodComponents) {
    const share = (composition[component] ?? 0) / total;
    const space = share / at(density[component], celsius);
    volume += space;
    heat += share * at(specificHeat[component], celsius);
    conducted += space * at(conductivity[component], celsius);
  }
  return {
    conductivityWmK: conducted / volume,
    densityKgM3: 1 / volume,
    specificHeatJkgK: heat * 1000,
  };
}
