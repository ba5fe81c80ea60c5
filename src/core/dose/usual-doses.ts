import { likelyItem, type IngredientItem } from '../ingredients';
import type { Source } from '../working';

export const usualDosesSource: Source = {
  kind: 'common-practice',
  text: 'Usual doses of bakers and confectioners: salt 1–2 % of the flour, dried yeast 0.5–2.5 %, fresh yeast 1.5–6 %, soda 0.3–2 %, baking powder 2–6 %; gelatine 0.6–3 % of the liquid, agar 0.2–1.5 %, pectin 0.3–2 % of fruit and sugar, starch of a sauce 2.5–9 % of the liquid',
};

/** What a dose is a share of. */
export type DoseBase = 'flour' | 'liquid' | 'fruit and sugar' | 'batch';

interface UsualDose {
  /** Ids of the ingredients table. */
  items: readonly string[];
  of: DoseBase;
  low: number;
  high: number;
}

/** Usual shares, % of their base, the first base that is there. */
const usual: readonly UsualDose[] = [
  { items: ['salt', 'flake-salt'], of: 'flour', low: 1, high: 2 },
  { items: ['salt', 'flake-salt'], of: 'batch', low: 0, high: 2 },
  { items: ['dried-yeast'], of: 'flour', low: 0.5, high: 2.5 },
  { items: ['fresh-yeast'], of: 'flour', low: 1.5, high: 6 },
  { items: ['bicarbonate-of-soda'], of: 'flour', low: 0.3, high: 2 },
  { items: ['baking-powder'], of: 'flour', low: 2, high: 6 },
  { items: ['gelatine', 'fish-gelatine'], of: 'liquid', low: 0.6, high: 3 },
  { items: ['agar'], of: 'liquid', low: 0.2, high: 1.5 },
  { items: ['pectin'], of: 'fruit and sugar', low: 0.3, high: 2 },
  { items: ['cornflour', 'potato-starch', 'tapioca', 'custard-powder'], of: 'liquid', low: 2.5, high: 9 },
];

export interface DoseLine {
  name: string;
  massG: number;
  item?: IngredientItem | undefined;
}

export interface Dose {
  /** Index of the line. */
  line: number;
  ingredient: string;
  percent: number;
  of: DoseBase;
  low: number;
  high: number;
  verdict: 'low' | 'usual' | 'high';
}

const liquids =
  /^(?:water|milk|skimmed-milk|buttermilk|kefir|double-cream|whipping-cream|single-cream|soured-cream|coconut-milk|soya-milk|oat-milk|almond-milk|rice-milk|evaporated-milk|stock|wine|coffee|tea|orange-juice|lemon-juice|apple-juice|tomato-juice|coconut-water|yoghurt)$/;

/** Shares a base must have of the batch before a dose is told against it: a dusting of flour makes no dough. */
const least = { flour: 0.15, liquid: 0.25, 'fruit and sugar': 0.4, batch: 0.5 } as const;

/** Each strong ingredient against what it is usual to take of it; lines without a known base are left out. */
export function dosesOf(lines: readonly DoseLine[]): Dose[] {
  const known = lines.map((line) => ({ ...line, item: line.item ?? likelyItem(line.name) }));
  const batch = known.reduce((sum, { massG }) => sum + massG, 0);
  const massOf = (test: (item: IngredientItem) => boolean) =>
    known.reduce((sum, { item, massG }) => sum + (item && test(item) ? massG : 0), 0);
  const bases: Record<DoseBase, number> = {
    flour: massOf((item) => item.family === 'flour'),
    liquid: massOf((item) => liquids.test(item.id)),
    'fruit and sugar': massOf((item) => item.jobs.includes('fruit') || item.family === 'sugar'),
    batch,
  };
  return known.flatMap(({ item, massG, name }, line) => {
    if (!item || !(massG > 0)) return [];
    const dose = usual.find(
      (one) => one.items.includes(item.id) && bases[one.of] > 0 && bases[one.of] >= least[one.of] * batch,
    );
    if (!dose) return [];
    // A custard powder beside flour thickens nothing: starch is told in sauces only.
    if (dose.of === 'liquid' && /flour|starch|tapioca|custard/.test(item.id) && bases.flour > 0.15 * batch)
      return [];
    // Soda boiled in a bath for crusts is no part of the dough.
    if (
      /^(?:bicarbonate-of-soda|salt)$/.test(item.id) &&
      dose.of === 'flour' &&
      massG > 0.12 * bases.flour &&
      bases.liquid > 2 * bases.flour
    )
      return [];
    const percent = (100 * massG) / bases[dose.of];
    const { of, low, high } = dose;
    return [
      {
        line,
        ingredient: name,
        percent,
        of,
        low,
        high,
        verdict:
          percent < low * 0.98
            ? ('low' as const)
            : percent > high * 1.02
              ? ('high' as const)
              : ('usual' as const),
      },
    ];
  });
}
