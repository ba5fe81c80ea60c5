/** Most words of a search that count. */
const mostWords = 12;

/**
 * Endings that English words of one stem differ by; what is left has at least three letters. A last e only of short words:
 * who looks for gelatine does not look for gelatinisation.
 */
const endings = /(?:ings?|ed|ers?|ies|es|s|y)$|(?<=^.{3,5})e$/;

/**
 * A typed search as a query of the full-text index: every word must be there, by its beginning or that of its stem, so that
 * “scones” finds “scone” and “brown” finds “browning”. Signs that mean something to the index are only separators.
 *
 * @returns the query; null where nothing to search for was typed
 */
export function searchQuery(typed: string): string | null {
  const words = typed
    .toLowerCase()
    .normalize('NFKC')
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
    .slice(0, mostWords);
  if (words.length === 0) return null;
  return words.map(term).join(' AND ');
}

function term(word: string): string {
  // A letter alone stands in nearly every method: it is looked for in titles.
  if (/^\p{L}$/u.test(word)) return `title : "${word}"*`;
  if (/^\d+$/.test(word)) return `"${word}"`;
  const stem = word.length > 4 ? word.replace(endings, '') : word;
  if (stem === word || stem.length < 3) return `"${word}"*`;
  return `("${word}"* OR "${stem}"*)`;
}
