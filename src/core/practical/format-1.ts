import { isScore } from '../inference';
import { hazardIds } from '../safety';
import { flag, id, list, made, number, oneOf, orNull, record, text, union, whole, type Of } from '../shape';
import { newIngredient, newResponse, newStep } from './new-parts';
import { planFormat, planShape, type Acts, type Plan } from './plan';
import type { End, Step } from './step';

/*
 * The first format of a plan: one factor whose levels were words, numbers or end temperatures, and one thermometer for
 * the whole plan. Nothing writes it any more; stored revisions, old drafts and run files are read through it.
 */

const levelShape = record('Level of format 1', {
  id: id(),
  value: orNull(number(-1e6, 1e6)),
  words: text(60),
  control: flag(),
});

export const formatOneShape = record('Plan of format 1', {
  title: text(120, 1),
  question: text(400),
  prediction: text(400),
  reason: text(400),
  factor: record('Factor of format 1', {
    name: text(80),
    kind: oneOf(['target', 'number', 'words']),
    unit: text(20),
    levels: list(levelShape, 12),
  }),
  responses: list(
    record('Response of format 1', {
      id: id(),
      name: text(80, 1),
      unit: text(20),
      instrument: text(120),
      smallestDivision: orNull(number(1e-6, 1e6)),
    }),
    12,
  ),
  held: list(record('Held of format 1', { id: id(), what: text(120, 1), how: text(200) }), 20),
  noted: list(record('Noted of format 1', { id: id(), what: text(120, 1) }), 20),
  formula: list(
    record('Ingredient of format 1', {
      id: id(),
      name: text(80, 1),
      amount: orNull(number(0, 100_000)),
      unit: oneOf(['g', 'kg', 'ml', 'l', 'tsp', 'tbsp', 'each']),
      job: text(120),
    }),
    40,
  ),
  steps: list(
    record('Step of format 1', {
      id: id(),
      text: text(600, 1),
      hands: oneOf(['hands-on', 'waiting']),
      when: oneOf(['before', 'lesson', 'after']),
      minutes: orNull(number(0, 10_080)),
      lookAt: orNull(number(0, 10_080)),
      endpoint: union('Endpoint of format 1', 'kind', {
        time: {},
        level: {},
        appearance: { look: text(200) },
        temperature: { celsius: number(-90, 400), basis: oneOf(['sea-level', 'as-read']) },
      }),
      hazards: list(oneOf(hazardIds), hazardIds.length),
      event: text(60),
    }),
    40,
  ),
  thermometer: record('Thermometer of format 1', {
    in: oneOf(['syrup', 'food', 'none']),
    smallestDivisionC: number(0.01, 10),
  }),
  roomId: orNull(id()),
  stations: whole(1, 40),
  order: oneOf(['shuffled', 'as-listed']),
  periodMinutes: whole(5, 480),
  briefingMinutes: whole(0, 240),
  clearUpMinutes: whole(0, 240),
  studentQuestions: list(text(400), 20),
  dismissed: list(record('Dismissal of format 1', { remark: text(200, 1), reason: text(300, 1) }), 100),
});

export type PlanOfFormatOne = Of<typeof formatOneShape>;

/** The id its one factor and its one thermometer get. */
const [factorId, thermometerId] = ['factor', 'thermometer'];

/** A plan of format 1 in the second shape: the same lesson, nothing added, nothing left out. */
export function upgradeFormatOne(old: PlanOfFormatOne): Plan {
  const { factor, thermometer, responses, noted, formula, steps, ...same } = old;
  const thermometers =
    thermometer.in === 'none'
      ? []
      : [{ id: thermometerId, in: thermometer.in, smallestDivisionC: thermometer.smallestDivisionC }];
  const unnamed = factor.kind === 'number' && factor.name + factor.unit === '' && factor.levels.length === 0;
  return made(planShape, {
    ...same,
    format: planFormat,
    factors: unnamed
      ? []
      : [
          {
            id: factorId,
            name: factor.name,
            acts: actsOf(old),
            unit: factor.kind === 'target' ? '' : factor.unit,
            levels: factor.levels.map((level) => ({ ...level, open: false })),
          },
        ],
    leftOut: [],
    responses: responses.map((response) =>
      newResponse({ ...response, kind: isScore(response) ? 'score' : 'number' }),
    ),
    noted: noted.map((one) => ({ ...one, unit: '' })),
    formula: formula.map((one) => newIngredient(one)),
    steps: steps.map((step) => upgradedStep(step, thermometers.length > 0)),
    thermometers,
  });
}

function actsOf({ factor, steps }: PlanOfFormatOne): Acts {
  if (factor.kind === 'words') return { on: 'words', scale: 'words' };
  if (factor.kind === 'number') return { on: 'words', scale: 'number' };
  return {
    on: 'end-temperature',
    stepId: steps.findLast((step) => step.endpoint.kind === 'level')?.id ?? null,
  };
}

function upgradedStep(old: PlanOfFormatOne['steps'][number], measured: boolean): Step {
  const { endpoint, ...same } = old;
  const byTemperature = endpoint.kind === 'level' || endpoint.kind === 'temperature';
  return newStep({
    ...same,
    ends: [endOf(endpoint)],
    thermometerId: byTemperature && measured ? thermometerId : null,
  });
}

function endOf(endpoint: PlanOfFormatOne['steps'][number]['endpoint']): End {
  switch (endpoint.kind) {
    case 'time':
      return { kind: 'time' };
    case 'appearance':
      return { kind: 'sign', sense: 'look', words: endpoint.look };
    case 'level':
      return { kind: 'temperature', celsius: null, basis: 'sea-level' };
    case 'temperature':
      return { kind: 'temperature', celsius: endpoint.celsius, basis: endpoint.basis };
  }
}
