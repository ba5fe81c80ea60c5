export {
  boilingElevation,
  boilingTableSource,
  duhringSource,
  fallBelowSeaLevel,
  sucroseBoilingTable,
  syrupBoilingC,
  strongestSyrupPercent,
  syrupConcentration,
} from './boiling-table';
export { sugarStageAt, sugarStages, sugarStagesSource, type StageReading, type SugarStage } from './stages';
export { ruleOfThumbSource, stageTarget, type StageTarget } from './stage-target';
export {
  heatCapacity,
  smallPanJPerK,
  smallPanLossWPerK,
  syrupHeatSource,
  type SyrupBatch,
} from './syrup-batch';
export { heatSyrup, type Heat, type HeatingState } from './heating';
export { forecastSyrup } from './forecast-syrup';
export {
  doctorRatio,
  saturatedSucrosePercent,
  solubilitySource,
  supersaturation,
  type Doctor,
} from './crystals';
export {
  mixtureBoilingC,
  norrishSource,
  soluteCalled,
  solutes,
  waterActivity,
  type Solute,
  type SoluteDose,
} from './solutes';
export { heatScaleOf, type HeatScale } from './heat-to-go';
export { fallenBy, heatShown, roomC } from './heat-fit';
export { lessonSpreads, type SyrupSpreads } from './syrup-unknowns';
