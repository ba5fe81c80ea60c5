import { capitalised } from '../format';
import type { AmountUnit } from '../formula';
import {
  newIngredient,
  isOfTheFood,
  newStep,
  planShape,
  readStep,
  standsOvernight,
  type End,
  type Ingredient,
  type Plan,
  type Step,
} from '../practical';
import { hazardsIn } from '../safety';
import { longest } from '../shape';
import { likelyItem } from '../ingredients';
import type { FormulaLine, Recipe, RecipeStep } from './recipe';
import type { SettledRecipe } from './settle';
import { waiting, waits } from './steps';
import { takesOfSteps } from './takes';
import { meantOf } from './temperatures';
import { millilitresOf, type CupKind } from './units';

/** Units a plan keeps as they are written; others become grams, millilitres or pieces, their words beside them. */
const kept: readonly string[] = ['g', 'kg', 'ml', 'l', 'tsp', 'tbsp', 'pinch', 'each'] satisfies AmountUnit[];

/**
 * A plan with what was read and settled of a recipe: its formula and steps in place of the plan’s own, the text beside
 * them. What stands in the plan already (question, factors, room) stays.
 *
 * @param newId makes the id of a line
 */
export function planFromRecipe(
  recipe: Recipe,
  { formula, steps }: SettledRecipe,
  text: string,
  base: Plan,
  newId: () => string,
): Plan {
  const lines = formula.slice(0, mostOf('formula')).map((line) => ingredientOf(line, recipe.cup, newId()));
  const ids = lines.map((line) => line.id);
  const takes = takesOfSteps(steps, lines);
  const built = steps
    .slice(0, mostOf('steps'))
    .map((step, i) => ({ ...stepOf(step, ids, newId()), takes: takes[i]! }));
  const thermometers = thermometersFor(built, lines, base, newId);
  return {
    ...base,
    title: base.title.trim() === '' ? recipe.title || 'A recipe without a name' : base.title,
    formula: lines,
    steps: withDays(withOven(built)).map((step) =>
      step.ends.some((end) => end.kind === 'temperature')
        ? { ...step, thermometerId: thermometers[0]?.id ?? null }
        : step,
    ),
    thermometers,
    portions: { ...base.portions, ...piecesOf(recipe) },
    pasted: text.slice(0, longest(planShape.fields.pasted)),
  };
}

/** The pieces a recipe says that it makes. */
function piecesOf({ yields }: Recipe): Partial<Plan['portions']> {
  const made = yields.find((one) => one.kind === 'makes');
  if (!made || made.count < 1 || made.count > 500) return {};
  const { eachG } = made;
  return { pieces: made.count, ...(eachG !== null && eachG >= 1 && eachG <= 5000 && { pieceG: eachG }) };
}

/** How many lines of formula, or steps, a plan holds. */
export function mostOf(field: 'formula' | 'steps'): number {
  const shape = planShape.fields[field];
  const inner = shape.kind === 'refined' ? shape.inner : shape;
  return inner.kind === 'list' ? inner.most : 100;
}

function ingredientOf(line: FormulaLine, cup: CupKind, id: string): Ingredient {
  const named = `${line.size === '' ? '' : `${line.size} `}${line.name}`;
  const known = likelyItem(line.name);
  const notes = [
    line.note,
    line.section === '' ? '' : `for the ${line.section}`,
    kept.includes(line.unit) || line.amount === null
      ? ''
      : `written as ${line.text.replace(/\s+/g, ' ').slice(0, 80)}`,
  ].filter((one) => one !== '');
  return newIngredient({
    id,
    typed: line.text.slice(0, 200),
    name: capitalised(named).slice(0, 80),
    // Where the name alone means it, nothing is pinned; a name of another language is.
    item: known?.id === line.item?.id ? null : (line.item?.id ?? null),
    ...amountOf(line, cup),
    fill: line.fill,
    state: line.state.slice(0, 60),
    job: (line.item?.jobs ?? [])
      .slice(0, 2)
      .map((job) => job.replaceAll('-', ' '))
      .join(', '),
    optional: line.optional,
    note: notes.join('; ').slice(0, 200),
  });
}

const tidy = (value: number) => Number(value.toPrecision(4));

function amountOf(line: FormulaLine, cup: CupKind): Pick<Ingredient, 'amount' | 'amountTo' | 'unit'> {
  const { amount, amountHigh } = line;
  if (amount === null) return { amount: null, amountTo: null, unit: 'g' };
  // The skin or juice of one is not the whole of it.
  const whole = amount * (line.item?.pieceG ?? NaN);
  const part =
    line.unit === 'each' && line.size === '' && Math.abs((line.mass?.usual ?? whole) - whole) > 0.2 * whole;
  if (part) return { amount: limited(tidy(line.mass!.usual)), amountTo: null, unit: 'g' };
  if (kept.includes(line.unit))
    return {
      amount: limited(amount),
      amountTo: limitedTo(amountHigh, amount),
      unit: line.unit as AmountUnit,
    };
  if (line.unit === 'cup' && cup === 'metric')
    return { amount: limited(amount), amountTo: limitedTo(amountHigh, amount), unit: 'cup' };
  // A mass that is said or known is what is weighed.
  if (line.mass) {
    const range = amountHigh !== null && line.mass.high > line.mass.usual;
    return {
      amount: limited(tidy(range ? (line.mass.usual * amount * 2) / (amount + amountHigh) : line.mass.usual)),
      amountTo: null,
      unit: 'g',
    };
  }
  const millilitres = millilitresOf(line.unit, cup);
  if (millilitres !== null)
    return { amount: limited(tidy(amount * millilitres)), amountTo: null, unit: 'ml' };
  return { amount: limited(amount), amountTo: limitedTo(amountHigh, amount), unit: 'each' };
}

const limited = (amount: number) => Math.min(amount, 100_000);
const limitedTo = (high: number | null, low: number) => (high !== null && high > low ? limited(high) : null);

function stepOf(step: RecipeStep, ids: readonly string[], id: string): Step {
  const text = capitalised(step.text).slice(0, 1200);
  const read = readStep(text);
  const food = step.temperatures.find((one) => isOfTheFood(step.text, one));
  const oven = isOven(step) ? meantOf(step.temperatures.filter((one) => one !== food)) : null;
  const { minutesLow: minutes, minutesHigh } = step;
  return newStep({
    id,
    text,
    ...read,
    minutes: minutes === null ? (read.minutes ?? null) : Math.min(minutes, 10_080),
    minutesTo:
      minutes === null
        ? (read.minutesTo ?? null)
        : minutesHigh !== null && minutesHigh > minutes
          ? Math.min(minutesHigh, 10_080)
          : null,
    per: step.per,
    ends: endsOf(read.ends ?? [], minutes !== null, oven !== null, food?.celsius ?? null),
    hands: waiting.test(text) || waitsItsTime(step) ? 'waiting' : (read.hands ?? 'hands-on'),
    settings: oven
      ? [{ what: 'oven', celsius: oven.celsius, words: oven.as === 'fan' ? 'fan' : '', from: 0 }]
      : (read.settings ?? []),
    needs: needsOf(text),
    uses: step.uses.flatMap((i) => ids[i] ?? []),
    hazards: hazardsIn(text).slice(0, 8),
  });
}

/** “Mix it and leave to rise for 1 hour”: what its time is for is waiting. */
function waitsItsTime({ text, times }: RecipeStep): boolean {
  const own = times.find((one) => !one.again);
  if (!own || own.low < 5) return false;
  const clause =
    text
      .slice(0, own.to)
      .split(/[,;.]|\band\b|\bthen\b/i)
      .at(-1) ?? '';
  return waits.test(clause);
}

/** What ends a step: its minutes, the signs its sentence names, the temperature of the food; never that of the oven. */
function endsOf(read: readonly End[], timed: boolean, oven: boolean, foodC: number | null): End[] {
  const ends = read.filter(
    (end) => end.kind !== 'time' && !(end.kind === 'temperature' && (oven || foodC !== null)),
  );
  const temperature =
    foodC === null ? [] : [{ kind: 'temperature' as const, celsius: foodC, basis: 'as-read' as const }];
  const all: End[] = [...(timed ? [{ kind: 'time' as const }] : []), ...temperature, ...ends];
  return all.length === 0 ? [{ kind: 'time' }] : all.slice(0, 6);
}

const isOven = ({ text, temperatures }: RecipeStep) =>
  /\b(?:oven|bake|baking|roast|backofen|backen|ofen|four|horno|hornear|forno|oven)\b/i.test(text) ||
  temperatures.some((one) => one.as === 'gas' || one.as === 'fan');

const places: readonly (readonly [RegExp, Step['needs'][number]['resource']])[] = [
  [/\b(?:bake|baking|roast|in the oven|heat the oven|preheat)\b/i, 'oven'],
  [/\b(?:boil|simmer|fry|sauté|sweat|soften|pan|hob|poach|melt the|heat the (?!oven)|bring to)\b/i, 'hob'],
  [/\b(?:chill|refrigerat\w*|fridge)\b/i, 'refrigerator'],
  [/\bfreez(?:e|er)\b/i, 'freezer'],
  [/\bmicrowave\b/i, 'microwave'],
  [/\b(?:electric mixer|stand mixer|food mixer|electric whisk)\b/i, 'mixer'],
];

function needsOf(text: string): Step['needs'] {
  const found = places.filter(([words]) => words.test(text)).map(([, resource]) => resource);
  const one = found.includes('oven') ? found.filter((resource) => resource !== 'hob') : found;
  return one.slice(0, 3).map((resource) => ({ resource, count: 1, celsius: null }));
}

/** A step in the oven that says no temperature has the one it was heated to. */
function withOven(steps: readonly Step[]): Step[] {
  let heated: number | null = null;
  return steps.map((step) => {
    const own = step.settings.find((one) => one.what === 'oven');
    if (own) heated = own.celsius;
    const bakes = /\b(?:bake|roast)\b/i.test(step.text);
    if (own || !bakes || heated === null) return step;
    return {
      ...step,
      settings: [...step.settings, { what: 'oven' as const, celsius: heated, words: '', from: 0 }],
    };
  });
}

/** A wait that no lesson holds, min. */
const longWaitMin = 480;
/** The earliest day a plan knows. */
const firstDay = -14;

/** Nights a step takes; 0 where a lesson holds it. */
function nightsOf({ text, minutes, hands }: Step): number {
  const long = hands === 'waiting' && (minutes ?? 0) >= longWaitMin;
  return standsOvernight(text) || long ? Math.max(1, Math.round((long ? minutes! : 0) / 1440)) : 0;
}

/**
 * What stands overnight, and all that comes before it, is done on an earlier day; as the last step it stands after the lesson.
 */
function withDays(steps: readonly Step[]): Step[] {
  let day = 0;
  return steps
    .map((step, i) => ({ step, last: i === steps.length - 1 }))
    .toReversed()
    .map(({ step, last }): Step => {
      const nights = nightsOf(step);
      if (nights > 0 && last) return { ...step, when: 'after' };
      day -= nights;
      if (/\bday before\b/i.test(step.text)) day = Math.min(day, -1);
      return day < 0 ? { ...step, when: 'before', day: Math.max(firstDay, day) } : step;
    })
    .toReversed();
}

/** A thermometer, where a step ends by temperature and none is planned: in the syrup where sugar and water boil. */
function thermometersFor(
  steps: readonly Step[],
  formula: readonly Ingredient[],
  base: Plan,
  newId: () => string,
): Plan['thermometers'] {
  if (base.thermometers.length > 0) return base.thermometers;
  const highest = Math.max(
    0,
    ...steps.flatMap((step) => step.ends.map((end) => (end.kind === 'temperature' ? (end.celsius ?? 0) : 0))),
  );
  if (highest === 0) return [];
  const sugary = formula.some((line) => /sugar|syrup|honey/i.test(line.name));
  const core = steps.some(
    (step) =>
      /\b(?:core|middle|centre|inside)\b/i.test(step.text) &&
      step.ends.some((end) => end.kind === 'temperature'),
  );
  const medium = core ? 'core' : sugary && highest > 104 ? 'syrup' : 'food';
  return [{ id: newId(), in: medium, smallestDivisionC: 1 }];
}
