import type { DatedJob } from '../days';
import type { Plan } from '../practical';
import { heatsOven, isInOven, ovenCelsius } from '../timetable';

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
  /** Where a thermometer is read for it; null: nowhere. */
  reads: ReadThere | null;
}

/** What a thermometer that is read before a bell stands in, and what it ought to show. */
export type ReadThere = { in: 'oven'; wantedC: number } | { in: 'refrigerator' };

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
  const any = (name: string, words: string, note: string, reads: ReadThere | null = null): PrepLine => ({
    ...{ what: keyOf(runId, name), words, note, who: 'technician', at: null, reads },
  });
  const staff = plan.formula.filter(({ by }) => by !== 'students').map(({ name }) => name.toLowerCase());
  const ovens = plan.steps.filter((step) => heatsOven(step) || isInOven(step)).map(ovenCelsius);
  const wantedC = ovens.find((celsius) => celsius !== null) ?? null;
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
    ...(ovens.length > 0
      ? [
          any(
            'ovens',
            'Ovens really at their heat',
            'a thermometer inside, at the setting used',
            wantedC === null ? null : { in: 'oven', wantedC },
          ),
        ]
      : []),
    ...(cold
      ? [
          any('refrigerator', 'Refrigerator at 5 °C or below', 'read, and room made on a shelf', {
            in: 'refrigerator',
          }),
        ]
      : []),
    ...jobs
      .filter(({ when }) => when === 'before')
      .map(({ stepId, words, who, startsAt }): PrepLine => ({
        ...{ what: keyOf(runId, `step:${stepId}`), words, who, at: startsAt, note: '', reads: null },
      })),
  ];
}
