import { amountChanges, sayingAmounts } from './amounts-in-sentence';
import type { Place } from './place';
import type { Plan } from './plan';
import { stationPlan, type StationStep } from './station-plan';
import { idsOf } from './step';
import { stepMarks, type StepMark } from './step-marks';
import { sentenceForAll, untilWords } from './step-sentence';
import { treatmentsOf } from './treatments';

/** A step as it is read by all stations together, each finding its own in it. */
export interface ClassStep {
  id: string;
  /** Its place in the plan’s method, from 1. */
  number: number;
  sentence: string;
  /** What ends it besides what its sentence says, empty for nothing; and what else it says. */
  until: string;
  marks: string[];
}

/**
 * The method of a plan for all who do it: what is another at some treatments is said of each.
 *
 * @param apart marks that stand somewhere else
 */
export function classSteps(
  plan: Plan,
  place: Place | null,
  unit: 'C' | 'F',
  apart: readonly StepMark[] = [],
): ClassStep[] {
  const treatments = treatmentsOf(plan);
  const owns = (treatments.length > 0 ? treatments : [null]).map((one) => stationPlan(plan, place, one));
  const changes =
    treatments.length === 0
      ? []
      : amountChanges(
          plan.formula,
          owns.map(({ ingredients }) => ingredients),
        );
  const order = idsOf(plan.steps);
  return plan.steps.map(({ id, text }, i) => {
    const each = owns.flatMap(({ steps }) => steps.filter((step) => step.id === id));
    return {
      id,
      number: i + 1,
      sentence: sentenceForAll(sayingAmounts(text, changes, plan.formula), each, unit),
      until: varied(each, (step) => [untilWords(step, unit)]).join(' '),
      marks: varied(each, (step) => stepMarks(step, order, unit, apart)),
    };
  });
}

/** What all say, then what only some do: “oven 160 °C / oven 180 °C, by level”. */
function varied(each: readonly StationStep[], of: (step: StationStep) => string[]): string[] {
  const lists = each.map((step) => of(step).filter(Boolean));
  const all = [...new Set(lists.flat())];
  const some = all.filter((words) => !lists.every((list) => list.includes(words)));
  const common = all.filter((words) => !some.includes(words));
  return some.length === 0 ? common : [...common, `${some.join(' / ')}, by level`];
}
