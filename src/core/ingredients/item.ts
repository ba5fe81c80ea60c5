import type { Source } from '../working';
import type { ShelfId } from './shelf';

export const allergenIds = [
  'gluten',
  'wheat',
  'crustaceans',
  'molluscs',
  'eggs',
  'fish',
  'peanuts',
  'soya',
  'milk',
  'nuts',
  'celery',
  'mustard',
  'sesame',
  'sulphites',
  'lupin',
] as const;
export type AllergenId = (typeof allergenIds)[number];

/** An allergen as one law has it: `nuts@us` are nuts to US law only (pine nuts). */
export type AllergenMark = AllergenId | `${AllergenId}@us`;

/** Bulk density, g/ml: as usually filled (spooned and levelled, or poured), from loose to scooped or packed. */
export interface BulkDensity {
  gPerMl: number;
  low: number;
  high: number;
}

/** What 100 g hold, g. */
export interface Composition {
  proteinG: number;
  fatG: number;
  carbohydrateG: number;
  sugarsG: number;
  fibreG: number;
  saltG: number;
}

/** The acid of an ingredient: which, and its share by mass. */
export interface AcidContent {
  kind: string;
  percent: number;
}

/** Where it comes from, where that decides who eats it. */
export const origins = ['plant', 'dairy', 'egg', 'honey', 'meat', 'fish', 'shellfish'] as const;
export type Origin = (typeof origins)[number];

/** One ingredient of the shelf: everything the program knows of it stands here and nowhere else. */
/**
 * Bulk density where it is pressed down, g/ml: between its usual and its highest. Brown sugar packed into a US cup is 201 to
 * 220 g by it (tables of bakeries and of food composition, from memory).
 */
export const packed = ({ gPerMl, high }: BulkDensity): BulkDensity => ({
  low: gPerMl,
  gPerMl: (gPerMl + high) / 2,
  high,
});

export interface IngredientItem {
  id: string;
  name: string;
  /** Names that mean it, the shown one first. */
  names: readonly string[];
  /** Looser words for it once it is known to be in the batch: “soda”, “syrup”. */
  loose: readonly string[];
  /** Items that a sentence may call by one word: all sugars are “sugar”. */
  family: string;
  /** Whether a step that names it and a formula that lacks it are worth a remark. */
  telling: boolean;
  density: BulkDensity | null;
  pieceG: number | null;
  composition: Composition | null;
  waterPercent: number | null;
  alcoholPercent: number;
  /** Share by mass that is dissolved sugar when it boils, the rest water; null: no part of a syrup. */
  syrupShare: number | null;
  acid: AcidContent | null;
  contains: readonly AllergenMark[];
  /** Often, but not always: the label decides. */
  oftenContains: readonly AllergenMark[];
  jobs: readonly string[];
  packsG: readonly number[];
  states: readonly string[];
  origin: Origin;
  /** What it is kept together with. */
  shelf: ShelfId;
}

export const ingredientsSource: Source = {
  kind: 'from-memory',
  text: 'Ingredients table: bulk densities as kitchens weigh them, composition and piece masses as food tables give them, rounded (from memory); a label always knows better',
};
