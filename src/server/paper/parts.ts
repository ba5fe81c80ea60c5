import type { Content, ContentTable, CustomTableLayout, TableCell } from 'pdfmake/interfaces';
import { words, type Look } from './words';

/** Colours of a page: they are told apart on a black-and-white printer as well. */
export const ink = { soft: '#5c4a3d', rule: '#b9a78f', tawny: '#7e3b12', wash: '#f3e9d8' };

export const mm = (value: number): number => (value * 72) / 25.4;

export const heading = (text: string): Content => ({
  ...words(text, { font: 'Heading', size: 17 }),
  margin: [0, 0, 0, 2],
});

export const under = (text: string): Content => ({
  ...words(text, { size: 10, color: ink.soft }),
  margin: [0, 0, 0, 8],
});

const part = (text: string) => ({
  ...words(text, { font: 'Heading', size: 12, color: ink.tawny }),
  margin: [0, 10, 0, 3] as [number, number, number, number],
});

export const line = (
  text: string,
  look: Look = {},
  margin: [number, number, number, number] = [0, 0, 0, 2],
) => ({
  ...words(text, { size: 10, ...look }),
  margin,
});

/**
 * A heading with what stands under it, the first of that on its page; nothing where nothing does. No page is ever asked
 * whether a heading is alone on it: what is laid out a second time comes out in other places.
 */
export const told = (title: string, [first, ...rest]: readonly (string | Content)[]): Content[] => {
  const shown = (one: string | Content) => (typeof one === 'string' ? line(one) : one);
  return first === undefined
    ? []
    : [{ stack: [part(title), shown(first)], unbreakable: true }, ...rest.map(shown)];
};

/** A box to tick, drawn: no font is asked for it. */
export const box = (size = 9): Content => ({
  canvas: [{ type: 'rect', x: 0, y: 1, w: size, h: size, lineWidth: 0.8, lineColor: '#2b1e15' }],
});

/** @param top the row its line stands above: what is above that is a heading */
const layoutOf = (grid: boolean, top: number): CustomTableLayout => ({
  hLineWidth: (i, node) => {
    if (i < top) return 0;
    if (i === top || i === node.table.body.length) return 0.8;
    return i === node.table.headerRows ? 1 : 0.4;
  },
  vLineWidth: (i, node) => (grid && i > 0 && i < node.table.body[0]!.length ? 0.4 : 0),
  hLineColor: () => ink.rule,
  vLineColor: () => ink.rule,
  paddingLeft: (i) => (i === 0 ? 0 : 5),
  paddingRight: () => 3,
  paddingTop: (i) => (i < top ? 0 : grid ? 5 : 3),
  paddingBottom: (i) => (i < top ? 0 : grid ? 5 : 3),
});

export interface Column {
  head: string;
  width: number | '*' | 'auto';
  right?: boolean;
}

export type CellText = string | (Look & { text: string }) | { cell: Content };

export interface TableLook {
  size?: number;
  /** Lines between columns, and room to write. */
  grid?: boolean;
  /** A heading: it stands above the head of the table, on every page. */
  title?: string;
}

/** A table whose head stands on every page, and whose rows are never parted. */
export function table(
  columns: readonly Column[],
  rows: readonly (readonly CellText[])[],
  { size = 9.5, grid = false, title }: TableLook = {},
): Content {
  const align = (i: number) => (columns[i]!.right ? { alignment: 'right' as const } : {});
  const titleRow: TableCell[] =
    title === undefined
      ? []
      : [{ ...part(title), colSpan: columns.length }, ...columns.slice(1).map(() => '')];
  const titleRows = titleRow.length > 0 ? [titleRow] : [];
  const body: TableCell[][] = [
    ...titleRows,
    columns.map(({ head }, i) => ({
      ...words(head, { bold: true, size: size - 0.5, color: ink.soft }),
      ...align(i),
    })),
    ...rows.map((row) =>
      row.map((cell, i): TableCell => {
        if (typeof cell === 'string') return { ...words(cell, { size }), ...align(i) };
        if ('cell' in cell) return cell.cell;
        return { ...words(cell.text, { size, ...cell }), ...align(i) };
      }),
    ),
  ];
  const made: ContentTable = {
    table: {
      headerRows: titleRows.length + 1,
      keepWithHeaderRows: 1,
      dontBreakRows: true,
      widths: columns.map(({ width }) => width),
      body,
    },
    layout: layoutOf(grid, titleRows.length),
  };
  return made;
}

/** Empty lines to write on, as wide as the page allows. */
export const blanks = (count: number, width: number): Content => ({
  canvas: Array.from({ length: count }, (_, i) => ({
    ...{ type: 'line' as const, x1: 0, x2: width, lineWidth: 0.5, lineColor: ink.rule },
    ...{ y1: 18 * (i + 1), y2: 18 * (i + 1) },
  })),
  margin: [0, 0, 0, 4],
});
