import { formatDuration, formatNumber } from '../format';
import { sentenceOf } from '../practical';
import { workingOf } from '../working';
import type { Call } from './call';
import type { StationState } from './station-state';

/** What the clock of a station’s step, or a timer set by hand, has to say. */
export function timerCalls({ station, step, countdown, heating }: StationState, unit: 'C' | 'F'): Call[] {
  if (!countdown || heating) return [];
  const label = countdown.label ?? (step ? sentenceOf(step, unit) : '');
  const { elapsedS, lengthS, lookInS, warnInS } = countdown;
  const working = workingOf([
    { text: 'since it began', value: Math.round(elapsedS / 6) / 10, unit: 'min' },
    { text: 'planned', value: lengthS / 60, unit: 'min' },
  ]);
  if (elapsedS >= lengthS) {
    if (elapsedS > lengthS + 600) return [];
    return [
      {
        id: `timer:${station}`,
        rank: 'check',
        stations: [station],
        what: `Station ${station}: time is up`,
        why: `${label}: ${formatDuration(lengthS)} are over.`,
        working,
      },
    ];
  }
  if (warnInS !== null && warnInS <= 0) {
    return [
      {
        id: `warn:${station}`,
        rank: 'check',
        stations: [station],
        what: `Station ${station}: ${formatDuration(lengthS - elapsedS)} left`,
        why: `${label}: have the next thing ready.`,
        working,
      },
    ];
  }
  if (lookInS === null || lookInS > 0 || lookInS < -120) return [];
  return [
    {
      id: `look:${station}`,
      rank: 'check',
      stations: [station],
      what: `Station ${station}: look now`,
      why: `${label}: the early look, ${formatDuration(lengthS - elapsedS)} before the end.`,
      working,
    },
  ];
}

/** So long after a window has closed it is still said, min. */
const afterwards = 2;

/** What is to be done within a window of the present step: said while it is open, and once it has closed. */
export function windowCalls({ station, step, stepForS }: StationState, unit: 'C' | 'F'): Call[] {
  if (!step) return [];
  const minute = stepForS / 60;
  return step.windows.flatMap(({ words, from, until }, i): Call[] => {
    if (from === null && until === null) return [];
    if (minute < (from ?? 0) || (until !== null && minute >= until + afterwards)) return [];
    const closed = until !== null && minute >= until;
    const left =
      until === null ? '' : `; ${formatDuration(Math.abs(until - minute) * 60)} ${closed ? 'ago' : 'left'}`;
    const edges = [
      from === null ? '' : `from ${formatNumber(from)} min`,
      until === null ? '' : `no later than ${formatNumber(until)} min`,
    ];
    return [
      {
        id: `window:${station}:${step.id}:${i}`,
        rank: 'check',
        stations: [station],
        what: `Station ${station}: ${closed ? 'time is over for' : 'now'} ${words}`,
        why: `${sentenceOf(step, unit)} ${edges.filter(Boolean).join(', ')}${left}.`,
        working: workingOf([
          { text: 'since the step began', value: Math.round(minute * 10) / 10, unit: 'min' },
          ...(from === null ? [] : [{ text: 'from', value: from, unit: 'min' }]),
          ...(until === null ? [] : [{ text: 'until', value: until, unit: 'min' }]),
        ]),
      },
    ];
  });
}
