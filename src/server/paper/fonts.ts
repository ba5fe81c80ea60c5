import { createRequire } from 'node:module';
import * as fontkit from 'fontkit';
import type { Font } from 'fontkit';
import { unpackedFont } from './unpacked';

const from = createRequire(import.meta.url);
const text = (cut: string) =>
  from.resolve(`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-${cut}.woff`);
const heading = (cut: string) => from.resolve(`@fontsource/bitter/files/bitter-latin-${cut}.woff`);
const wide = (cut: string) => from.resolve(`dejavu-fonts-ttf/ttf/DejaVuSans${cut}.ttf`);

/** The fonts of printed pages; `Wide` has the signs and letters that the others lack. */
export const fontFiles = {
  Text: {
    ...{ normal: text('400-normal'), bold: text('700-normal') },
    ...{ italics: text('400-italic'), bolditalics: text('700-italic') },
  },
  Heading: {
    ...{ normal: heading('600-normal'), bold: heading('600-normal') },
    ...{ italics: heading('600-normal'), bolditalics: heading('600-normal') },
  },
  Wide: {
    normal: wide(''),
    bold: wide('-Bold'),
    italics: wide('-Oblique'),
    bolditalics: wide('-BoldOblique'),
  },
};

export type FontName = keyof typeof fontFiles;

const opened = new Map<string, Font>();
/** Which letters a font has: the same few are asked for with every word. */
const letters = new Map<string, boolean>();

function fontOf(name: FontName, bold: boolean): Font {
  const file = fontFiles[name][bold ? 'bold' : 'normal'];
  let font = opened.get(file);
  if (!font) opened.set(file, (font = fontkit.create(unpackedFont(file)) as Font));
  return font;
}

/** Whether a font has a sign for a letter; what is only an instruction for letters is in all of them. */
export function has(name: FontName, letter: string): boolean {
  const key = name + letter;
  let known = letters.get(key);
  if (known === undefined) {
    known = /\s/.test(letter) || fontOf(name, false).hasGlyphForCodePoint(letter.codePointAt(0)!);
    letters.set(key, known);
  }
  return known;
}

/** How wide a text is, pt. */
export function widthOf(words: string, size: number, bold: boolean): number {
  let units = 0;
  for (const letter of words) {
    const name = has('Text', letter) ? 'Text' : 'Wide';
    const font = fontOf(name, bold);
    units += font.glyphForCodePoint(letter.codePointAt(0)!).advanceWidth / font.unitsPerEm;
  }
  return units * size;
}
