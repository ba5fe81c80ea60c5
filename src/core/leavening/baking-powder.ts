import { requireWithin } from '../bounds';
import type { Source } from '../working';

/** Carbon dioxide a baking powder must give, share of its mass: not less than 12 % (US). */
export const bakingPowderGas = 0.12;
/** Carbon dioxide self-raising flour must give, share of the flour: not less than 0.40 % (UK). */
export const selfRaisingGas = 0.004;

export const bakingPowderSource: Source = {
  kind: 'from-memory',
  text: 'Baking powder gives at least 12 % CO₂ by mass (US); self-raising flour at least 0.40 % CO₂ of the flour (UK)',
};

/** Grams of baking powder that make plain flour self-raising, at the least the law asks of both. */
export function powderForPlainFlour(plainFlourG: number): number {
  requireWithin('plainFlourG', plainFlourG, 0, 100_000, 'g');
  return (plainFlourG * selfRaisingGas) / bakingPowderGas;
}

/** Grams of baking powder to leave out of a recipe when its plain flour is replaced by self-raising; not below 0. */
export function powderSaved(selfRaisingFlourG: number, powderG: number): number {
  requireWithin('powderG', powderG, 0, 10_000, 'g');
  return Math.min(powderG, powderForPlainFlour(selfRaisingFlourG));
}
