import { claimsIn, claimsSource } from '../../claims';
import { formatNumber } from '../../format';
import { newStep, type Plan, type Step } from '../../practical';
import { workingOf } from '../../working';
import { batchOf } from '../batch-of';
import type { PlanRemark, Rule } from '../plan-remark';

const withStep =
  (id: string, patch: Partial<Step>) =>
  (was: Plan): Plan => ({
    ...was,
    steps: was.steps.map((step) => (step.id === id ? { ...step, ...patch } : step)),
  });
const at = (item: string) => ({ section: 'method' as const, item });
const bakes = (step: Step) =>
  /\b(?:bake|roast)\b/i.test(step.text) &&
  !/\bbaking (?:sheet|tray|paper|powder|soda|tin|beans)\b/i.test(step.text.replace(/\bbake\b/i, 'bake '));
const ovenC = (step: Step) => step.settings.find((one) => one.what === 'oven')?.celsius ?? null;
const factorSetsOven = (plan: Plan, step: Step) =>
  plan.factors.some(({ acts }) => acts.on === 'setting' && acts.stepId === step.id);

const saysHowHot = ({ text }: Step) =>
  /\d{3}\s*°|\bgas\b|\d{3} ?[CF]\b|\b(?:slow|cool|moderate|hot) oven\b/i.test(text);

/** Something is baked, and nobody says at what temperature; once said it holds for all that follows. */
export const ovensHaveATemperature: Rule = ({ plan }) => {
  const baked = plan.steps.find((step) => bakes(step));
  const said = plan.steps.some(
    (step) => ovenC(step) !== null || saysHowHot(step) || factorSetsOven(plan, step),
  );
  if (!baked || said) return [];
  return [
    {
      id: 'oven-how-hot',
      rank: 'check',
      at: at(baked.id),
      what: 'How hot is the oven?',
      why: 'Stations share it, and the timetable and the order of the oven hang on it.',
      working: workingOf([`step: ${baked.text}`, 'oven: no temperature in any step']),
    },
  ];
};

/** An oven that nobody has heated. */
export const ovensAreHeated: Rule = ({ plan }) => {
  const first = plan.steps.findIndex((step) => bakes(step));
  const step = plan.steps[first];
  if (!step || /\bcold oven\b/i.test(step.text)) return [];
  const heats = plan.steps
    .slice(0, first + 1)
    .some(
      (one) =>
        /\b(?:pre-?heat|heat|turn on|switch on|hot oven|light)\b[^.]*\boven\b|\boven\b[^.]*\b(?:on|to|at) \d|\bpre-?heated\b/i.test(
          one.text,
        ) ||
        (one.when === 'before' && one.needs.some(({ resource }) => resource === 'oven')),
    );
  if (heats) return [];
  const celsius = ovenC(step);
  return [
    {
      id: 'oven-not-heated',
      rank: 'note',
      at: at(step.id),
      what: 'Nobody heats the oven',
      why: 'It takes 10 to 20 minutes: before the bell, or as the first thing done.',
      working: workingOf([`first step in the oven: ${step.text}`]),
      remedy: {
        label: 'a step before the lesson',
        apply: (was: Plan): Plan => ({
          ...was,
          steps: [
            newStep({
              id: `heat-${step.id}`,
              text: `Heat the oven${celsius === null ? '' : ` to ${formatNumber(celsius)} °C`}.`,
              when: 'before',
              minutes: 15,
              hands: 'waiting',
              adult: true,
              settings: celsius === null ? [] : [{ what: 'oven', celsius, words: '', from: 0 }],
              needs: [{ resource: 'oven', count: 1, celsius: null }],
            }),
            ...was.steps,
          ],
        }),
      },
    },
  ];
};

/** A door that stays shut is not opened to look. */
export const shutDoorsStayShut: Rule = ({ plan }) =>
  plan.steps
    .filter((step) => step.door === 'shut' && step.lookAt !== null)
    .map((step) => ({
      id: `shut-door:${step.id}`,
      rank: 'check' as const,
      at: at(step.id),
      what: `Look at ${formatNumber(step.lookAt!)} min, with the door shut?`,
      why: 'Steam-raised and whisked things fall when cold air comes in. Look through the glass, or not at all.',
      working: workingOf(['door: shut', { text: 'look at', value: step.lookAt!, unit: 'min' }]),
      remedy: { label: 'through the glass', apply: withStep(step.id, { door: 'glass' }) },
    }));

const milky =
  /^(?:milk|skimmed-milk|double-cream|single-cream|whipping-cream|butter|condensed-milk|evaporated-milk)$/;

/** Sugar and water alone are not stirred once they boil; milk, butter and starch always are. */
export const stirringSuitsThePan: Rule = ({ plan, place }) => {
  const batch = batchOf(plan, place);
  const rich = batch.some(({ item }) => item !== undefined && milky.test(item.id));
  const starchy = batch.some(
    ({ item }) => item !== undefined && /starch|cornflour|custard-powder/.test(item.id),
  );
  const glucose = batch.some(({ item }) => /glucose|corn-syrup/.test(item?.id ?? ''));
  return plan.steps.flatMap((step): PlanRemark[] => {
    const syrup =
      step.ends.some((end) => end.kind === 'temperature' && (end.celsius === null || end.celsius > 105)) &&
      /\bboil|syrup|sugar\b/i.test(step.text);
    if (syrup && !rich && !glucose && step.stir === 'always') {
      return [
        {
          id: `stir-syrup:${step.id}`,
          rank: 'check',
          at: at(step.id),
          what: 'Sugar and water alone: do not stir once it boils',
          why: 'A crystal from the spoon or the rim seeds the whole pan, and it turns to sand.',
          working: workingOf(['stir: always', 'milk, butter, glucose syrup in the batch: none']),
          remedy: { label: 'do not stir', apply: withStep(step.id, { stir: 'never' }) },
        },
      ];
    }
    const thick =
      (rich || starchy) &&
      step.stir === 'never' &&
      /\b(?:boil|simmer|heat|cook|thick)\w*\b/i.test(step.text) &&
      !/\bbake|oven|melt|cool|chill\b/i.test(step.text);
    if (!thick) return [];
    return [
      {
        id: `stir-milk:${step.id}`,
        rank: 'check',
        at: at(step.id),
        what: 'Milk, butter and starch catch when nobody stirs',
        why: 'Protein and starch settle and burn on the bottom before the rest is hot.',
        working: workingOf(['stir: never']),
        remedy: { label: 'stir always', apply: withStep(step.id, { stir: 'always' }) },
      },
    ];
  });
};

const dark =
  /^(?:cocoa|dark-chocolate|milk-chocolate|dark-chocolate-chip|chocolate-chip|treacle|molasses|coffee|drinking-chocolate)$/;
/** From this share of the batch on it is dark before it is baked, %. */
const darkPercent = 4;

/** What is dark already cannot show that it is done by its colour. */
export const darkIsNotJudgedByColour: Rule = ({ plan, place }) => {
  const batch = batchOf(plan, place);
  const total = batch.reduce((sum, { grams }) => sum + (grams ?? 0), 0);
  const darkG = batch.reduce(
    (sum, { item, grams }) => sum + (item && dark.test(item.id) ? (grams ?? 0) : 0),
    0,
  );
  if (total <= 0 || (100 * darkG) / total < darkPercent) return [];
  const working = workingOf([
    { text: 'cocoa, chocolate, treacle, coffee / batch', value: (100 * darkG) / total, unit: '%' },
  ]);
  const ends = plan.steps
    .filter(
      (step) =>
        bakes(step) &&
        step.ends.some((end) => end.kind === 'sign' && /\b(?:golden|brown|colou?r)/i.test(end.words)),
    )
    .map((step): PlanRemark => ({
      id: `dark-end:${step.id}`,
      rank: 'check',
      at: at(step.id),
      what: 'Its colour cannot tell when this is done',
      why: 'It goes in dark. It is done when it springs back, or at 96 to 98 °C in the middle.',
      working,
      remedy: {
        label: 'springs back in the middle',
        apply: withStep(step.id, {
          ends: step.ends.map((end) =>
            end.kind === 'sign' && /\b(?:golden|brown|colou?r)/i.test(end.words)
              ? { kind: 'sign' as const, sense: 'feel' as const, words: 'it springs back in the middle' }
              : end,
          ),
        }),
      },
    }));
  const responses = plan.responses
    .filter((one) => one.kind === 'colour' || /\b(?:colour|color|browning)\b/i.test(one.name))
    .map((one): PlanRemark => ({
      id: `dark-response:${one.id}`,
      rank: 'check',
      at: { section: 'fair-test', item: one.id },
      what: `“${one.name}” of something that is dark to begin with`,
      why: 'Cocoa hides what browning does. Measure height, spring or core, or take a pale batter.',
      working,
    }));
  return [...ends, ...responses];
};

/** Warm, medium, a while: each station has its own. */
const vague: readonly (readonly [RegExp, string, string])[] = [
  [
    /\b(?:somewhere|place|spot|leave|kept?|keep)\b[^.]{0,20}\bwarm\b|\bwarm (?:place|spot|room)\b/i,
    'How warm is warm?',
    '25 to 30 °C: beside the oven, or over a bowl of hand-hot water.',
  ],
  [
    /\b(?:for )?a (?:while|bit|few minutes)\b|\bsome time\b/i,
    'How long is a while?',
    'A number of minutes, and what it should look like then.',
  ],
  [
    /\b(?:a little|some|enough) (?:water|milk|flour)\b/i,
    'How much is a little?',
    'Weigh a jug, give what is needed, weigh what is left: then it stands in the log.',
  ],
];

export const vagueWordsGetANumber: Rule = ({ plan }) =>
  plan.steps.flatMap((step) =>
    vague
      .filter(
        ([words]) =>
          words.test(step.text) &&
          !(words.source.includes('while') && step.minutes !== null) &&
          !/\d\s*°/.test(step.text),
      )
      .map(([words, what, why]) => ({
        id: `vague:${step.id}:${vague.findIndex((one) => one[0] === words)}`,
        rank: 'note' as const,
        at: at(step.id),
        what,
        why,
        working: workingOf([`step: ${words.exec(step.text)![0]}`]),
      })),
  );

/** Kitchen sayings in a method: well founded ones need no word. */
export const claimsAreKnown: Rule = ({ plan }) =>
  plan.steps.flatMap((step) =>
    claimsIn(`${step.text} ${step.why}`)
      .filter(({ verdict }) => verdict !== 'well founded')
      .map((claim) => ({
        id: `claim:${step.id}:${claim.id}`,
        rank: 'note' as const,
        at: at(step.id),
        what: `It is said that ${claim.says}: ${claim.verdict}`,
        why: claim.known,
        working: workingOf([`found in: ${claim.words.exec(`${step.text} ${step.why}`)![0]}`], [claimsSource]),
      })),
  );
