import { requireWithin } from '../bounds';

/** The number to stop at: what the display shows now, and what is wanted on top of it, g. */
export function stopAt(displayG: number, wantedG: number): number {
  requireWithin('displayG', displayG, -100_000, 100_000, 'g');
  requireWithin('wantedG', wantedG, 0, 100_000, 'g');
  return Number((displayG + wantedG).toPrecision(12));
}
