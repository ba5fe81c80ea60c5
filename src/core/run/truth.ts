import type { Place } from '../practical';
import { correctedC, twoPointCorrection } from '../trace';

/** What a temperature really was, where the thermometer that showed it was checked. */
export type TruthOf = (station: number, probe: number, celsius: number) => number;

/**
 * Puts readings right by how the first thermometer of a station did in ice and in boiling water: by a straight line through
 * both, or where only one was looked at by as much as it was off there. A thermometer nobody checked is believed.
 */
export function truthIn(place: Pick<Place, 'equipment'> | null): TruthOf {
  const corrections = new Map<number, { gain: number; offsetC: number }>();
  for (const one of place?.equipment ?? []) {
    if (one.kind !== 'thermometer' || one.station === null || one.checkedAt === null) continue;
    const { inIceC, inBoilingC, boilingC } = one;
    const boiled = inBoilingC !== null && boilingC !== null;
    if (inIceC !== null && boiled && Math.abs(inIceC) <= 15) {
      corrections.set(one.station, twoPointCorrection(inIceC, inBoilingC, boilingC));
    } else if (inIceC !== null) corrections.set(one.station, { gain: 1, offsetC: -inIceC });
    else if (boiled) corrections.set(one.station, { gain: 1, offsetC: boilingC - inBoilingC });
  }
  return (station, probe, celsius) => {
    const correction = probe === 1 ? corrections.get(station) : undefined;
    return correction ? Math.round(correctedC(celsius, correction) * 1e4) / 1e4 : celsius;
  };
}
