import type { AmountUnit } from './amounts';

/** Measures of a usual set, in their unit, largest first. */
const sets = {
  cup: [1, 1 / 2, 1 / 3, 1 / 4],
  tbsp: [1, 1 / 2],
  tsp: [1, 1 / 2, 1 / 4, 1 / 8],
} as const;
type SetUnit = keyof typeof sets;
const unitMl: Readonly<Record<SetUnit, number>> = { cup: 250, tbsp: 15, tsp: 5 };
const isSet = (unit: AmountUnit): unit is SetUnit => unit in sets;
/** What a unit is made of, where its own set has nothing so small: a cup of 16 tablespoons, one of 3 teaspoons. */
const smaller: Partial<Record<SetUnit, readonly [unit: SetUnit, times: number]>> = {
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
  const found = isSet(unit) ? fillings(amount, unit) : null;
  if (!found) return null;
  const [only] = found;
  return found.length === 1 && only!.times === 1 && only!.unit === unit ? null : found;
}

function fillings(amount: number, unit: SetUnit): Filling[] | null {
  if (!(amount > 0)) return null;
  for (const of of sets[unit]) {
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

/** How far off a household measure may be before it is none, share of the volume. */
const closeEnough = 0.06;
const tooFar = 0.15;

/**
 * One measure that holds about so much, filled a few times: 80 ml are ⅓ cup. Level, metric spoons and cup.
 *
 * @returns null where none comes near
 */
export function aboutOneMeasure(ml: number): Filling | null {
  return within(ml, near) ?? within(ml, closeEnough) ?? within(ml, tooFar);
}

/** The largest measure that comes so near. */
function within(ml: number, share: number): Filling | null {
  for (const unit of ['cup', 'tbsp', 'tsp'] as const) {
    for (const of of sets[unit]) {
      const times = Math.round(ml / (of * unitMl[unit]));
      if (times < 1 || times > mostOfOne) continue;
      if (Math.abs(times * of * unitMl[unit] - ml) <= share * ml) return { times, of, unit };
    }
  }
  return null;
}

const fractions: readonly (readonly [number, string])[] = [
  [1 / 2, '½'],
  [1 / 3, '⅓'],
  [1 / 4, '¼'],
  [1 / 8, '⅛'],
];

/** “3 × ½ tsp”, “1 cup and ¼ cup”, “2 tbsp”. */
export const spoonsInWords = (found: readonly Filling[]): string => found.map(inWords).join(' and ');

function inWords({ times, of, unit }: Filling): string {
  if (of === 1) return `${times} ${unit === 'cup' && times > 1 ? 'cups' : unit}`;
  const size = `${fractions.find(([share]) => Math.abs(share - of) < 1e-9)![1]} ${unit}`;
  return times === 1 ? size : `${times} × ${size}`;
}
