import type { Place } from './plan';

/** The place in anything that has one, such as a room with its id: what the computation asks of it, no more. */
export function placeOf({ name, kind, altitudeM, measuredBoilingC, stations, balanceG }: Place): Place {
  return { name, kind, altitudeM, measuredBoilingC, stations, balanceG };
}
