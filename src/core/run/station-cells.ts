import { meanOf } from '../statistics';
import { isPhoto, type Response } from '../practical';
import { withDerived } from './derived-cells';
import type { StationNotes } from './notebook';
import type { ResultCell } from './result-cell';

/** What a station has of each response, the computed ones worked out. */
export const cellsOfStation = (responses: readonly Response[], notes: StationNotes): ResultCell[] =>
  withDerived(
    responses,
    responses.map((response) => cellOf(response, notes)),
  );

/**
 * What a station measured of a response. Several values of a piece are repeats, and their mean counts; the pieces of a
 * station are sub-samples, and the mean of their means is the station. A first piece that is a warm-up does not count.
 */
function cellOf(response: Response, notes: StationNotes): ResultCell {
  if (isPhoto(response)) return { values: [], mean: null, pieces: 0, photos: photosOf(response, notes) };
  const all = notes.measurements.filter((noted) => noted.body.responseId === response.id);
  const values = all.map(({ id, body, corrected }) => ({
    id,
    value: body.value,
    corrected,
    piece: body.piece ?? null,
  }));
  const counted = response.warmUp ? values.filter((one) => one.piece !== 1) : values;
  const pieces = [...new Set(counted.map((one) => one.piece))].map((piece) =>
    meanOf(counted.filter((one) => one.piece === piece).map((one) => one.value)),
  );
  return { values, mean: pieces.length === 0 ? null : meanOf(pieces), pieces: pieces.length, photos: [] };
}

const photosOf = ({ id: responseId }: Response, { photos }: StationNotes) =>
  photos
    .filter(({ body }) => body.responseId === responseId)
    .map(({ id, body }) => ({ id, picture: body.picture, piece: body.piece ?? null }));
