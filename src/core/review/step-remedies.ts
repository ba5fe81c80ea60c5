import { stepShape, type Plan, type Step } from '../practical';
import { longest } from '../shape';

const withStep = (was: Plan, id: string, change: (step: Step) => Step): Plan => ({
  ...was,
  steps: was.steps.map((step) => (step.id === id ? change(step) : step)),
});

/** The plan with a step that ends when the core is so hot, on the probe that is planned or a new one. */
export function endingInCore(was: Plan, stepId: string, celsius: number): Plan {
  const probe = was.thermometers.find((one) => one.in === 'core');
  const plan = withStep(was, stepId, (step) => ({
    ...step,
    need: 'all',
    ends: [
      ...step.ends.filter((end) => end.kind !== 'temperature').slice(0, 5),
      { kind: 'temperature', celsius, basis: 'as-read' },
    ],
    thermometerId: probe?.id ?? 'core-probe',
  }));
  if (probe) return plan;
  return {
    ...plan,
    thermometers: [...was.thermometers, { id: 'core-probe', in: 'core', smallestDivisionC: 0.1 }],
  };
}

/** The remedy that adds a sentence to a step; none where the step has no room for it. */
export function sayingToo(step: Step, sentence: string, label = 'say so in the step') {
  const text = `${step.text.trimEnd().replace(/([^.!?])$/, '$1.')} ${sentence}`;
  if (text.length > longest(stepShape.fields.text)) return {};
  return {
    remedy: { label, apply: (was: Plan) => withStep(was, step.id, (one) => ({ ...one, text })) },
  };
}
