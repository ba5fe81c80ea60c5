import { eatenRaw, poisonousBeans, rawFlesh, standsInOil } from '../../batch';
import { formatNumber } from '../../format';
import { usedIn } from '../../ingredients';
import {
  mediumOf,
  stepMinutes,
  temperatureEnd,
  type Ingredient,
  type Place,
  type Plan,
  type StationStep,
} from '../../practical';
import { hazards, readFood, whoDecides } from '../../safety';
import { workingOf } from '../../working';
import { ownPlans } from '../own-plans';
import type { PlanRemark, Rule } from '../plan-remark';
import { endingInCore } from '../step-remedies';

/** A core is of watery food: it never gets hotter, °C. A glaze, an oil or an oven does. */
const hottestCoreC = 100;
/** Below it no authority here takes the kind for done, however short it is held at its printed line, °C. */
const floors = [
  { kinds: ['poultry', 'stuffed'], celsius: 70 },
  { kinds: ['minced'], celsius: 68 },
  { kinds: ['whole-cut', 'fish'], celsius: 62.7 },
] as const;

const floorOf = (food: Ingredient) => {
  const { kinds } = readFood(`${food.name} ${food.state}`);
  return floors.find((one) => one.kinds.some((kind) => kinds.includes(kind))) ?? null;
};

/** Whether the end of a step is that of one food: its probe is in no syrup, oil or bath, and the step takes that food up. */
function endsFood(plan: Plan, step: StationStep, food: Ingredient, others: readonly Ingredient[]): boolean {
  const end = temperatureEnd(step);
  if (!end || end.celsius === null || end.celsius > hottestCoreC) return false;
  const medium = mediumOf(plan, step);
  if (medium !== null && medium !== 'core' && medium !== 'food') return false;
  const names = plan.formula.map(({ name }) => name);
  const used = usedIn(step.text, names);
  const uses = (one: Ingredient) => step.uses.includes(one.id) || used[plan.formula.indexOf(one)] === true;
  if (uses(food)) return true;
  // “Bake until the core shows 75 °C”: of what there is only one of, where the step names nothing else.
  return others.length === 1 && !plan.formula.some(uses);
}

/** The coolest that any station takes a food to, °C; null where no step ends by its core. */
function coolestEnd(
  plan: Plan,
  place: Place | null,
  food: Ingredient,
  others: readonly Ingredient[],
): { celsius: number; stepId: string } | null {
  let coolest: { celsius: number; stepId: string } | null = null;
  for (const own of ownPlans(plan, place)) {
    const ends = own.steps.filter((step) => endsFood(plan, step, food, others));
    const hottest = ends.reduce<StationStep | null>(
      (most, step) =>
        !most || temperatureEnd(step)!.celsius! > temperatureEnd(most)!.celsius! ? step : most,
      null,
    );
    if (!hottest) return null;
    const celsius = temperatureEnd(hottest)!.celsius!;
    if (!coolest || celsius < coolest.celsius) coolest = { celsius, stepId: hottest.id };
  }
  return coolest;
}

/** Meat, poultry and fish: done is what the probe says, of that food and at its figure. */
export const coresAreHotEnough: Rule = ({ plan, place }) => {
  if (plan.steps.length === 0) return [];
  const flesh = rawFlesh(plan);
  const raw = new Set(eatenRaw(plan));
  return flesh.flatMap((food): PlanRemark[] => {
    const floor = floorOf(food);
    if (!floor || raw.has(food)) return [];
    const end = coolestEnd(plan, place, food, flesh);
    if (end && end.celsius >= floor.celsius) return [];
    const cooking = plan.steps.find(({ text }) =>
      /\b(?:bake|fry|grill|roast|simmer|cook|poach|steam|oven)\b/i.test(text),
    );
    const stepId = end?.stepId ?? cooking?.id;
    const name = food.name;
    return [
      {
        id: `${end ? 'core-too-cool' : 'core-not-probed'}:${food.id}`,
        rank: end || floor.celsius > 65 ? 'stop' : 'check',
        at: stepId ? { section: 'method', item: stepId } : { section: 'formula', item: food.id },
        what: end
          ? `${name} ends at ${formatNumber(end.celsius)} °C in the core: not done by any figure here`
          : `${name}: no step ends at its core temperature`,
        why: 'Colour and juices do not tell. The probe decides, in the thickest place, at the figure of your authority: 75 °C, or 70 °C for 2 minutes, is enough for all of them but food that is heated again. Nobody tastes before.',
        working: workingOf([
          ...(end
            ? [
                {
                  text: `coolest end of a step that cooks ${name.toLowerCase()}`,
                  value: end.celsius,
                  unit: '°C',
                },
                { text: 'least that any authority here asks for it', value: floor.celsius, unit: '°C' },
              ]
            : [`steps that end at a temperature in ${name.toLowerCase()}: none`]),
          whoDecides,
        ]),
        ...(stepId !== undefined && {
          remedy: {
            label: 'end it at 75 °C in the core',
            apply: (was: Plan) => endingInCore(was, stepId, 75),
          },
        }),
      },
    ];
  });
};

/** Beans that poison, what is eaten raw, what stands in oil. */
export const knownDangersAreSaid: Rule = ({ plan }) => {
  const beans = poisonousBeans(plan);
  const boiled = plan.steps.some(
    (step) =>
      /\bboil/i.test(step.text) &&
      /\b(?:beans?|them|it|all|everything)\b/i.test(step.text) &&
      (stepMinutes(step)?.most ?? 0) >= 10,
  );
  const raw = eatenRaw(plan);
  const oil = standsInOil(plan);
  return [
    ...(beans.length > 0 && !boiled
      ? [
          {
            id: `beans-not-boiled:${beans[0]!.id}`,
            rank: 'stop' as const,
            at: { section: 'formula' as const, item: beans[0]!.id },
            what: `${beans[0]!.name}: no step boils them hard for 10 minutes`,
            why: hazards['raw-beans'].caution,
            working: workingOf([
              `beans in the formula: ${beans.map(({ name }) => name).join(', ')}`,
              whoDecides,
            ]),
          },
        ]
      : []),
    ...raw.map((food) => ({
      id: `eaten-raw:${food.id}`,
      rank: 'stop' as const,
      at: { section: 'formula' as const, item: food.id },
      what: `${food.name}: no step cooks it`,
      why: 'What is eaten as it comes may carry what heat would kill. Pasteurised egg, fish frozen for the purpose, or a step that cooks it; nobody tastes it otherwise. Many schools allow none of it raw.',
      working: workingOf([`steps that cook ${food.name.toLowerCase()}: none`, whoDecides]),
    })),
    ...(oil
      ? [
          {
            id: `stands-in-oil:${oil.step.id}`,
            rank: 'stop' as const,
            at: { section: 'method' as const, item: oil.step.id },
            what: `${oil.what.name} stands in oil, and nothing says cold`,
            why: 'Without air and in the warm, spores from the soil make a poison nobody sees or smells. Made fresh, kept in the refrigerator, thrown away after a few days; never on the bench.',
            working: workingOf([`step: ${oil.step.text}`, whoDecides]),
          },
        ]
      : []),
  ];
};
