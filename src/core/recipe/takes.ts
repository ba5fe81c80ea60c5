import { quantityAt } from '../prose';
import type { Ingredient, Take } from '../practical';
import type { RecipeStep } from './recipe';

/** “half of the”, “two thirds of the”, “a quarter of the” at the end of what stands before a name. */
const shareBefore =
  /(?<![\p{L}\d])((?:a |one |the other )?half|(?:a |one )?(?:third|quarter)|(?:two|2) thirds|(?:three|3) quarters|1\/2|1\/3|1\/4|2\/3|3\/4)(?: of)? (?:the |your |this )(?:\p{L}+ )?$/iu;
const restBefore =
  /(?<!\p{L})(?:(?:rest|remainder|remaining half|other half) of (?:the |your )?|(?:remaining|leftover|left-over|reserved|rest of the) )(?:\p{L}+ )?$/iu;
const someBefore =
  /(?<!\p{L})(?:a little|a bit|a splash|a dash|a few drops?|a (?:spoon|ladle|hand|cup)ful|some|most)(?: more)?(?: of)? (?:the |your )?(?:\p{L}+ )?$/iu;

const restAfter =
  /\b(?:the rest|the remainder|the remaining (?:half|third|two thirds)|the other half)\b(?! of)/i;

/** How much of a line a step says that it takes; null where it takes all of it, or does not say. */
function takeAt(step: RecipeStep, line: number, { id, unit, amount }: Ingredient): Take | null {
  const place = step.mentioned.places.find(({ lines }) => lines.includes(line));
  if (!place) return null;
  // “Sift in half, beat, then add the rest”: one step takes both.
  if (restAfter.test(step.text.slice(place.to))) return null;
  const before = step.text.slice(0, place.from);
  const share = shareBefore.exec(before)?.[1];
  if (share !== undefined) {
    const value = quantityAt(share.replace(/^the other /i, ''))?.low ?? NaN;
    if (value > 0 && value < 1) return { ingredientId: id, how: 'share', value };
  }
  if (restBefore.test(before)) return { ingredientId: id, how: 'rest', value: null };
  const said = step.amounts.find(({ from, to }) => from < place.to && place.from < to);
  if (said?.unit === unit && amount !== null && said.amountHigh === null && said.amount < amount * 0.98)
    return { ingredientId: id, how: 'amount', value: said.amount };
  return someBefore.test(before) ? { ingredientId: id, how: 'some', value: null } : null;
}

/**
 * How much the steps of a recipe take of its lines, where it is not all: “half of the butter”, “the remaining sugar”. A little
 * of what no other step takes is all there is.
 */
export function takesOfSteps(steps: readonly RecipeStep[], lines: readonly Ingredient[]): Take[][] {
  const users = lines.map((_, i) => steps.filter(({ uses }) => uses.includes(i)).length);
  return steps.map((step) =>
    step.uses.flatMap((i): Take[] => {
      const line = lines[i];
      const take = line ? takeAt(step, i, line) : null;
      return take && (users[i]! > 1 || take.how === 'share' || take.how === 'amount') ? [take] : [];
    }),
  );
}
