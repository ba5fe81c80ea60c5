import { formatNumber } from '../../format';
import { about, id, number, orNull, text } from '../../shape';
import { defineEntryKind, type BodyOf } from './entry-kind';

/** What a station wrote down of a noted variable, or the level it chose where the plan leaves it the choice. */
export const notedKind = defineEntryKind({
  kind: 'noted',
  about: 'what a station wrote down of a noted variable, or the level it chose for itself',
  fields: {
    about: about('id of the noted variable or of the factor', id()),
    name: text(120, 1),
    text: text(200, 1),
    value: about('the same as a number, where it is one', orNull(number(-1e9, 1e9))),
    unit: text(20),
  },
  words: ({ name, text: said, value, unit }) =>
    `${name}: ${value === null ? said : `${formatNumber(value)} ${unit}`.trim()}`,
  cells: ({ name, text: said, value, unit }) => ({
    quantity: name,
    text: said,
    unit,
    ...(value !== null && { value }),
  }),
});

export type NotedBody = BodyOf<typeof notedKind>;
