export { inSlices, slice } from './in-slices';
