import { RefusedValue, requireWithin } from '../bounds';
import type { Source } from '../working';

/** Williams's constants of a hen's egg: W/cm·K, g/cm³, J/g·K. */
export const eggConductivity = 5.4e-3;
export const eggDensity = 1.038;
export const eggSpecificHeat = 3.7;

export const eggClosedFormSource: Source = {
  kind: 'paper',
  text: 'Williams, The science of boiling an egg, University of Exeter (1996): first term of the sphere, at the edge of the yolk',
};

/**
 * Minutes in boiling water until the edge of the yolk reaches a temperature:
 * t = M^⅔ c ρ^⅓ / (K π² (4π/3)^⅔) · ln(0.76 (T₀ − T_w) / (T_y − T_w)).
 *
 * @param massG mass of the egg with its shell, 20 to 200 g
 * @param startC its temperature before, °C
 * @param yolkC wanted at the edge of the yolk, °C; between start and water, and reached later than the first term holds
 * @param waterC temperature of the boiling water there, °C
 */
export function eggMinutes(massG: number, startC: number, yolkC: number, waterC: number): number {
  requireWithin('massG', massG, 20, 200, 'g');
  requireWithin('startC', startC, 0, 40, '°C');
  requireWithin('yolkC', yolkC, 20, 99, '°C');
  const ratio = (0.76 * (startC - waterC)) / (yolkC - waterC);
  if (yolkC >= waterC || ratio <= 1) {
    const lowest = waterC + 0.76 * (startC - waterC);
    throw new RefusedValue(
      'yolkC',
      yolkC,
      `above ${lowest.toFixed(1)} °C, which the start gives, and below the water’s ${waterC.toFixed(1)} °C`,
    );
  }
  const scale =
    (massG ** (2 / 3) * eggSpecificHeat * eggDensity ** (1 / 3)) /
    (eggConductivity * Math.PI ** 2 * ((4 * Math.PI) / 3) ** (2 / 3));
  return (scale * Math.log(ratio)) / 60;
}
