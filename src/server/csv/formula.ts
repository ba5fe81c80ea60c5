/**
 * What a spreadsheet may take for a formula: also behind blanks and what some take for the end of a cell, and with the
 * full-width signs that are read as their narrow ones.
 */
export const formula = /^[\s;,'"]*[=+\-@|%＝＋－＠]/;
