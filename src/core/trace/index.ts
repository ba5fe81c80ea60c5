export { extremesKept } from './downsample';
export { findJumps, type Jump } from './jumps';
export { boilingLevel, findPlateaus, foodLevel, presentPlateau, type Plateau } from './plateau';
export { robustSlope, type RobustSlope } from './robust-slope';
export {
  correctedC,
  twoPointCorrection,
  twoPointSource,
  type ThermometerCorrection,
} from './thermometer-correction';
export type { Surroundings } from './approaches';
export { approachSource, timeToTarget, type Forecast } from './time-to-target';
export { indexAt, readingRangeC, windowOf, type Trace } from './trace';
export { findLevelShifts, type LevelShift } from './level-shift';
export { ChangeWatch } from './change-watch';
export { Settling } from './settling';
export { withoutWild } from './wild-readings';
export { findOutliers } from './outliers';
export { overshoot, type Overshoot } from './overshoot';
export { celsiusAt, resampled } from './resample';
export { readingSpreadC } from './reading-spread';
