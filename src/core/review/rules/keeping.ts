import { formatNumber } from '../../format';
import { spoilsWarm } from '../../ingredients';
import { newStep, stepMinutes, type Plan } from '../../practical';
import { whoDecides } from '../../safety';
import { workingOf } from '../../working';
import { heatsFood, keepsDry } from '../../nature';
import { batchOf, natureOfPlan } from '../batch-of';
import type { PlanRemark, Rule } from '../plan-remark';

const cold = /\b(?:chill|fridge|refrigerat\w*|freez\w*|ice bath|cold store|cool(?:ing)? box)\b/i;
/** Longest that such food stands warm, min: two hours (common guidance; the school’s authority decides). */
const longestWarmMin = 120;

const stands = /\b(?:leave|left|stand|infuse|steep|rest|cool|set aside|overnight)\b/i;

/** Food that is kept hot on purpose all that time, or a dough that rises; boiled first and then left standing is neither. */
const staysHot = (text: string, yeasty: boolean) =>
  /\b(?:in the oven|slow cook\w*|dehydrat\w*|incubat\w*|yoghurt maker|4[0-5] ?°)/i.test(text) ||
  (/\b(?:bake|roast|boil|simmer|dry)\b/i.test(text) && !stands.test(text)) ||
  (yeasty && /\b(?:prove|proof|rise|ferment)\b/i.test(text));

/** Hours at room warmth for milk, eggs, meat: overnight on the bench, cream left out. */
export const nothingStandsWarmTooLong: Rule = ({ plan, place }) => {
  const growing = batchOf(plan, place).filter(({ item }) => item !== undefined && spoilsWarm(item));
  if (growing.length === 0) return [];
  const lastHeat = plan.steps.findLastIndex(heatsFood);
  // Once it is baked dry or boiled hard it keeps outside the cold; before that it is what went in.
  const dryFrom = keepsDry(natureOfPlan(plan, place)) ? lastHeat : Infinity;
  const yeasty = batchOf(plan, place).some(({ item }) => item?.family === 'yeast');
  return plan.steps.flatMap((step, i): PlanRemark[] => {
    const minutes = stepMinutes(step)?.most ?? (/\bovernight\b/i.test(step.text) ? 600 : 0);
    const kept =
      cold.test(step.text) ||
      step.needs.some(({ resource }) => resource === 'refrigerator' || resource === 'freezer');
    const heated = staysHot(step.text, yeasty);
    if (step.hands !== 'waiting' || minutes <= longestWarmMin || kept || heated || i > dryFrom) return [];
    return [
      {
        id: `warm-too-long:${step.id}`,
        rank: 'stop',
        at: { section: 'method', item: step.id },
        what: `${growing[0]!.line.name} stands for ${formatNumber(minutes / 60, minutes % 60 === 0 ? 0 : 1)} h, and nothing says where`,
        why: 'The wait is fine, the warmth is not: between 8 and 63 °C microbes double every half hour or so. Cool it, then the refrigerator.',
        working: workingOf([
          { text: 'longest wait', value: minutes, unit: 'min' },
          { text: 'no longer warm than', value: longestWarmMin, unit: 'min' },
          whoDecides,
        ]),
        remedy: {
          label: 'in the refrigerator',
          apply: (was: Plan): Plan => ({
            ...was,
            steps: was.steps.map((one) =>
              one.id === step.id
                ? { ...one, needs: [...one.needs, { resource: 'refrigerator', count: 1, celsius: null }] }
                : one,
            ),
          }),
        },
      },
    ];
  });
};

/** What nobody tastes, in a kitchen either. */
const tastes = /\b(?:taste|lick|eat|try|sample)\b/i;
const denied = /\b(?:do not|don['’]?t|never|nobody|no one) (?:taste|eat|lick|try)/i;

/** Dough, batter, raw egg or meat on a spoon; hot sugar. */
export const nobodyTastesRaw: Rule = ({ plan }) =>
  plan.steps.flatMap((step): PlanRemark[] => {
    const raw = /\b(?:raw|uncooked|dough|batter|mixture before|cake mix)\b/i.test(step.text);
    const hotSugar =
      /\b(?:syrup|caramel|hot sugar|toffee)\b/i.test(step.text) &&
      !/\b(?:cool|cold|cooled|set|once hard)\b/i.test(step.text);
    if (!tastes.test(step.text) || denied.test(step.text) || !(raw || hotSugar)) return [];
    return [
      {
        id: `tastes-raw:${step.id}`,
        rank: 'stop',
        at: { section: 'method', item: step.id },
        what: hotSugar ? 'Tasting hot sugar' : 'Tasting dough or batter',
        why: hotSugar
          ? 'It burns mouths as deep as hands. Only when it is cold, from the sheet.'
          : 'Raw flour and raw egg carry what baking kills. Taste when it is baked.',
        working: workingOf([`step: ${step.text}`, whoDecides]),
      },
    ];
  });

/** The last thing of the lesson is in the oven: who takes it out, and where does it cool? */
export const nothingIsLeftInTheOven: Rule = ({ plan }) => {
  const lesson = plan.steps.filter((step) => step.when === 'lesson');
  const last = lesson.at(-1);
  if (!last || lesson.length < 2) return [];
  const inOven =
    (last.needs.some(({ resource }) => resource === 'oven') || /\b(?:bake|roast)\b/i.test(last.text)) &&
    !/\b(?:take (?:it |them )?out|cool|rack|turn out)\b/i.test(last.text);
  const later = plan.steps.some((step) => step.when === 'after');
  if (!inOven || later) return [];
  return [
    {
      id: 'ends-in-oven',
      rank: 'note',
      at: { section: 'method', item: last.id },
      what: 'The method ends in the oven',
      why: 'Who takes it out, when does it cool, and when is it measured? Hot things are not carried home.',
      working: workingOf([`last step: ${last.text}`]),
      remedy: {
        label: 'a step to take it out and cool it',
        apply: (was: Plan): Plan => {
          const at = was.steps.findIndex((step) => step.id === last.id);
          const step = newStep({
            id: `out-${last.id}`,
            text: 'Take it out with dry gloves and leave it to cool on a rack.',
            minutes: 10,
            hands: 'waiting',
            hazards: ['hot-dish'],
          });
          return { ...was, steps: [...was.steps.slice(0, at + 1), step, ...was.steps.slice(at + 1)] };
        },
      },
    },
  ];
};
