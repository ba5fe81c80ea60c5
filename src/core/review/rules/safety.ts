import { syrupOfFormula } from '../../batch';
import { capitalised } from '../../format';
import { temperatureEnd, type Place, type Plan, type Step } from '../../practical';
import { hazards, hazardsIn, mentionsOven, type HazardId, whoDecides } from '../../safety';
import { sugarStagesSource } from '../../sugar';
import { seaLevelBoilingC } from '../../water';
import { workingOf } from '../../working';
import { hottestEnd, ownPlans } from '../own-plans';
import type { Rule } from '../plan-remark';

/** Above this a thermometer is in hot sugar, whatever the words say, °C. */
const hotSugarC = 105;

/** A syrup that is not simply the name of an ingredient; where the thermometer is in syrup, it is a hot one. */
const syrupWords =
  /(?<!(golden|corn|glucose|maple|agave|rice) )\b(syrup|molten sugar|melted sugar|hot caramel|boil\w* sugar)\b/i;

/**
 * Hot sugar is found by what is done, not only by where the thermometer is said to be: a step that ends hotter than
 * watery food can get while sugar and water are in the pan, or words for boiled sugar.
 */
function isHotSugar(plan: Plan, step: Step, place: Place | null): boolean {
  const inSyrup = plan.thermometers.some((one) => one.in === 'syrup');
  const endC = hottestEnd(plan, step.id, place);
  const endsHot = endC >= hotSugarC && !mentionsOven(step.text);
  return (
    (endsHot && (inSyrup || boilsSugar(plan, place))) ||
    (inSyrup && syrupWords.test(step.text)) ||
    hazardsIn(step.text).includes('hot-sugar')
  );
}

/** Whether any station has sugar and water in its pan. */
const boilsSugar = (plan: Plan, place: Place | null) =>
  ownPlans(plan, place).some(({ ingredients }) => syrupOfFormula(ingredients, seaLevelBoilingC) !== null);

/** Hot sugar without its cautions. */
export const hotSugarIsCautioned: Rule = ({ plan, place }) => {
  const bare = plan.steps.filter(
    (step) => isHotSugar(plan, step, place) && !step.hazards.includes('hot-sugar'),
  );
  if (bare.length === 0) return [];
  const heating = plan.steps.findLast((step) => temperatureEnd(step));
  const beside = bare.find((step) => step.id === heating?.id) ?? bare[0]!;
  return [
    {
      id: 'hot-sugar-cautions',
      rank: 'stop',
      at: { section: 'method', item: beside.id },
      what: 'Hot sugar without its cautions',
      why: 'It is far hotter than boiling water and sticks. The caution belongs on the step, where the student reads it.',
      working: workingOf(
        [
          ...bare.map((step) => `step without it: ${step.text}`),
          `caution: ${hazards['hot-sugar'].caution}`,
          whoDecides,
        ],
        [sugarStagesSource],
      ),
      remedy: {
        label: bare.length === 1 ? 'put them on the step' : `put them on ${bare.length} steps`,
        apply: (was) => ({
          ...was,
          steps: was.steps.map((step) =>
            bare.some((one) => one.id === step.id) ? withHazard(step, 'hot-sugar') : step,
          ),
        }),
      },
    },
  ];
};

const withHazard = (step: Step, id: HazardId): Step => ({ ...step, hazards: [...step.hazards, id] });

/** Cautions that say the same: boiling sugar or oil has its steam and heat in its own words, an oven its steam. */
const covers: Partial<Record<HazardId, readonly HazardId[]>> = {
  steam: ['hot-sugar', 'hot-liquid', 'hot-dish', 'hot-acid', 'pressure'],
  'hot-liquid': ['hot-sugar', 'steam', 'hot-oil'],
  'hot-oil': ['hot-sugar'],
  glass: ['glass-thermometer'],
};

const impliedBy = (id: HazardId, named: readonly HazardId[]) =>
  covers[id]?.some((one) => named.includes(one)) ?? false;

/** Other dangers a step’s words give away. */
export const hazardsAreNamed: Rule = ({ plan }) =>
  plan.steps.flatMap((step) =>
    hazardsIn(step.text)
      .filter((id) => id !== 'hot-sugar' && !step.hazards.includes(id) && !impliedBy(id, step.hazards))
      .map((id) => ({
        id: `hazard-unnamed:${step.id}:${id}`,
        rank: 'check' as const,
        at: { section: 'method' as const, item: step.id },
        what: `${capitalised(hazards[id].name)} without a caution`,
        why: hazards[id].caution,
        working: workingOf([`step: ${step.text}`, whoDecides]),
        remedy: {
          label: 'put it on the step',
          apply: (was: Plan): Plan => ({
            ...was,
            steps: was.steps.map((one) => (one.id === step.id ? withHazard(one, id) : one)),
          }),
        },
      })),
  );

const tasting =
  /\b(taste|tastes|tasting|tasted|eat|eaten|eats|sample it|sensory|mouthfeel|sweetness|flavour score|hedonic)\b/i;

/** Nothing may be eaten in a science laboratory. */
export const nobodyTastesInALaboratory: Rule = ({ plan, place, rooms }) => {
  if (place?.kind !== 'laboratory') return [];
  const steps = plan.steps.filter(
    (step) =>
      tasting.test(step.text) &&
      !/\b(do not|don’t|don't|never|no) (taste|eat|tasting|eating)\b/i.test(step.text),
  );
  const responses = plan.responses.filter((response) =>
    tasting.test(`${response.name} ${response.instrument}`),
  );
  const first = steps[0];
  if (!first && responses.length === 0) return [];
  const kitchen = rooms.find((room) => room.place.kind === 'food-room');
  return [
    {
      id: 'tasting-in-laboratory',
      rank: 'stop',
      at: first ? { section: 'method', item: first.id } : { section: 'fair-test', item: responses[0]!.id },
      what: `Tasting in ${place.name}, a science laboratory`,
      why: 'Benches, balances and glassware there have held chemicals. Nothing may be eaten unless room and equipment are for food only.',
      working: workingOf([
        ...steps.map((step) => `step: ${step.text}`),
        ...responses.map((response) => `measured: ${response.name}`),
        whoDecides,
      ]),
      ...(kitchen && {
        remedy: {
          label: `move it to ${kitchen.place.name}`,
          apply: (was) => ({ ...was, roomId: kitchen.id }),
        },
      }),
    },
  ];
};
