export {
  boilingElevation,
  boilingTableSource,
  duhringSource,
  fallBelowSeaLevel,
  strongestSyrupPercent,
  sucroseBoilingTable,
  syrupBoilingC,
  syrupConcentration,
} from './boiling-table';
export { sugarStageAt, sugarStages, sugarStagesSource, type StageReading, type SugarStage } from './stages';
export { ruleOfThumbSource, stageTarget, type StageTarget } from './stage-target';
export {
  concentrationPercent,
  heatCapacity,
  smallPanJPerK,
  smallPanLossWPerK,
  type SyrupBatch,
} from './syrup-batch';
export { heatSyrup, type Heat, type HeatingState } from './heating';
export { forecastSyrup } from './forecast-syrup';
