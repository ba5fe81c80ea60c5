export { formatClock, formatDuration } from './durations';
export { decimalsForError, decimalsOf, formatNumber, formatTemperature } from './numbers';
export { capitalised, counted, listed } from './words';
