const entities: Readonly<Record<string, string>> = {
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  apos: "'",
  nbsp: ' ',
  deg: '°',
  frac12: '½',
  frac14: '¼',
  frac34: '¾',
  frac13: '⅓',
  frac23: '⅔',
  ndash: '–',
  mdash: '—',
  times: '×',
  eacute: 'é',
  egrave: 'è',
  ecirc: 'ê',
  agrave: 'à',
  ccedil: 'ç',
  ouml: 'ö',
  uuml: 'ü',
  auml: 'ä',
  szlig: 'ß',
  ntilde: 'ñ',
  rsquo: '’',
  lsquo: '‘',
  rdquo: '”',
  ldquo: '“',
  bull: '•',
  hellip: '…',
  ordm: 'º',
};

/** Characters that HTML writes by name or number, once. */
export const decoded = (text: string): string =>
  text.replaceAll(/&(#x[0-9a-f]{1,6}|#\d{1,7}|[a-z]{2,8}\d{0,2});/gi, (whole, name: string) => {
    if (!name.startsWith('#')) return entities[name] ?? entities[name.toLowerCase()] ?? whole;
    const code = /^#x/i.test(name) ? parseInt(name.slice(2), 16) : Number(name.slice(1));
    return code > 0 && code <= 0x10ffff && !(code >= 0xd800 && code <= 0xdfff)
      ? String.fromCodePoint(code)
      : ' ';
  });

const isPage = (text: string) =>
  /<!doctype html|<html[\s>]|<body[\s>]|<(?:p|li|div|br|h[1-6]|script|table)\b[^>]{0,400}>/i.test(text);

/**
 * The text of a page of HTML: script and style are dropped, blocks begin lines, marks are gone. It is only ever shown and
 * read as text. Any other text is handed back as it is.
 */
export function withoutMarkup(text: string): string {
  if (!isPage(text)) return text;
  const bare = dropped(dropped(dropped(text, '<script', '</script'), '<style', '</style'), '<!--', '-->');
  return decoded(
    bare
      .replaceAll(
        /<(?:br|\/?p|\/?div|\/?li|\/?h[1-6]|\/?tr|\/?ul|\/?ol|\/?table|\/?section|\/?article|\/?header|\/?footer|\/?td)\b[^<>]{0,2000}>/gi,
        '\n',
      )
      .replaceAll(/<[^<>]{0,2000}>/g, ''),
  )
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .join('\n');
}

/** A text without what stands from one mark to another; where the second lacks, all that follows goes. */
function dropped(text: string, from: string, to: string): string {
  const lower = text.toLowerCase();
  let out = '';
  let at = 0;
  for (;;) {
    const start = lower.indexOf(from, at);
    if (start < 0) return out + text.slice(at);
    out += `${text.slice(at, start)}\n`;
    const end = lower.indexOf(to, start);
    if (end < 0) return out;
    const close = lower.indexOf('>', end);
    if (close < 0) return out;
    at = close + 1;
  }
}
