import { doingIn, itemsNamedIn, usedIn } from '../../ingredients';
import { itemOf } from '../../batch';
import { smallestAmounts } from '../own-plans';
import { capitalised, formatNumber } from '../../format';
import { newIngredient, type Plan } from '../../practical';
import { workingOf } from '../../working';
import type { Rule } from '../plan-remark';

/** An ingredient on the list that no step takes up. */
export const ingredientsAreUsed: Rule = ({ plan }) => {
  if (plan.steps.length === 0) return [];
  const names = plan.formula.map(({ name }) => name);
  const uses = plan.steps.map((step) => {
    // What only coats a tin is used as well.
    const said = step.uses.length > 0 ? [] : usedIn(step.text, names);
    const coats = usedIn(doingIn(step.text), names);
    return plan.formula.map(({ id }, i) => step.uses.includes(id) || said[i] === true || coats[i] === true);
  });
  return plan.formula
    .filter((_, i) => !uses.some((used) => used[i]))
    .map((ingredient) => {
      const first = plan.steps[0]!;
      return {
        id: `ingredient-unused:${ingredient.id}`,
        rank: 'check' as const,
        at: { section: 'formula' as const, item: ingredient.id },
        what: `No step uses the ${ingredient.name.toLowerCase()}`,
        why: 'It is on the tray and on the bill, and at least one station will ask, or guess.',
        working: workingOf([{ text: `steps that name ${ingredient.name}`, value: 0 }]),
        remedy: {
          label: 'name it in the first step',
          apply: (was: Plan): Plan => ({
            ...was,
            steps: was.steps.map((step) =>
              step.id === first.id
                ? {
                    ...step,
                    text: `${step.text.replace(/(?<![.\s])[.\s]+$/, '')}. Add the ${ingredient.name.toLowerCase()}.`,
                  }
                : step,
            ),
          }),
        },
      };
    });
};

/** What a whole thing of the formula holds. */
const partOf: Readonly<Record<string, string>> = {
  lemon: 'lemon-juice',
  lime: 'lemon-juice',
  orange: 'orange-juice',
};

/** A step that asks for something nobody has weighed out. */
export const stepsNameKnownIngredients: Rule = ({ plan }) => {
  const inBatch = new Set(plan.formula.map((ingredient) => itemOf(ingredient)?.family));
  const inLevels = itemsNamedIn(
    plan.factors.flatMap(({ name, levels }) => [...levels.map((level) => level.words), name]).join(', '),
  );
  const known = new Set([...inBatch, ...inLevels.map((item) => item.family)]);
  // The juice of a lemon that is there.
  for (const [whole, part] of Object.entries(partOf)) if (known.has(whole)) known.add(part);
  return plan.steps.flatMap((step) =>
    itemsNamedIn(step.text)
      .filter((item) => !known.has(item.family))
      .map((item) => ({
        id: `ingredient-unlisted:${step.id}:${item.id}`,
        rank: 'check' as const,
        at: { section: 'method' as const, item: step.id },
        what: `${capitalised(item.name)} is not in the formula`,
        why: 'The step asks for it, but it will be on no tray and no order.',
        working: workingOf([`step: ${step.text}`, `not in the formula: ${item.name}`]),
        remedy: {
          label: 'add it to the formula',
          apply: (was: Plan): Plan => ({
            ...was,
            formula: [
              ...was.formula,
              newIngredient({ id: `${step.id}-${item.id}`, name: capitalised(item.name) }),
            ],
          }),
        },
      })),
  );
};

/** Whether the levels say how much there is of an ingredient. */
const isVaried = (plan: Plan, id: string) =>
  plan.factors.some(({ acts }) => acts.on === 'amount' && acts.ingredientId === id && acts.as !== 'times');

/** “Some bicarbonate” is not a held constant. */
export const amountsAreGiven: Rule = ({ plan }) =>
  plan.formula
    .filter(
      (ingredient) =>
        ingredient.amount === null && ingredient.ratio === null && !isVaried(plan, ingredient.id),
    )
    .map((ingredient) => ({
      id: `amount-missing:${ingredient.id}`,
      rank: 'check' as const,
      at: { section: 'formula' as const, item: ingredient.id },
      what: `How much ${ingredient.name.toLowerCase()}?`,
      why: 'Without an amount every station takes another, and it cannot be ordered.',
      working: workingOf([`amount of ${ingredient.name}: empty`]),
    }));

/** Share of an amount that half a division of the balance may be before it matters (common practice: 5 %). */
const weighingShare = 0.05;

/** A balance too coarse for a small amount. */
export const balanceSuitsAmounts: Rule = ({ plan, place }) => {
  if (!place) return [];
  const smallest = smallestAmounts(plan, place);
  return plan.formula.flatMap((ingredient) => {
    const own = smallest.get(ingredient.id) ?? null;
    // One batch for the class is weighed at once.
    const grams = own !== null && ingredient.by === 'shared' ? own * plan.stations : own;
    // A pinch is taken between fingers.
    if (grams === null || grams <= 0 || ingredient.unit === 'pinch') return [];
    const half = place.balanceG / 2;
    const share = half / grams;
    if (share <= weighingShare) return [];
    return [
      {
        id: `balance-too-coarse:${ingredient.id}`,
        rank: 'check' as const,
        at: { section: 'formula' as const, item: ingredient.id },
        what: `${formatNumber(grams, 1)} g of ${ingredient.name.toLowerCase()} on a ${formatNumber(place.balanceG)} g balance`,
        why: `Half a division is ±${Math.round(share * 100)} % of it. Have staff weigh it on a finer balance, or weigh one lot and divide it.`,
        working: workingOf([
          { text: 'amount', value: grams, unit: 'g' },
          { text: 'half a division of the balance', value: half, unit: 'g' },
          { text: 'half a division / amount', value: share * 100, unit: '%' },
          { text: 'no remark up to', value: weighingShare * 100, unit: '%' },
        ]),
      },
    ];
  });
};
