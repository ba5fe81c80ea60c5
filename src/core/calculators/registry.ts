import { RefusedValue } from '../bounds';
import type { Source, WorkingLine } from '../working';
import { allergenCheck, ingredientCalculator } from './allergens';
import { doseCheck, fill, leaveningSumCalculator, portions } from './batches';
import { shrinkToScarcestCalculator, stopAtCalculator } from './at-the-balance';
import { buyPacks } from './buying';
import { checkInputs } from './check-inputs';
import {
  activationEnergy,
  browningIndexCalculator,
  colourDifference,
  colourLab,
  q10Calculator,
} from './colour';
import type { Calculator, ResultValue } from './definition';
import { bakersPercentagesCalculator, kitchenMeasureCalculator } from './formula';
import {
  gelSag,
  overrun,
  specificVolumeCalculator,
  spreadRatioCalculator,
  starchGelatinisation,
} from './gels';
import { bakeTimeScaling, centreTemperature } from './conduction';
import { coolingForecast } from './cooling';
import { eggDoneness, eggTime } from './eggs';
import { ovenSettingCalculator } from './ovens';
import { carbonDioxide, neutralisingAcid, yeastActivity } from './leavening';
import {
  gamesHowellCalculator,
  robustTrendCalculator,
  twoWayUnbalancedCalculator,
  welchAnovaCalculator,
} from './unlike-spreads';
import { plausibleFood } from './plausible-food';
import { coolingCheckCalculator, coreTemperatureCheck, lethality } from './safety';
import { enzymicBrowningCalculator, maillardRateCalculator } from './browning';
import { carryOverCalculator } from './carry-over';
import { doctorRatioCalculator, supersaturationCalculator } from './crystals';
import { dangerZoneTime } from './danger-zone';
import { designPower } from './design-power';
import { doughDoubling } from './dough';
import { selfRaisingFlour, yeastEquivalent } from './flour-and-yeast';
import { foodPropertiesCalculator } from './food-properties';
import { sodaInSyrup, steamVolume } from './gas-and-steam';
import { hazardsInCalculator } from './hazards';
import { coldIntoHotCalculator, timeToBoil } from './heating';
import { nutrients } from './nutrients';
import { readRecipeCalculator } from './recipes';
import { sauceThickness } from './sauces';
import { gelatineGrade, pectinSet } from './setting';
import { trayCooling } from './tray-cooling';
import { uncertainty } from './uncertainty';
import { weighingToleranceCalculator } from './weighing';
import { discriminationTest, pairedPreferenceCalculator, servingOrder, triangleTest } from './sensory';
import {
  dunnett,
  familywise,
  friedman,
  grubbs,
  kruskalWallisCalculator,
  oneWayAnovaCalculator,
  spearman,
  tukeyHsdCalculator,
  welchT,
} from './significance';
import { describeCalculator, linearFit } from './statistics';
import {
  stageTargetCalculator,
  sugarStageCalculator,
  syrupBoilingPoint,
  syrupConcentrationCalculator,
  waterActivityCalculator,
} from './sugar';
import { timetableCalculator } from './timetable';
import { temperature, thermometerCorrection } from './thermometers';
import { airPressure, evaporationTime, latentHeatCalculator, reduction, waterBoilingPoint } from './water';

/** Every calculator of the program, in the order of the work. A new one is a new line; its id is a promise. */
export const calculators: readonly Calculator[] = [
  airPressure,
  waterBoilingPoint,
  latentHeatCalculator,
  evaporationTime,
  reduction,
  syrupBoilingPoint,
  syrupConcentrationCalculator,
  waterActivityCalculator,
  sugarStageCalculator,
  stageTargetCalculator,
  temperature,
  thermometerCorrection,
  ovenSettingCalculator,
  kitchenMeasureCalculator,
  bakersPercentagesCalculator,
  carbonDioxide,
  neutralisingAcid,
  yeastActivity,
  eggTime,
  eggDoneness,
  centreTemperature,
  bakeTimeScaling,
  lethality,
  coreTemperatureCheck,
  plausibleFood,
  welchAnovaCalculator,
  gamesHowellCalculator,
  robustTrendCalculator,
  twoWayUnbalancedCalculator,
  coolingCheckCalculator,
  coolingForecast,
  starchGelatinisation,
  gelSag,
  specificVolumeCalculator,
  spreadRatioCalculator,
  overrun,
  colourLab,
  colourDifference,
  browningIndexCalculator,
  q10Calculator,
  activationEnergy,
  describeCalculator,
  linearFit,
  oneWayAnovaCalculator,
  tukeyHsdCalculator,
  dunnett,
  welchT,
  kruskalWallisCalculator,
  friedman,
  spearman,
  grubbs,
  triangleTest,
  pairedPreferenceCalculator,
  supersaturationCalculator,
  doctorRatioCalculator,
  sodaInSyrup,
  steamVolume,
  selfRaisingFlour,
  yeastEquivalent,
  weighingToleranceCalculator,
  nutrients,
  foodPropertiesCalculator,
  carryOverCalculator,
  trayCooling,
  pectinSet,
  gelatineGrade,
  maillardRateCalculator,
  enzymicBrowningCalculator,
  discriminationTest,
  uncertainty,
  designPower,
  familywise,
  dangerZoneTime,
  doughDoubling,
  sauceThickness,
  buyPacks,
  stopAtCalculator,
  shrinkToScarcestCalculator,
  allergenCheck,
  ingredientCalculator,
  hazardsInCalculator,
  servingOrder,
  portions,
  fill,
  leaveningSumCalculator,
  doseCheck,
  readRecipeCalculator,
  timeToBoil,
  coldIntoHotCalculator,
  timetableCalculator,
];

/** What every door of the registry answers with. */
export interface CalculatorAnswer {
  id: string;
  inputs: Record<string, unknown>;
  result: Record<string, ResultValue>;
  working: WorkingLine[];
  sources: Source[];
  warnings: string[];
}

/**
 * Runs a calculator by its id on raw input.
 *
 * @throws RefusedValue naming the field: an unknown id, or input that is missing, unknown, out of range or no number
 */
export function runCalculator(id: string, raw: unknown): CalculatorAnswer {
  const calculator = calculators.find((one) => one.id === id);
  if (!calculator) throw new RefusedValue('id', id, `one of ${calculators.map((one) => one.id).join(', ')}`);
  const inputs = checkInputs(calculator, raw);
  const { result, working, sources, warnings = [] } = calculator.compute(inputs);
  const lost = Object.entries(result).find(([, value]) => !isFinite(value));
  if (lost) throw new RefusedValue('inputs', raw, `values for which ${lost[0]} is a finite number`);
  return { id, inputs, result, working, sources, warnings };
}

/** Whether every number in a result is one. */
function isFinite(value: ResultValue): boolean {
  if (typeof value === 'number') return Number.isFinite(value);
  if (typeof value !== 'object' || value === null) return true;
  return Object.values(value).every((one: ResultValue) => isFinite(one));
}
