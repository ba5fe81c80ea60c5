import { requireWithin } from '../bounds';

/** A batch shared out. */
export interface Portions {
  pieces: number;
  /** What each is weighed to, g. */
  pieceG: number;
  leftG: number;
}

/** The step a kitchen balance weighs such a piece to, g: whole grams from 20 g on, half grams below, tenths below 2 g. */
const stepG = (grams: number) => (grams >= 20 ? 1 : grams >= 2 ? 0.5 : 0.1);
const tidy = (value: number) => Number(value.toFixed(6));

/** So many pieces of a batch: each weighed down to what a balance shows, the rest left. */
export function portionsByCount(batchG: number, pieces: number): Portions {
  requireWithin('batchG', batchG, 0, 1e6, 'g');
  requireWithin('pieces', pieces, 1, 10_000);
  const each = batchG / pieces;
  const step = stepG(each);
  const pieceG = tidy(Math.floor(each / step + 1e-9) * step);
  return { pieces, pieceG, leftG: tidy(batchG - pieces * pieceG) };
}

/** As many pieces of a mass as a batch gives. */
export function portionsByMass(batchG: number, pieceG: number): Portions {
  requireWithin('batchG', batchG, 0, 1e6, 'g');
  requireWithin('pieceG', pieceG, 0.01, 1e6, 'g');
  const pieces = Math.floor(batchG / pieceG + 1e-9);
  return { pieces, pieceG, leftG: tidy(batchG - pieces * pieceG) };
}

/** How full a vessel is, and whether what rises in it runs over. */
export function fillOf(
  batchMl: number,
  vesselMl: number,
  rise: number,
): { fillPercent: number; runsOver: boolean } {
  requireWithin('batchMl', batchMl, 0, 1e6, 'ml');
  requireWithin('vesselMl', vesselMl, 1, 1e6, 'ml');
  requireWithin('rise', rise, 0.2, 20);
  return { fillPercent: (100 * batchMl) / vesselMl, runsOver: batchMl * rise > vesselMl * (1 + 1e-9) };
}

/** How deep it stands in trays of an area, mm: each layer of so many. */
export function depthMm(batchMl: number, trayCm2: number, trays = 1, layers = 1): number {
  requireWithin('batchMl', batchMl, 0, 1e6, 'ml');
  requireWithin('trayCm2', trayCm2, 0.1, 1e6, 'cm²');
  requireWithin('trays', trays, 1, 10_000);
  requireWithin('layers', layers, 1, 1000);
  return (10 * batchMl) / (trayCm2 * trays * layers);
}

/** What a dough rolled so thick covers, cm². */
export function sheetCm2(batchMl: number, thickMm: number): number {
  requireWithin('batchMl', batchMl, 0, 1e6, 'ml');
  requireWithin('thickMm', thickMm, 0.1, 1000, 'mm');
  return (10 * batchMl) / thickMm;
}

/** Rounds and minutes where only so many pieces find room at once. */
export function roundsOf(
  pieces: number,
  atOnce: number,
  minutesEach: number,
): { rounds: number; minutes: number } {
  requireWithin('pieces', pieces, 1, 10_000);
  requireWithin('atOnce', atOnce, 1, 10_000);
  requireWithin('minutesEach', minutesEach, 0, 10_080, 'min');
  const rounds = Math.ceil(pieces / atOnce);
  return { rounds, minutes: rounds * minutesEach };
}
