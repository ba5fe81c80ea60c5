export { formatClock, formatDuration } from './durations';
export { decimalsForError, decimalsOf, formatNumber, formatSignificant, formatTemperature } from './numbers';
export { capitalised, counted, excerpt, listed } from './words';
