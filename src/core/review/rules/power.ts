import { counted, formatNumber } from '../../format';
import { changeSeen, differenceSeen } from '../../inference';
import { remembered } from '../../memory';
import {
  factorsWithLevels,
  isNumeric,
  levelLabel,
  levelsInOrder,
  treatmentsOf,
  type Plan,
} from '../../practical';
import { mentionsOven } from '../../safety';
import { workingOf, type Source } from '../../working';
import type { Rule } from '../plan-remark';

const powerSource: Source = {
  kind: 'handbook',
  text: 'Power of the whole procedure by which Results judges, by drawn classes whose spreads are alike; 80 % is the convention of J. Cohen, Statistical Power Analysis for the Behavioral Sciences, 2nd ed., 1988',
};

/** In standard deviations, by stations a level, numbers of levels, or their places: it does not depend on the measure. */
const seenInSpreads = remembered((asked) => {
  const { stations, xs, levels, controlled } = JSON.parse(asked) as Asked & { stations: number };
  return xs ? changeSeen(xs, stations) : differenceSeen(levels, stations, controlled);
});

interface Asked {
  /** Levels that are numbers along one factor: whether the measure rises or falls with them. */
  xs: readonly number[] | null;
  levels: number;
  controlled: boolean;
}

/** What Results will ask of this plan. */
function askedOf(plan: Plan): Asked {
  const treatments = treatmentsOf(plan);
  const [factor, second] = factorsWithLevels(plan);
  const values =
    factor && isNumeric(factor) && !second ? levelsInOrder(factor).map(({ value }) => value) : [];
  const xs = values.filter((value) => value !== null);
  const along = xs.length > 1 && xs.length === treatments.length && new Set(xs).size === xs.length;
  return {
    xs: along ? placedAlong(xs) : null,
    levels: treatments.length,
    controlled: treatments.some(({ control }) => control),
  };
}

/** Where levels lie along their range, in sixtieths: of 140, 145 and 150 as much is known as of 20, 25 and 30. */
function placedAlong(xs: readonly number[]): number[] {
  const [low, high] = [Math.min(...xs), Math.max(...xs)];
  return xs.map((x) => Math.round((60 * (x - low)) / (high - low)));
}

/** A difference to two figures, as one reads it off. */
const rounded = (value: number) => Number(value.toPrecision(2));

/** How large a difference must be for this class to see it, by how well the measure usually repeats. */
export const differencesCanBeSeen: Rule = ({ plan }) => {
  const levels = treatmentsOf(plan).length;
  const replicates = Math.floor(plan.stations / Math.max(1, levels));
  const response = plan.responses.find(({ repeatSd }) => repeatSd !== null);
  if (!response || levels < 2 || replicates < 2) return [];
  const sd = response.repeatSd!;
  const asked = askedOf(plan);
  const seenWith = (stations: number) => sd * seenInSpreads(JSON.stringify({ ...asked, stations }));
  const [seen, more] = [seenWith(replicates), seenWith(replicates + 1)];
  const unit = response.unit ? ` ${response.unit}` : '';
  const [factor, second] = factorsWithLevels(plan);
  const one = second ? 'treatment' : 'level';
  const ends = asked.xs && factor ? levelsInOrder(factor) : null;
  const what = ends
    ? `change of ${formatNumber(rounded(seen))}${unit} from ${levelLabel(plan, factor!, ends[0]!)} to ${levelLabel(plan, factor!, ends.at(-1)!)}`
    : `difference of ${formatNumber(rounded(seen))}${unit}`;
  return [
    {
      id: `difference-seen:${response.id}`,
      rank: 'note',
      at: { section: 'fair-test', item: response.id },
      what: `With ${counted(replicates, 'station')} a ${one} you would see ${formatNumber(rounded(seen))}${unit}, not ${formatNumber(rounded(sd))}${unit}`,
      why: `Stations that do the same usually differ by ±${formatNumber(sd)}${unit} in ${response.name}. A real ${what} is told in four classes of five; with ${replicates + 1} stations a ${one} one of ${formatNumber(rounded(more))}${unit} would be.`,
      working: workingOf(
        [
          {
            text: 'usual spread between stations, one standard deviation',
            value: sd,
            ...(unit && { unit: response.unit }),
          },
          { text: `stations a ${one}`, value: replicates },
          { text: `${one}s`, value: levels },
          {
            text: ends
              ? 'change along the levels that is told in 80 % of classes, each level by its own spread'
              : 'difference that is told in 80 % of classes, each level by its own spread, all comparisons counted',
            value: seen,
            ...(unit && { unit: response.unit }),
          },
        ],
        [powerSource],
      ),
    },
  ];
};

/** Things that stand in different places and differ: which one a station used can pass for the effect. */
const shared = [
  {
    id: 'oven',
    what: 'which oven, and which shelf',
    known: /\b(?:oven|shelf|shelves)\b/i,
    used: (plan: Plan) =>
      lessonSteps(plan).some(
        (step) =>
          step.needs.some(({ resource }) => resource === 'oven') ||
          step.settings.some(({ what }) => what === 'oven') ||
          mentionsOven(step.text),
      ),
    why: 'Ovens differ by ten degrees and more, and so do their shelves. Written down, it can be told from the effect afterwards.',
  },
  {
    id: 'hob',
    what: 'which hob',
    known: /\b(?:hobs?|rings?|burners?|plates?)\b/i,
    used: (plan: Plan) =>
      lessonSteps(plan).some(
        (step) =>
          step.needs.some(({ resource }) => resource === 'hob') ||
          step.settings.some(({ what }) => what === 'hob'),
      ),
    why: 'Rings differ in power and pans in their floors. Written down, it can be told from the effect afterwards.',
  },
] as const;

const lessonSteps = (plan: Plan) => plan.steps.filter((step) => step.when === 'lesson');

/** What could pass for the effect, and nobody keeps it or writes it down. */
export const confoundersAreNoted: Rule = ({ plan }) => {
  if (treatmentsOf(plan).length < 2) return [];
  const written = [
    ...plan.held.map(({ what, how }) => `${what} ${how}`),
    ...plan.noted.map(({ what }) => what),
  ].join('\n');
  return shared
    .filter(({ used, known }) => used(plan) && !known.test(written))
    .map(({ id, what, why }) => ({
      id: `confounder:${id}`,
      rank: 'note' as const,
      at: { section: 'fair-test' as const },
      what: `Nobody writes down ${what}`,
      why,
      working: workingOf([`kept or noted: no word of the ${id}`]),
      remedy: {
        label: 'note it at each station',
        apply: (was: Plan): Plan => ({
          ...was,
          noted: [...was.noted, { id: `noted-${id}`, what, unit: '' }],
        }),
      },
    }));
};
