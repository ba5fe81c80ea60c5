export { acidCalled, acidOfItem, leaveningAcids, neutralisingSource, type LeaveningAcid } from './acids';
export { bicarbonateMolarMass, carbonDioxideMolarMass, molarMass } from './atomic-weights';
export { bakingPowderSource, powderForPlainFlour, powderSaved } from './baking-powder';
export {
  acidForBicarbonate,
  decomposeByHeat,
  gasVolumeL,
  leaven,
  stoichiometrySource,
  type AcidDose,
  type Leavening,
} from './carbon-dioxide';
export { leaveningSum, type LeaveningSum } from './leavening-sum';
export { steamVolumeL } from './steam';
export {
  equivalentYeastG,
  sachetG,
  yeastInhibition,
  yeastKilledC,
  yeastKinds,
  yeastRate,
  yeastSource,
  yeastTemperatures,
  type YeastKind,
} from './yeast';
