import type { CanvasRect, Content } from 'pdfmake/interfaces';
import { create } from 'qrcode';
import { labelSheets, labelSpots, type LabelSheet, type LabelText } from '../../core/labels';
import { refusedField } from '../problems/problem';
import type { Sheets } from './make-pdf';
import { mm } from './parts';
import { fitted, words, wrapped } from './words';

/** An address as squares, as large as there is room, with four free ones around it as readers ask (ISO/IEC 18004). */
function codeAt(address: string, side: number, x: number, y: number): Content {
  const { modules } = create(address, { errorCorrectionLevel: 'M' });
  const each = side / (modules.size + 8);
  const at = (length: number) => (length * each).toFixed(3);
  let d = '';
  for (let row = 0; row < modules.size; row += 1) {
    for (let from = 0; from < modules.size; from += 1) {
      if (!modules.get(row, from)) continue;
      let until = from;
      while (until + 1 < modules.size && modules.get(row, until + 1)) until += 1;
      // One path for all of it, each row a hair taller than it is, so that no line shows between two.
      const [left, top, right] = [x + (from + 4) * each, y + (row + 4) * each, until - from + 1];
      d += `M${left.toFixed(3)} ${top.toFixed(3)}h${at(right)}v${at(1.01)}h-${at(right)}z`;
      from = until;
    }
  }
  // A path is drawn where it says, wherever what holds it stands.
  const path = { type: 'path', d, color: '#000000' } as unknown as CanvasRect;
  return { canvas: [path], absolutePosition: { x: 0, y: 0 } };
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
  requireRoom(texts, sheet);
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

interface Line {
  text: string;
  size: number;
  bold: boolean;
}

/** Letters smaller than this are not read, pt. */
const least = 5;
const [largest, lineHeight] = [9, 1.2];

/** Lines as large as there is room for; null: not all that must stand there does. */
function linesOf({ large, lines, whole }: LabelText, room: number, height: number): Line[] | null {
  const big = fitted(large, room, { size: Math.min(20, height * 0.36), least: 5.5, bold: true });
  const head: Line = { ...big, bold: true };
  const left = height - big.size * lineHeight + 0.5;
  if (whole === null) {
    const size = Math.min(largest, Math.max(least, left / Math.max(1, lines.length) / lineHeight));
    const fit = Math.max(0, Math.floor(left / (size * lineHeight)));
    return [
      head,
      ...lines.slice(0, fit).map((text) => ({ ...fitted(text, room, { size, least }), bold: false })),
    ];
  }
  for (let size = largest; size >= least; size -= 0.5) {
    const all = [...lines, whole].flatMap((text) => wrapped(text, room, size));
    if (all.length * size * lineHeight <= left)
      return [head, ...all.map((text) => ({ text, size, bold: false }))];
  }
  return null;
}

const inside = ({ widthMm, heightMm }: LabelSheet) => ({
  width: mm(widthMm - 2 * insetMm),
  height: mm(heightMm - 2 * insetMm),
});

/**
 * What of an allergen, a date or a temperature would be cut off is not printed at all.
 *
 * @throws Problem 422 with the sheets that have room for it
 */
function requireRoom(texts: readonly LabelText[], sheet: LabelSheet): void {
  const holds = (one: LabelSheet) => {
    const { width, height } = inside(one);
    return texts.every((text) => text.whole === null || linesOf(text, width, height) !== null);
  };
  if (holds(sheet)) return;
  const others = labelSheets.filter(holds).map(({ id }) => id);
  throw refusedField(
    '/sheet',
    sheet.id,
    others.length > 0
      ? `a sheet with room for allergens and dates to their last word: ${others.join(', ')}`
      : 'no sheet has room for so many allergens: write them by hand',
  );
}

function labelAt(text: LabelText, sheet: LabelSheet, spot: { xMm: number; yMm: number }): Content[] {
  const [x, y] = [mm(spot.xMm + insetMm), mm(spot.yMm + insetMm)];
  const { width, height } = inside(sheet);
  const { code } = text;
  const square = code === null ? 0 : Math.min(height + mm(insetMm), 0.45 * width);
  const lines = linesOf(text, width - (square > 0 ? square + 4 : 0), height) ?? [];
  let down = 0;
  return [
    ...lines.map(({ text: said, size, bold }): Content => {
      const at = y + down;
      down += size * lineHeight;
      return { ...words(said, { size, bold }), noWrap: true, lineHeight: 1, absolutePosition: { x, y: at } };
    }),
    ...(code === null ? [] : [codeAt(code, square, x + width - square, y + (height - square) / 2)]),
  ];
}
