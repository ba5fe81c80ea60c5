import { doingIn } from '../../ingredients';
import { newStep, type Ingredient, type Plan, type Step } from '../../practical';
import { workingOf } from '../../working';
import { batchOf, spokenOfByFactor, type BatchLine } from '../batch-of';
import type { PlanRemark, Rule } from '../plan-remark';

const withState =
  (id: string, state: string) =>
  (was: Plan): Plan => ({
    ...was,
    formula: was.formula.map((line) => (line.id === id ? { ...line, state } : line)),
  });
const wordsOf = ({ line }: BatchLine) => `${line.name} ${line.state} ${line.note}`.toLowerCase();
const fats = /^(?:butter|margarine|vegan-butter|lard|shortening)$/;
/** “Cream the butter”; the word alone is also what is poured. */
const creamed = /\bcream (?:together )?(?:the )?(?:\w+ )?(?:butter|margarine|fat|lard)\b/i;
const creaming = /\bcream(?:ed|ing) (?:together )?(?:the )?(?:\w+ )?(?:butter|margarine|fat|lard)\b/i;
const said = (plan: Plan, words: RegExp): Step | undefined =>
  plan.steps.find((step) => words.test(step.text));

/** Creaming wants soft fat, rubbing in wants it cold (common practice). */
export const fatSuitsTheMethod: Rule = ({ plan, place }) =>
  batchOf(plan, place)
    .filter(({ item }) => item !== undefined && fats.test(item.id))
    .flatMap((one): PlanRemark[] => {
      const { line } = one;
      const state = wordsOf(one);
      const creams = plan.steps.find(
        ({ text }) =>
          (/\bcream\b/.test(doingIn(text.toLowerCase())) && creamed.test(text)) || creaming.test(text),
      );
      const rubs = said(
        plan,
        /\brub(?:bed|bing)?(?: in)?\b[^.]*\b(?:butter|margarine|fat|lard)\b|\bcut in the (?:butter|fat)\b/i,
      );
      const at = { section: 'formula' as const, item: line.id };
      if (creams && !/soft|room|warm/.test(state)) {
        return [
          {
            id: `fat-hard:${line.id}`,
            rank: 'note',
            at,
            what: `${line.name} for creaming is soft`,
            why: 'At 18 to 20 °C it takes up air; straight from the refrigerator it takes none, and each station waits as long as it likes.',
            working: workingOf([`step: ${creams.text}`, `state: ${line.state || 'not said'}`]),
            remedy: { label: 'soft', apply: withState(line.id, 'soft') },
          },
        ];
      }
      if (rubs && /soft|melt|warm|room/.test(state)) {
        return [
          {
            id: `fat-soft:${line.id}`,
            rank: 'check',
            at,
            what: `${line.name} for rubbing in is cold`,
            why: 'Soft it coats the flour through: crumbs turn into paste, and the flakes are gone.',
            working: workingOf([`step: ${rubs.text}`, `state: ${line.state}`]),
            remedy: { label: 'cold', apply: withState(line.id, 'cold') },
          },
        ];
      }
      return [];
    });

/** How long before the lesson a state takes to come about, min (common practice). */
const leads: readonly (readonly [RegExp, number, string])[] = [
  [/\b(?:soft|softened|room[ -](?:warm|temperature))\b/, 60, 'Take the {it} out of the refrigerator.'],
  [/\bsoaked\b/, 720, 'Put the {it} to soak, covered, in the refrigerator.'],
  [
    /\bthawed|defrosted\b/,
    720,
    'Take the {it} out of the freezer, into the refrigerator, in a tray of its own.',
  ],
  [/\bfrozen|ice-cold\b/, 120, 'Put the {it} into the freezer.'],
];

/** A state that takes hours, and no step that begins them. */
export const statesAreMadeReady: Rule = ({ plan }) =>
  plan.formula.flatMap((line) => {
    const state = line.state.toLowerCase();
    const lead = leads.find(([words]) => words.test(state));
    const inTime = plan.steps.some(
      (step) => step.when === 'before' && (step.uses.includes(line.id) || named(step, line)),
    );
    // Frozen peas are bought so.
    if (
      !lead ||
      inTime ||
      (/frozen/.test(state) && !/oil|water|bowl/.test(line.name.toLowerCase())) ||
      line.by === 'staff'
    )
      return [];
    const [, minutes, words] = lead;
    const name = line.name.toLowerCase();
    return [
      {
        id: `lead-time:${line.id}`,
        rank: 'note' as const,
        at: { section: 'formula' as const, item: line.id },
        what: `${line.name}, ${line.state}: who sees to it, and when?`,
        why: `It takes about ${minutes >= 120 ? `${minutes / 60} h` : `${minutes} min`} before the bell. On the day it is forgotten every station waits.`,
        working: workingOf([{ text: 'before the lesson', value: minutes, unit: 'min' }]),
        remedy: {
          label: 'a step before the lesson',
          apply: (was: Plan): Plan => ({
            ...was,
            steps: [
              newStep({
                id: `ready-${line.id}`,
                text: words.replace('{it}', name),
                when: 'before',
                minutes,
                hands: 'waiting',
                uses: [line.id],
              }),
              ...was.steps,
            ],
          }),
        },
      },
    ];
  });

const named = (step: Step, { name }: Ingredient) => {
  const head = name.toLowerCase().split(' ').at(-1)!;
  return step.uses.length === 0 && step.text.toLowerCase().includes(head);
};

/** Fruit whose enzymes cut gelatine while it is raw (common practice; heat or tinning stops them). */
const cutters = /^(?:pineapple|kiwi|papaya|fig|mango|passion-fruit|melon|ginger)$/;

/** Raw pineapple in gelatine never sets. */
export const gelatineIsNotCut: Rule = ({ plan, place }) => {
  const batch = batchOf(plan, place);
  if (!batch.some(({ item }) => item?.id === 'gelatine')) return [];
  return batch
    .filter((one) => one.item !== undefined && cutters.test(one.item.id))
    .filter(
      (one) =>
        !/tin|can|heat|cook|boil|stew|poach|ground|dried/.test(wordsOf(one)) &&
        !spokenOfByFactor(plan, one.line.name),
    )
    .map(({ line }) => ({
      id: `gelatine-cut:${line.id}`,
      rank: 'stop' as const,
      at: { section: 'formula' as const, item: line.id },
      what: `Raw ${line.name.toLowerCase()} keeps gelatine from setting`,
      why: 'Its enzyme cuts the protein. Heated or tinned it does not; or make it the question.',
      working: workingOf([
        `${line.name}: ${line.state || 'state not said'}`,
        'enzyme stopped by heat: above about 80 °C',
      ]),
      remedy: { label: 'heated first', apply: withState(line.id, 'heated') },
    }));
};

const boils = (step: Step) =>
  /\b(?:boil|simmer|bubbl|koch|köchel|cuire|bouill|feu doux|coc[ei]|herv|cuoc|bolli|masak|rebus|didih)/i.test(
    step.text,
  ) || step.ends.some((end) => end.kind === 'temperature' && (end.celsius ?? 0) >= 85);

/** Agar dissolves only in what boils. */
export const agarIsBoiled: Rule = ({ plan, place }) => {
  const agar = batchOf(plan, place).find(({ item }) => item?.id === 'agar');
  if (!agar || plan.steps.length === 0 || plan.steps.some(boils)) return [];
  return [
    {
      id: 'agar-not-boiled',
      rank: 'check',
      at: { section: 'formula', item: agar.line.id },
      what: 'Agar has to boil',
      why: 'It dissolves only near 90 °C and above, a minute or two. Stirred into warm liquid it stays grains, and nothing sets.',
      working: workingOf(['steps that boil or reach 85 °C: none']),
    },
  ];
};

/** Starch thickens only once it has swollen. */
export const starchIsCooked: Rule = ({ plan, place }) => {
  const batch = batchOf(plan, place);
  const starch = batch.find(
    ({ item }) => item !== undefined && /^(?:cornflour|potato-starch|tapioca|custard-powder)$/.test(item.id),
  );
  const floured = batch.some(
    ({ item, grams }) => item?.family === 'flour' && (grams ?? 0) > (starch?.grams ?? 0),
  );
  const heats = plan.steps.some(
    (step) =>
      boils(step) ||
      /\b(?:thick|bake|oven|fry|heat until|cook until)\b/i.test(step.text) ||
      step.ends.some((end) => end.kind === 'temperature' && (end.celsius === null || end.celsius >= 70)),
  );
  if (!starch || floured || plan.steps.length === 0 || heats) return [];
  return [
    {
      id: 'starch-not-cooked',
      rank: 'check',
      at: { section: 'formula', item: starch.line.id },
      what: `${starch.line.name} that is never heated thickens nothing`,
      why: 'Its grains swell from 65 to 75 °C on; a sauce is brought to the boil, or to 85 °C and more.',
      working: workingOf(['steps that thicken, boil or reach 70 °C: none']),
    },
  ];
};

/** Yeast in something hotter than it can bear, °C. */
const yeastBearsC = 48;

export const yeastIsNotScalded: Rule = ({ plan, place }) => {
  const batch = batchOf(plan, place);
  const yeast = batch.find(({ item }) => item?.family === 'yeast');
  if (!yeast) return [];
  const hot = batch.find(
    ({ item, line }) =>
      /milk|water/.test(item?.family ?? '') &&
      /\b(?:hot|boiling)\b/.test(`${line.state} ${line.name}`.toLowerCase()) &&
      !/hand-hot/.test(line.state),
  );
  const step = plan.steps.find(
    (one) =>
      one.uses.includes(yeast.line.id) &&
      one.ends.some(
        (end) => end.kind === 'temperature' && (end.celsius ?? 0) > yeastBearsC && (end.celsius ?? 0) < 100,
      ) &&
      !/\bbake|oven|core\b/i.test(one.text),
  );
  if (!hot && !step) return [];
  return [
    {
      id: 'yeast-scalded',
      rank: 'check',
      at: step ? { section: 'method', item: step.id } : { section: 'formula', item: hot!.line.id },
      what: 'Too hot for the yeast',
      why: 'It works best at 30 to 38 °C and is killed within minutes from about 55 °C. Hand-hot is enough.',
      working: workingOf([
        step ? `step: ${step.text}` : `${hot!.line.name}: ${hot!.line.state}`,
        { text: 'bears', value: yeastBearsC, unit: '°C' },
      ]),
      ...(hot &&
        !step && { remedy: { label: 'lukewarm, 37 °C', apply: withState(hot.line.id, 'lukewarm, 37 °C') } }),
    },
  ];
};
