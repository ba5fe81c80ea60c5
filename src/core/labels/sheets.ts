import { requireWithin } from '../bounds';
import { papers, type PaperName } from '../paper';
import type { Source } from '../working';

export const labelSheetSource: Source = {
  kind: 'common-practice',
  text: 'Sheets of labels as stationers sell them, by the size of a label: two sheets of as many labels may differ, so print one on plain paper first',
};

/** How labels lie on a sheet, mm. */
export interface LabelSheet {
  id: string;
  paper: PaperName;
  across: number;
  down: number;
  widthMm: number;
  heightMm: number;
  /** From the left and upper edge of the paper to the first label. */
  leftMm: number;
  topMm: number;
  /** From a label to the next. */
  stepXMm: number;
  stepYMm: number;
}

/** Labels that lie in the middle of the sheet, `gap` mm between them. */
function centred(
  paper: PaperName,
  [across, down]: readonly [number, number],
  [widthMm, heightMm]: readonly [number, number],
  [gapX, gapY]: readonly [number, number],
): LabelSheet {
  const { widthMm: paperX, heightMm: paperY } = papers[paper];
  return {
    ...{ id: `${paper.toLowerCase()}-${across * down}`, paper, across, down, widthMm, heightMm },
    ...{ stepXMm: widthMm + gapX, stepYMm: heightMm + gapY },
    leftMm: (paperX - across * widthMm - (across - 1) * gapX) / 2,
    topMm: (paperY - down * heightMm - (down - 1) * gapY) / 2,
  };
}

const inch = 25.4;

/** Common sheets of 8 to 65 labels. */
export const labelSheets: readonly LabelSheet[] = [
  centred('A4', [2, 4], [99.1, 67.7], [2.5, 0]),
  centred('A4', [2, 7], [99.1, 38.1], [2.5, 0]),
  centred('A4', [3, 7], [63.5, 38.1], [2.5, 0]),
  centred('A4', [3, 8], [63.5, 33.9], [2.5, 0]),
  centred('A4', [4, 10], [45.7, 25.4], [2.5, 0]),
  centred('A4', [5, 13], [38.1, 21.2], [2.5, 0]),
  centred('Letter', [2, 5], [4 * inch, 2 * inch], [0.1875 * inch, 0]),
  centred('Letter', [2, 7], [4 * inch, 1.333 * inch], [0.1875 * inch, 0]),
  centred('Letter', [2, 10], [4 * inch, 1 * inch], [0.1875 * inch, 0]),
  centred('Letter', [3, 10], [2.625 * inch, 1 * inch], [0.125 * inch, 0]),
  centred('Letter', [4, 15], [1.75 * inch, 0.667 * inch], [0.3 * inch, 0]),
];

export const labelsOn = ({ across, down }: Pick<LabelSheet, 'across' | 'down'>): number => across * down;

/** Where a label lies: which sheet of the pile, and its left upper corner on it, mm. */
export interface LabelSpot {
  sheet: number;
  xMm: number;
  yMm: number;
}

/**
 * Where labels go, row by row, from a place on the first sheet whose labels before it are used up.
 *
 * @param startAt the place of the first one, from 1
 */
export function labelSpots(sheet: LabelSheet, count: number, startAt = 1): LabelSpot[] {
  const each = labelsOn(sheet);
  requireWithin('startAt', startAt, 1, each);
  requireWithin('count', count, 0, 2000, 'labels');
  return Array.from({ length: count }, (_, i) => {
    const place = i + Math.floor(startAt) - 1;
    const on = place % each;
    return {
      sheet: Math.floor(place / each),
      xMm: sheet.leftMm + (on % sheet.across) * sheet.stepXMm,
      yMm: sheet.topMm + Math.floor(on / sheet.across) * sheet.stepYMm,
    };
  });
}
