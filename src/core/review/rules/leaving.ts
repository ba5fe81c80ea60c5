import { isOfAnimals, isRice } from '../../ingredients';
import { temperatureEnd, type Plan } from '../../practical';
import { whoDecides } from '../../safety';
import { workingOf } from '../../working';
import { keepsDry } from '../../nature';
import { batchOf, natureOfPlan } from '../batch-of';
import type { PlanRemark, Rule } from '../plan-remark';
import { endingInCore, sayingToo } from '../step-remedies';

const again =
  /\breheat\w*\b|\b(?:heat|warm)(?:ed|ing|s)? (?:it |them |the \w+ )?(?:up )?(?:again|through again)\b|\bre-?warm\w*\b/i;
/** Eaten cold, or said to be only lukewarm, on purpose: a drink, a dough, an oven, a pan. */
const notFood =
  /\b(?:oven|pan|oil|water|iron|griddle|bowl|jug)\b[^.]{0,12}\b(?:again|up)\b|\breheat (?:the )?(?:oven|pan|oil|griddle)\b/i;
/** What reheated food reaches in its core (UK guidance; Scotland asks for 82 °C, the FDA for 74 °C; from memory). */
const reheatC = 75;
/** The least an authority takes as reheated, reached at once. */
const hotEnoughC = 74;

const risky = (plan: Plan, place: Parameters<typeof batchOf>[1]) =>
  batchOf(plan, place).find(({ item }) => item !== undefined && (isOfAnimals(item) || isRice(item)));

/** Food that is heated again is heated right through, once. */
export const reheatedIsHot: Rule = ({ plan, place }) => {
  const food = risky(plan, place);
  if (!food) return [];
  return plan.steps.flatMap((step): PlanRemark[] => {
    if (!again.test(step.text) || notFood.test(step.text)) return [];
    const end = temperatureEnd(step);
    const told = end?.celsius ?? null;
    if (told !== null && told >= hotEnoughC) return [];
    return [
      {
        id: `reheat:${step.id}`,
        rank: 'check',
        at: { section: 'method', item: step.id },
        what: `${food.line.name} is heated again: how hot?`,
        why: `Through and through, until the core shows ${reheatC} °C or the figure of your authority, and once only. Warm is where microbes grow fastest.`,
        working: workingOf([
          { text: 'core of reheated food, usual', value: reheatC, unit: '°C' },
          ...(told === null
            ? ['said in the step: nothing']
            : [{ text: 'said in the step', value: told, unit: '°C' }]),
          whoDecides,
        ]),
        remedy: {
          label: `end it at ${reheatC} °C in the core`,
          apply: (was) => endingInCore(was, step.id, reheatC),
        },
      },
    ];
  });
};

const leaves = /\b(?:take|carry|bring)\w*\b[^.]{0,30}\bhome\b|\bto take away\b/i;
const keptCold = /\b(?:cool(?:er)? ?(?:bag|box)|ice pack|freezer block|refrigerat\w*|fridge|chilled)\b/i;
/** How long such food may be on the way without cold (common guidance). */
const onTheWayMin = 60;

const packedCold =
  'Cold, in a cool bag with an ice pack, at home within the hour and into the refrigerator; label with date and allergens.';

/** Food that spoils does not ride home in a school bag. */
export const whatLeavesStaysCold: Rule = ({ plan, place }) => {
  const food = risky(plan, place);
  const step = plan.steps.find(({ text }) => leaves.test(text));
  if (!food || !step || keptCold.test(step.text) || keepsDry(natureOfPlan(plan, place))) return [];
  return [
    {
      id: `taken-home:${step.id}`,
      rank: 'check',
      at: { section: 'method', item: step.id },
      what: `${food.line.name} goes home: how is it kept cold?`,
      why: 'In a bag it is warm for hours. Cooled first, packed with ice, in a refrigerator within the hour, eaten within the days of its label, or not taken home at all.',
      working: workingOf([
        { text: 'without cold no longer than', value: onTheWayMin, unit: 'min' },
        `step: ${step.text.slice(0, 80)}`,
        whoDecides,
      ]),
      ...sayingToo(step, packedCold),
    },
  ];
};
