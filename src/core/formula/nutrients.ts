import { RefusedValue, requireWithin } from '../bounds';
import { likelyItem, type Composition } from '../ingredients';
import type { Source } from '../working';

export const nutrientSource: Source = {
  kind: 'from-memory',
  text: 'Typical values of plain ingredients, rounded; energy by Regulation (EU) 1169/2011, annex XIV: 17 kJ/g protein and carbohydrate, 37 fat, 8 fibre, 29 alcohol',
};

export interface PortionNutrients extends Composition {
  energyKJ: number;
  energyKcal: number;
  /** Ingredients that no value is known for: the sum leaves them out. */
  unknown: string[];
}

/** Energy and main nutrients of one portion. @throws RefusedValue naming the line or `portions` */
export function portionNutrients(
  lines: readonly { name: string; massG: number }[],
  portions: number,
): PortionNutrients {
  if (lines.length === 0) throw new RefusedValue('lines', lines, 'at least one line');
  requireWithin('portions', portions, 1, 10_000);
  const sum: Composition = { proteinG: 0, fatG: 0, carbohydrateG: 0, sugarsG: 0, fibreG: 0, saltG: 0 };
  let alcoholG = 0;
  const unknown: string[] = [];
  lines.forEach(({ name, massG }, i) => {
    requireWithin(`lines[${i}].massG`, massG, 0, 1e6, 'g');
    const item = likelyItem(name);
    const values = item?.composition;
    if (!item || !values) {
      unknown.push(name);
      return;
    }
    for (const key of Object.keys(sum) as (keyof Composition)[])
      sum[key] += (values[key] * massG) / 100 / portions;
    alcoholG += (item.alcoholPercent * massG) / 100 / portions;
  });
  const energyKJ = 17 * (sum.proteinG + sum.carbohydrateG) + 37 * sum.fatG + 8 * sum.fibreG + 29 * alcoholG;
  return { ...sum, energyKJ, energyKcal: energyKJ / 4.184, unknown };
}
