import { amountsIn, type AmountSaid } from './amounts-said';
import type { Language } from './item-named';
import { Mentions, type Mentioned } from './mentions';
import type { FormulaLine, RecipeStep } from './recipe';
import type { ReadRecipeStep } from './steps';

/** A step that mixes; where it is the first that takes anything and names nothing, it takes all: “Mix to a shaggy dough.” */
const mixing = /^(?:mix|combine|blend|stir|whisk|beat|knead|blitz|whizz)\b/i;

/** What each step takes of the formula, and the amounts it says itself. */
export function usesOfSteps(
  steps: readonly Pick<ReadRecipeStep, 'text' | 'section'>[],
  formula: readonly FormulaLine[],
  language: Language,
): Pick<RecipeStep, 'uses' | 'mentioned' | 'amounts'>[] {
  const mentions = new Mentions(formula, language);
  mentions.learn(steps.map((step) => step.text));
  const mixes = steps.findIndex(({ text }) => mixing.test(text.trim()));
  return steps.map((step, at) => {
    const amounts = amountsIn(step.text);
    const mentioned = byAmount(mentions.in(step.text, step.section), amounts, formula);
    // “Mix and knead 10 min.” takes all there is.
    const all =
      at === mixes &&
      mentioned.uses.length === 0 &&
      steps.slice(0, at).every((one) => mentions.in(one.text, one.section).uses.length === 0);
    const uses = all
      ? formula.flatMap((line, i) =>
          [line.section, ''].includes(step.section) || line.section === '' ? [i] : [],
        )
      : mentioned.uses;
    return { uses, mentioned, amounts };
  });
}

/** “200 ml water” means the line of 200 ml, where two are of water. */
function byAmount(
  mentioned: Mentioned,
  amounts: readonly AmountSaid[],
  formula: readonly FormulaLine[],
): Mentioned {
  const dropped = new Set<number>();
  const places = mentioned.places.map((place) => {
    const said = amounts.find((one) => one.from < place.to && place.from < one.to);
    if (!said || place.lines.length < 2) return place;
    const same = place.lines.filter(
      (i) => formula[i]!.amount === said.amount && formula[i]!.unit === said.unit,
    );
    if (same.length !== 1) return place;
    for (const i of place.lines) if (i !== same[0]) dropped.add(i);
    return { ...place, lines: same };
  });
  for (const { lines } of places) for (const i of lines) dropped.delete(i);
  return { ...mentioned, uses: mentioned.uses.filter((i) => !dropped.has(i)), places };
}
