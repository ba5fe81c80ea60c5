import { usedIn } from '../ingredients';
import type { Ingredient, Plan, Step } from '../practical';
import { hottest, readFood } from '../safety';
import { itemOf } from './by-table';

/** Heat that cooks; what is only warmed, melted or dissolved is not cooked. */
const cooks =
  /\b(?:bak(?:e|es|ed|ing)|boil\w*|simmer\w*|fr(?:y|ies|ied|ying)|roast\w*|grill\w*|poach\w*|steam\w*|scald\w*|cook(?:s|ed|ing)?|heat(?:s|ed|ing)?|in(?:to)? the oven|microwav\w*|barbecu\w*|sear(?:s|ed|ing)?|brais\w*|pasteuri[sz]\w*|until the core)\b/i;
const denied =
  /\b(?:no|not|never|without|un|don['’]?t|do not|instead of)[\s-]+(?:\w+ )?(?:bak|boil|simmer|fry|roast|grill|poach|cook|heat)\w*|\b(?:off|away from|from) (?:the )?heat\b|\buncooked\b|\bno-(?:cook|bake)\b/gi;
/** Cold, whatever the degrees say. */
const chills = /\b(?:chill|fridge|refrigerat\w*|freez\w*|ice bath)\b/i;

/** From here on heat cooks, °C. */
const cooksC = 60;

const cooksIn = (step: Step): boolean => {
  const text = step.text.replaceAll(denied, ' ');
  const degrees =
    hottest(` ${text.toLowerCase()} `) >= cooksC ||
    step.ends.some((end) => end.kind === 'temperature' && (end.celsius ?? 0) >= cooksC);
  return (
    degrees || (cooks.test(text) && !(chills.test(text) && !/\b(?:bake|boil|simmer|fry|cook)\b/i.test(text)))
  );
};

/** Flesh that is sold cooked, cured or as something made of it: it is not raw here. */
const notRaw =
  /\b(?:stock|broth|bouillon|cubes?|gelatine?|lard|dripping|suet|ghee|sauce|paste|powder|oil|tinned|canned|tins?|jar|anchov(?:y|ies)|bacon|ham|chorizo|salami|prosciutto|pancetta|cured|smoked|cooked|leftover|roast(?:ed)?|pasteuri[sz]ed|dried|noodles?|pasta|mayonnaise|roe|nori|essence|extract|substitute|replacer|wafers?|biscuits?|cake|plant|vegan|vegetarian|hard-boiled|boiled)\b/i;

const fleshOrigins: ReadonlySet<string> = new Set(['meat', 'fish', 'shellfish']);

/** Raw flesh of a formula by what it is named. */
export const rawFlesh = (plan: Plan): Ingredient[] =>
  plan.formula.filter((line) => {
    const words = `${line.name} ${line.state}`;
    if (notRaw.test(words)) return false;
    const known = itemOf(line);
    if (known) return fleshOrigins.has(known.origin);
    return readFood(words).kinds.some(
      (kind) => kind === 'poultry' || kind === 'whole-cut' || kind === 'fish',
    );
  });

const rawEggs = (plan: Plan): Ingredient[] =>
  plan.formula.filter(({ name, state }) => {
    const words = `${name} ${state}`;
    return (
      !notRaw.test(words) &&
      /\b(?:eggs?|yolks?|egg ?whites?|albumen)\b/i.test(words) &&
      !/\beggs? noodles?\b/i.test(words)
    );
  });

/** What is cooked with, in or on: a step that names nothing else may cook whatever is there. */
const medium = /\b(?:oil|butter|lard|dripping|ghee|fat|margarine|water|salt|pepper|seasoning|stock)\b/i;
/** Words for what was put together before. */
const mixture =
  /\b(?:it|them|they|this|these|mix(?:ture)?s?|everything|all|batter|dough|pastry|custard|fillings?|spoonfuls?|rounds?|balls?|pieces?|shapes?|cakes?|buns?|rolls?|biscuits?|tarts?|pies?|loa(?:f|ves)|moulds?|ramekins?|cases?|tins?|trays?|dish(?:es)?|pasta|noodles|gnocchi|dumplings?|pancakes?|fritters?|patt(?:y|ies)|strips?|parcels?|skewers?|crumbs?|meringues?|puddings?|crusts?|top(?:ping)?|sauce|soup|back)\b/i;

/** Washing up after something is no use of it. */
const washes = /\b(?:wash|clean|wipe|disinfect|scrub)\w*\b/i;
/** “Slide in, 3 minutes”: into what was made hot before. */
const goesInto = /\b(?:slid|drop|lower|tip|put|add|slip|crack|break)\w*\b[^.;]*\b(?:in|into)\b/i;

/**
 * Which of some ingredients no step cooks, in or after the first step that uses them. A step that names other things only,
 * “boil the sugar”, “fry the bacon”, cooks those; one that names it, a mixture or nothing cooks what is there.
 */
function neverCooked(plan: Plan, ingredients: readonly Ingredient[]): Ingredient[] {
  if (plan.steps.length === 0) return [];
  const names = plan.formula.map(({ name }) => name);
  const used = plan.steps.map((step) => {
    const said = usedIn(step.text, names);
    return plan.formula.map(({ id }, i) => step.uses.includes(id) || said[i] === true);
  });
  const cooksOf = (step: Step, at: number, i: number) => {
    if (!cooksIn(step)) return false;
    const others = names.filter((name, j) => used[i]![j] === true && j !== at && !medium.test(name));
    return used[i]![at] === true || others.length === 0 || mixture.test(step.text);
  };
  return ingredients.filter((one) => {
    const at = plan.formula.indexOf(one);
    const first = plan.steps.findIndex((step, i) => used[i]![at] === true && !washes.test(step.text));
    const intoHot = plan.steps.some(
      (step, i) =>
        i > 0 &&
        used[i]![at] === true &&
        (step.minutes ?? 0) >= 1 &&
        goesInto.test(step.text) &&
        cooksIn(plan.steps[i - 1]!),
    );
    return !intoHot && !plan.steps.some((step, i) => i >= first && cooksOf(step, at, i));
  });
}

/** Eggs and flesh that are eaten as they are: no step cooks them. */
export const eatenRaw = (plan: Plan): Ingredient[] =>
  neverCooked(plan, [...rawEggs(plan), ...rawFlesh(plan)]);

const bean =
  /\b(?:kidney beans?|red beans?|rajma|borlotti|cannellini|haricots?|flageolets?|black beans?|pinto beans?|butter beans?|lima beans?|white beans?|dried beans?|beans? \(dried\))\b/i;
const beanCooked =
  /\b(?:tinned|canned|tins?|cans?|cooked|jar|jarred|carton|green|runner|french|baked|bean ?sprouts?|vanilla|coffee|cocoa|jelly|paste|flour)\b/i;

/** Beans that poison unless they are boiled hard: the word is enough, where nothing says they are cooked already. */
export const poisonousBeans = (plan: Plan): Ingredient[] =>
  plan.formula.filter(({ name, state, typed }) => {
    const words = `${name} ${state} ${typed}`;
    return bean.test(words) && !beanCooked.test(words);
  });

/** Garlic, herbs or vegetables that stand in oil: spores that grow without air. Fried in it at once they do not. */
export function standsInOil(plan: Plan): { what: Ingredient; step: Step } | null {
  const oil = plan.formula.find(({ name }) => /\boil\b/i.test(name));
  const what = plan.formula.find(
    ({ name, state }) =>
      /\b(?:garlic|rosemary|thyme|basil|oregano|chill?i(?:es)?|peppers?|tomato(?:es)?|mushrooms?|herbs?|shallots?|onions?|lemon zest|truffles?)\b/i.test(
        name,
      ) && !/\b(?:dried|powder|salt|granules|flakes|pickled)\b/i.test(`${name} ${state}`),
  );
  if (!oil || !what) return null;
  const stands =
    /\b(?:infus\w*|steep\w*|stand|store\w*|keep|kept|bottle[ds]?|jars?|leave|left|overnight|week|days?|confit|preserv\w*|cover\w* with (?:the )?oil|seal\w*)\b/i;
  const step = plan.steps.find(
    ({ text }) =>
      /\boil\b/i.test(text) &&
      stands.test(text) &&
      !/\b(?:fridge|refrigerat\w*|freez\w*|chill\w*)\b/i.test(text),
  );
  return step ? { what, step } : null;
}
