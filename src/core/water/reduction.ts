import { RefusedValue, requireWithin } from '../bounds';

export interface Reduction {
  finishG: number;
  finishSolidsPercent: number;
  waterLostG: number;
}

/**
 * Boiling down: the solids stay, the water goes. Give the mass or the solids it is to finish with.
 *
 * @param startG mass at the start, above 0 to 100 000 g
 * @param solidsPercent solids at the start, 0 to 100 % by mass
 * @throws RefusedValue for a finish heavier or weaker than the start, or lighter than its solids
 */
export function reduce(
  startG: number,
  solidsPercent: number,
  finish: { finishG: number } | { finishSolidsPercent: number },
): Reduction {
  requireWithin('startG', startG, 0.1, 100_000, 'g');
  requireWithin('solidsPercent', solidsPercent, 0, 100, '%');
  const solidsG = (startG * solidsPercent) / 100;
  if ('finishG' in finish) {
    const finishG = requireWithin('finishG', finish.finishG, Math.max(solidsG, 0.01), startG, 'g');
    return { finishG, finishSolidsPercent: (100 * solidsG) / finishG, waterLostG: startG - finishG };
  }
  if (solidsPercent === 0)
    throw new RefusedValue('solidsPercent', 0, 'above 0 to reduce to a share of solids');
  const finishSolidsPercent = requireWithin(
    'finishSolidsPercent',
    finish.finishSolidsPercent,
    solidsPercent,
    100,
    '%',
  );
  const finishG = (100 * solidsG) / finishSolidsPercent;
  return { finishG, finishSolidsPercent, waterLostG: startG - finishG };
}
