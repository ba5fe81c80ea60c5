import { gramsWords } from '../../practical';
import { about, id, number, oneOf, orNull, text } from '../../shape';
import { defineEntryKind, type BodyOf } from './entry-kind';

/** What really went in of an ingredient, at one station. */
export const weighedKind = defineEntryKind({
  kind: 'weighed',
  about: 'what of an ingredient really went into the batch of a station; the last one counts',
  fields: {
    ingredientId: id(),
    name: text(80, 1),
    grams: number(0, 100_000, 'g'),
    wantedG: about(
      'what the station’s batch asks for; null: nobody has said',
      orNull(number(0, 100_000, 'g')),
    ),
    by: about('who put it on the balance', oneOf(['staff', 'students'])),
  },
  words: ({ name, grams, wantedG }) =>
    `weighed ${gramsWords(grams)} ${name}${wantedG === null ? '' : ` (${gramsWords(wantedG)} wanted)`}`,
  cells: ({ name, grams, wantedG }) => ({
    quantity: name,
    value: grams,
    unit: 'g',
    ...(wantedG !== null && { text: `${gramsWords(wantedG)} wanted` }),
  }),
});

export type WeighedBody = BodyOf<typeof weighedKind>;
