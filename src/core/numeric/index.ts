export { alongPoints } from './along-points';
export { besselJ0, besselJ1 } from './bessel';
export { whereRisingReaches } from './find-root';
export { incompleteBeta } from './incomplete-beta';
export { incompleteGammaUpper } from './incomplete-gamma';
export { logGamma } from './log-gamma';
export { monotoneCurve, type MonotoneCurve } from './monotone-cubic';
export { medianOf, quantileOfSorted } from './quantile';
export { WeightedEquations, type WeightedFit } from './weighted-fit';
