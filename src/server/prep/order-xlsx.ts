import ExcelJS from 'exceljs';
import { calendarDay } from '../../core/days';
import { storeWords } from '../../core/order';
import type { MadeOrder } from './orders';

/** Text as a spreadsheet takes it: it is given as text, so nothing of it is run. */
const bold = { bold: true };
const amount = '#,##0.##';
const money = '#,##0.00';

/**
 * An order as a workbook whose sums are live: change the stations or the grams of a treatment on the second sheet, or what
 * is in stock and how many packs on the first, and what is needed, left over and paid follows.
 */
export async function xlsxOfOrder({ order, ordered }: MadeOrder): Promise<Buffer> {
  const book = new ExcelJS.Workbook();
  const sheet = book.addWorksheet('Order', { views: [{ state: 'frozen', ySplit: 1 }] });
  const needs = book.addWorksheet('Needs', { views: [{ state: 'frozen', ySplit: 1 }] });
  needs.columns = [
    { header: 'Ingredient', width: 26 },
    { header: 'Class', width: 12 },
    { header: 'Lesson', width: 36 },
    { header: 'Day', width: 12 },
    { header: 'Treatment', width: 28 },
    { header: 'Batches', width: 10 },
    { header: 'Each, g', width: 10, style: { numFmt: amount } },
    { header: 'Lost, %', width: 10 },
    { header: 'Together, g', width: 13, style: { numFmt: amount } },
  ];
  const runs = new Map(ordered.map((run) => [run.id, run]));
  for (const line of order.lines) {
    for (const part of line.parts) {
      const run = runs.get(part.runId)!;
      const each = part.gramsEach;
      const at = needs.rowCount + 1;
      const lost = each && part.grams ? Math.round((part.grams / (each * part.batches) - 1) * 1e6) / 1e4 : 0;
      needs.addRow([
        ...[
          line.name,
          run.className,
          run.title,
          calendarDay(run.startsAt),
          part.treatment,
          part.batches,
          each ?? '',
          lost,
        ],
        each === null ? part.note : { formula: `F${at}*G${at}*(1+H${at}/100)`, result: part.grams ?? 0 },
      ]);
    }
  }
  sheet.columns = [
    { header: 'Store', width: 20 },
    { header: 'Ingredient', width: 26 },
    { header: 'Needed, g', width: 12, style: { numFmt: amount } },
    { header: 'In stock, g', width: 12, style: { numFmt: amount } },
    { header: 'Buy on', width: 12 },
    { header: 'Pack, g', width: 10, style: { numFmt: amount } },
    { header: 'Packs', width: 8 },
    { header: 'Price of one', width: 12, style: { numFmt: money } },
    { header: 'Bought, g', width: 12, style: { numFmt: amount } },
    { header: 'Left over, g', width: 12, style: { numFmt: amount } },
    { header: 'To pay', width: 10, style: { numFmt: money } },
    { header: 'Supplier', width: 18 },
  ];
  const last = needs.rowCount;
  for (const line of order.lines) {
    const first = sheet.rowCount + 1;
    const packs = line.purchases.flatMap(({ buyOn, packs: chosen, boughtG }) =>
      chosen.length === 0
        ? [{ buyOn, sizeG: boughtG, count: 1, price: null }]
        : chosen.map(({ pack, count }) => ({ buyOn, sizeG: pack.sizeG, count, price: pack.price })),
    );
    const rows = packs.length === 0 ? [null] : packs;
    const until = first + rows.length - 1;
    rows.forEach((pack, i) => {
      const at = first + i;
      const row = sheet.addRow([
        ...[storeWords[line.store], line.name],
        i === 0
          ? { formula: `SUMIFS(Needs!I$2:I$${last},Needs!A$2:A$${last},B${at})`, result: line.neededG }
          : '',
        i === 0 ? line.fromStockG : '',
        ...(pack
          ? [calendarDay(pack.buyOn), pack.sizeG, pack.count, pack.price ?? '']
          : [line.outOf ? `out of ${line.outOf}` : 'in stock', '', '', '']),
        pack ? { formula: `F${at}*G${at}`, result: pack.sizeG * pack.count } : '',
        i === 0 && line.outOf === null
          ? {
              formula: `D${first}+SUM(I${first}:I${until})-C${first}`,
              result:
                line.fromStockG +
                line.purchases.reduce((sum, { boughtG }) => sum + boughtG, 0) -
                line.neededG,
            }
          : '',
        pack && pack.price !== null ? { formula: `G${at}*H${at}`, result: pack.price * pack.count } : '',
        line.suppliers.join(', '),
      ]);
      row.commit();
    });
  }
  const end = sheet.rowCount;
  const total = sheet.addRow([
    '',
    'To pay',
    '',
    '',
    '',
    '',
    '',
    '',
    '',
    '',
    end > 1 ? { formula: `SUM(K2:K${end})`, result: order.toPay } : 0,
  ]);
  total.font = bold;
  for (const one of [sheet, needs]) one.getRow(1).font = bold;
  for (const one of [sheet, needs]) {
    one.pageSetup = {
      fitToPage: true,
      fitToWidth: 1,
      fitToHeight: 0,
      orientation: 'landscape',
      printTitlesRow: '1:1',
    };
  }
  return Buffer.from(await book.xlsx.writeBuffer());
}
