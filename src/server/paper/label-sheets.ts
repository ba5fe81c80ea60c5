import type { Content } from 'pdfmake/interfaces';
import { create } from 'qrcode';
import { labelSpots, type LabelSheet, type LabelText } from '../../core/labels';
import type { Sheets } from './make-pdf';
import { mm } from './parts';
import { fitted, words } from './words';

/** An address as squares, as large as there is room, with four free ones around it as readers ask (ISO/IEC 18004). */
function codeAt(address: string, side: number, x: number, y: number): Content {
  const { modules } = create(address, { errorCorrectionLevel: 'M' });
  const each = side / (modules.size + 8);
  const runs: object[] = [];
  for (let row = 0; row < modules.size; row += 1) {
    for (let from = 0; from < modules.size; from += 1) {
      if (!modules.get(row, from)) continue;
      let until = from;
      while (until + 1 < modules.size && modules.get(row, until + 1)) until += 1;
      runs.push({
        ...{ type: 'rect', x: (from + 4) * each, y: (row + 4) * each, w: (until - from + 1) * each },
        ...{ h: each * 1.01, color: '#000000' },
      });
      from = until;
    }
  }
  return { canvas: runs, absolutePosition: { x, y } } as Content;
}

export interface LabelsAsked {
  sheet: LabelSheet;
  /** The place of the first label left on the first sheet, from 1. */
  startAt: number;
  /** Lines where labels end: for a trial on plain paper. */
  borders: boolean;
}

/** Kept free inside a label, mm: printers pull paper a little crooked. */
const insetMm = 2;

/** Labels where the sheet has them. */
export function labelSheetsOf(texts: readonly LabelText[], { sheet, startAt, borders }: LabelsAsked): Sheets {
  const spots = labelSpots(sheet, texts.length, startAt);
  const sheets = Math.max(1, ...spots.map((spot) => spot.sheet + 1));
  return {
    name: 'Labels',
    bare: true,
    content: Array.from({ length: sheets }, (_, i): Content => ({
      stack: [
        { text: ' ', fontSize: 1 },
        ...spots.flatMap((spot, at): Content[] =>
          spot.sheet === i
            ? [...(borders ? [borderOf(sheet, spot)] : []), ...labelAt(texts[at]!, sheet, spot)]
            : [],
        ),
      ],
      ...(i > 0 && { pageBreak: 'before' }),
    })),
  };
}

const borderOf = (
  { widthMm, heightMm }: LabelSheet,
  { xMm, yMm }: { xMm: number; yMm: number },
): Content => ({
  canvas: [
    { type: 'rect', x: 0, y: 0, w: mm(widthMm), h: mm(heightMm), lineWidth: 0.4, lineColor: '#8a8a8a' },
  ],
  absolutePosition: { x: mm(xMm), y: mm(yMm) },
});

function labelAt(
  { large, lines, code }: LabelText,
  { widthMm, heightMm }: LabelSheet,
  spot: { xMm: number; yMm: number },
): Content[] {
  const [x, y] = [mm(spot.xMm + insetMm), mm(spot.yMm + insetMm)];
  const [width, height] = [mm(widthMm - 2 * insetMm), mm(heightMm - 2 * insetMm)];
  const square = code === null ? 0 : Math.min(height + mm(insetMm), 0.45 * width);
  const room = width - (square > 0 ? square + 4 : 0);
  const big = fitted(large, room, { size: Math.min(20, height * 0.36), least: 5.5, bold: true });
  const bigHeight = big.size * 1.2;
  const each = Math.min(9, Math.max(4.5, (height - bigHeight) / Math.max(1, lines.length) / 1.2));
  const fit = Math.max(0, Math.floor((height - bigHeight + 0.5) / (each * 1.2)));
  const put = (text: string, size: number, at: number, bold: boolean): Content => ({
    ...words(text, { size, bold }),
    noWrap: true,
    lineHeight: 1,
    absolutePosition: { x, y: y + at },
  });
  return [
    put(big.text, big.size, 0, true),
    ...lines.slice(0, fit).map((text, i) => {
      const line = fitted(text, room, { size: each, least: 4 });
      return put(line.text, line.size, bigHeight + i * each * 1.2, false);
    }),
    ...(code === null ? [] : [codeAt(code, square, x + width - square, y + (height - square) / 2)]),
  ];
}
