import type { DatedJob } from '../days';
import type { Plan } from '../practical';

/** Who sees to something before the bell. */
export type PrepPerson = 'technician' | 'teacher' | 'class';

/** One thing to be done before the bell, ticked off by its `what`. */
export interface PrepLine {
  what: string;
  words: string;
  who: PrepPerson;
  /** When, ms since 1970; null: any time before. */
  at: number | null;
  /** Something to read of it. */
  note: string;
}

/** The key of one thing of a run. */
const keyOf = (runId: string, name: string) => `prep:${runId}:${name}`;

/**
 * All that is done for a run before its bell: the order, thermometers in ice and in boiling water, dishes, trays, and the
 * jobs of its plan at their clock times.
 */
export function prepLines(
  runId: string,
  plan: Plan,
  jobs: readonly Pick<DatedJob, 'stepId' | 'words' | 'when' | 'who' | 'startsAt'>[],
): PrepLine[] {
  const any = (name: string, words: string, note: string, who: PrepPerson = 'technician'): PrepLine => ({
    ...{ what: keyOf(runId, name), words, note, who, at: null },
  });
  const staff = plan.formula.filter(({ by }) => by === 'staff').map(({ name }) => name.toLowerCase());
  const ovens = plan.steps.some(({ needs, settings }) =>
    [...needs.map(({ resource }) => resource), ...settings.map(({ what }) => what)].includes('oven'),
  );
  const cold = plan.steps.some(
    ({ needs, text }) =>
      needs.some(({ resource }) => resource === 'refrigerator') || /\bfridge|refrigerat/i.test(text),
  );
  return [
    any('order', 'Order made and in the house', 'with the other lessons of the week'),
    ...(plan.thermometers.length > 0
      ? [
          any(
            'thermometers',
            'Thermometers in ice and in boiling water',
            'what they are off is put right in Run',
          ),
        ]
      : []),
    ...(staff.length > 0 ? [any('weigh-out', 'Weighed out and labelled', staff.join(', '))] : []),
    any('trays', 'Trays laid, as drawn', 'with labels'),
    ...(ovens
      ? [any('ovens', 'Ovens really at their heat', 'a thermometer inside, at the setting used')]
      : []),
    ...(cold ? [any('refrigerator', 'Refrigerator at 5 °C or below', 'read, and room made on a shelf')] : []),
    ...jobs
      .filter(({ when }) => when === 'before')
      .map(({ stepId, words, who, startsAt }): PrepLine => ({
        ...{ what: keyOf(runId, `step:${stepId}`), words, who, at: startsAt, note: '' },
      })),
  ];
}
