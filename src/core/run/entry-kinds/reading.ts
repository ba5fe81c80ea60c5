import { formatTemperature } from '../../format';
import { number, oneOf, whole } from '../../shape';
import { readingRangeC } from '../../trace';
import { fahrenheitFromCelsius } from '../../units';
import { defineEntryKind, type BodyOf } from './entry-kind';

/** One reading of a thermometer; `unit` is what it was typed in. */
export const readingKind = defineEntryKind({
  kind: 'reading',
  about: 'one reading of a thermometer, in °C whatever it was typed in',
  fields: {
    celsius: number(readingRangeC.low, readingRangeC.high, '°C'),
    probe: whole(1, 9),
    unit: oneOf(['C', 'F']),
    source: oneOf(['typed', 'probe']),
  },
  words({ celsius, probe, unit }) {
    const which = probe > 1 ? ` (thermometer ${probe})` : '';
    return `temperature${which} ${formatTemperature(celsius, unit)} (${formatTemperature(celsius, unit === 'C' ? 'F' : 'C')})`;
  },
  cells: ({ celsius, probe, source }) => ({
    thermometer: probe,
    celsius,
    fahrenheit: Math.round(fahrenheitFromCelsius(celsius) * 1e4) / 1e4,
    text: source,
  }),
});

export type ReadingBody = BodyOf<typeof readingKind>;
