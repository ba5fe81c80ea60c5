import { formatNumber } from '../../format';
import {
  isPhoto,
  levelsInOrder,
  readFormula,
  temperatureEnd,
  type Plan,
  type Response,
} from '../../practical';
import { workingOf } from '../../working';
import type { Rule } from '../plan-remark';

/** Nothing to measure, nothing to find out. */
export const somethingIsMeasured: Rule = ({ plan }) => {
  if (plan.responses.length > 0) return [];
  return [
    {
      id: 'response-missing',
      rank: 'check',
      at: { section: 'fair-test' },
      what: 'Nothing is measured yet',
      why: 'Name one thing a student can read off: a height, a force, a time, a score against a card.',
      working: workingOf([{ text: 'responses', value: 0 }]),
    },
  ];
};

/** Units a response's name gives away. */
const usualUnits: readonly (readonly [RegExp, string])[] = [
  [/\b(score|rank|colour card|rating)\b/i, 'points'],
  [/\b(mass|weight|loss in mass)\b/i, 'g'],
  [/\b(height|width|length|diameter|bubble|spread|thickness|sag|rise)\b/i, 'mm'],
  [/\b(force|snap|firmness)\b/i, 'N'],
  [/\b(volume)\b/i, 'ml'],
  [/\btime\b/i, 'min'],
  [/\b(temperature)\b/i, '°C'],
];

/** The unit a response most likely has; a score that names a force is still a score. */
function usualUnit({ kind, name, instrument }: Response): string | undefined {
  const byKind = { score: 'points', time: 'min', temperature: '°C', 'mass-difference': 'g' } as Record<
    string,
    string
  >;
  if (byKind[kind]) return byKind[kind];
  if (/\b(score|card|scale of|out of|\d\s*(to|–|-)\s*\d+)\b/i.test(`${name} ${instrument}`)) return 'points';
  return usualUnits.find(([pattern]) => pattern.test(name))?.[1];
}

/** Words in order, colours and pieces that are counted have no unit. */
const needsUnit = ({ kind }: Response) =>
  !['ordered-words', 'count', 'colour', 'sensory', 'photo'].includes(kind);

/** A number without a unit cannot be compared with anyone’s. */
export const responsesHaveUnits: Rule = ({ plan }) =>
  plan.responses
    .filter((response) => response.unit.trim() === '' && needsUnit(response))
    .map((response) => {
      const usual = usualUnit(response);
      return {
        id: `response-without-unit:${response.id}`,
        rank: 'check' as const,
        at: { section: 'fair-test' as const, item: response.id },
        what: `“${response.name}” has no unit`,
        why: 'Stations will write 12, 1.2 and 120. A unit on the sheet makes one table of them.',
        working: workingOf([`response: ${response.name}`, 'unit: empty']),
        ...(usual && {
          remedy: {
            label: `measure it in ${usual}`,
            apply: (was: Plan) => withResponse(was, response.id, { unit: usual }),
          },
        }),
      };
    });

/** Without an instrument the reading has no smallest division, and so no uncertainty. */
export const responsesHaveInstruments: Rule = ({ plan }) =>
  plan.responses
    .filter(
      ({ kind, points, instrument, smallestDivision, formula }) =>
        kind !== 'photo' &&
        formula.trim() === '' &&
        (instrument.trim() === '' || (smallestDivision === null && points.length === 0)),
    )
    .map((response) => ({
      id: `response-without-instrument:${response.id}`,
      rank: 'note' as const,
      at: { section: 'fair-test' as const, item: response.id },
      what:
        response.instrument.trim() === ''
          ? `What is “${response.name}” measured with?`
          : `Smallest division for “${response.name}”?`,
      why: 'The instrument’s smallest division says which differences the class can see at all.',
      working: workingOf([
        `instrument: ${response.instrument || 'empty'}`,
        `smallest division: ${response.smallestDivision === null ? 'empty' : formatNumber(response.smallestDivision)}`,
      ]),
    }));

/** Words in order that nobody has put in order: every station would have its own. */
export const orderedWordsAreNamed: Rule = ({ plan }) =>
  plan.responses
    .filter(({ kind, points }) => kind === 'ordered-words' && points.length < 2)
    .map((response) => ({
      id: `words-missing:${response.id}`,
      rank: 'check' as const,
      at: { section: 'fair-test' as const, item: response.id },
      what: `Which words, in which order, for “${response.name}”?`,
      why: 'Stations choose from the same words, least first, such as runs, slumps, trembles, stands still; only then can they be compared.',
      working: workingOf([{ text: 'words so far', value: response.points.length }]),
    }));

function withResponse(plan: Plan, id: string, patch: Partial<Response>): Plan {
  return { ...plan, responses: plan.responses.map((one) => (one.id === id ? { ...one, ...patch } : one)) };
}

/** Divisions between neighbouring levels that keep them apart (common practice: a fifth of the gap, or finer). */
const divisionsBetweenLevels = 5;

/** A thermometer that cannot tell two levels apart cannot stop at either. */
export const thermometerTellsLevelsApart: Rule = ({ plan }) =>
  plan.factors.flatMap(({ acts, ...factor }) => {
    if (acts.on !== 'end-temperature') return [];
    const step = plan.steps.find((one) => one.id === acts.stepId);
    const thermometer = plan.thermometers.find((one) => one.id === step?.thermometerId);
    if (!thermometer) return [];
    const values = levelsInOrder({ acts, ...factor }).map((level) => level.value ?? 0);
    const narrowest = Math.min(...values.slice(1).map((value, i) => value - values[i]!));
    const division = thermometer.smallestDivisionC;
    if (!Number.isFinite(narrowest) || division <= narrowest / divisionsBetweenLevels + 1e-9) return [];
    const finer = [1, 0.5, 0.2, 0.1].find((one) => one <= narrowest / divisionsBetweenLevels);
    return [
      {
        id: 'thermometer-too-coarse',
        rank: 'check' as const,
        at: { section: 'fair-test' as const, item: thermometer.id },
        what: `A ${formatNumber(division)} °C thermometer for levels ${formatNumber(narrowest)} °C apart`,
        why: 'Half a division either way, and neighbouring levels overlap before anyone makes a mistake.',
        working: workingOf([
          { text: 'narrowest gap between levels', value: narrowest, unit: '°C' },
          { text: 'smallest division', value: division, unit: '°C' },
          {
            text: `wanted: gap / ${divisionsBetweenLevels}, or finer`,
            value: narrowest / divisionsBetweenLevels,
            unit: '°C',
          },
        ]),
        ...(finer && {
          remedy: {
            label: `use one that reads to ${formatNumber(finer)} °C`,
            apply: (was: Plan): Plan => ({
              ...was,
              thermometers: was.thermometers.map((one) =>
                one.id === thermometer.id ? { ...one, smallestDivisionC: finer } : one,
              ),
            }),
          },
        }),
      },
    ];
  });

/** A response that is to be computed, by a formula that cannot be. */
export const formulasCanBeWorkedOut: Rule = ({ plan }) =>
  plan.responses.flatMap((response) => {
    if (response.formula.trim() === '') return [];
    const others = plan.responses.filter((one) => one.id !== response.id && !isPhoto(one));
    const read = readFormula(response.formula, others);
    const why =
      'wrong' in read
        ? `In “${response.formula}” ${read.wrong}. It takes numbers, + − × ÷, brackets and names of what is measured: ${others.map((one) => one.name).join(', ') || 'nothing else yet'}.`
        : goesRound(plan, response)
          ? 'It hangs on another that hangs on it again.'
          : null;
    if (why === null) return [];
    return [
      {
        id: `formula-not-worked-out:${response.id}`,
        rank: 'check' as const,
        at: { section: 'fair-test' as const, item: response.id },
        what: `“${response.name}” cannot be worked out`,
        why,
        working: workingOf([`formula: ${response.formula}`]),
      },
    ];
  });

/** Whether following the formulas from a response leads back to it. */
function goesRound({ responses }: Plan, from: Response): boolean {
  const seen = new Set<string>();
  const visit = (response: Response): boolean => {
    if (response.formula.trim() === '') return false;
    const read = readFormula(
      response.formula,
      responses.filter((one) => one.id !== response.id),
    );
    if ('wrong' in read) return false;
    return read.uses.some((id) => {
      if (id === from.id) return true;
      if (seen.has(id)) return false;
      seen.add(id);
      return visit(responses.find((one) => one.id === id)!);
    });
  };
  return visit(from);
}

/** The thermometer that is added where a step has none. */
const planned = 'in-the-food';

/** A step ends by temperature but nobody has a thermometer. */
export const temperatureIsRead: Rule = ({ plan }) => {
  const known = new Set(plan.thermometers.map((one) => one.id));
  const without = plan.steps.filter(
    (step) => temperatureEnd(step) && (step.thermometerId === null || !known.has(step.thermometerId)),
  );
  const first = plan.thermometers[0];
  return without.map((step, i) => ({
    id: i === 0 ? 'thermometer-missing' : `thermometer-missing:${step.id}`,
    rank: 'check' as const,
    at: { section: 'method' as const, item: step.id },
    what: 'Ends at a temperature, but no thermometer is planned',
    why: 'Say what the thermometer is dipped in: syrup follows the local boiling point, other food does not.',
    working: workingOf(['thermometer: none']),
    remedy: {
      label: first ? 'read it on the one that is planned' : 'plan a thermometer in the food',
      apply: (was: Plan): Plan => ({
        ...was,
        thermometers: first ? was.thermometers : [{ id: planned, in: 'food', smallestDivisionC: 1 }],
        steps: was.steps.map((one) =>
          one.id === step.id ? { ...one, thermometerId: first?.id ?? planned } : one,
        ),
      }),
    },
  }));
};
