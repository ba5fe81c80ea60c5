import type { IngredientItem } from '../ingredients';
import type { YieldSaid } from './headings';
import type { IngredientLine } from './said';
import type { Language } from './item-named';
import type { Mass } from './mass';
import type { Mentioned } from './mentions';
import type { AmountSaid } from './amounts-said';
import type { ReadRecipeStep } from './steps';
import type { CupKind } from './units';

/** One line of the formula as it was read. */
export interface FormulaLine extends IngredientLine {
  /** Number of the line of the text it stands in, from 1. */
  line: number;
  text: string;
  section: string;
  item: IngredientItem | undefined;
  mass: Mass | null;
}

export interface RecipeStep extends ReadRecipeStep {
  /** Indices of lines of the formula. */
  uses: number[];
  mentioned: Mentioned;
  amounts: AmountSaid[];
}

type ContradictionKind = 'amount' | 'temperature' | 'unused' | 'unlisted' | 'sachet' | 'portions' | 'time';

/** Two things a recipe says that cannot both be. */
export interface Contradiction {
  kind: ContradictionKind;
  /** Lines of the text it is about, from 1. */
  lines: number[];
  text: string;
  /** How the two were compared. */
  working: string[];
  /** Ways to settle it, the likelier first; none where only its author can. */
  answers: Answer[];
}

/** A way to settle a contradiction. */
export type Answer = { label: string } & (
  | {
      does: 'amount';
      formula: number;
      amount: number;
      unit: IngredientLine['unit'];
      /** Words of a step that say another amount. */
      words?: { step: number; from: string; to: string };
    }
  | { does: 'add'; name: string; itemId: string }
  | { does: 'leave-out'; formula: number }
  | { does: 'celsius'; step: number; celsius: number }
  | { does: 'minutes'; step: number; minutes: number }
  /** Words of a step put otherwise. */
  | { does: 'words'; step: number; from: string; to: string }
  | { does: 'leave' }
);

/** What was understood of a pasted recipe. */
export interface Recipe {
  title: string;
  language: Language;
  cup: CupKind;
  yields: (YieldSaid & { line: number })[];
  told: { what: 'prep' | 'cook' | 'total'; minutes: number; line: number }[];
  formula: FormulaLine[];
  steps: RecipeStep[];
  contradictions: Contradiction[];
  /** Lines that are no part of list or method, from 1. */
  notUnderstood: number[];
  /** Whether there was a list of ingredients; else they were found in the sentences. */
  listed: boolean;
}

/** A recipe before it is held against itself. */
export type RecipeDraft = Omit<Recipe, 'contradictions'> & {
  /** What stands in lines that are no part of list or method. */
  aside: string;
};
