import { requireReadings, type TimedReading } from '../heat';
import { coolingStages, type CoolingStage } from './authorities';
import { crossing } from './core-temperature';

export interface CheckedStage extends CoolingStage {
  /** Minutes it took; null when the end is not reached yet. */
  takenMinutes: number | null;
  passes: boolean;
}

export interface CoolingCheck {
  passes: boolean;
  stages: CheckedStage[];
  /** Minutes cooled so far from the first stage's start. */
  soFarMinutes: number;
}

/**
 * Checks readings of cooling food against an authority's stages. Each stage is timed from the moment the food falls
 * below its start (from the first reading where that is lower already) to the moment it is at its end for good.
 */
export function checkCooling(
  readings: readonly TimedReading[],
  authority: keyof typeof coolingStages,
): CoolingCheck {
  requireReadings(readings);
  const stages = coolingStages[authority].map((stage): CheckedStage => {
    const from = lastFall(readings, stage.fromC) ?? readings[0]!.minute;
    const to = lastFall(readings, stage.toC);
    const coldFromStart = readings.every(({ celsius }) => celsius <= stage.toC);
    const takenMinutes = coldFromStart ? 0 : to === null ? null : to - from;
    return { ...stage, takenMinutes, passes: takenMinutes !== null && takenMinutes <= stage.limitMinutes };
  });
  const start = lastFall(readings, stages[0]!.fromC) ?? readings[0]!.minute;
  return {
    passes: stages.every((stage) => stage.passes),
    stages,
    soFarMinutes: Math.max(0, readings.at(-1)!.minute - start),
  };
}

/** When the food last fell to a temperature and stayed at or below it; null when it is above at the end, or never was above. */
function lastFall(readings: readonly TimedReading[], celsius: number): number | null {
  if (readings.at(-1)!.celsius > celsius) return null;
  for (let i = readings.length - 1; i > 0; i -= 1) {
    if (readings[i - 1]!.celsius > celsius) return crossing(readings[i - 1]!, readings[i]!, celsius);
  }
  return null;
}
