const fractions: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/**
 * A piece of pasted text as the readers want it: fractions written out, one kind of dash, quote, space and degree sign, no
 * invisible characters.
 */
export function plainText(text: string): string {
  return text
    .replaceAll(/\*\*|__|^#{1,6}\s+|^\*(?=[^*\s][^*]*\*$)|\*$(?<=^\S[^*]*\*)/gu, '')
    .replaceAll(/[\u00ad\u200b-\u200f\u2028-\u202e\u2060-\u2064\ufeff]/gu, '')
    .replaceAll(/(\d)?\s?([½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])/gu, (_, whole: string | undefined, glyph: string) =>
      whole === undefined ? ` ${fractions[glyph]!}` : `${whole} ${fractions[glyph]!}`,
    )
    .replaceAll(/[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]/gu, (glyph) => ` ${fractions[glyph]!}`)
    .replaceAll('⁄', '/')
    .replaceAll(/℃|° ?C\b|º ?C\b|\bdeg(?:rees?)?\.? ?(?:C|Celsius|centigrade)\b/giu, '°C')
    .replaceAll(/℉|° ?F\b|º ?F\b|\bdeg(?:rees?)?\.? ?(?:F|Fahrenheit)\b/giu, '°F')
    .replaceAll('º', '°')
    .replaceAll(/[‐‑‒–—−]/gu, '-')
    .replaceAll(/[×✕✖]/gu, 'x')
    .replaceAll(/[‘’‚′´`]/gu, "'")
    .replaceAll(/[“”„″]/gu, '"')
    .replaceAll(/\p{Emoji_Presentation}/gu, ' ')
    .replaceAll(/(?<=\p{L}) ?& ?(?=\p{L}{3}|\d)/gu, ' and ')
    .replaceAll(/\s+/gu, ' ')
    .trim();
}
