/**
 * What a spreadsheet may take for a formula: also behind blanks, and with the full-width signs that are read as their narrow
 * ones.
 */
export const formula = /^[\s;,'"]*[=+\-@|%＝＋－＠]/;

/** What begins one where a spreadsheet that parts cells by another sign would begin a cell; a number below zero is none. */
const begun = `(?=[=@|%＝＠]|[+\\-＋－]\\s*[\\p{L}(=@])`;
const within = new RegExp(`([;,\\t|]['"\\s]*)${begun}`, 'gu');
const made = new RegExp(`([;,\\t|]['"\\s]*)'${begun}`, 'gu');

/** A cell in which no spreadsheet finds a formula, by whatever sign it parts cells: an apostrophe stands before each. */
export const inert = <T>(cell: T): T | string =>
  typeof cell === 'string' ? cell.replace(within, "$1'") : cell;

/** The cell as it was before it was made inert. */
export const asTyped = (cell: string): string => cell.replace(made, '$1');
