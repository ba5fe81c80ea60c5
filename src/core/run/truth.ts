import type { Place } from '../practical';
import { correctedC, twoPointCorrection } from '../trace';

/** What a temperature really was, where the thermometer that showed it was checked. */
export type TruthOf = (station: number, probe: number, celsius: number) => number;

type Thermometer = Extract<Place['equipment'][number], { kind: 'thermometer' }>;

/** The thermometers that lie at each station, its first before its second, as the room lists them. */
export function thermometersAt(place: Pick<Place, 'equipment'> | null): Map<number, Thermometer[]> {
  const at = new Map<number, Thermometer[]>();
  for (const one of place?.equipment ?? []) {
    if (one.kind === 'thermometer' && one.station !== null)
      at.set(one.station, [...(at.get(one.station) ?? []), one]);
  }
  return at;
}

/**
 * Puts readings right by how the thermometers of a station did in ice and in boiling water: by a straight line through
 * both, or where only one was looked at by as much as it was off there. A thermometer nobody checked is believed.
 */
export function truthIn(place: Pick<Place, 'equipment'> | null): TruthOf {
  const corrections = new Map(
    [...thermometersAt(place)].map(([station, all]) => [station, all.map(correctionOf)]),
  );
  return (station, probe, celsius) => {
    const correction = corrections.get(station)?.[probe - 1];
    return correction ? Math.round(correctedC(celsius, correction) * 1e4) / 1e4 : celsius;
  };
}

function correctionOf({ checkedAt, inIceC, inBoilingC, boilingC }: Thermometer) {
  if (checkedAt === null) return null;
  const boiled = inBoilingC !== null && boilingC !== null;
  if (inIceC !== null && boiled && Math.abs(inIceC) <= 15)
    return twoPointCorrection(inIceC, inBoilingC, boilingC);
  if (inIceC !== null) return { gain: 1, offsetC: -inIceC };
  return boiled ? { gain: 1, offsetC: boilingC - inBoilingC } : null;
}
