export { formatClock, formatDuration } from './durations';
export { decimalsForError, decimalsOf, formatNumber, formatTemperature } from './numbers';
export { counted, listed } from './words';
