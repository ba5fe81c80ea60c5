import type { Content } from 'pdfmake/interfaces';
import { has, widthOf, type FontName } from './fonts';

/** How a piece of text looks. */
export interface Look {
  bold?: boolean;
  italics?: boolean;
  size?: number;
  color?: string;
  font?: 'Heading';
}

/** What a page cannot show and a printer cannot print: instructions for text, not text. */
const unprintable = /[\u0000-\u0008\u000B-\u001F\u007F-\u009F\u200B-\u200F\u202A-\u202E\u2060-\u2069\uFEFF]/g;

/** A text in the fonts that have its letters: what the first lacks comes from the wide one. */
export function words(text: string, look: Look = {}): { text: Content } & Record<string, unknown> {
  const { size, font, ...rest } = look;
  const first: FontName = font ?? 'Text';
  const style = { ...rest, ...(size !== undefined && { fontSize: size }) };
  const parts: { text: string; font: FontName }[] = [];
  for (const letter of text.normalize('NFC').replace(unprintable, '')) {
    const name = has(first, letter) ? first : 'Wide';
    const last = parts.at(-1);
    if (last && (last.font === name || /\s/.test(letter))) last.text += letter;
    else parts.push({ text: letter, font: name });
  }
  if (parts.length === 0) return { text: '', ...style };
  return { text: parts.map((part) => ({ ...part, ...style })), ...style };
}

/** A text made to fit a line: smaller as far as `least`, then cut short. */
export function fitted(
  text: string,
  width: number,
  { size, least, bold = false }: { size: number; least: number; bold?: boolean },
): { text: string; size: number } {
  const plain = text.replace(unprintable, '').replace(/\s+/g, ' ').trim();
  const natural = widthOf(plain, 1, bold);
  if (natural * size <= width) return { text: plain, size };
  const smaller = width / natural;
  if (smaller >= least) return { text: plain, size: smaller };
  let short = [...plain];
  while (short.length > 1 && widthOf(`${short.join('')}…`, least, bold) > width) short = short.slice(0, -1);
  return { text: `${short.join('').trimEnd()}…`, size: least };
}

/** A text in lines that are no wider; a word that is too long for one is parted. */
export function wrapped(text: string, width: number, size: number): string[] {
  const lines: string[] = [];
  let line = '';
  const fits = (some: string) => widthOf(some, size, false) <= width;
  for (const word of text.replace(unprintable, '').split(/\s+/).filter(Boolean)) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (fits(longer)) {
      line = longer;
      continue;
    }
    if (line !== '') lines.push(line);
    line = '';
    for (const letter of word) {
      if (line !== '' && !fits(line + letter)) {
        lines.push(line);
        line = '';
      }
      line += letter;
    }
  }
  return line === '' ? lines : [...lines, line];
}
