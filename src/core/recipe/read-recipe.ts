import { amountsIn } from './amounts-said';
import { plainText } from './clean';
import { linesSayOneAmount, methodSaysTheSameAmounts } from './contradictions/amounts';
import {
  laterWordsAgree,
  ovenIsWhatItWasHeatedTo,
  scalesAgree,
  stepsFitTheTimesTold,
  stepsSayOneTime,
} from './contradictions/heat-and-time';
import { linesAreUsed, usesAreListed } from './contradictions/list-and-method';
import { countsAgree, piecesAreTheBatch } from './contradictions/portions';
import { formulaLine } from './formula-line';
import { languageOf } from './item-named';
import { mostCharacters, mostLines, rowsOf } from './layout';
import { partsOf, type Part } from './parts';
import type { Contradiction, Recipe, RecipeDraft, RecipeStep } from './recipe';
import { stepsOf, type ReadRecipeStep } from './steps';
import { timesIn } from '../prose';
import type { CupKind } from './units';
import { usesOfSteps } from './uses';
import { withoutMarkup } from './markup';

const checks: readonly ((recipe: RecipeDraft, found: readonly Contradiction[]) => Contradiction[])[] = [
  linesSayOneAmount,
  methodSaysTheSameAmounts,
  scalesAgree,
  ovenIsWhatItWasHeatedTo,
  stepsSayOneTime,
  stepsFitTheTimesTold,
  laterWordsAgree,
  piecesAreTheBatch,
  countsAgree,
  linesAreUsed,
  usesAreListed,
];

/**
 * Reads a recipe out of any text: its formula, its steps, what contradicts itself, and which lines were not understood.
 * Nothing is refused; of a text longer than 200,000 characters or 1,500 lines the rest stays as it is.
 *
 * @param cup the cup that is meant where cups are named; null: as the words and scales of the text suggest
 */
export function readRecipe(pasted: string, cup: CupKind | null = null): Recipe {
  const text = withoutMarkup(pasted);
  const language = languageOf(text);
  const parts = partsOf(rowsOf(text), language);
  const meantCup = cup ?? cupOf(text);
  const steps = stepsOf(parts.steps, language);
  const list = parts.listed ? parts.ingredients : fromSentences(steps);
  const formula = list.flatMap((part) => formulaLine(part, language, meantCup));
  const uses = usesOfSteps(steps, formula, language);
  const recipe = {
    title: parts.title,
    language,
    cup: meantCup,
    yields: parts.yields,
    told: parts.told.flatMap(({ what, said, line }) => {
      const minutes = timesIn(plainText(said))[0]?.low;
      return minutes === undefined ? [] : [{ what, minutes, line }];
    }),
    formula,
    steps: steps.map((step, i): RecipeStep => ({ ...step, ...uses[i]! })),
    notUnderstood: [...parts.notUnderstood, ...beyond(text)],
    listed: parts.listed,
  };
  const contradictions: Contradiction[] = [];
  const lines = text.split(/\r\n|\r|\n/);
  const aside = parts.notUnderstood.map((line) => lines[line - 1] ?? '').join('\n');
  for (const check of checks) contradictions.push(...check({ ...recipe, aside }, contradictions));
  return { ...recipe, contradictions };
}

/** Lines behind the last that is looked at: the first of them stands for all. */
function beyond(text: string): number[] {
  const lines = text.split(/\r\n|\r|\n/).length;
  const seen = text.slice(0, mostCharacters).split(/\r\n|\r|\n/).length;
  const last = Math.min(seen, mostLines);
  return last < lines ? Array.from({ length: Math.min(lines - last, 20_000) }, (_, i) => last + 1 + i) : [];
}

/** Cups of a text in ounces and °F are American, others metric. */
const cupOf = (text: string): CupKind =>
  /\b(?:all-purpose|confectioners|granulated sugar|heavy cream|sticks? (?:of )?(?:unsalted )?butter|°\s*F|\d{3}\s?F\b|ounces?|lbs?)\b/i.test(
    text,
  ) && !/°\s*C|\d{3}\s?C\b|\bcaster\b|\bml\b/i.test(text)
    ? 'us'
    : 'metric';

/** Where there is no list, what the sentences say an amount of. */
function fromSentences(steps: readonly ReadRecipeStep[]): Part[] {
  const found: Part[] = [];
  const seen = new Set<string>();
  for (const step of steps) {
    for (const said of amountsIn(step.text)) {
      if (said.part && seen.has(said.item.family)) continue;
      if (said.unit === 'each' && /^an?\b/i.test(said.words) && seen.has(said.item.family)) continue;
      seen.add(said.item.family);
      found.push({ line: step.line, text: said.words, section: '', numbered: false });
    }
  }
  return found;
}
