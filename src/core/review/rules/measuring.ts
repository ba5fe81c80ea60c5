import { formatNumber } from '../../format';
import { levelsInOrder, temperatureStep, type Plan, type Response } from '../../practical';
import { workingOf } from '../../working';
import type { Rule } from '../remark';

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

/** A number without a unit cannot be compared with anyone’s. */
export const responsesHaveUnits: Rule = ({ plan }) =>
  plan.responses
    .filter((response) => response.unit.trim() === '')
    .map((response) => {
      const usual = usualUnits.find(([pattern]) => pattern.test(response.name))?.[1];
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
    .filter((response) => response.instrument.trim() === '' || response.smallestDivision === null)
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

function withResponse(plan: Plan, id: string, patch: Partial<Response>): Plan {
  return { ...plan, responses: plan.responses.map((one) => (one.id === id ? { ...one, ...patch } : one)) };
}

/** Divisions between neighbouring levels that keep them apart (common practice: a fifth of the gap, or finer). */
const divisionsBetweenLevels = 5;

/** A thermometer that cannot tell two levels apart cannot stop at either. */
export const thermometerTellsLevelsApart: Rule = ({ plan }) => {
  if (plan.factor.kind !== 'target' || plan.thermometer.in === 'none') return [];
  const values = levelsInOrder(plan.factor).map((level) => level.value ?? 0);
  const gaps = values.slice(1).map((value, i) => value - values[i]!);
  const narrowest = Math.min(...gaps);
  const division = plan.thermometer.smallestDivisionC;
  if (!Number.isFinite(narrowest) || division <= narrowest / divisionsBetweenLevels + 1e-9) return [];
  const finer = [1, 0.5, 0.2, 0.1].find((step) => step <= narrowest / divisionsBetweenLevels);
  return [
    {
      id: 'thermometer-too-coarse',
      rank: 'check',
      at: { section: 'fair-test', item: 'thermometer' },
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
          apply: (was) => ({ ...was, thermometer: { ...was.thermometer, smallestDivisionC: finer } }),
        },
      }),
    },
  ];
};

/** A step ends by temperature but nobody has a thermometer. */
export const temperatureIsRead: Rule = ({ plan }) => {
  const step = temperatureStep(plan);
  if (!step || plan.thermometer.in !== 'none') return [];
  return [
    {
      id: 'thermometer-missing',
      rank: 'check',
      at: { section: 'method', item: step.id },
      what: 'Ends at a temperature, but no thermometer is planned',
      why: 'Say what the thermometer is dipped in: syrup follows the local boiling point, other food does not.',
      working: workingOf(['thermometer: none']),
      remedy: {
        label: 'plan a thermometer in the food',
        apply: (was) => ({ ...was, thermometer: { ...was.thermometer, in: 'food' } }),
      },
    },
  ];
};
