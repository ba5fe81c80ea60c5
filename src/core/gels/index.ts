export { gellingAgents, gelsSource, proteaseFruits, type GellingAgent } from './agents';
export { gelatineForBloom, relativeGelStrength } from './gelatine';
export { overrunPercent, sagPercent, specificVolume, spreadRatio } from './measures';
export { highMethoxylWindow, jamAboveBoilingC, type PectinWindow } from './pectin';
export {
  gelatinised,
  starchCalled,
  starches,
  starchSource,
  type Gelatinisation,
  type Starch,
} from './starch';
export { relativeThickness, type Sauce } from './thickness';
