import pdfmake from 'pdfmake';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import { papers, type PaperName } from '../../core/paper';
import { fontFiles } from './fonts';
import { ink, mm } from './parts';
import { unpackedFont } from './unpacked';
import { words } from './words';

/** Some pages of one kind, one after the other. */
export interface Sheets {
  /** What stands at the foot beside the number of the page. */
  name: string;
  content: Content[];
  landscape?: boolean;
  /** Labels: to the edge of the paper, with nothing at the foot. */
  bare?: boolean;
}

pdfmake.setFonts(fontFiles);
// Only our own fonts are read, and nothing is fetched.
const own = new Set(Object.values(fontFiles).flatMap((cuts) => Object.values(cuts)));
pdfmake.setLocalAccessPolicy((path) => own.has(path));
pdfmake.setUrlAccessPolicy(() => false);
// Read once, and unpacked: a packed font is unpacked anew for every letter. Its types do not know that it can be told.
const { virtualfs } = pdfmake as unknown as {
  virtualfs: { writeFileSync(path: string, file: Buffer): void };
};
for (const path of own) virtualfs.writeFileSync(path, unpackedFont(path));

/** Sides of a page that are left free, pt. */
const margins: [number, number, number, number] = [mm(16), mm(14), mm(16), mm(16)];

/** Width of what is printed on a page, pt. */
export function printedWidth(paper: PaperName, landscape = false): number {
  const { widthMm, heightMm } = papers[paper];
  return mm(landscape ? heightMm : widthMm) - margins[0] - margins[2];
}

/** Turns sheets into one file: every page with its name and number, every font embedded. */
export async function makePdf(title: string, paper: PaperName, sheets: readonly Sheets[]): Promise<Buffer> {
  const { widthMm, heightMm } = papers[paper];
  const definition = {
    info: { title, creator: 'Tawny Beaker', producer: 'Tawny Beaker' },
    lang: 'en-GB',
    compress: true,
    defaultStyle: { font: 'Text', fontSize: 10, lineHeight: 1.15 },
    pageSize: { width: mm(widthMm), height: mm(heightMm) },
    pageMargins: margins,
    content: sheets.map(({ name, content, landscape = false, bare = false }) => ({
      section: content,
      pageOrientation: landscape ? 'landscape' : 'portrait',
      pageMargins: bare ? [0, 0, 0, 0] : margins,
      header: null,
      footer: bare ? null : (page: number, pages: number) => footOf(name, page, pages),
    })),
  };
  return pdfmake.createPdf(definition as unknown as TDocumentDefinitions).getBuffer();
}

const footOf = (name: string, page: number, pages: number): Content => ({
  columns: [
    { ...words(name, { size: 8, color: ink.soft }), width: '*' },
    { ...words(`${page} of ${pages}`, { size: 8, color: ink.soft }), width: 'auto' },
  ],
  margin: [margins[0], mm(4), margins[2], 0],
});
