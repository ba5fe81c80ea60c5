export { familywiseKinds, simulateFamilywise, type Familywise } from './familywise';
export {
  differenceSeen,
  judgeLevels,
  stationsForPair,
  type LevelsJudged,
  type PairJudged,
} from './judge-levels';
export { changeSeen, judgeTrend, stationsForTrend, type TrendJudged } from './judge-trend';
export {
  judgeTwoFactors,
  type EffectJudged,
  type InteractionJudged,
  type LevelPair,
  type TwoFactorsJudged,
} from './judge-two-factors';
export { divisionSeen, isScore, spreadOfRounding } from './resolution';
