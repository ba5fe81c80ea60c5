import { about, id, optional, orNull, refined, text, whole } from '../../shape';
import { defineEntryKind, type BodyOf } from './entry-kind';

/** A picture is known by what it shows: the SHA-256 of its bytes. */
export const pictureHash = () =>
  refined(text(64), (hash) =>
    /^[0-9a-f]{64}$/.test(hash) ? null : 'the SHA-256 of a picture, 64 hexadecimal digits',
  );

/** A picture that was taken; its bytes lie beside the log under their hash. */
export const photoKind = defineEntryKind({
  kind: 'photo',
  about: 'a picture that was taken, of a response of the plan or of something else',
  fields: {
    responseId: orNull(id()),
    name: text(80, 1),
    picture: about('SHA-256 of its bytes', pictureHash()),
    piece: about(
      'which piece of the station, from 1; left out for the station as a whole',
      optional(whole(1, 40)),
    ),
  },
  words: ({ name, piece }) =>
    `${/^photo/i.test(name) ? '' : 'photo: '}${name}${piece === undefined ? '' : `, piece ${piece}`}`,
  cells: ({ name, picture, piece }) => ({
    quantity: name,
    text: `picture ${picture}`,
    ...(piece !== undefined && { piece }),
  }),
});

export type PhotoBody = BodyOf<typeof photoKind>;
