import { requireWithin } from '../bounds';
import { fahrenheitFromCelsius, metresPerFoot } from '../units';
import { altitudeOfBoiling } from '../water';
import type { Source } from '../working';
import { fallBelowSeaLevel } from './boiling-table';

export interface StageTarget {
  localC: number;
  localF: number;
  /** What the rule of thumb of 1 °F for each 500 ft would say, °C. */
  ruleOfThumbC: number;
  /** The altitude that rule was given, m. */
  altitudeM: number;
}

export const ruleOfThumbSource: Source = {
  kind: 'common-practice',
  text: 'Extension-service rule of thumb: take off 1 °F for each 500 ft above sea level',
};

/**
 * The temperature to stop at here, for a target given at sea level.
 *
 * @param seaLevelC the target at sea level, °C, 0 to 300
 * @param localBoilingC where water boils here, °C
 * @param altitudeM the altitude for the rule of thumb, m; left out, the one that `localBoilingC` implies
 */
export function stageTarget(
  seaLevelC: number,
  localBoilingC: number,
  altitudeM?: number | null,
): StageTarget {
  requireWithin('seaLevelC', seaLevelC, 0, 300, '°C');
  const metres = altitudeM ?? altitudeOfBoiling(localBoilingC);
  const localC = seaLevelC - fallBelowSeaLevel(localBoilingC);
  const ruleOfThumbFallF = metres / metresPerFoot / 500;
  return {
    localC,
    localF: fahrenheitFromCelsius(localC),
    ruleOfThumbC: seaLevelC - (ruleOfThumbFallF * 5) / 9,
    altitudeM: metres,
  };
}
