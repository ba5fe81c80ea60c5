import { itemOf } from '../batch';
import { idsIn } from '../ingredients';
import { temperatureEnd, type Plan, type Step } from '../practical';
import { ambers, bakesIn, staysDry, sweetensMost, type Weighed } from './kept';

/**
 * What a practical makes, as far as it matters for how it is cooled, kept and warmed.
 *
 * - `sugar-glass`: boiled hard, dry; it keeps in a tin, and water ruins it or spits
 * - `baked-dry`: baked through, with nothing moist in it
 * - `hot-sugar`: a syrup or caramel that holds moisture: far hotter than water while it is worked
 * - `baked`: a dish set or cooked in the oven, that nobody can stir any more
 * - `gel`: set by gelatine, agar or pectin
 * - `dough`: kneaded or rolled, and not baked
 * - `poured`: what was heated and can be stirred: a sauce, a soup, a custard
 * - `other`: nothing of these
 */
export type Nature =
  | 'sugar-glass'
  | 'baked-dry'
  | 'hot-sugar'
  | 'baked'
  | 'gel'
  | 'dough'
  | 'poured'
  | 'other';

/** A syrup hotter than this is no sauce that ice water may touch, °C: thread stage begins at 106 (from memory). */
const hotSugarC = 106;

const sets = idsIn('gelatine fish-gelatine agar pectin carrageenan jam-sugar');
const heats =
  /\b(?:boil|simmer|heat|cook|fry|sauté|sweat|poach|steam|warm|melt|scald|roux|thicken|bring to)\w*\b/i;
const inOven = /\b(?:roast|grill)(?:ed|ing|s)?\b/i;
const handled = /\b(?:knead|roll(?:ed)? out|shape|prove|proof)\w*\b/i;

const bakesAt = ({ text, needs }: Pick<Step, 'text' | 'needs'>): boolean =>
  bakesIn(text) ||
  inOven.test(text) ||
  (needs.some(({ resource }) => resource === 'oven') && !/preheat|heat the oven/i.test(text));

/** Whether a step heats what is made: nothing before the last of these is yet what it will be. */
export const heatsFood = (step: Pick<Step, 'text' | 'needs'>): boolean =>
  bakesAt(step) || heats.test(step.text);

/** What a plan makes: decided once, from all of its formula and method. Lines that nobody understands are never dry. */
export function natureOf(
  plan: Pick<Plan, 'title' | 'steps' | 'factors' | 'thermometers'>,
  lines: readonly Weighed[],
): Nature {
  const baked = plan.steps.some(bakesAt);
  if (staysDry(plan, lines)) return baked ? 'baked-dry' : 'sugar-glass';
  if (baked) return 'baked';
  const hottest = Math.max(
    0,
    ...plan.steps.map((step) => temperatureEnd(step)?.celsius ?? 0),
    ...plan.factors.flatMap(({ acts, levels }) =>
      acts.on === 'end-temperature' ? levels.map(({ value }) => value ?? 0) : [],
    ),
  );
  if (sweetensMost(lines) && (hottest >= hotSugarC || plan.steps.some(({ text }) => caramelises(text))))
    return 'hot-sugar';
  if (lines.some((line) => sets.has(itemOf(line)?.id ?? ''))) return 'gel';
  if (plan.steps.some((step) => heats.test(step.text))) return 'poured';
  return plan.steps.some(({ text }) => handled.test(text)) ? 'dough' : 'other';
}

/** Dry and safe outside the cold. */
export const keepsDry = (nature: Nature): boolean => nature === 'sugar-glass' || nature === 'baked-dry';

const caramelises = (text: string): boolean =>
  ambers(text) || /\b(?:soft[- ]crack|(?:hard|firm|soft)[- ]ball)\b/i.test(text);
