import { formatNumber } from '../format';
import { scaledBakeTime } from '../heat';
import { minutesWords, sayingItself, type Plan, type Step } from '../practical';
import { isInOven } from './demand';
import type { Remedy } from './remedy';

/** Any half-thickness: only ratios count. */
const unitMm = 10;
/** A sheet rolled thinner, by so much of what it was (common practice). */
const thinner = 0.75;

/**
 * Smaller tins, smaller pieces, a thinner sheet: what is in the oven is over sooner by the size model, between its bounds,
 * and takes up the room its size takes. Nothing is offered whose minutes or size are what is changed.
 */
export function sizeRemedies(plan: Plan): Remedy[] {
  if (plan.factors.some(({ acts }) => acts.on === 'size')) return [];
  const baked = plan.steps.filter((step) => isBaked(step, plan));
  if (baked.length === 0) return [];
  const { vesselMl, vessels, pieces, pieceG, pieceMl, sheetMm } = plan.portions;
  const found: Remedy[] = [];
  const offer = (
    id: string,
    what: string,
    ratio: number,
    times: number,
    change: Partial<Plan['portions']>,
  ) => {
    const steps = new Map(baked.map((step) => [step.id, scaledStep(step, ratio, times)]));
    const said = [...steps.values()]
      .map(
        (step) => `step ${plan.steps.findIndex(({ id: own }) => own === step.id) + 1}: ${minutesWords(step)}`,
      )
      .join(', ');
    found.push({
      id,
      label: `${what} (${said})`,
      cost: 'more crust for the same batch; minutes by the size model, so try one first',
      apply: (was) => ({
        ...was,
        portions: { ...was.portions, ...change },
        // Only what the size changes: another way may have put the step elsewhere.
        steps: was.steps.map((step) => ({ ...step, ...changedIn(steps.get(step.id)) })),
      }),
    });
  };
  if (vesselMl !== null) {
    for (const parts of vessels === 1 ? [6, 2] : [2]) {
      const count = vessels * parts;
      offer(
        `smaller-tins:${parts}`,
        `${count} small tins instead of ${vessels === 1 ? 'one' : vessels}`,
        parts ** (-1 / 3),
        parts ** (1 / 3),
        { vessels: count, vesselMl: Math.round(vesselMl / parts) },
      );
    }
  } else if (sheetMm !== null) {
    const mm = Math.round(2 * thinner * sheetMm) / 2;
    offer('thinner', `roll to ${formatNumber(mm)} mm, not ${formatNumber(sheetMm)}`, mm / sheetMm, 1, {
      sheetMm: mm,
    });
  } else if (pieces !== null) {
    const half = (value: number | null) => (value === null ? null : value / 2);
    offer(
      'smaller-pieces',
      `${2 * pieces} pieces of half the size instead of ${pieces}`,
      2 ** (-1 / 3),
      2 ** (1 / 3),
      { pieces: 2 * pieces, pieceG: half(pieceG), pieceMl: half(pieceMl) },
    );
  }
  return found;
}

const changedIn = (scaled: Step | undefined): Partial<Step> => {
  if (!scaled) return {};
  const { text, minutes, minutesTo, lookAt, needs } = scaled;
  return { text, minutes, minutesTo, lookAt, needs };
};

const isBaked = (step: Step, plan: Plan): boolean =>
  step.when === 'lesson' &&
  isInOven(step) &&
  step.minutes !== null &&
  step.minutes > 0 &&
  !plan.factors.some(({ acts }) => acts.on === 'minutes' && acts.stepId === step.id);

/** A step in the oven for pieces of another size, to half a minute, and so many times the room for the batch. */
function scaledStep(step: Step, ratio: number, times: number): Step {
  const half = (minutes: number) => Math.max(0.5, Math.round(2 * minutes) / 2);
  const scaled = (minutes: number) => scaledBakeTime(minutes, unitMm, unitMm * ratio);
  const least = half(scaled(step.minutes!).low);
  const most = half(scaled(step.minutesTo ?? step.minutes!).high);
  const need = step.needs.find(({ resource }) => resource === 'oven');
  const places = Math.ceil((need?.count ?? 1) * times - 1e-9);
  const others = step.needs.filter(({ resource }) => resource !== 'oven');
  return sayingItself({
    ...step,
    ...{ minutes: least, minutesTo: most, lookAt: null },
    needs:
      need || places > 1
        ? [
            ...others,
            { ...(need ?? { resource: 'oven' as const, celsius: null }), count: Math.min(20, places) },
          ]
        : step.needs,
  });
}
