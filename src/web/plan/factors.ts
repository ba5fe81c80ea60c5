import {
  factorsWithLevels,
  sayingTheTarget,
  type Acts,
  type End,
  type Factor,
  type Level,
  type Plan,
} from '../../core/practical';
import { syrupOfFormula } from '../../core/batch';
import { formatNumber } from '../../core/format';
import { seaLevelBoilingC } from '../../core/water';
import { newId } from '../ui/lists';

/** A factor that changes nothing yet. */
export const newFactor = (): Factor => ({
  id: newId(),
  name: '',
  acts: { on: 'words', scale: 'number' },
  unit: '',
  levels: [],
});

/** The plan with one factor changed; one that is not there yet comes in. */
export function withFactor(plan: Plan, factor: Factor, change: (was: Factor) => Factor): Plan {
  const known = plan.factors.some((one) => one.id === factor.id);
  return {
    ...plan,
    factors: known
      ? plan.factors.map((one) => (one.id === factor.id ? change(one) : one))
      : [...plan.factors, change(factor)],
  };
}

export const withLevels = (plan: Plan, factor: Factor, change: (was: Level[]) => Level[]): Plan =>
  withFactor(plan, factor, (was) => ({ ...was, levels: change(was.levels) }));

/** What a factor can act on in this plan, as the chooser names it; `value` stands for it in the list. */
export interface ActsOption {
  value: string;
  words: string;
  acts: Acts;
}

export interface ActsGroup {
  name: string;
  options: ActsOption[];
}

const short = (text: string) => (text.length > 42 ? `${text.slice(0, 40)}…` : text);

/** Everything of this plan a factor could act on, its own ingredients and steps by name. */
export function actsGroups({ formula, steps }: Plan, present: Acts): ActsGroup[] {
  const option = (words: string, acts: Acts): ActsOption => ({ words, acts, value: valueOf(acts) });
  const ofStep = (words: string, acts: (stepId: string) => Acts) =>
    steps.map((step, i) => option(`${words} step ${i + 1}, ${short(step.text)}`, acts(step.id)));
  const groups: ActsGroup[] = [
    {
      name: 'In the formula',
      options: [
        ...formula.map(({ id, name }) =>
          option(`the amount of ${name}`, { on: 'amount', ingredientId: id, as: 'g', of: null }),
        ),
        ...formula.map(({ id, name }) =>
          option(`what goes in for ${name}`, { on: 'swap', ingredientId: id }),
        ),
      ],
    },
    {
      name: 'In the method',
      options: [
        ...ofStep('the minutes of', (stepId) => ({ on: 'minutes', stepId })),
        ...ofStep('the temperature that ends', (stepId) => ({ on: 'end-temperature', stepId })),
        option('a temperature that ends a step, chosen later', { on: 'end-temperature', stepId: null }),
        ...ofStep('a setting in', (stepId) => ({ on: 'setting', stepId, what: 'oven', scale: 'number' })),
        option('which steps are done: another method', { on: 'method' }),
      ],
    },
    {
      name: 'Of the pieces',
      options: [
        option('the size of a piece', { on: 'size', what: 'diameter' }),
        option('the temperature it begins at', { on: 'start-temperature', ingredientId: null }),
      ],
    },
    {
      name: 'Only said',
      options: [
        option('a number', { on: 'words', scale: 'number' }),
        option('a choice in words', { on: 'words', scale: 'words' }),
      ],
    },
  ];
  // What was taken out of the plan is still said, so that nobody chooses something else by looking.
  const known = groups.some((group) => group.options.some((one) => one.value === valueOf(present)));
  if (known) return groups;
  const gone =
    present.on === 'end-temperature'
      ? 'a temperature at which a step ends'
      : 'something that is not there any more';
  return [{ name: 'Now', options: [option(gone, present)] }, ...groups];
}

/** What stands for a target of acting in the list: what it acts on, not how. */
export function valueOf(acts: Acts): string {
  switch (acts.on) {
    case 'amount':
    case 'swap':
      return `${acts.on}:${acts.ingredientId ?? ''}`;
    case 'minutes':
    case 'end-temperature':
    case 'setting':
      return `${acts.on}:${acts.stepId ?? ''}`;
    case 'words':
      return `words:${acts.scale}`;
    case 'size':
    case 'start-temperature':
    case 'method':
      return acts.on;
  }
}

/**
 * Another thing to act on keeps every level: numbers become words and words that are numbers become numbers. A step that
 * is to end at the level waits for it with a thermometer.
 */
export function actingOn(plan: Plan, factor: Factor, acts: Acts): Plan {
  const changed = withFactor(plan, factor, (was) => ({
    ...was,
    acts,
    levels: was.levels.map((level) => {
      const number = Number(level.words.replace(',', '.'));
      return {
        ...level,
        words: level.words || (level.value === null ? '' : formatNumber(level.value)),
        value: level.value ?? (level.words.trim() !== '' && Number.isFinite(number) ? number : null),
      };
    }),
  }));
  if (acts.on !== 'end-temperature') return changed;
  const thermometers =
    changed.thermometers.length > 0
      ? changed.thermometers
      : [
          {
            id: newId(),
            in: boilsSyrup(plan) ? ('syrup' as const) : ('food' as const),
            smallestDivisionC: 1,
          },
        ];
  return {
    ...changed,
    thermometers,
    steps: changed.steps.map((step) => {
      if (step.id !== acts.stepId) return step;
      // A recipe’s figure is meant for sea level; who reads levels off a thermometer here says so.
      const own: End = { kind: 'temperature', celsius: null, basis: 'sea-level' };
      return {
        ...step,
        text: sayingTheTarget(step),
        ends: [...step.ends.filter((end) => end.kind === 'sign'), own],
        thermometerId: step.thermometerId ?? thermometers[0]!.id,
      };
    }),
  };
}

const boilsSyrup = ({ formula }: Plan) => syrupOfFormula(formula, seaLevelBoilingC) !== null;

/** The plan with a step that ends at the station’s own level; levels that no step has yet are this one’s. */
export function endingAtLevel(plan: Plan, stepId: string): Plan {
  const factor = plan.factors.find(
    ({ acts }) =>
      acts.on === 'end-temperature' &&
      !plan.steps.some((step) => step.id === acts.stepId && step.id !== stepId),
  );
  return factor ? actingOn(plan, factor, { on: 'end-temperature', stepId }) : plan;
}

/** Whether a second factor can be added. */
export const mayCross = (plan: Plan): boolean =>
  plan.factors.length === 1 && factorsWithLevels(plan).length === 1;
