export { formatClock, formatDuration } from './durations';
export { decimalsForError, decimalsOf, formatNumber, formatSignificant, formatTemperature } from './numbers';
export { rangesOf, stationsWords } from './ranges';
export { capitalised, counted, excerpt, listed } from './words';
