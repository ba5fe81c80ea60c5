/** Most words of a search that count. */
const mostWords = 12;

/** Endings that English words of one stem differ by; what is left has at least three letters. */
const endings = /(?:ings?|ed|ers?|ies|es|s|y)$/;

/**
 * The words of a search, each with the beginnings that stand for it: “scones” finds “scone”, “brown” finds “browning”,
 * “bake” finds “baking” and “gelatine” no gelatinisation.
 */
function searchWords(typed: string): string[][] {
  return typed
    .toLowerCase()
    .normalize('NFKC')
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
    .slice(0, mostWords)
    .map((word) => {
      if (/^\p{L}{3,5}e$/u.test(word)) return [word, `${word.slice(0, -1)}ing`];
      const stem = word.length > 4 ? word.replace(endings, '') : word;
      return [stem.length < 3 ? word : stem];
    });
}

/**
 * A typed search as a query of the full-text index: every word must be there, by one of its beginnings. Signs that mean
 * something to the index are only separators.
 *
 * @returns the query; null where nothing to search for was typed
 */
export function searchQuery(typed: string): string | null {
  const words = searchWords(typed);
  return words.length === 0 ? null : words.map(term).join(' AND ');
}

function term(beginnings: readonly string[]): string {
  const [first] = beginnings as [string];
  // A letter alone stands in nearly every method: it is looked for in titles.
  if (/^\p{L}$/u.test(first)) return `title : "${first}"*`;
  if (/^\d+$/.test(first)) return `"${first}"`;
  const any = beginnings.map((one) => `"${one}"*`).join(' OR ');
  return beginnings.length > 1 ? `(${any})` : any;
}

/** A piece of text, and whether it is what was searched for. */
export interface FoundPiece {
  text: string;
  hit: boolean;
}

/** Most of a line that is shown, characters. */
const longestShown = 120;
/** How much of it stands before what was found. */
const before = 40;

/** Letters without their accents, one for one, so that places stay. */
const folded = (text: string): string =>
  [...text.normalize('NFC')].map((letter) => letter.normalize('NFD')[0]!.toLowerCase()).join('');

/**
 * The line of some texts in which most of the searched words stand, cut to what one can read at a glance.
 *
 * @param texts in the order they count; lines are parted by line breaks
 * @returns the line in pieces; nothing where no line has any of them
 */
export function foundIn(texts: readonly string[], typed: string): FoundPiece[] {
  const beginnings = searchWords(typed)
    .flat()
    .filter((one) => !/^\p{L}$/u.test(one));
  if (beginnings.length === 0) return [];
  const pattern = new RegExp(`(?<![\\p{L}\\p{N}])(${beginnings.map(folded).join('|')})[\\p{L}\\p{N}]*`, 'gu');
  let best: { line: string; hits: RegExpExecArray[]; words: number } | null = null;
  for (const line of texts.flatMap((text) => text.split('\n'))) {
    const hits = [...folded(line).matchAll(pattern)];
    const words = new Set(hits.map((hit) => hit[1])).size;
    if (words > (best?.words ?? 0)) best = { line: line.normalize('NFC'), hits, words };
  }
  return best === null ? [] : piecesOf(best.line, best.hits);
}

function piecesOf(line: string, hits: readonly RegExpExecArray[]): FoundPiece[] {
  const letters = [...line];
  const from = Math.max(0, hits[0]!.index - before);
  const to = Math.min(letters.length, from + longestShown);
  const pieces: FoundPiece[] = [];
  const add = (start: number, end: number, hit: boolean) => {
    if (end > start) pieces.push({ text: letters.slice(start, end).join(''), hit });
  };
  let at = from;
  for (const { index, 0: word } of hits) {
    if (index >= to) break;
    add(at, index, false);
    at = Math.min(to, index + word.length);
    add(index, at, true);
  }
  add(at, to, false);
  if (from > 0) pieces.unshift({ text: '…', hit: false });
  if (to < letters.length) pieces.push({ text: '…', hit: false });
  return pieces;
}
