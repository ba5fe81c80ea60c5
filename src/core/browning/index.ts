export { browningIndex, browningIndexSource } from './browning-index';
export { ciede2000, ciede2000Source } from './ciede2000';
export { ascorbicDelayMinutes, enzymicBrowning, enzymicRate, enzymicSource, type CutFruit } from './enzymic';
export { labOfHex, labSource, type Lab } from './lab';
export { caramelisation, maillardRate, maillardSource, type MaillardConditions } from './maillard';
export {
  fitArrhenius,
  fitFirstOrder,
  fitZeroOrder,
  kineticsSource,
  q10,
  type Arrhenius,
  type OrderFit,
  type RatePoint,
} from './rates';
