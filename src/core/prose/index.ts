/** What prose says of itself in numbers: quantities and lengths of time, as people write them. */
export { quantityAt, type Quantity } from './quantity';
export { levelled } from './levelled';
export { timesIn, type TimeSaid } from './times';
