export { carryOver, carryOverSource, type CarryOverBand, type Roasting } from './carry-over';
export {
  centreOf,
  conductionStep,
  meanOfBody,
  uniformBody,
  type Body,
  type BodyState,
} from './conduction-grid';
export { coefficient, eigenvalue, seriesSource, unaccomplished } from './conduction-series';
export {
  forecastCooling,
  newtonSource,
  requireReadings,
  type CoolingForecast,
  type TimedReading,
} from './cooling-fit';
export { thickSoup, trayMinutes, type Tray } from './cooling-tray';
export {
  donenessAt,
  donenessSource,
  fishDoneness,
  meatDoneness,
  yolkDoneness,
  type DonenessStep,
} from './doneness';
export { eggClosedFormSource, eggMinutes } from './egg-closed-form';
export {
  cookEgg,
  eggAt,
  eggBody,
  eggMethods,
  eggModelSource,
  eggStep,
  type CookedEgg,
  type EggMethod,
  type EggPan,
  type EggPhase,
  type EggState,
} from './egg-in-water';
export { unaccomplishedOfCrossed, type Crossed } from './finite-shapes';
export {
  choiOkosSource,
  foodComponents,
  foodProperties,
  type Composition,
  type FoodComponent,
} from './food-properties';
export {
  gasMarks,
  ovenScales,
  ovenSetting,
  ovenSource,
  usualFanOffsetC,
  type GasMark,
  type OvenScale,
  type OvenSetting,
} from './oven-settings';
export {
  biotNumber,
  diffusivity,
  dimensionsOf,
  fourierNumber,
  shapes,
  type Material,
  type Shape,
} from './shapes';
export { scaledBakeTime, sizeScalingSource, type ScaledTime } from './size-scaling';
export { evaporationWm2, moistStep, type MoistSurroundings } from './wet-surface';
export { coldIntoHot, heatingUp, heatingUpSource, type HeatingUp, type Mixed } from './heating-up';
