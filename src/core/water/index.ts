export { altitudeRangeM, pressureAtAltitude, standardAtmosphereSource } from './atmosphere';
export { saturationPressureMPa, saturationSource, saturationTemperatureK } from './saturation';
export {
  altitudeOfBoiling,
  boilingAtAltitude,
  boilingAtPressure,
  measuredBoilingRangeC,
  seaLevelBoilingC,
} from './boiling';
export { localBoiling, type BoilingEvidence, type LocalBoiling } from './local-boiling';
export { latentHeat, latentHeatSource, tabulatedLatentHeat } from './latent-heat';
export { evaporationMinutes } from './evaporation';
export { reduce, type Reduction } from './reduction';
