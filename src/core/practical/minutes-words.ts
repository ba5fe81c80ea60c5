import { formatNumber } from '../format';
import type { Step } from './step';

/** How long a step takes: “8–10 min”, “2–3 min a side”; empty where nobody has said. */
export function minutesWords({
  minutes,
  minutesTo,
  per,
}: Pick<Step, 'minutes' | 'minutesTo' | 'per'>): string {
  if (minutes === null) return '';
  const short = (minutesTo ?? minutes) < 1;
  const one = (value: number) => formatNumber(Number((short ? value * 60 : value).toPrecision(4)));
  const range =
    minutesTo === null || minutesTo <= minutes ? one(minutes) : `${one(minutes)}–${one(minutesTo)}`;
  return `${range} ${short ? 's' : 'min'}${per === 'once' ? '' : ` a ${per}`}`;
}
