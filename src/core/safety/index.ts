export {
  authorities,
  authorityCalled,
  coolingStages,
  coreRequirements,
  dangerZones,
  foodKindCalled,
  foodKinds,
  type Authority,
  type AuthorityId,
  type CoolingStage,
  type CoreRequirement,
  type FoodKind,
} from './authorities';
export { checkCooling, type CheckedStage, type CoolingCheck } from './cooling-limits';
export { checkCore, type CoreCheck } from './core-temperature';
export { minutesBetween, twoFourHourRule, type ZoneVerdict } from './danger-zone';
export { hazardIds, hazards, whoDecides, type Hazard, type HazardId } from './hazards';
export { equivalentMinutes, lethalitySource, ukReferenceC, ukZC } from './lethality';
