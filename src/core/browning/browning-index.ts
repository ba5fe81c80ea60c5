import { RefusedValue, requireWithin } from '../bounds';
import type { Source } from '../working';
import type { Lab } from './lab';

export const browningIndexSource: Source = {
  kind: 'paper',
  text: 'Browning index, after Buera, Lozano and Petriella (1986): BI = 100 (x − 0.31) / 0.172',
};

/** Browning index from CIELAB: BI = 100 (x − 0.31)/0.172, x = (a + 1.75 L)/(5.645 L + a − 3.012 b). 0 is white. */
export function browningIndex({ L, a, b }: Lab): number {
  requireLab({ L, a, b });
  const below = 5.645 * L + a - 3.012 * b;
  if (!(below > 0))
    throw new RefusedValue('b', b, `below ${((5.645 * L + a) / 3.012).toFixed(1)}: no food has this colour`);
  return (100 * ((a + 1.75 * L) / below - 0.31)) / 0.172;
}

/** @throws RefusedValue naming L, a or b, with what stands before it */
function requireLab({ L, a, b }: Lab, before = ''): void {
  requireWithin(`${before}L`, L, 0, 100);
  requireWithin(`${before}a`, a, -128, 128);
  requireWithin(`${before}b`, b, -128, 128);
}
