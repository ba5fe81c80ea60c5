export { aboutOneMeasure, spoonsFor, spoonsInWords, type Filling } from './spoons';
export { amountInGrams, isSolution, amountUnits, fills, timesLevel, type AmountUnit } from './amounts';
export { bakersPercentages, type BakersLine, type BakersPercentages } from './bakers-percentages';
export {
  kitchenMeasure,
  measureSource,
  measureUnits,
  unitCalled,
  usCupMl,
  usTablespoonMl,
  type Measured,
} from './kitchen-measure';
export { nutrientSource, portionNutrients, type PortionNutrients } from './nutrients';
export { scaledMass } from './scaling';
export { weighingTolerance, type WeighingVerdict } from './weighing-tolerance';
