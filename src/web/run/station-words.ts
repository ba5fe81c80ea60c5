import { format } from 'date-fns';
import { formatClock, formatDuration, formatNumber } from '../../core/format';
import type { Countdown, StationState } from '../../core/run';
import type { Forecast } from '../../core/trace';

/** “in 3 min 20 s”, with its interval beside it. */
function forecastWords(forecast: Forecast | null): { time: string; interval: string } | null {
  if (forecast?.kind !== 'reaching') return null;
  const { seconds, low, high } = forecast;
  const interval = high === null ? `${formatDuration(low)} or more` : intervalWords(low, high);
  return { time: `in ${formatDuration(seconds)}`, interval };
}

/** “6 to 10 min”, “30 to 50 s”: the unit once where both ends share it. */
function intervalWords(low: number, high: number): string {
  if (high < 100) return `${Math.floor(low)} to ${Math.ceil(high)} s`;
  const minutes = (seconds: number) => formatNumber(Math.round((seconds / 60) * 2) / 2);
  return `${minutes(low)} to ${minutes(high)} min`;
}

/** “goes otherwise since 12:40”: the heat was turned, a lid put on, another thermometer taken. */
const changedWords = ({ changedAt }: StationState): string =>
  changedAt === null ? '' : `goes otherwise since ${format(changedAt, 'HH:mm')}`;

/** What the line under the number says about target and time. */
export function targetWords(state: StationState, unit: 'C' | 'F'): { strong: string; soft: string } {
  const { target, reading, forecast } = state;
  if (target && reading && state.phase === 'past-target') {
    const over = Math.abs(reading.celsius - target.localC) * (unit === 'C' ? 1 : 1.8);
    return { strong: `over by ${formatNumber(over, 1)}`, soft: '' };
  }
  if (state.phase === 'at-target') return { strong: 'at target now', soft: '' };
  const words = forecastWords(forecast);
  const changed = changedWords(state);
  if (words) return { strong: words.time, soft: [words.interval, changed].filter(Boolean).join('; ') };
  if (state.away) return { strong: 'out of the pan?', soft: 'too early to say when' };
  if (forecast?.kind === 'not-yet') return { strong: 'too early to say when', soft: changed };
  if (forecast?.kind === 'not-approaching') return { strong: 'not nearing its target', soft: '' };
  return { strong: '', soft: '' };
}

/** “look in 3 min”, “look now”, “2 min left”, “time is up”. */
export function countdownWords({ elapsedS, lengthS, lookInS }: Countdown): string {
  if (elapsedS >= lengthS) return `time is up, ${formatDuration(elapsedS - lengthS)} ago`;
  if (lookInS !== null && lookInS > 0) return `look in ${formatDuration(lookInS)}`;
  if (lookInS !== null && lookInS > -120) return 'look now';
  return `${formatDuration(lengthS - elapsedS)} left`;
}

export function countdownClock({ elapsedS, lengthS }: Countdown): string {
  return formatClock(elapsedS >= lengthS ? elapsedS - lengthS : lengthS - elapsedS);
}
