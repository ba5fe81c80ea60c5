export { allocateTreatments, type Allocation, type LevelOrder } from './allocate';
export { findConfounding, type Confounding } from './confounding';
export {
  fullFactorial,
  halfFraction,
  inBlocks,
  type DesignFactor,
  type Placed,
  type Combination,
} from './factorial';
export { levelSeries } from './level-series';
export { detectableDifference, replicatesFor } from './power';
