import { minutesWords, sayingItself, type Plan, type Step } from '../practical';
import type { Remedy } from './remedy';

const reduces =
  /\b(?:reduc(?:e|es|ing)|boil(?:s|ing)? (?:it |them )?down|simmer[^.;]{0,40} until (?:it is |they are )?(?:thick|syrupy|reduced))\b/i;

/**
 * Half the batch boils down in half the time, for half as much water has to go at the same power. Not offered where what is
 * changed is an amount or those minutes, nor where a whole egg would have to be halved.
 */
export function halfBatch(plan: Plan): Remedy[] {
  const boiled = plan.steps.filter(
    (step) => step.when === 'lesson' && reduces.test(step.text) && (step.minutes ?? 0) > 0,
  );
  const changed = plan.factors.some(
    ({ acts }) =>
      acts.on === 'amount' || (acts.on === 'minutes' && boiled.some(({ id }) => id === acts.stepId)),
  );
  const whole = plan.formula.some(
    ({ unit, amount, amountTo }) =>
      unit === 'each' && [amount, amountTo].some((one) => one !== null && one % 2 !== 0),
  );
  if (boiled.length === 0 || plan.formula.length === 0 || changed || whole) return [];
  const number = ({ id }: Step) => plan.steps.findIndex((step) => step.id === id) + 1;
  const said = boiled.map((step) => `step ${number(step)}: ${minutesWords(halved(step))}`).join(', ');
  return [
    {
      id: 'half-batch',
      label: `half the batch (${said})`,
      cost: 'half as much to measure and to taste',
      apply: (was) => ({
        ...was,
        formula: was.formula.map((one) => ({
          ...one,
          // What was typed says the old amount.
          ...{ typed: '', amount: half(one.amount), amountTo: half(one.amountTo) },
        })),
        portions: {
          ...was.portions,
          pieces: was.portions.pieces === null ? null : Math.max(1, Math.round(was.portions.pieces / 2)),
        },
        steps: was.steps.map((step) => {
          if (!boiled.some(({ id }) => id === step.id)) return step;
          const { text, minutes, minutesTo, lookAt } = halved(step);
          return { ...step, text, minutes, minutesTo, lookAt };
        }),
      }),
    },
  ];
}

const half = (value: number | null): number | null =>
  value === null ? null : Number((value / 2).toPrecision(6));
const halfMinutes = (value: number | null): number | null =>
  value === null ? null : Math.max(0.5, Math.round(value) / 2);
const halved = (step: Step): Step =>
  sayingItself({
    ...step,
    minutes: halfMinutes(step.minutes),
    minutesTo: halfMinutes(step.minutesTo),
    lookAt: halfMinutes(step.lookAt),
  });
