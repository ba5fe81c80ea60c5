import { capitalised, counted, formatNumber, listed } from '../../format';
import { ingredientGrams } from '../../batch';
import {
  allTreatments,
  endFigureOf,
  factorsWithLevels,
  inSentence,
  sayingTheTarget,
  stationPlan,
  treatmentsOf,
  type Factor,
  type Plan,
  type StationPlan,
  type Trouble,
} from '../../practical';
import { workingOf } from '../../working';
import { ownPlans } from '../own-plans';
import type { PlanRemark, Rule } from '../plan-remark';

/** What a plan asks for and cannot be done: a factor that acts on nothing, a ratio that goes round. */
export const treatmentsCanBeDone: Rule = ({ plan, place }) => {
  const seen = new Map<string, Trouble>();
  for (const { trouble } of ownPlans(plan, place)) {
    for (const one of trouble) seen.set(`${one.id}:${one.what}`, one);
  }
  return (
    [...seen.values()]
      // Said by a rule of its own, with its remedy.
      .filter(({ id, what }) => !(isEndTemperature(plan, id) && /a step that is not there/.test(what)))
      .map(({ id, section, what, why }) => ({
        id: `cannot-be-done:${id}:${what}`.slice(0, 200),
        rank: 'stop' as const,
        at: { section, item: id },
        what: capitalised(what),
        why,
        working: workingOf(['each treatment is worked out as its station would do it', what]),
      }))
  );
};

const isEndTemperature = (plan: Plan, id: string) =>
  plan.factors.some((factor) => factor.id === id && factor.acts.on === 'end-temperature');

/** One thing that is not the same at two stations, in words. */
function differences(a: StationPlan, b: StationPlan): string[] {
  const found: string[] = [];
  const other = new Map(b.ingredients.map((one) => [one.id, one]));
  for (const one of a.ingredients) {
    const there = other.get(one.id);
    if (!there) continue;
    const differs = one.name !== there.name || one.dropped !== there.dropped || !sameAmount(one, there);
    if (differs) found.push(`the ${inSentence(one.insteadOf ?? one.name)}`);
  }
  const steps = new Map(b.steps.map((step) => [step.id, step]));
  const gone =
    a.steps.filter((step) => !steps.has(step.id)).length +
    b.steps.filter((step) => !a.steps.some((one) => one.id === step.id)).length;
  if (gone > 0) found.push('the method');
  for (const step of a.steps) {
    const there = steps.get(step.id);
    if (!there) continue;
    if (step.minutes !== there.minutes) found.push(`the minutes of step ${step.number}`);
    if (JSON.stringify(step.ends) !== JSON.stringify(there.ends))
      found.push(`where step ${step.number} ends`);
    if (JSON.stringify(step.settings) !== JSON.stringify(there.settings))
      found.push(`the setting of step ${step.number}`);
  }
  if (a.size?.value !== b.size?.value) found.push('the size of the pieces');
  if (a.start?.celsius !== b.start?.celsius) found.push('the temperature it begins at');
  return found;
}

const sameAmount = (a: StationPlan['ingredients'][number], b: StationPlan['ingredients'][number]) =>
  a.amount === b.amount && a.amountTo === b.amountTo && a.unit === b.unit;

/** Whether the words of the factor alone tell the stations apart: nothing of the plan is to follow. */
const isWords = ({ acts }: Factor) => acts.on === 'words';

/** Two levels that lead to the same work are one; one level that moves two things is no fair test. */
export const oneThingDiffers: Rule = ({ plan, place }) => {
  const factors = factorsWithLevels(plan);
  return factors.flatMap((factor, at): PlanRemark[] => {
    if (isWords(factor) || factor.levels.length < 2) return [];
    const base = allTreatments(plan)[0]!.levels;
    const own = factor.levels
      .filter((level) => !level.open)
      .map((level) => {
        const levels = base.map((one, i) => (i === at ? level : one));
        const treatment = { id: '', levels, control: false, label: '' };
        return stationPlan(plan, place, treatment, ingredientGrams);
      });
    if (own.length < 2 || own.some(({ trouble }) => trouble.length > 0)) return [];
    const found = [...new Set(own.slice(1).flatMap((one) => differences(own[0]!, one)))];
    const item = plan.factors.length > 1 ? { item: factor.id } : {};
    const working = workingOf([
      `levels of ${factor.name || 'what changes'} held against each other: ${counted(found.length, 'thing')} ${found.length === 1 ? 'differs' : 'differ'}`,
      ...found,
    ]);
    if (found.length === 0) {
      return [
        {
          id: `nothing-differs:${factor.id}`,
          rank: 'stop' as const,
          at: { section: 'fair-test' as const, ...item },
          what: `All levels of ${factor.name || 'what changes'} come to the same`,
          why: 'Every station would do the same work, and the class would measure only its own spread.',
          working,
        },
      ];
    }
    if (found.length === 1) return [];
    return [
      {
        id: `two-things-differ:${factor.id}`,
        rank: 'check' as const,
        at: { section: 'fair-test' as const, ...item },
        what: `${capitalised(factor.name || 'what changes')} moves ${counted(found.length, 'thing')} at once`,
        why: `${capitalised(listed(found))} differ between its levels: nobody could say which of them did it.`,
        working,
      },
    ];
  });
};

/** Most treatments a lesson can be drawn with and still be read. */
const manyTreatments = 24;

/** So many combinations that no class does them. */
export const treatmentsAreFew: Rule = ({ plan }) => {
  const count = treatmentsOf(plan).length;
  const factors = factorsWithLevels(plan);
  if (factors.length < 2 || count <= manyTreatments) return [];
  return [
    {
      id: 'treatments-too-many',
      rank: 'check',
      at: { section: 'fair-test' },
      what: `${factors.map((factor) => formatNumber(factor.levels.length)).join(' × ')} levels are ${count} treatments`,
      why: 'Each wants two stations. Two or three levels of each factor already show whether one changes the other.',
      working: workingOf([
        ...factors.map((factor) => ({
          text: `levels of ${factor.name || 'one factor'}`,
          value: factor.levels.length,
        })),
        { text: 'treatments, less those left out', value: count },
        { text: 'stations', value: plan.stations },
      ]),
    },
  ];
};

/** A sentence that names the temperature which the levels set: every station would read the same one. */
export const sentencesFollowLevels: Rule = ({ plan }) =>
  plan.factors.flatMap((factor) => {
    const { acts } = factor;
    if (acts.on !== 'end-temperature' || factor.levels.length < 2) return [];
    const step = plan.steps.find((one) => one.id === acts.stepId);
    if (!step) return [];
    const said = endFigureOf(step);
    if (said === null) return [];
    return [
      {
        id: `sentence-against-level:${step.id}`,
        rank: 'check' as const,
        at: { section: 'method' as const, item: step.id },
        what: `The sentence says ${said}, the levels say their own`,
        why: 'Each station reads its own in its place; whoever reads the plan reads this one.',
        working: workingOf([
          `step: ${step.text}`,
          `levels: ${factor.levels.map((level) => level.value ?? '').join(', ')} °C`,
        ]),
        remedy: {
          label: 'say “the target”',
          apply: (was: Plan): Plan => ({
            ...was,
            steps: was.steps.map((one) =>
              one.id === step.id ? { ...one, text: sayingTheTarget(one) } : one,
            ),
          }),
        },
      },
    ];
  });
