import { formatNumber } from '../../format';
import { number, orNull, text } from '../../shape';
import { defineEntryKind, type BodyOf } from './entry-kind';

/** A timer set by hand, with its early look. */
export const timerKind = defineEntryKind({
  kind: 'timer',
  about: 'a timer set by hand',
  fields: { label: text(1200), minutes: number(0.01, 600, 'min'), lookAt: orNull(number(0.01, 600, 'min')) },
  words: ({ minutes, lookAt }) =>
    `timer ${formatNumber(minutes)} min${lookAt === null ? '' : `, look at ${formatNumber(lookAt)}`}`,
  cells: ({ minutes, label }) => ({ value: minutes, unit: 'min', text: label }),
});

export type TimerBody = BodyOf<typeof timerKind>;
