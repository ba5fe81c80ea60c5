import type { RecipeUnit } from './units';

/** An amount in one unit. */
export interface Said {
  amount: number;
  amountHigh: number | null;
  unit: RecipeUnit;
}

/** A pack as it is written: “2 × 400 g tins”. */
export interface PackSaid {
  count: number;
  each: number;
  unit: RecipeUnit;
}

/** What one line of an ingredient list says. */
export interface IngredientLine {
  name: string;
  /** Null: no amount is said. */
  amount: number | null;
  amountHigh: number | null;
  unit: RecipeUnit;
  fill: 'level' | 'heaped' | 'scant' | 'packed' | null;
  /** large, small … */
  size: string;
  /** cold, soft, chopped … */
  state: string;
  /** The same amount said otherwise: “250 g (9 oz)”, “1 sachet (2 tsp)”; each is of the whole line. */
  also: Said[];
  pack: PackSaid | null;
  optional: boolean;
  note: string;
  /** Why somebody should look: nothing, where all of it is plain. */
  doubts: string[];
}

/** A line of which nothing is said yet. */
export const blankLine = (): IngredientLine => ({
  name: '',
  amount: null,
  amountHigh: null,
  unit: 'each',
  fill: null,
  size: '',
  state: '',
  also: [],
  pack: null,
  optional: false,
  note: '',
  doubts: [],
});
