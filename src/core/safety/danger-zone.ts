import { requireReadings, type TimedReading } from '../heat';
import { crossing } from './core-temperature';

/** What the 2 h / 4 h rule says of food that was in the danger zone for so long in all. */
export type ZoneVerdict = 'use or chill' | 'use now' | 'throw away' | 'cannot-tell';

/** Between readings farther apart than this it may have been anywhere, min. */
export const longestZoneGapMinutes = 60;

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

/** Minutes of which nobody saw whether the food was in the zone: between readings too far apart, what is not counted yet. */
export function minutesUnseen(readings: readonly TimedReading[], lowC: number, highC: number): number {
  return readings.slice(1).reduce((sum, to, i) => {
    const from = readings[i]!;
    const apart = to.minute - from.minute;
    return apart > longestZoneGapMinutes ? sum + apart - minutesBetween([from, to], lowC, highC) : sum;
  }, 0);
}

const ruleFor = (minutes: number) =>
  minutes < 120 ? 'use or chill' : minutes <= 240 ? 'use now' : 'throw away';

/**
 * The 2 h / 4 h rule (Australia and New Zealand, and widely taught): under 2 h, 2 to 4 h, over.
 *
 * @param unseen minutes that may have been there as well: where they would change the answer, there is none
 */
export function twoFourHourRule(minutes: number, unseen = 0): ZoneVerdict {
  return ruleFor(minutes) === ruleFor(minutes + unseen) ? ruleFor(minutes) : 'cannot-tell';
}
