import { text } from '../../shape';
import { defineEntryKind, type BodyOf } from './entry-kind';

/** Something that went differently from the plan. */
export const deviationKind = defineEntryKind({
  kind: 'deviation',
  about: 'something that went differently from the plan',
  fields: { text: text(500, 1) },
  words: ({ text: said }) => `went differently: ${said}`,
  cells: ({ text: said }) => ({ text: said }),
});

export type DeviationBody = BodyOf<typeof deviationKind>;
