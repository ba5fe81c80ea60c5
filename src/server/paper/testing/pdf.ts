import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';

/** A page as grey dots, 0 black to 255 white. */
export interface Picture {
  width: number;
  height: number;
  at(x: number, y: number): number;
  /** As a reader of codes takes it. */
  rgba: Uint8ClampedArray;
}

function inFolder<T>(pdf: Uint8Array, work: (file: string, folder: string) => T): T {
  const folder = mkdtempSync(join(tmpdir(), 'pages-'));
  try {
    const file = join(folder, 'file.pdf');
    writeFileSync(file, pdf);
    return work(file, folder);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** The text of a file as a reader can select it, laid out as it is printed. */
export const textOf = (pdf: Uint8Array): string =>
  inFolder(pdf, (file) =>
    execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8', maxBuffer: 1e8 }),
  );

/** Its fonts: name, and whether it is embedded. */
export const fontsOf = (pdf: Uint8Array): { name: string; embedded: boolean }[] =>
  inFolder(pdf, (file) => execFileSync('pdffonts', [file], { encoding: 'utf8', maxBuffer: 1e8 }))
    .split('\n')
    .slice(2)
    .filter(Boolean)
    .map((line) => ({
      name: line.split(/\s+/)[0]!,
      embedded: / yes (yes|no) +(yes|no) +\d+ +\d+$/.test(line),
    }));

/** Where the words of each page stand, pt from its left upper corner, and how large the page is. */
export function wordsOf(pdf: Uint8Array) {
  const html = inFolder(pdf, (file) =>
    execFileSync('pdftotext', ['-bbox', file, '-'], { encoding: 'utf8', maxBuffer: 1e8 }),
  );
  return html
    .split('<page ')
    .slice(1)
    .map((page) => ({
      width: Number(/width="([\d.]+)"/.exec(page)![1]),
      height: Number(/height="([\d.]+)"/.exec(page)![1]),
      words: [
        ...page.matchAll(
          /<word xMin="([-\d.]+)" yMin="([-\d.]+)" xMax="([-\d.]+)" yMax="([-\d.]+)">(.*?)<\/word>/g,
        ),
      ].map(([, x1, y1, x2, y2, text]) => ({
        x1: Number(x1),
        y1: Number(y1),
        x2: Number(x2),
        y2: Number(y2),
        text: text!,
      })),
    }));
}

/** Its pages as pictures, so many dots to the inch. */
export async function picturesOf(pdf: Uint8Array, dpi: number): Promise<Picture[]> {
  const files = inFolder(pdf, (file, folder) => {
    execFileSync('pdftoppm', ['-r', String(dpi), '-png', file, join(folder, 'page')]);
    return readdirSync(folder)
      .filter((name) => name.endsWith('.png'))
      .sort()
      .map((name) => readFileSync(join(folder, name)));
  });
  return Promise.all(
    files.map(async (file): Promise<Picture> => {
      const { data, info } = await sharp(file).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
      const { width, height } = info;
      return { width, height, rgba: new Uint8ClampedArray(data), at: (x, y) => data[4 * (y * width + x)]! };
    }),
  );
}
