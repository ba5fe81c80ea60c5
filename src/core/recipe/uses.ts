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
  const read = steps.map((step, at) => {
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
  return withCoats(ofOnePart(read, steps, formula), steps, formula, mentions);
}

type Read = Pick<RecipeStep, 'uses' | 'mentioned' | 'amounts'>;

/**
 * “Cream the butter and sugar” of a cake with a sauce: a word that can mean lines of several parts means those of the step’s
 * own part, else those of the first of which not all has been taken. What no step would take then stays with the last that
 * can mean it.
 */
function ofOnePart(
  read: readonly Read[],
  steps: readonly Pick<ReadRecipeStep, 'section'>[],
  formula: readonly FormulaLine[],
): Read[] {
  const taken = new Set<number>();
  const narrowed = read.map((one, at): Read => {
    const dropped = new Set<number>();
    const meant = new Set<number>();
    for (const { lines } of one.mentioned.places) {
      const parts = new Set(lines.map((i) => formula[i]!.section));
      const own = steps[at]!.section;
      const open = lines.filter((i) => !taken.has(i));
      const pool = open.length > 0 ? open : lines;
      const part = parts.has(own) && own !== '' ? own : pool.length > 0 ? formula[pool[0]!]!.section : own;
      for (const i of lines) (parts.size < 2 || formula[i]!.section === part ? meant : dropped).add(i);
    }
    for (const i of meant) dropped.delete(i);
    const uses = one.uses.filter((i) => !dropped.has(i));
    for (const i of uses) taken.add(i);
    return { ...one, uses };
  });
  const lost = formula.flatMap((_, i) =>
    narrowed.some(({ uses }) => uses.includes(i))
      ? []
      : [[i, read.findLastIndex(({ uses }) => uses.includes(i))] as const],
  );
  return narrowed.map((one, at) => {
    const back = lost.flatMap(([i, last]) => (last === at ? [i] : []));
    return back.length === 0 ? one : { ...one, uses: [...one.uses, ...back].sort((a, b) => a - b) };
  });
}

/** “Oil the tin”: where nothing else takes the oil, or a line is for that, the step takes it. */
function withCoats(
  read: readonly Read[],
  steps: readonly Pick<ReadRecipeStep, 'text' | 'section'>[],
  formula: readonly FormulaLine[],
  mentions: Mentions,
): Read[] {
  const forCoating = (i: number) =>
    /(?<!\b(?:extra|more),? )\b(?:to grease|for greasing|for the (?:tin|tray|pan|dish|mould)|for dusting|to dust|for oiling)\b/i.test(
      `${formula[i]!.note} ${formula[i]!.text}`,
    );
  const usedElsewhere = new Set(read.flatMap(({ uses }) => uses));
  return read.map((one, at) => {
    const { text, section } = steps[at]!;
    const coats = mentions.in(text, section, true).uses.filter((i) => !one.uses.includes(i));
    const its = coats.filter((i) => forCoating(i) || !usedElsewhere.has(i));
    return its.length === 0 ? one : { ...one, uses: [...one.uses, ...its].sort((a, b) => a - b) };
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
