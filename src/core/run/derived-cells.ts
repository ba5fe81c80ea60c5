import { readFormula, type Response } from '../practical';
import { meanOf } from '../statistics';
import type { ResultCell } from './result-cell';

const empty: ResultCell = { values: [], mean: null, pieces: 0, photos: [] };

/**
 * Works out the responses that are computed from others. Where what they use is taken piece by piece, so is the result:
 * each piece with all its values, and the mean of those.
 *
 * @param measured what was typed, in the order of the responses
 */
export function withDerived(responses: readonly Response[], measured: readonly ResultCell[]): ResultCell[] {
  const known = new Map<string, ResultCell>();
  const open = new Set<string>();
  const cell = (index: number): ResultCell => {
    const response = responses[index]!;
    if (response.formula.trim() === '') return measured[index]!;
    const done = known.get(response.id);
    if (done) return done;
    // One that goes round in a circle has no value.
    if (open.has(response.id)) return empty;
    open.add(response.id);
    const worked = derived(response, responses, cell);
    open.delete(response.id);
    known.set(response.id, worked);
    return worked;
  };
  return responses.map((_, i) => cell(i));
}

function derived(
  response: Response,
  responses: readonly Response[],
  cellAt: (index: number) => ResultCell,
): ResultCell {
  const others = responses.filter((one) => one.id !== response.id);
  const formula = readFormula(response.formula, others);
  if ('wrong' in formula) return empty;
  const cells = new Map(formula.uses.map((id) => [id, cellAt(responses.findIndex((one) => one.id === id))]));
  const warmUps = new Set(others.filter((one) => one.warmUp).map((one) => one.id));
  const byPiece = [...cells].filter(([, one]) => one.values.some(({ piece }) => piece !== null));
  const pieces = [
    ...new Set(byPiece.flatMap(([, one]) => one.values.flatMap(({ piece }) => piece ?? []))),
  ].filter((piece) => piece !== 1 || !byPiece.some(([id]) => warmUps.has(id)));
  const results = (byPiece.length === 0 ? [null] : pieces.sort((a, b) => a - b)).flatMap((piece) => {
    const value = formula.value((id) => valueOf(cells.get(id)!, piece));
    return value === null ? [] : [{ id: `${response.id}:${piece ?? ''}`, value, corrected: false, piece }];
  });
  const corrected = [...cells.values()].some((one) => one.values.some((value) => value.corrected));
  return {
    values: results.map((one) => ({ ...one, corrected })),
    mean: results.length === 0 ? null : meanOf(results.map((one) => one.value)),
    pieces: results.length,
    photos: [],
  };
}

/** What a cell has for a piece; one that was taken of the whole station has the same for all. */
function valueOf(cell: ResultCell, piece: number | null): number | null {
  if (piece === null || cell.values.every((one) => one.piece === null)) return cell.mean;
  const own = cell.values.filter((one) => one.piece === piece).map((one) => one.value);
  return own.length === 0 ? null : meanOf(own);
}
