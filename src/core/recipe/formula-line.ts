import { isSolution } from '../formula';
import { readIngredientLine } from './ingredient-line';
import { itemNamed, type Language } from './item-named';
import { massOf, type Mass } from './mass';
import type { Part } from './parts';
import type { FormulaLine, Recipe } from './recipe';
import type { IngredientLine } from './said';
import { gramsOf, type CupKind } from './units';

const bothOf = / (?:zest|rind|peel|juice) and (?:zest|rind|peel|juice)$/i;

/** A line of a list as a line of the formula; none where it has no letters. */
export function formulaLine(part: Part, language: Language, cup: CupKind): FormulaLine[] {
  const read = readIngredientLine(part.text);
  if (!read) return [];
  // “zest and juice of a lemon”: most of the fruit.
  const item = isSolution(read.name) ? undefined : itemNamed(read.name.replace(bothOf, ''), language);
  const doubts = item ? read.doubts : [...read.doubts, 'not in the ingredients table'];
  return [
    {
      ...read,
      doubts,
      line: part.line,
      text: part.text,
      section: part.section,
      item,
      mass: massOfLine(read, item, cup),
    },
  ];
}

/** Mass of a line: as it is said in grams, else from its amount. */
function massOfLine(read: IngredientLine, item: FormulaLine['item'], cup: CupKind): Mass | null {
  if (read.amount === null) return null;
  if (gramsOf(read.unit) === null) {
    const said = read.also.find((one) => gramsOf(one.unit) !== null);
    if (said) {
      const [low, high] = [said.amount, said.amountHigh ?? said.amount].map(
        (one) => one * gramsOf(said.unit)!,
      );
      return { low: low!, usual: (low! + high!) / 2, high: high! };
    }
  }
  return massOf({ ...read, amount: read.amount }, item, cup);
}

/** A line of the formula that was typed anew; what it is part of stays. */
export function readFormulaLine(
  typed: string,
  { language, cup }: Pick<Recipe, 'language' | 'cup'>,
  was: FormulaLine,
): FormulaLine {
  const part = { line: was.line, text: typed, section: was.section, numbered: false };
  return formulaLine(part, language, cup)[0] ?? was;
}
