export { RefusedValue } from './refused-value';
export { requireWithin } from './require-within';
