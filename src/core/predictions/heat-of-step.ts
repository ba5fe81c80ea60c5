import { readStep, type StationStep } from '../practical';

/** Bicarbonate breaks down by heat from here, fast above the boil, °C. */
export const hotFromC = 80;

/** Whether something gets hot in a step, by its target, its oven or its words. */
export function isHot({ target, settings, text }: StationStep): boolean {
  if (target !== null) return target.localC >= hotFromC;
  if (settings.some(({ what, celsius }) => what === 'oven' && (celsius ?? 0) >= 100)) return true;
  return /\b(bake|roast|boil|fry|griddle|simmer|steam)\b/i.test(text);
}

/**
 * The oven a step is in, °C: its own setting, that of the oven it needs, or the last one set before it. Null for none.
 */
export function ovenOf(steps: readonly StationStep[], step: StationStep): number | null {
  const own = settingOf(step);
  if (own !== null) return own;
  const needed = step.needs.find(({ resource }) => resource === 'oven');
  if (needed && needed.celsius !== null) return needed.celsius;
  if (!needed && !/\b(bake|roast|oven)\b/i.test(step.text)) return null;
  const before = steps.slice(0, steps.indexOf(step)).reverse();
  return before.map(settingOf).find((celsius) => celsius !== null) ?? null;
}

/** As it is set, else as the sentence says: “Bake at 200 °C”. */
function settingOf({ settings, text }: StationStep): number | null {
  const oven = (all: StationStep['settings']) =>
    all.find(({ what, celsius }) => what === 'oven' && celsius !== null)?.celsius ?? null;
  return oven(settings) ?? oven(readStep(text).settings ?? []);
}

/** Whether some step says that the oven has a fan. */
export const saysFan = (steps: readonly StationStep[]): boolean =>
  steps.some(
    ({ settings, text }) =>
      settings.some(({ words }) => /\bfan\b/i.test(words)) || /°\s*C\s*fan\b/i.test(text),
  );
