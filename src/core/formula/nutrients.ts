import { RefusedValue, requireWithin } from '../bounds';
import type { Source } from '../working';

/** Main nutrients of 100 g. */
export interface Nutrients {
  proteinG: number;
  fatG: number;
  carbohydrateG: number;
  sugarsG: number;
  fibreG: number;
  saltG: number;
}

export const nutrientSource: Source = {
  kind: 'from-memory',
  text: 'Typical values of plain ingredients, rounded; energy by Regulation (EU) 1169/2011, annex XIV: 17 kJ/g protein and carbohydrate, 37 fat, 8 fibre',
};

const of = (
  proteinG: number,
  fatG: number,
  carbohydrateG: number,
  sugarsG: number,
  fibreG: number,
  saltG = 0,
): Nutrients => ({
  proteinG,
  fatG,
  carbohydrateG,
  sugarsG,
  fibreG,
  saltG,
});

/** By words in the ingredient's name; the first that fits. */
const table: readonly [RegExp, Nutrients][] = [
  [/\b(cornflour|cornstarch|potato starch|tapioca)\b/i, of(0.5, 0.2, 87, 0, 0.9)],
  [/\bwholemeal flour\b/i, of(12, 2, 62, 2, 10)],
  [/\bflour\b/i, of(10, 1.3, 75, 1, 3)],
  [/\b(golden syrup|glucose syrup|honey|treacle|molasses)\b/i, of(0.3, 0, 80, 78, 0, 0.2)],
  [/\bsugar\b/i, of(0, 0, 100, 100, 0)],
  [/\b(butter|margarine)\b(?!milk)/i, of(0.6, 81, 0.6, 0.6, 0, 0.05)],
  [/\boil\b/i, of(0, 100, 0, 0, 0)],
  [/\bbuttermilk\b/i, of(3.4, 0.9, 4.5, 4.5, 0, 0.15)],
  [/\b(double|heavy) cream\b/i, of(1.6, 48, 2.7, 2.7, 0, 0.05)],
  [/\bcream\b(?! of tartar)/i, of(2, 35, 3, 3, 0, 0.05)],
  [/\bmilk\b/i, of(3.4, 3.6, 4.7, 4.7, 0, 0.1)],
  [/\b(yoghurt|yogurt)\b/i, of(4.5, 3, 6, 6, 0, 0.15)],
  [/\beggs?\b/i, of(12.6, 9.5, 0.7, 0.4, 0, 0.35)],
  [/\boats?\b/i, of(11, 8, 60, 1, 9)],
  [/\b(turkey|chicken)\b/i, of(21, 4, 0, 0, 0, 0.2)],
  [/\bpears?\b/i, of(0.4, 0.1, 11, 11, 2.7)],
  [/\b(pineapple|apple|banana)\b/i, of(0.5, 0.2, 13, 12, 2)],
  [/\bgelatine?\b/i, of(85, 0, 0, 0, 0, 0.5)],
  [/\bsalt\b/i, of(0, 0, 0, 0, 0, 100)],
  [/\bwater\b/i, of(0, 0, 0, 0, 0)],
];

/** Main nutrients of an ingredient by its name, or undefined. */
function nutrientsOf(ingredient: string): Nutrients | undefined {
  return table.find(([name]) => name.test(ingredient))?.[1];
}

export interface PortionNutrients extends Nutrients {
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
  const sum = of(0, 0, 0, 0, 0);
  const unknown: string[] = [];
  lines.forEach(({ name, massG }, i) => {
    requireWithin(`lines[${i}].massG`, massG, 0, 1e6, 'g');
    const values = nutrientsOf(name);
    if (!values) {
      unknown.push(name);
      return;
    }
    for (const key of Object.keys(sum) as (keyof Nutrients)[])
      sum[key] += (values[key] * massG) / 100 / portions;
  });
  const energyKJ = 17 * (sum.proteinG + sum.carbohydrateG) + 37 * sum.fatG + 8 * sum.fibreG;
  return { ...sum, energyKJ, energyKcal: energyKJ / 4.184, unknown };
}
