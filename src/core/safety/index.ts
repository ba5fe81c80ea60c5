export {
  authorities,
  authorityCalled,
  coolingStages,
  dangerZones,
  type Authority,
  type AuthorityId,
  type CoolingStage,
} from './authorities';
export { coreRequirements, type CoreRequirement, type HoldLine } from './core-limits';
export { foodKinds, type FoodKind } from './food-kinds';
export { readFood, type FoodReading } from './read-food';
export { printedEquivalentsSource, printedHoldS, treatmentOf } from './printed-equivalents';
export type { Verdict } from './verdict';
export {
  checkCooling,
  longestCoolingGapMinutes,
  type CheckedStage,
  type CoolingCheck,
} from './cooling-limits';
export {
  checkCore,
  lineApplied,
  longestCoreGapMinutes,
  requirementFor,
  type CoreCheck,
} from './core-temperature';
export {
  longestZoneGapMinutes,
  minutesBetween,
  minutesUnseen,
  twoFourHourRule,
  type ZoneVerdict,
} from './danger-zone';
export { hazardsIn, readyToLook } from './hazards-in';
export { mentionsOven } from './hazard-words';
export { hazardIds, hazards, whoDecides, type Hazard, type HazardId } from './hazards';
export { equivalentMinutes, lethalitySource, ukReferenceC, ukZC } from './lethality';
export { hottest } from './hazard-words';
