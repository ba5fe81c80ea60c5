import ExcelJS from 'exceljs';
import { calendarDay } from '../../core/days';
import { freshWords, storeWords, type OrderLine } from '../../core/order';
import type { MadeOrder } from './orders';

/** What of an order goes into its workbook: plain, as a thread is given it. */
export type OrderTables = Pick<MadeOrder, 'order' | 'ordered'>;

const amount = { numFmt: '#,##0.##' };
const money = { numFmt: '#,##0.00' };

/**
 * An order as a workbook whose sums are live: change the stations or the grams of a treatment on the second sheet, or what
 * is in stock and how many packs on the first, and what is needed, left over and paid follows. Words go in as text, so that
 * nothing of them is run.
 */
export async function xlsxOfOrder(made: OrderTables): Promise<Buffer> {
  const book = new ExcelJS.Workbook();
  const order = book.addWorksheet('Order', { views: [{ state: 'frozen', ySplit: 1 }] });
  const needs = book.addWorksheet('Needs', { views: [{ state: 'frozen', ySplit: 1 }] });
  fillNeeds(needs, made);
  fillOrder(order, made, needs.rowCount);
  for (const sheet of [order, needs]) {
    sheet.getRow(1).font = { bold: true };
    sheet.pageSetup = {
      ...{ fitToPage: true, fitToWidth: 1, fitToHeight: 0 },
      ...{ orientation: 'landscape', printTitlesRow: '1:1' },
    };
  }
  return Buffer.from(await book.xlsx.writeBuffer());
}

/** What each treatment of each lesson takes: batches × grams, with what is lost. */
function fillNeeds(sheet: ExcelJS.Worksheet, { order, ordered }: OrderTables): void {
  sheet.columns = [
    { header: 'Ingredient', width: 26 },
    { header: 'Class', width: 12 },
    { header: 'Lesson', width: 36 },
    { header: 'Day', width: 12 },
    { header: 'Treatment', width: 28 },
    { header: 'Batches', width: 10 },
    { header: 'Each, g', width: 10, style: amount },
    { header: 'Lost, %', width: 10 },
    { header: 'Together, g', width: 13, style: amount },
    { header: 'Line', width: 6 },
    { header: 'Remark', width: 40 },
  ];
  const runs = new Map(ordered.map((run) => [run.id, run]));
  for (const [i, line] of order.lines.entries()) {
    for (const { runId, treatment, batches, gramsEach: each, grams, note } of line.parts) {
      const { className, title, startsAt } = runs.get(runId)!;
      const at = sheet.rowCount + 1;
      const lost = each && grams ? Math.round((grams / (each * batches) - 1) * 1e6) / 1e4 : 0;
      sheet.addRow([
        ...[line.name, className, title, calendarDay(startsAt), treatment, batches, each ?? '', lost],
        each === null ? note : { formula: `F${at}*G${at}*(1+H${at}/100)`, result: grams ?? 0 },
        i + 1,
      ]);
    }
  }
}

/** What is needed, in stock, and bought in which packs on which day. */
function fillOrder(sheet: ExcelJS.Worksheet, { order }: OrderTables, lastNeed: number): void {
  sheet.columns = [
    { header: 'Store', width: 20 },
    { header: 'Ingredient', width: 26 },
    { header: 'Needed, g', width: 12, style: amount },
    { header: 'In stock, g', width: 12, style: amount },
    { header: 'Buy on', width: 12 },
    { header: 'Pack, g', width: 10, style: amount },
    { header: 'Packs', width: 8 },
    { header: 'Price of one', width: 12, style: money },
    { header: 'Bought, g', width: 12, style: amount },
    { header: 'Left over, g', width: 12, style: amount },
    { header: 'To pay', width: 10, style: money },
    { header: 'Supplier', width: 18 },
    { header: 'Line', width: 6 },
  ];
  for (const [i, line] of order.lines.entries()) addLine(sheet, line, { number: i + 1, lastNeed });
  const end = sheet.rowCount;
  const sum = end > 1 ? { formula: `SUM(K2:K${end})`, result: order.toPay } : 0;
  const total = sheet.addRow(['', 'To pay', '', '', '', '', '', '', '', '', sum]);
  total.font = { bold: true };
}

/**
 * One row for each kind of pack; what is needed and left over in the first. Lines find each other by their numbers: a name
 * may be what a spreadsheet takes for a pattern.
 */
function addLine(
  sheet: ExcelJS.Worksheet,
  line: OrderLine,
  { number, lastNeed }: { number: number; lastNeed: number },
): void {
  const first = sheet.rowCount + 1;
  const { neededG, fromStockG, purchases, outOf, suppliers } = line;
  const packs = purchases.flatMap((one) => {
    const { buyOn, packs: chosen, boughtG } = one;
    const remark = freshWords(one);
    return chosen.length === 0
      ? [{ buyOn, sizeG: boughtG, count: 1, price: null, remark }]
      : chosen.map(({ pack, count }) => ({ buyOn, sizeG: pack.sizeG, count, price: pack.price, remark }));
  });
  const rows = packs.length === 0 ? [null] : packs;
  const until = first + rows.length - 1;
  const bought = purchases.reduce((sum, { boughtG }) => sum + boughtG, 0);
  const needed = {
    formula: `SUMIFS(Needs!I$2:I$${lastNeed},Needs!J$2:J$${lastNeed},M${first})`,
    result: neededG,
  };
  const left = {
    formula: `D${first}+SUM(I${first}:I${until})-C${first}`,
    result: fromStockG + bought - neededG,
  };
  rows.forEach((pack, i) => {
    const at = first + i;
    const nothing = [outOf ? `out of ${outOf}` : 'in stock', '', '', '', ''];
    sheet.addRow([
      ...[storeWords[line.store], line.name, i === 0 ? needed : '', i === 0 ? fromStockG : ''],
      ...(pack
        ? [
            ...[calendarDay(pack.buyOn), pack.sizeG, pack.count, pack.price ?? ''],
            { formula: `F${at}*G${at}`, result: pack.sizeG * pack.count },
          ]
        : nothing),
      i === 0 && outOf === null ? left : '',
      pack && pack.price !== null ? { formula: `G${at}*H${at}`, result: pack.price * pack.count } : '',
      suppliers.join(', '),
      number,
      pack?.remark ?? '',
    ]);
  });
}
