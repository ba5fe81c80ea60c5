import type { Source } from '../working';

/** Bulk density of an ingredient, g/ml: spooned and levelled, with the range from loose to scooped or packed. */
export interface BulkDensity {
  id: string;
  name: string;
  names: readonly string[];
  gPerMl: number;
  low: number;
  high: number;
}

export const densitySource: Source = {
  kind: 'from-memory',
  text: 'Bulk densities as kitchens weigh them; spooned and scooped differ, so a range is given',
};

const row = (id: string, gPerMl: number, low: number, high: number, ...names: string[]): BulkDensity => ({
  id,
  name: id.replaceAll('-', ' '),
  names: [id.replaceAll('-', ' '), ...names],
  gPerMl,
  low,
  high,
});

export const bulkDensities: readonly BulkDensity[] = [
  row('water', 1, 0.998, 1, 'stock', 'tea', 'coffee'),
  row(
    'plain-flour',
    0.53,
    0.5,
    0.63,
    'flour',
    'all-purpose flour',
    'wheat flour',
    'cake flour',
    'self-raising flour',
    'self raising flour',
  ),
  row('strong-flour', 0.54, 0.51, 0.64, 'bread flour'),
  row('wholemeal-flour', 0.51, 0.48, 0.61, 'whole wheat flour'),
  row('rice-flour', 0.6, 0.55, 0.68),
  row('cornflour', 0.54, 0.5, 0.6, 'cornstarch', 'corn starch', 'maize starch'),
  row('potato-starch', 0.68, 0.63, 0.75),
  row('semolina', 0.7, 0.66, 0.74),
  row('oats', 0.38, 0.34, 0.43, 'rolled oats', 'porridge oats'),
  row('caster-sugar', 0.9, 0.86, 0.95, 'superfine sugar'),
  row('granulated-sugar', 0.85, 0.82, 0.9, 'sugar', 'white sugar'),
  row('icing-sugar', 0.5, 0.42, 0.56, 'powdered sugar', "confectioners' sugar", 'confectioners sugar'),
  row('brown-sugar', 0.85, 0.6, 0.95, 'light brown sugar', 'dark brown sugar', 'muscovado'),
  row('golden-syrup', 1.42, 1.4, 1.44),
  row('glucose-syrup', 1.4, 1.36, 1.43, 'corn syrup', 'liquid glucose'),
  row('honey', 1.42, 1.38, 1.45),
  row('treacle', 1.42, 1.38, 1.46, 'molasses'),
  row('maple-syrup', 1.33, 1.31, 1.34),
  row('salt', 1.22, 1.15, 1.3, 'table salt', 'fine salt'),
  row('bicarbonate-of-soda', 0.95, 0.88, 1.05, 'baking soda', 'bicarbonate', 'bicarb', 'soda'),
  row('baking-powder', 0.9, 0.8, 1),
  row('cream-of-tartar', 0.68, 0.6, 0.75, 'tartar'),
  row('citric-acid', 0.9, 0.85, 1),
  row('instant-yeast', 0.63, 0.58, 0.68, 'yeast', 'dried yeast', 'dry yeast'),
  row('gelatine', 0.68, 0.6, 0.74, 'gelatin', 'powdered gelatine'),
  row('agar', 0.5, 0.42, 0.6, 'agar powder', 'agar agar'),
  row('pectin', 0.65, 0.55, 0.75),
  row('cocoa', 0.42, 0.36, 0.5, 'cocoa powder'),
  row('butter', 0.95, 0.93, 0.96, 'margarine'),
  row('oil', 0.92, 0.91, 0.93, 'vegetable oil', 'sunflower oil', 'olive oil'),
  row('milk', 1.03, 1.02, 1.04, 'whole milk', 'skimmed milk'),
  row('buttermilk', 1.03, 1.02, 1.05),
  row('cream', 1, 0.98, 1.02, 'double cream', 'whipping cream', 'heavy cream'),
  row('yoghurt', 1.04, 1.02, 1.08, 'yogurt'),
  row('milk-powder', 0.5, 0.4, 0.6, 'dried milk'),
  row('vinegar', 1.01, 1, 1.02),
  row('lemon-juice', 1.03, 1.02, 1.04),
  row('ground-almonds', 0.42, 0.38, 0.48, 'almond flour'),
  row('breadcrumbs', 0.45, 0.3, 0.55),
  row('rice', 0.82, 0.78, 0.88),
  row('raisins', 0.65, 0.6, 0.72, 'sultanas'),
];

/** The ingredient a word or phrase means: the one with the longest name in it, or undefined. */
export function densityCalled(words: string): BulkDensity | undefined {
  const text = words.trim().toLowerCase();
  let best: { found: BulkDensity; length: number } | undefined;
  for (const found of bulkDensities) {
    for (const name of found.names) {
      if (name.length > (best?.length ?? 0) && ` ${text} `.includes(` ${name} `))
        best = { found, length: name.length };
    }
  }
  return best?.found;
}
