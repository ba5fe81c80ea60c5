import { formatNumber, formatTemperature, listed } from '../format';
import { amountWords, gramsWords } from './amount-words';
import type { GramsOf, StationIngredient } from './amounts';
import { inSentence } from './levels';
import type { Place } from './place';
import type { Factor, Level, Plan } from './plan';
import type { Step } from './step';
import { stationPlan, type StationPlan } from './station-plan';
import { endsAtLevel } from './targets';
import { allTreatments } from './treatments';

/** What a station takes of an ingredient: “4 g bicarbonate of soda”, “2 tbsp (30 g) sugar”, “no butter”. */
export function takenWords(taken: StationIngredient): string {
  const name = inSentence(taken.name);
  if (taken.dropped || taken.amount === 0) return `no ${name}`;
  const amount = amountWords(taken);
  const byMass = taken.unit === 'g' || taken.unit === 'kg';
  const grams = taken.grams === null || byMass ? '' : ` (${gramsWords(taken.grams)})`;
  const state = taken.state ? `, ${taken.state}` : '';
  return amount === ''
    ? `some ${name}${state}`
    : `${taken.unit === 'g' && taken.amountTo === null ? gramsWords(taken.amount!) : amount}${grams} ${name}${state}`;
}

/** The settings of a step: “oven 200 °C”, “hob mark 6, from 5 min oven 180 °C”. */
export function settingsWords(settings: Step['settings'], unit: 'C' | 'F'): string {
  return settings
    .map(({ what, celsius, words, from }) => {
      const value = [celsius === null ? '' : formatTemperature(celsius, unit, 0), words]
        .filter(Boolean)
        .join(', ');
      return `${from > 0 ? `from ${formatNumber(from)} min ` : ''}${what} ${value}`.trim();
    })
    .join('; ');
}

/** What the pieces and the start of a station are like, where a factor says it: “pieces 30 mm in diameter”. */
export function piecesWords({ size, start }: Pick<StationPlan, 'size' | 'start'>, unit: 'C' | 'F'): string[] {
  const pieces = size
    ? [
        size.what === 'mass'
          ? `pieces of ${formatNumber(size.value)} g`
          : `pieces ${formatNumber(size.value)} mm ${{ diameter: 'in diameter', thickness: 'thick', side: 'along the side' }[size.what]}`,
      ]
    : [];
  return [...pieces, ...(start ? [`begins at ${formatTemperature(start.celsius, unit, 0)}`] : [])];
}

/** What a station’s levels come to on the thermometers of this place, where water boils lower: “98.0 °C here”. */
export function levelsHere(plan: Plan, { steps }: Pick<StationPlan, 'steps'>, unit: 'C' | 'F'): string[] {
  return steps.flatMap((step) => {
    const ended = plan.factors.some((factor) => endsAtLevel(step, factor, plan));
    return ended && step.target?.shifted ? [`${formatTemperature(step.target.localC, unit)} here`] : [];
  });
}

/**
 * What a level comes to at its stations, as a few words: “4 g”, “142.1 °C here”, “no butter”. Null where the level
 * already says it, or where it cannot be told.
 */
export function consequenceOf(
  plan: Plan,
  place: Place | null,
  factor: Factor,
  level: Level,
  gramsOf: GramsOf,
): string | null {
  const { acts } = factor;
  if (
    level.open ||
    (acts.on !== 'amount' && acts.on !== 'swap' && acts.on !== 'end-temperature' && acts.on !== 'method')
  )
    return null;
  const treatment =
    allTreatments(plan).find(
      (one) => one.levels.includes(level) && one.levels.every((other) => other === level || other.control),
    ) ?? allTreatments(plan).find((one) => one.levels.includes(level));
  if (!treatment) return null;
  const own = stationPlan(plan, place, treatment, gramsOf);
  if (acts.on === 'end-temperature') {
    const target = own.steps.find((step) => step.id === acts.stepId)?.target;
    return target?.shifted ? `${formatTemperature(target.localC)} here` : null;
  }
  if (acts.on === 'method') {
    const numbers = own.steps.filter((step) => step.only.includes(level.id)).map((step) => step.number);
    return numbers.length === 0 ? 'no step of its own' : `step ${listed(numbers.map(String))}`;
  }
  const taken = own.ingredients.find((one) => one.id === acts.ingredientId);
  if (!taken) return null;
  if (acts.on === 'swap') return taken.insteadOf === null && !taken.dropped ? 'as it is' : takenWords(taken);
  if (acts.as === 'g') return null;
  return taken.amount === null
    ? null
    : taken.amount === 0
      ? 'none'
      : taken.unit === 'g'
        ? gramsWords(taken.amount)
        : amountWords(taken);
}

/** An amount that is another one at every treatment, in one breath: “0 · 2 · 4 · 8 g”; null where it is the same. */
export function variedAmount(id: string, plans: readonly StationPlan[]): string | null {
  const taken = plans.flatMap((own) => own.ingredients.filter((one) => one.id === id));
  const key = (one: StationIngredient) => `${one.amount} ${one.unit} ${one.name} ${one.dropped}`;
  if (new Set(taken.map(key)).size < 2) return null;
  const grams = taken.every(
    (one) => one.unit === 'g' && one.amount !== null && one.insteadOf === null && !one.dropped,
  );
  const words = taken.map((one) => (grams ? gramsWords(one.amount!).replace(/ g$/, '') : takenWords(one)));
  return [...new Set(words)].join(' · ') + (grams ? ' g' : '');
}
