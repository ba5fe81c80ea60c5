import type { AmountUnit } from './amounts';

/** Measures of a usual set, in their unit, largest first. */
const sets: Partial<Record<AmountUnit, readonly number[]>> = {
  cup: [1, 1 / 2, 1 / 3, 1 / 4],
  tbsp: [1, 1 / 2],
  tsp: [1, 1 / 2, 1 / 4, 1 / 8],
};
/** What a unit is made of, where its own set has nothing so small: a cup of 16 tablespoons, one of 3 teaspoons. */
const smaller: Partial<Record<AmountUnit, readonly [unit: AmountUnit, times: number]>> = {
  cup: ['tbsp', 16],
  tbsp: ['tsp', 3],
};

/** Most fillings of one measure before another is asked for. */
const mostOfOne = 4;
/** How near an amount must come to a whole number of fillings. */
const near = 0.02;

/** One measure and how often it is filled. */
export interface Filling {
  times: number;
  /** Size of the measure, in `unit`. */
  of: number;
  unit: AmountUnit;
}

/**
 * Which spoons or cups of a usual set to fill, and how often: 1½ teaspoons are three halves, an eighth of a cup is two
 * tablespoons (common practice: one measure several times rather than several measures).
 *
 * @param amount in `unit`
 * @returns null where no set has it, or where it is one filling of one measure
 */
export function spoonsFor(amount: number, unit: AmountUnit): Filling[] | null {
  const found = fillings(amount, unit);
  if (!found) return null;
  const [only] = found;
  return found.length === 1 && only!.times === 1 && only!.unit === unit ? null : found;
}

function fillings(amount: number, unit: AmountUnit): Filling[] | null {
  const set = sets[unit];
  if (!set || !(amount > 0)) return null;
  for (const of of set) {
    const times = Math.round(amount / of);
    if (times >= 1 && times <= mostOfOne && Math.abs(times * of - amount) <= near * amount)
      return [{ times, of, unit }];
  }
  const whole = Math.floor(amount + near);
  const rest = amount - whole;
  if (whole >= 1 && whole <= 12) {
    if (rest <= near * amount) return [{ times: whole, of: 1, unit }];
    const more = fillings(rest, unit);
    return more && [{ times: whole, of: 1, unit }, ...more];
  }
  const below = smaller[unit];
  return below ? fillings(amount * below[1], below[0]) : null;
}

const fractions: readonly (readonly [number, string])[] = [
  [1 / 2, '½'],
  [1 / 3, '⅓'],
  [1 / 4, '¼'],
  [1 / 8, '⅛'],
];

/** “3 × ½ tsp”, “1 cup and 1 × ¼ cup”. */
export const spoonsInWords = (found: readonly Filling[]): string =>
  found
    .map(({ times, of, unit }) =>
      of === 1
        ? `${times} × 1 ${unit}`
        : `${times} × ${fractions.find(([size]) => Math.abs(size - of) < 1e-9)![1]} ${unit}`,
    )
    .join(' and ');
