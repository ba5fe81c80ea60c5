export {
  discrimination,
  discriminationTests,
  pairedPreference,
  triangleSource,
  type Discrimination,
  type DiscriminationTest,
} from './discrimination';
export { jarPenalty, type JarAnswer, type JarSide } from './just-about-right';
export { servingOrders, threeDigitCodes } from './serving-order';
