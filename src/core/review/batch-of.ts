import type { IngredientItem } from '../ingredients';
import { itemOf } from '../batch';
import { natureOf, type Nature } from '../nature';
import type { Place, Plan, StationIngredient } from '../practical';
import { ownPlans } from './own-plans';

/** A line of the batch with what the table knows of it. */
export interface BatchLine {
  line: StationIngredient;
  item: IngredientItem | undefined;
  grams: number | null;
}

/** Lines that are for something put on or beside: not of what is risen, shared out or set. */
const asideOf =
  /\bfor the (?:\w+ )?(?:glaze|icing|frosting|topping|filling|sauce|dip|syrup|decoration|garnish|dusting)\b/i;

/** Density of a batter or dough before it rises, g/ml (common practice: between water and flour paste). */
const batterGPerMl = 1.05;

/** The batch of the control, or of the first treatment: what the rules about amounts look at. */
export function batchOf(plan: Plan, place: Place | null): BatchLine[] {
  const own = ownPlans(plan, place);
  const control = own.find((one) => one.treatment?.control) ?? own[0];
  return (control?.ingredients ?? [])
    .filter((line) => !line.dropped)
    .filter((line) => !asideOf.test(line.note))
    .map((line) => ({ line, item: itemOf(line), grams: line.grams }));
}

/** What the batch of the control makes. */
export const natureOfPlan = (plan: Plan, place: Place | null): Nature =>
  natureOf(
    plan,
    batchOf(plan, place).map(({ line, grams }) => ({ ...line, grams })),
  );

/** Mass of a whole batch, g; null where a line with an amount has no mass. */
export function massOfBatch(batch: readonly BatchLine[]): number | null {
  const weighed = batch.filter(({ line }) => line.amount !== null || line.ratio !== null);
  if (weighed.length === 0 || weighed.some(({ grams }) => grams === null)) return null;
  return weighed.reduce((sum, { grams }) => sum + grams!, 0);
}

export const volumeOfBatch = (massG: number) => massG / batterGPerMl;

/** Ingredients some factor changes: what is meant to be unusual is no slip. */
export function varied(plan: Plan): Set<string> {
  return new Set(
    plan.factors.flatMap(({ acts }) =>
      (acts.on === 'amount' || acts.on === 'swap') && acts.ingredientId !== null ? [acts.ingredientId] : [],
    ),
  );
}

/** Whether a factor in words speaks of an ingredient: “raw or heated pineapple”. */
export const spokenOfByFactor = (plan: Plan, name: string) =>
  plan.factors.some(({ name: factor, levels }) =>
    [factor, ...levels.map((level) => level.words)].some((words) =>
      words.toLowerCase().includes(name.toLowerCase()),
    ),
  );
