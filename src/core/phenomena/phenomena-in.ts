import type { Plan } from '../practical';
import { phenomena, type Phenomenon, type PhenomenonId } from './phenomena';

/** What a plan asks about, in its own words: title, question, what changes, what is measured. */
const askedIn = (plan: Plan): string =>
  [
    plan.title,
    plan.question,
    plan.prediction,
    plan.reason,
    ...plan.factors.map((factor) => factor.name),
    ...plan.responses.map((response) => response.name),
    ...plan.tags,
  ].join('\n');

/** What its batch and its method hold. */
const doneIn = (plan: Plan): string =>
  [...plan.formula.map((line) => line.name), ...plan.steps.map((step) => `${step.text} ${step.why}`)].join(
    '\n',
  );

/**
 * The phenomena of a plan: first those it asks about, then those that happen on the way. A plan that asks nothing has only
 * the second.
 */
export function phenomenaIn(plan: Plan): { asked: PhenomenonId[]; onTheWay: PhenomenonId[] } {
  const [asked, done] = [askedIn(plan), doneIn(plan)];
  const isAsked = ({ id, words }: Phenomenon) => words.test(asked) || (changes[id]?.(plan) ?? false);
  const found = phenomena.filter(isAsked).map(({ id }) => id);
  // “Browning” alone is either: of a cut surface, or by heat.
  const cold = found.includes('enzymic-browning') && !byHeat.test(`${asked}\n${done}`);
  const about = cold ? found.filter((id) => id !== 'browning') : found;
  const onTheWay = phenomena
    .filter(({ id, signs }) => !found.includes(id) && signs.test(done))
    .map(({ id }) => id);
  return { asked: about, onTheWay };
}

const byHeat = /\b(?:maillard|caramel\w*|crust|bak(?:e|ed|ing)|fr(?:y|ied|ying)|roast\w*|toast\w*)\b/i;

/** What is asked by what is changed, whatever it is called. */
const changes: Partial<Record<PhenomenonId, (plan: Plan) => boolean>> = {
  'sugar-stages': (plan) =>
    plan.factors.some(({ acts }) => acts.on === 'end-temperature') &&
    plan.thermometers.some((thermometer) => thermometer.in === 'syrup'),
  'heat-transfer': (plan) => plan.factors.some(({ acts }) => acts.on === 'size'),
};
