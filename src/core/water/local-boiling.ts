import { requireWithin } from '../bounds';
import { boilingAtAltitude, measuredBoilingRangeC, seaLevelBoilingC } from './boiling';

/** What a place tells us about how water boils there. */
export interface BoilingEvidence {
  altitudeM?: number | null;
  measuredBoilingC?: number | null;
}

export interface LocalBoiling {
  boilingC: number;
  /** What the figure rests on: a measurement beats an altitude, an altitude beats nothing. */
  basis: 'measured' | 'altitude' | 'sea-level';
  /** Half-width of the interval it should be read with, °C. */
  uncertaintyC: number;
}

/** Weather moves the boiling point by up to about 1 °C (30 hPa of weather; common practice). */
const weatherC = 1;
/** A school thermometer read in rolling boil (common practice). */
const readingC = 0.3;

/**
 * The boiling point to work with at a place: the measured one if there is one, else the one its altitude
 * gives in the standard atmosphere, else that of sea level.
 *
 * @throws RefusedValue for a measured boiling point outside 80 to 102 °C or an altitude out of range
 */
export function localBoiling({ altitudeM, measuredBoilingC }: BoilingEvidence): LocalBoiling {
  if (measuredBoilingC !== undefined && measuredBoilingC !== null) {
    const { low, high } = measuredBoilingRangeC;
    requireWithin('measuredBoilingC', measuredBoilingC, low, high, '°C');
    return { boilingC: measuredBoilingC, basis: 'measured', uncertaintyC: readingC };
  }
  if (altitudeM !== undefined && altitudeM !== null) {
    return { boilingC: boilingAtAltitude(altitudeM), basis: 'altitude', uncertaintyC: weatherC };
  }
  return { boilingC: seaLevelBoilingC, basis: 'sea-level', uncertaintyC: weatherC };
}
