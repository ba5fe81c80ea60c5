import { RefusedValue } from '../bounds';
import { counted, formatNumber } from '../format';
import type { Source } from '../working';
import { defineCalculator, type InputsOf } from './definition';
import { Bench, type StepAsked } from './timetable-bench';

const mostTasks = 1200;

const minutes = (about: string) =>
  ({ kind: 'number', unit: 'min', low: 0, high: 10_080, optional: true, about }) as const;
const whole = <O extends boolean>(low: number, high: number, optional: O, about: string) =>
  ({ kind: 'number', unit: '', low, high, whole: true, optional, about }) as const;
const name = (example: string, about: string) => ({ kind: 'text', most: 80, example, about }) as const;

const inputs = {
  stations: { kind: 'number', unit: '', low: 1, high: 40, whole: true, about: 'each does every step once' },
  periodMinutes: { kind: 'number', unit: 'min', low: 1, high: 1440, about: 'from bell to bell' },
  briefingMinutes: { ...minutes('before anything begins'), fallback: 0 },
  clearUpMinutes: { ...minutes('after the last step, before the bell'), fallback: 0 },
  steps: {
    kind: 'records',
    least: 1,
    fields: {
      id: name('bake', 'what it is called'),
      minutes: { kind: 'number', unit: 'min', low: 0, high: 10_080, about: 'how long it takes' },
      hands: {
        kind: 'choice',
        options: ['hands-on', 'waiting'],
        about: 'hands-on ones of a station do not overlap, waiting ones may',
      },
      after: {
        kind: 'records',
        least: 0,
        optional: true,
        fields: {
          id: name('mix', 'the step before'),
          least: minutes('at least so long after its end'),
          most: minutes('at most so long after its end'),
        },
        about: 'steps that are over before it; none: any time',
      },
      needs: {
        kind: 'records',
        least: 0,
        optional: true,
        fields: {
          resource: name('oven', 'a resource by its id; “oven”: any oven'),
          count: whole(1, 100, true, 'how many, or trays'),
          celsius: { kind: 'number', unit: '°C', low: -50, high: 400, optional: true, about: 'for an oven' },
        },
        about: 'what it takes while it lasts',
      },
      together: {
        kind: 'text',
        most: 80,
        example: 'served',
        optional: true,
        about: 'steps with the same word end together at a station',
      },
    },
    about: 'the method',
  },
  resources: {
    kind: 'records',
    least: 0,
    fields: {
      id: name('oven', 'what it is called'),
      count: whole(0, 1000, false, 'users at once; trays of an oven'),
      kind: {
        kind: 'choice',
        options: ['oven', 'other'],
        about: 'an oven has one temperature at a time',
      },
      preheatMinutes: minutes('from cold'),
      changeMinutes: minutes('from one temperature to another'),
    },
    about: 'what the stations share',
  },
} as const;

const method: Source = {
  kind: 'paper',
  text: 'Serial schedule generation with double justification (Valls, Ballestín, Quintanilla 2005) and a search over priorities; lower bound by the longest way and by the work that must pass through each resource',
};

export const timetableCalculator = defineCalculator({
  id: 'timetable',
  title: 'Does it fit the lesson?',
  keywords: 'timetable schedule lesson period bell stations oven share queue fit rounds',
  example: {
    stations: 4,
    periodMinutes: 60,
    briefingMinutes: 5,
    clearUpMinutes: 8,
    steps: [
      { id: 'mix', minutes: 8, hands: 'hands-on' },
      {
        ...{ id: 'bake', minutes: 12, hands: 'waiting', after: [{ id: 'mix', most: 15 }] },
        needs: [{ resource: 'oven', count: 1, celsius: 200 }],
      },
    ],
    resources: [{ id: 'oven', count: 2, kind: 'oven', preheatMinutes: 10 }],
  },
  inputs,
  compute(asked) {
    checkNames(asked);
    const bench = new Bench(asked);
    const laid = bench.layOut();
    const latest = asked.periodMinutes - asked.clearUpMinutes;
    const feasible = laid.endsMinute !== null && laid.endsMinute <= latest + 1e-9;
    const binding = feasible ? null : bench.binding(laid, latest);
    return {
      result: {
        feasible,
        endsMinute: laid.endsMinute,
        lowerBoundMinute: laid.lowerBoundMinute,
        starts: laid.starts,
        binding,
      },
      working: [
        {
          text: `${counted(asked.stations, 'station')} with ${counted(asked.steps.length, 'step')} each`,
          value: asked.stations * asked.steps.length,
          unit: 'tasks',
        },
        ...(laid.lowerBoundMinute === null
          ? []
          : [{ text: 'no timetable ends before', value: laid.lowerBoundMinute, unit: 'min' }]),
        ...(laid.endsMinute === null
          ? []
          : [{ text: 'the last step ends at', value: laid.endsMinute, unit: 'min' }]),
        { text: 'the bell, less clearing up', value: latest, unit: 'min' },
      ],
      sources: [method],
      warnings: [
        ...(asked.steps.some((step) => !Number.isInteger(step.minutes))
          ? ['Steps are laid out in whole minutes: parts of a minute count as one.']
          : []),
        ...(bench.unheated.length > 0
          ? [`No temperature is said for ${bench.unheated.join(', ')}: taken as 180 °C.`]
          : []),
      ],
    };
  },
});

/** Names are there once, and what is named is there. */
function checkNames({ stations, steps, resources }: InputsOf<typeof inputs>): void {
  const once = (list: readonly { id: string }[], field: string) =>
    list.forEach(({ id }, i) => {
      if (list.findIndex((one) => one.id === id) !== i)
        throw new RefusedValue(`${field}[${i}].id`, id, 'each id once');
    });
  once(steps, 'steps');
  once(resources, 'resources');
  steps.forEach((step: StepAsked, i) =>
    (step.after ?? []).forEach(({ id, least, most }, k) => {
      const field = `steps[${i}].after[${k}]`;
      if (!steps.some((one) => one.id === id))
        throw new RefusedValue(`${field}.id`, id, `one of ${steps.map((one) => one.id).join(', ')}`);
      if (most !== undefined && most < (least ?? 0))
        throw new RefusedValue(
          `${field}.most`,
          most,
          `${formatNumber(least ?? 0)} min or more: not less than least`,
        );
    }),
  );
  if (stations * steps.length > mostTasks)
    throw new RefusedValue(
      'steps',
      steps.length,
      `up to ${Math.floor(mostTasks / stations)} steps for ${stations} stations`,
    );
}
