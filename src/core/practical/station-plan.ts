import { formatNumber } from '../format';
import {
  gramsByMass,
  stationAmounts,
  type Acting,
  type GramsOf,
  type StationIngredient,
  type Trouble,
} from './amounts';
import type { Place } from './place';
import type { Factor, Plan, sizeKinds } from './plan';
import type { Step } from './step';
import { amountChanges, sayingAmounts } from './amounts-in-sentence';
import { sayingLook, sayingMinutes } from './durations';
import { isNumeric, temperatureRangeC } from './factor-kind';
import { minutesWords } from './minutes-words';
import { readStep } from './read-step';
import { endingAt, endsAtLevel, mediumOf, targetOf, type Target } from './targets';
import { factorsWithLevels, type Treatment } from './treatments';

/** A step as one station does it. */
export interface StationStep extends Step {
  /** Its place in the method of this station, from 1. */
  number: number;
  /** Where it ends by temperature, here. */
  target: Target | null;
}

/** What the pieces of a station are like, where a factor says it. */
export interface PieceSize {
  what: (typeof sizeKinds)[number];
  value: number;
  unit: 'mm' | 'g';
}

/** A plan as one station does it: nothing of anybody else’s in it. */
export interface StationPlan {
  treatment: Treatment | null;
  ingredients: StationIngredient[];
  steps: StationStep[];
  size: PieceSize | null;
  /** Temperature the ingredients begin at, °C; `ingredientId` null: all of them. */
  start: { celsius: number; ingredientId: string | null } | null;
  /** Factors whose level is left to the station and not yet chosen. */
  open: Factor[];
  /** What cannot be done as it is asked for. */
  trouble: Trouble[];
}

/**
 * Resolves a plan for one station: amounts, steps, minutes, settings and targets as its treatment has them.
 *
 * @param place where; null: at sea level
 * @param treatment null: as the plan stands, no factor acting
 * @param gramsOf mass of an ingredient; without it only masses given as masses are known
 * @param chosen numbers or words a station chose where its level is left to it, by factor id
 */
export function stationPlan(
  plan: Plan,
  place: Place | null,
  treatment: Treatment | null,
  gramsOf: GramsOf = gramsByMass,
  chosen: ReadonlyMap<string, number> = new Map(),
): StationPlan {
  const factors = factorsWithLevels(plan);
  const acting = (treatment?.levels ?? []).flatMap((level, i): Acting[] => {
    const factor = factors[i];
    if (!factor) return [];
    return [{ factor, level, value: level.open ? (chosen.get(factor.id) ?? null) : level.value }];
  });
  const { ingredients, trouble } = stationAmounts(plan, acting, gramsOf);
  // Amounts that follow another’s are said anew too.
  const changes = treatment === null ? [] : amountChanges(plan.formula, [ingredients]);
  const steps = plan.steps
    .filter((step) => doesStep(step, plan, treatment))
    .map((step, i) => stationStep(step, i + 1, plan, place, acting))
    .map((step) => ({ ...step, text: sayingAmounts(step.text, changes, plan.formula) }));
  return {
    treatment,
    ingredients,
    steps,
    size: sizeOf(acting),
    start: startOf(acting),
    open: acting
      .filter(({ level, factor }) => level.open && !chosen.has(factor.id))
      .map(({ factor }) => factor),
    trouble: [...trouble, ...acting.flatMap((one) => troubleOf(one, plan))],
  };
}

/** Steps of another method are not this station’s. */
export function doesStep(step: Step, plan: Plan, treatment: Treatment | null): boolean {
  const named = step.only.filter((id) =>
    plan.factors.some(({ levels }) => levels.some((level) => level.id === id)),
  );
  if (named.length === 0 || !treatment) return true;
  return treatment.levels.some((level) => named.includes(level.id));
}

function stationStep(
  step: Step,
  number: number,
  plan: Plan,
  place: Place | null,
  acting: readonly Acting[],
): StationStep {
  const changed = acting.reduce((was, one) => withLevel(was, one, plan), step);
  return { ...changed, number, target: targetOf(plan, changed, place) };
}

function withLevel(step: Step, { factor: { acts }, value, level }: Acting, plan: Plan): Step {
  switch (acts.on) {
    case 'end-temperature':
      return value !== null && endsAtLevel(step, { acts }, plan) ? endingAt(step, value) : step;
    case 'minutes':
      if (acts.stepId !== step.id || value === null) return step;
      return sayingItself({ ...step, minutes: value, minutesTo: null, lookAt: scaledLook(step, value) });
    case 'setting':
      if (acts.stepId !== step.id) return step;
      return {
        ...step,
        settings: [
          {
            what: acts.what,
            celsius: acts.what === 'oven' ? value : null,
            words: settingWords(acts, value, level.words),
            from: 0,
          },
          ...step.settings.filter((setting) => setting.what !== acts.what),
        ],
      };
    case 'amount':
    case 'swap':
    case 'size':
    case 'start-temperature':
    case 'method':
    case 'words':
      return step;
  }
}

/** A step of other minutes; a sentence that named the old ones names these. */
export function withMinutes(step: Step, minutes: number | null): Pick<Step, 'minutes' | 'text'> {
  const said = readStep(step.text).minutes;
  const named = minutes !== null && said !== undefined && said === step.minutes;
  return {
    minutes,
    text: named ? sayingMinutes(step.text, minutesWords({ ...step, minutes })) : step.text,
  };
}

/** A sentence that says how long it takes says it of this station. */
export function sayingItself<S extends Step>(step: S): S {
  const lookAt = step.lookAt === null ? null : formatNumber(step.lookAt);
  return { ...step, text: sayingMinutes(sayingLook(step.text, lookAt), minutesWords(step)) };
}

function settingWords(
  acts: Extract<Factor['acts'], { on: 'setting' }>,
  value: number | null,
  words: string,
): string {
  if (acts.scale === 'words') return words;
  return acts.what === 'oven' || value === null ? '' : String(value);
}

/** The early look keeps its share of the step, to half a minute; never at its end. */
function scaledLook({ minutes, lookAt }: Step, value: number): number | null {
  if (lookAt === null) return null;
  const scaled = minutes ? Math.round((2 * lookAt * value) / minutes) / 2 : lookAt;
  return scaled > 0 && scaled < value ? scaled : null;
}

function sizeOf(acting: readonly Acting[]): PieceSize | null {
  for (const { factor, value } of acting) {
    if (factor.acts.on !== 'size' || value === null) continue;
    return { what: factor.acts.what, value, unit: factor.acts.what === 'mass' ? 'g' : 'mm' };
  }
  return null;
}

function startOf(acting: readonly Acting[]): StationPlan['start'] {
  for (const { factor, value } of acting) {
    if (factor.acts.on === 'start-temperature' && value !== null) {
      return { celsius: value, ingredientId: factor.acts.ingredientId };
    }
  }
  return null;
}

/** A factor that acts on nothing, or further than anything goes. */
function troubleOf({ factor, level, value }: Acting, plan: Plan): Trouble[] {
  const { acts } = factor;
  const tell = (what: string, why: string): Trouble[] => [{ id: factor.id, section: 'fair-test', what, why }];
  const name = factor.name.trim() === '' ? 'What changes' : `“${factor.name}”`;
  if ('stepId' in acts && !plan.steps.some((step) => step.id === acts.stepId)) {
    return tell(
      `${name} acts on a step that is not there`,
      'It was taken out of the method, or never chosen. Choose the step whose level it is.',
    );
  }
  const missing = 'ingredientId' in acts && !plan.formula.some((one) => one.id === acts.ingredientId);
  if (missing && !(acts.on === 'start-temperature' && acts.ingredientId === null)) {
    return tell(
      `${name} acts on an ingredient that is not there`,
      'It was taken out of the formula, or never chosen. Choose the ingredient whose level it is.',
    );
  }
  if (!isNumeric(factor) || level.open) return [];
  if (value === null)
    return tell(`A level of ${name} has no number`, 'The stations that get it would not know what to do.');
  if (acts.on === 'minutes' && !(value > 0 && value <= 10_080)) {
    return tell(
      `A step of ${formatNumber(value)} min`,
      'It would never begin, or never end. Give more than 0 minutes and at most a week.',
    );
  }
  if (acts.on === 'size' && !(value > 0))
    return tell(
      `A piece of ${formatNumber(value)} ${acts.what === 'mass' ? 'g' : 'mm'}`,
      'A piece has some size: give more than 0.',
    );
  const degrees =
    acts.on === 'end-temperature' ||
    acts.on === 'start-temperature' ||
    (acts.on === 'setting' && acts.what === 'oven');
  if (degrees && !(value >= temperatureRangeC.low && value <= temperatureRangeC.high)) {
    return tell(
      `A level of ${formatNumber(value)} °C`,
      `No kitchen reaches it: give ${formatNumber(temperatureRangeC.low)} to ${temperatureRangeC.high} °C.`,
    );
  }
  return [];
}

/** Steps a station ends by a thermometer, in the order it comes to them. */
export function watchedSteps(
  plan: Pick<Plan, 'thermometers'>,
  own: Pick<StationPlan, 'steps'>,
): StationStep[] {
  return own.steps.filter((step) => step.target !== null && mediumOf(plan, step) !== null);
}
