import { packed, type IngredientItem } from '../ingredients';
import { timesLevel } from '../formula';
import type { Source } from '../working';
import type { Said } from './said';
import { gramsOf, millilitresOf, type CupKind, type RecipeUnit } from './units';

/** A mass as it can be told, g. */
export interface Mass {
  low: number;
  usual: number;
  high: number;
}

export const kitchenMassSource: Source = {
  kind: 'common-practice',
  text: 'What kitchen words weigh: a sachet of dried yeast 7 g, of gelatine 12 g, of vanilla sugar 8 g, a US stick of butter 113 g, a tin 400 g, a cube of fresh yeast 42 g, a clove of garlic 5 g, a slice of bread 40 g, a handful 30 g; pack sizes by common practice, all of them marked as assumed',
};

/** Grams of one sachet of an item. */
const sachets: Readonly<Record<string, number>> = {
  'dried-yeast': 7,
  gelatine: 12,
  'vanilla-sugar': 8,
  'baking-powder': 15,
  'bicarbonate-of-soda': 5,
  'citric-acid': 5,
  pectin: 13,
};
const tins: Readonly<Record<string, number>> = {
  'condensed-milk': 397,
  'evaporated-milk': 410,
  tuna: 145,
  anchovy: 50,
  sweetcorn: 340,
};
const slices: Readonly<Record<string, number>> = { bread: 40, bacon: 25, ham: 20, cheddar: 20, lemon: 8 };
const sticks: Readonly<Record<string, number>> = { butter: 113.4, margarine: 113.4, cinnamon: 3, celery: 40 };
const pieces: Readonly<Record<string, number>> = {
  'fresh-yeast': 42,
  'stock-cube': 10,
  'lemon-juice': 45,
  'orange-juice': 80,
  'egg-white': 33,
  'egg-yolk': 17,
};
/** What a recipe means by the grated skin of one, g (common practice). */
const zests: Readonly<Record<string, number>> = { lemon: 6, orange: 9, lime: 3 };
const handfulG = 30;
const tinG = 400;

/** How much heavier or lighter than the usual one a sized piece is (egg grades: large about 1.1, small about 0.85). */
const sized = (size: string) =>
  /extra.?large/.test(size)
    ? 1.25
    : /large|gro|grand|besar/.test(size)
      ? 1.1
      : /small|klein|petit|pequeñ|piccol|kecil/.test(size)
        ? 0.85
        : 1;

const around = (usual: number, share: number): Mass => ({
  low: usual * (1 - share),
  usual,
  high: usual * (1 + share),
});

/** Mass of so much of a unit of an item, g; null where it cannot be told. */
export function massOf(
  said: Said & { fill?: 'level' | 'heaped' | 'scant' | 'packed' | null; size?: string; name?: string },
  item: IngredientItem | undefined,
  cup: CupKind,
): Mass | null {
  const each = massOfOne(said, item, cup);
  if (!each) return null;
  const middle = said.amountHigh === null ? said.amount : (said.amount + said.amountHigh) / 2;
  return {
    low: each.low * said.amount,
    usual: each.usual * middle,
    high: each.high * (said.amountHigh ?? said.amount),
  };
}

function massOfOne(
  said: Parameters<typeof massOf>[0],
  item: IngredientItem | undefined,
  cup: CupKind,
): Mass | null {
  const grams = gramsOf(said.unit);
  if (grams !== null) return { low: grams, usual: grams, high: grams };
  const millilitres = millilitresOf(said.unit, cup);
  if (millilitres !== null) return byVolume(said, item, millilitres);
  return byPiece(said.unit, item, said.size ?? '', said.name ?? '');
}

/** Units a cook fills: how they are filled matters, and there are several of them. */
const filled: readonly RecipeUnit[] = ['tsp', 'tbsp', 'dessertspoon', 'cup'];

function byVolume(
  { unit, fill }: Parameters<typeof massOf>[0],
  item: IngredientItem | undefined,
  millilitres: number,
): Mass | null {
  const density = item?.density ?? null;
  if (!density) return unit === 'pinch' ? around(0.35, 0.5) : null;
  const asFilled = timesLevel(
    fill ?? null,
    unit === 'dessertspoon' ? 'tbsp' : unit === 'tsp' || unit === 'tbsp' || unit === 'cup' ? unit : 'ml',
  );
  const { low, gPerMl, high } = fill === 'packed' ? packed(density) : density;
  // Cups of 237 to 250 ml, spoons of 14.8 to 20 ml.
  const spread = filled.includes(unit) ? 0.06 : 0;
  return {
    low: millilitres * low * asFilled * (1 - spread),
    usual: millilitres * gPerMl * asFilled,
    high: millilitres * high * asFilled * (1 + spread),
  };
}

function byPiece(
  unit: RecipeUnit,
  item: IngredientItem | undefined,
  size: string,
  name: string,
): Mass | null {
  const id = item?.id ?? '';
  const known = (table: Readonly<Record<string, number>>, share: number) =>
    table[id] === undefined ? null : around(table[id], share);
  const whole = () => {
    if (/\b(?:zest|rind|peel)\b/i.test(name)) return known(zests, 0.4);
    const piece = pieces[id] ?? item?.pieceG;
    return piece ? around(piece * sized(size), 0.25) : null;
  };
  const clove = () => around(item?.pieceG ?? (id === 'clove' ? 0.1 : 5), 0.4);
  const byUnit: Partial<Record<RecipeUnit, () => Mass | null>> = {
    sachet: () => known(sachets, 0.15) ?? packOf(item),
    tin: () => known(tins, 0.1) ?? around(tinG, 0.1),
    packet: () => packOf(item),
    stick: () => known(sticks, 0.1),
    slice: () => known(slices, 0.4),
    handful: () => around(handfulG, 0.5),
    clove,
    each: whole,
  };
  return byUnit[unit]?.() ?? null;
}

const packOf = (item: IngredientItem | undefined) => (item?.packsG[0] ? around(item.packsG[0], 0.5) : null);
