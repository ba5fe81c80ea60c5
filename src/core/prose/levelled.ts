/**
 * A text with one kind of dash, quote, blank and degree sign, every character where it was: what is found in it stands at the
 * same place in the text as it was typed.
 */
export const levelled = (text: string): string =>
  text
    .replaceAll(/[‐‑‒–—−]/gu, '-')
    .replaceAll(/[‘’‚′´`]/gu, "'")
    .replaceAll(/[“”„″]/gu, '"')
    .replaceAll('º', '°')
    .replaceAll('⁄', '/')
    .replaceAll(/\s/gu, ' ');
