import { itemOf } from '../batch';
import { isRice } from '../ingredients';
import type { Ingredient, Plan } from '../practical';

/** Hot enough to drive nearly all water off, °C. */
const drySyrupC = 115;
/** Of animals, and cooked when it is bought. */
const rendered = /gelatine|lard|suet/;
/** What stays moist however long its crust was baked: it is kept cold. */
const moist = /\b(cream(?! of tartar)|custard|cheese|curd|ganache|mousse|ricotta|mascarpone|quark)\b/i;
const filled = /\b(fill|filling|custard|sandwich)\b/i;

type Named = Pick<Ingredient, 'item' | 'name'>;

/** Whether raw meat, fish or shellfish is in a batch. */
export const hasFlesh = (formula: readonly Named[]): boolean =>
  formula.some((line) => {
    const item = itemOf(line);
    return item !== undefined && /^(?:meat|fish|shellfish)$/.test(item.origin) && !rendered.test(item.family);
  });

/** Rice that no table knows; flour, noodles, drinks and crisped rice are no cooked rice. */
const riceSaid =
  /\brice\b(?!\s+(?:flour|noodles?|paper|vermicelli|sticks?|vinegar|milk|drink|syrup|wine|cakes?|bran|cri|cereal))/i;

/** Whether rice is: cooked, it is kept the shortest. */
export const hasRice = (formula: readonly Named[]): boolean =>
  formula.some((line) => {
    const item = itemOf(line);
    return item ? isRice(item) : riceSaid.test(line.name);
  });

/** Fruit, and what little of a plant goes into a cake or a dough: baked through it keeps as they do. */
const bakedIn = new Set(
  `apple pear banana orange lemon lime grapefruit clementine pineapple tropical-fruit cherry strawberry raspberry blueberry
  blackberry cranberry plum peach apricot grape rhubarb fig mango kiwi passion-fruit lemon-juice bottled-lemon-juice
  orange-juice apple-juice carrot beetroot parsnip courgette butternut-squash sweet-potato herbs parsley basil mint thyme
  coriander-leaf garlic ginger chilli elderflower rose-water saffron mixed-spice star-anise curry-powder zaatar
  sun-dried-tomato dehydrated-potato`.split(/\s+/),
);

/** Vegetables, pulses and curds of them, or a whole dish: a pasty of potato is kept as cold as one of meat. */
const hasVegetables = (formula: readonly Named[]): boolean =>
  formula.some((line) => {
    const item = itemOf(line);
    if (!item || bakedIn.has(item.id)) return false;
    return (
      item.shelf === 'dishes' || (item.shelf === 'fruit-and-vegetables' && (item.waterPercent ?? 100) > 60)
    );
  });

/** Bread and cake that is baked through with nothing moist in it, and sweets boiled hard: they keep outside the cold. */
export function staysDry(
  plan: Pick<Plan, 'steps' | 'factors' | 'thermometers'> & { formula: readonly Named[] },
): boolean {
  if (hasFlesh(plan.formula) || hasRice(plan.formula) || hasVegetables(plan.formula)) return false;
  if (plan.formula.some(({ name }) => moist.test(name)) || plan.steps.some(({ text }) => filled.test(text)))
    return false;
  const baked =
    plan.formula.some((line) => /flour/.test(itemOf(line)?.id ?? '')) &&
    plan.steps.some(({ text }) => /\bbak(?:e|ed|ing)\b/i.test(text));
  const hottest = Math.max(
    0,
    ...plan.steps.flatMap(({ ends }) =>
      ends.map((end) => (end.kind === 'temperature' ? (end.celsius ?? 0) : 0)),
    ),
    ...plan.factors.flatMap(({ acts, levels }) =>
      acts.on === 'end-temperature' ? levels.map(({ value }) => value ?? 0) : [],
    ),
  );
  const syrup = plan.thermometers.some((one) => one.in === 'syrup');
  return baked || (syrup && hottest >= drySyrupC);
}
