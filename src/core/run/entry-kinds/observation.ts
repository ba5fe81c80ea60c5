import { oneOf, orNull, text } from '../../shape';
import { defineEntryKind, type BodyOf } from './entry-kind';

/** Something seen, felt, smelt or heard. */
export const observationKind = defineEntryKind({
  kind: 'observation',
  about: 'something seen, felt, smelt or heard',
  fields: {
    text: text(500, 1),
    when: oneOf(['before', 'during', 'after']),
    sense: orNull(oneOf(['appearance', 'colour', 'texture', 'smell', 'sound'])),
  },
  words: ({ text: seen }) => `saw: ${seen}`,
  cells: ({ sense, text: seen }) => ({ quantity: sense ?? '', text: seen }),
});

export type ObservationBody = BodyOf<typeof observationKind>;
export type ObservationTime = ObservationBody['when'];
export type Sense = NonNullable<ObservationBody['sense']>;
