import { formatNumber, formatTemperature } from '../format';
import type { RecordedBody } from './entry';

/** A recorded body in words, for the quick line, the log and the report alike. */
export function recordedInWords(body: RecordedBody): string {
  switch (body.kind) {
    case 'reading': {
      const other = body.unit === 'C' ? 'F' : 'C';
      const probe = body.probe > 1 ? ` (thermometer ${body.probe})` : '';
      return `temperature${probe} ${formatTemperature(body.celsius, body.unit)} (${formatTemperature(body.celsius, other)})`;
    }
    case 'measurement':
      return `${body.name} ${formatNumber(body.value)} ${body.unit}`.trim();
    case 'observation':
      return `saw: ${body.text}`;
    case 'event':
      return `event: ${body.text}`;
    case 'deviation':
      return `went differently: ${body.text}`;
    case 'timer':
      return `timer ${formatNumber(body.minutes)} min${body.lookAt === null ? '' : `, look at ${formatNumber(body.lookAt)}`}`;
  }
}
