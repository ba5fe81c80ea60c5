import { id, orNull, text } from '../../shape';
import { defineEntryKind, type BodyOf } from './entry-kind';

/** Something that was done or happened. With a step, that step is done. */
export const eventKind = defineEntryKind({
  kind: 'event',
  about: 'something that was done or happened; with a step, that step is done',
  fields: { text: text(200, 1), stepId: orNull(id()) },
  words: ({ text: said }) => `event: ${said}`,
  cells: ({ text: said }) => ({ text: said }),
});

export type EventBody = BodyOf<typeof eventKind>;
