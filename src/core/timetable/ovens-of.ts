import type { Place } from '../practical';
import { ovenFallPerMin, ovenPlaces, ovenRisePerMin } from '../room';
import type { Oven } from '../schedule';
import { ticksPerMinute } from './lesson';

/** A room is at about 20 °C before its ovens are switched on. */
const coldC = 20;

/**
 * The ovens of a place; of a room nobody has described, one for each station, hot when it is wanted.
 *
 * @param heated somebody heats them before the lesson
 */
export function ovensOf(place: Place | null, stations: number, heated: boolean): Oven[] {
  const startC = heated ? null : coldC;
  const own = (place?.equipment ?? []).flatMap((one): Oven[] =>
    one.kind === 'oven'
      ? [
          {
            name: one.name,
            places: ovenPlaces(one),
            risePerTick: ovenRisePerMin(one) / ticksPerMinute,
            fallPerTick: ovenFallPerMin(one) / ticksPerMinute,
            startC,
          },
        ]
      : [],
  );
  if (own.length > 0 || (place !== null && place.equipment.length > 0)) return own;
  // A room nobody has described: an oven for each station, hot when it is wanted.
  return Array.from({ length: stations }, (_, i) => ({
    name: `oven ${i + 1}`,
    places: 20,
    risePerTick: 10,
    fallPerTick: 5,
    startC: null,
  }));
}
