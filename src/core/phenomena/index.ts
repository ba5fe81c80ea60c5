export { phenomenonCalled, phenomenonIds, type Phenomenon, type PhenomenonId } from './phenomena';
export { phenomenaIn } from './phenomena-in';
