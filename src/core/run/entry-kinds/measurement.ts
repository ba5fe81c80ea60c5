import { formatNumber } from '../../format';
import { about, id, number, optional, orNull, text, whole } from '../../shape';
import { defineEntryKind, type BodyOf } from './entry-kind';

/** A measured value; `responseId` is null for something else worth measuring. */
export const measurementKind = defineEntryKind({
  kind: 'measurement',
  about: 'a measured value, of a response of the plan or of something else',
  fields: {
    responseId: orNull(id()),
    name: text(80, 1),
    value: number(-1e9, 1e9),
    unit: text(20),
    word: about('the named point of the scale it stands for', optional(text(60))),
    piece: about(
      'which piece of the station, from 1; left out for the station as a whole',
      optional(whole(1, 40)),
    ),
  },
  words: ({ name, value, unit, word, piece }) =>
    `${name}${piece === undefined ? '' : ` of piece ${piece}`} ${word ?? `${formatNumber(value)} ${unit}`}`.trim(),
  cells: ({ name, value, unit, word, piece }) => ({
    quantity: name,
    value,
    unit,
    ...(word !== undefined && { text: word }),
    ...(piece !== undefined && { piece }),
  }),
});

export type MeasurementBody = BodyOf<typeof measurementKind>;
