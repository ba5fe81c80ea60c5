import { requireReadings, type TimedReading } from '../heat';
import { crossing } from './core-temperature';

/** What the 2 h / 4 h rule says of food that was in the danger zone for so long in all. */
export type ZoneVerdict = 'use or chill' | 'use now' | 'throw away';

/** Minutes a food was between two temperatures, all stays added up, straight lines between readings. */
export function minutesBetween(readings: readonly TimedReading[], lowC: number, highC: number): number {
  requireReadings(readings);
  let total = 0;
  for (let i = 1; i < readings.length; i += 1) {
    const [from, to] = [readings[i - 1]!, readings[i]!];
    const cuts = [lowC, highC]
      .filter((limit) => (from.celsius - limit) * (to.celsius - limit) < 0)
      .map((limit) => crossing(from, to, limit));
    const times = [from.minute, ...cuts.sort((a, b) => a - b), to.minute];
    for (let j = 1; j < times.length; j += 1) {
      const middle = (times[j - 1]! + times[j]!) / 2;
      const share = (middle - from.minute) / (to.minute - from.minute);
      const celsius = from.celsius + share * (to.celsius - from.celsius);
      if (celsius > lowC && celsius < highC) total += times[j]! - times[j - 1]!;
    }
  }
  return total;
}

/** The 2 h / 4 h rule (Australia and New Zealand, and widely taught): under 2 h, 2 to 4 h, over. */
export function twoFourHourRule(minutes: number): ZoneVerdict {
  if (minutes < 120) return 'use or chill';
  return minutes <= 240 ? 'use now' : 'throw away';
}
