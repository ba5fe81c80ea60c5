import { RefusedValue, requireWithin } from '../bounds';
import { formatNumber } from '../format';
import { requireReadings, type TimedReading } from '../heat';
import { coreRequirements, type AuthorityId, type CoreRequirement, type FoodKind } from './authorities';
import { equivalentMinutes } from './lethality';

export interface CoreCheck {
  safe: boolean;
  required: string;
  achieved: string;
  requirement: CoreRequirement;
}

/** What an authority asks of a food. @throws RefusedValue where its table has no row */
function coreRequirement(authority: AuthorityId, food: FoodKind): CoreRequirement {
  const found = coreRequirements.find((one) => one.authority === authority && one.food === food);
  if (!found) throw new RefusedValue('food', food, `a food of the table of ${authority}`);
  return found;
}

/**
 * Checks a core against an authority: from readings, or from a temperature that was held. Where the authority takes
 * equivalents, all the heat counts; elsewhere the longest unbroken time at or above the temperature does. A fall below
 * it starts the hold anew. Never a permission: the probe, the school and the law decide.
 */
export function checkCore(
  authority: AuthorityId,
  food: FoodKind,
  evidence: { readings: readonly TimedReading[] } | { celsius: number; heldSeconds: number },
): CoreCheck {
  const requirement = coreRequirement(authority, food);
  const { celsius: wantedC, holdS, rest, equivalentZC } = requirement;
  const hold = holdS === 0 ? 'for an instant' : `for ${durationWords(holdS)}`;
  const required = `${formatNumber(wantedC)} °C ${hold}${rest ? ' (rest counted)' : ''}${equivalentZC ? ' or equivalent' : ''}`;
  if (equivalentZC !== undefined) {
    const minutes =
      'readings' in evidence
        ? equivalentMinutes(evidence.readings, wantedC, equivalentZC)
        : heldMinutes(evidence) * 10 ** ((evidence.celsius - wantedC) / equivalentZC);
    return {
      // A billionth of slack: 2 min at 70 °C is 2 min whatever the last digit.
      safe: minutes * 60 >= holdS * (1 - 1e-9),
      required,
      achieved: `${formatNumber(minutes, 2)} min at ${formatNumber(wantedC)} °C, or as much`,
      requirement,
    };
  }
  if ('readings' in evidence) {
    const heldS = longestHold(evidence.readings, wantedC) * 60;
    const top = Math.max(...evidence.readings.map((one) => one.celsius));
    return {
      safe: top >= wantedC && heldS >= holdS * (1 - 1e-9),
      required,
      achieved: `${formatNumber(top, 1)} °C at the most; at or above ${formatNumber(wantedC)} °C for ${durationWords(heldS)}`,
      requirement,
    };
  }
  const heldS = heldMinutes(evidence) * 60;
  return {
    safe: evidence.celsius >= wantedC && heldS >= holdS,
    required,
    achieved: `${formatNumber(evidence.celsius, 1)} °C for ${durationWords(heldS)}`,
    requirement,
  };
}

function heldMinutes({ celsius, heldSeconds }: { celsius: number; heldSeconds: number }): number {
  requireWithin('celsius', celsius, -90, 130, '°C');
  return requireWithin('heldSeconds', heldSeconds, 0, 86_400, 's') / 60;
}

const durationWords = (seconds: number) =>
  seconds < 120 ? `${formatNumber(seconds, 0)} s` : `${formatNumber(seconds / 60, 1)} min`;

/** Longest unbroken time at or above a temperature, minutes, straight lines between the readings. */
function longestHold(readings: readonly TimedReading[], celsius: number): number {
  requireReadings(readings, 1);
  let [longest, since] = [0, null as number | null];
  for (let i = 0; i < readings.length; i += 1) {
    const here = readings[i]!;
    const before = readings[i - 1];
    if (here.celsius >= celsius) {
      since ??= before ? crossing(before, here, celsius) : here.minute;
      longest = Math.max(longest, here.minute - since);
    } else if (since !== null) {
      longest = Math.max(longest, crossing(before!, here, celsius) - since);
      since = null;
    }
  }
  return longest;
}

/** Minute at which a straight line between two readings passes a temperature. */
export function crossing(from: TimedReading, to: TimedReading, celsius: number): number {
  if (from.celsius === to.celsius) return to.minute;
  return from.minute + ((to.minute - from.minute) * (celsius - from.celsius)) / (to.celsius - from.celsius);
}
