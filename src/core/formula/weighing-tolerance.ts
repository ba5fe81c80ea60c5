import { requireWithin } from '../bounds';

/** How a slip in weighing is taken. */
export interface WeighingVerdict {
  percent: number;
  rank: 'fine' | 'note' | 'check';
}

/** Ingredients of which a little does much: leavening, gelling agents, salt, acids, yeast. */
const strong =
  /\b(soda|bicarbonate|baking powder|yeast|gelatine|gelatin|agar|pectin|salt|acid|cream of tartar|rennet|enzyme)\b/i;

/**
 * What a deviation in weighing means: for bulk ingredients up to 2 % is fine (common practice: ±1 g in 125 g is
 * accepted), for strong ones up to 5 %; five times that is a check.
 */
export function weighingTolerance(ingredient: string, wantedG: number, weighedG: number): WeighingVerdict {
  requireWithin('wantedG', wantedG, 0.01, 1e6, 'g');
  requireWithin('weighedG', weighedG, 0, 1e6, 'g');
  const percent = (100 * (weighedG - wantedG)) / wantedG;
  const fine = strong.test(ingredient) ? 5 : 2;
  const off = Math.abs(percent);
  return { percent, rank: off <= fine ? 'fine' : off < 5 * fine ? 'note' : 'check' };
}
