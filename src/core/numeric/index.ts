export { whereRisingReaches } from './find-root';
export { monotoneCurve, type MonotoneCurve } from './monotone-cubic';
export { medianOf, quantileOfSorted } from './quantile';
export { WeightedEquations, type WeightedFit } from './weighted-fit';
