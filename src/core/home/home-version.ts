import { ingredientGrams, itemOf } from '../batch';
import { aboutOneMeasure, spoonsInWords } from '../formula';
import { itemById, substitutesFor } from '../ingredients';
import {
  idsOf,
  gramsWords,
  stationPlan,
  sentenceOf,
  stepMarks,
  treatmentsOf,
  untilWords,
  type Ingredient,
  type Place,
  type Plan,
  type StationStep,
} from '../practical';
import { hasFlesh, hasRice, keepsDry, natureOf } from '../nature';
import { hazards, hazardsIn, whoDecides, type HazardId } from '../safety';
import type { Source } from '../working';

export const homeSource: Source = {
  kind: 'common-practice',
  text: 'What schools write on sheets for home; the family, the school and local rules decide',
};

/** A practical as a sheet for home: the batch of one treatment, tools a kitchen has, an adult where one is needed. */
export interface HomeVersion {
  ingredients: { words: string; household: string; instead: string[] }[];
  /** What is needed, and what a kitchen has in its place. */
  tools: { tool: string; instead: string }[];
  steps: HomeStep[];
  keeping: string[];
  /** Why it is not for home at all; empty where it is. */
  notAtHome: string[];
}

export interface HomeStep {
  text: string;
  /** What ends it, as far as its sentence does not say it; empty for nothing. */
  until: string;
  /** What else it says: “door stays shut”. */
  marks: string[];
  minutes: number | null;
  /** Why an adult stands beside; empty where none need. */
  adult: string;
  /** Here one can stop. */
  stop: boolean;
  notAtHome: string;
}

/** Dangers at which an adult stands beside, and those that stay at school. */
const withAdult: readonly HazardId[] = [
  ...(['hot-sugar', 'steam', 'hot-liquid', 'hot-oil', 'hot-dish', 'knife', 'grater', 'hot-acid'] as const),
  ...(['glass', 'mixer', 'flame', 'chilli'] as const),
];
const onlyAtSchool: readonly HazardId[] = ['caustic', 'pressure', 'raw-beans', 'foraged'];

/** Tools of a school with what does instead at home. */
const toolSwaps: readonly (readonly [tool: string, said: RegExp, instead: string])[] = [
  [
    'thermometer',
    /\bthermometers?\b|\bprobe\b/i,
    'a kitchen thermometer; for sugar a drop in cold water, for meat no other way is safe',
  ],
  ['balance', /\bbalances?\b|\bweigh/i, 'kitchen scales, or the spoons and cups given'],
  ['measuring cylinder', /\bmeasuring cylinders?\b/i, 'a straight glass and a ruler'],
  ['beaker', /\bbeakers?\b/i, 'a glass or jug that is for food'],
  ['spring balance', /\bspring balance|newton ?meter/i, 'break it by hand and rank: softest to hardest'],
  ['colour card', /\bcolou?r card/i, 'photos side by side, white paper in each'],
  ['pH strips', /\bpH\b/, 'leave it out; taste tells sour only of what is meant to be eaten'],
  ['refractometer', /\brefractometer|brix/i, 'leave it out; write down the mass before and after'],
  ['stopwatch', /\bstop ?watch/i, 'a telephone'],
];

/**
 * The version for home of a plan.
 *
 * @param treatmentId whose batch; null: the control’s
 */
export function homeVersion(plan: Plan, place: Place | null, treatmentId: string | null = null): HomeVersion {
  const treatments = treatmentsOf(plan);
  const chosen =
    treatments.find(({ id }) => id === treatmentId) ??
    treatments.find((treatment) => treatment.control) ??
    treatments[0];
  const own = stationPlan(plan, place, chosen ?? null, ingredientGrams);
  const lines = own.ingredients.filter(({ dropped, grams }) => !dropped && (grams ?? 1) > 1e-6);
  const said = [
    ...plan.steps.map(({ text }) => text),
    ...plan.responses.map(({ instrument, unit }) => `${instrument} ${unit}`),
    ...plan.held.map(({ how }) => how),
  ].join('\n');
  // Steps that another level alone does are not on the sheet, and minutes are the level’s own.
  const steps = own.steps.map((step) => stepAtHome(step, own.steps));
  const kept = steps.filter(({ notAtHome }) => notAtHome !== '').map(({ notAtHome }) => notAtHome);
  return {
    ingredients: lines.map((line) => ({
      words: [line.grams === null ? '' : gramsWords(line.grams), line.name].filter(Boolean).join(' '),
      household: householdOf(line, line.grams),
      instead: insteadOf(line, line.grams),
    })),
    tools: toolSwaps.filter(([, words]) => words.test(said)).map(([tool, , instead]) => ({ tool, instead })),
    steps,
    keeping: keepingOf(plan, place),
    notAtHome: [
      ...new Set(kept),
      ...(place?.kind === 'laboratory'
        ? ['Planned for a laboratory: what was made or kept there is never taken home or eaten.']
        : []),
    ],
  };
}

/** What the sheet says in its own way, and what is of a lesson: at home there is no bell and no class. */
const saidElsewhere = ['when', 'lane', 'minutes', 'adult', 'safeStop'] as const;

function stepAtHome(step: StationStep, steps: readonly StationStep[]): HomeStep {
  const found = [...new Set([...step.hazards, ...hazardsIn(step.text)])];
  const school = found.find((id) => onlyAtSchool.includes(id));
  const adult = found.filter((id) => withAdult.includes(id)).map((id) => hazards[id].name);
  return {
    text: sentenceOf(step, 'both'),
    until: untilWords(step, 'both'),
    marks: stepMarks(step, idsOf(steps), 'C', saidElsewhere),
    minutes: step.minutesTo ?? step.minutes,
    adult: step.adult || adult.length > 0 ? adult.join(', ') || 'an adult does this' : '',
    stop:
      step.safeStop ||
      (step.hands === 'waiting' && step.needs.some(({ resource }) => resource === 'refrigerator')),
    notAtHome: school ? `Only at school: ${hazards[school].name}.` : '',
  };
}

/** “about ⅓ cup, level”: by the table’s density, what a set of spoons and cups has. */
function householdOf(line: Ingredient, grams: number | null): string {
  const density = itemOf(line)?.density?.gPerMl ?? null;
  if (grams === null || density === null) return '';
  const found = aboutOneMeasure(grams / density);
  return found ? `about ${spoonsInWords([found])}, level` : '';
}

/** “honey, 80 g: browns sooner”: what could go in instead, how much, and what it does. */
const insteadOf = (line: Ingredient, grams: number | null): string[] =>
  substitutesFor(itemOf(line)?.name ?? line.name)
    .slice(0, 2)
    .map(({ to, gramsPerGram, also, consequence }) => {
      const much = grams === null ? '' : `${gramsWords(grams * gramsPerGram)} `;
      const more = also.map(({ item, per100G }) =>
        grams === null
          ? ''
          : `${gramsWords(Math.abs((grams * per100G) / 100))} ${itemById(item).name} ${per100G < 0 ? 'less' : 'more'}`,
      );
      return `${[`${much}${itemById(to).name}`, ...more.filter(Boolean)].join(', ')}: ${consequence}`;
    });

/** How what is made is kept: by what is in it. The limits are usual guidance. */
function keepingOf(plan: Plan, place: Place | null): string[] {
  if (place?.kind === 'laboratory')
    return ['Nothing is kept or eaten of what stood in a laboratory.', whoDecides];
  const flesh = hasFlesh(plan.formula);
  return [
    ...(flesh
      ? [
          'Raw meat and fish: own board and knife, hands washed 20 s; cooked until the core is at the figure the sheet gives.',
        ]
      : []),
    keepsDry(
      natureOf(
        plan,
        plan.formula.map((line) => ({ ...line, grams: ingredientGrams(line) })),
      ),
    )
      ? 'Cold first, then in a closed tin; eaten within three days, or frozen.'
      : 'Into the refrigerator (5 °C or below) within 90 minutes, in a shallow dish; eaten within two days; if it is heated again, then once only, until it steams all through.',
    ...(hasRice(plan.formula) ? ['Cooked rice: cold within the hour, eaten within a day.'] : []),
    'Where it smells, looks or has stood wrong: thrown away, never tasted.',
    whoDecides,
  ];
}
