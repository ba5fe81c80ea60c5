export { describeSample, type Description } from './describe';
export { meanOf } from './mean';
export { differenceOfMeans, welchTest, type Difference, type WelchTest } from './difference';
export { binomialUpper } from './binomial';
export { studentizedRangeCritical, studentT, studentTwoSided } from './distributions';
export { dunnettCritical, dunnettTest, dunnettUpper, type DunnettPair } from './dunnett';
export { friedmanTest, type Friedman } from './friedman';
export { squaresAboutMean, type Groups } from './groups';
export { grubbsTest, type Grubbs } from './grubbs';
export { kruskalWallis, type KruskalWallis } from './kruskal-wallis';
export { fitLine, type LinearFit } from './linear-fit';
export { noncentralTwoSided } from './noncentral';
export { oneWayAnova, type OneWayAnova } from './one-way-anova';
export { robustTrend, type RobustTrend } from './robust-trend';
export { sharesAtLeast } from './rank-arrangements';
export { rankOf } from './ranks';
export { spearmanCorrelation, type Spearman } from './spearman';
export { tukeyHsd, type TukeyPair } from './tukey-hsd';
export {
  squaresOfTwoFactors,
  twoWayUnbalanced,
  type CellValue,
  type TwoWayUnbalanced,
} from './two-way-unbalanced';
export { gamesHowell, welchAnova, type WelchAnova } from './welch-anova';
export {
  combinedUncertainty,
  decimalsFor,
  effectiveDegrees,
  type Uncertainty,
  type UncertaintyParts,
} from './uncertainty';
export { wilsonInterval } from './wilson';
