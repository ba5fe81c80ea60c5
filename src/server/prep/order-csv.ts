import Papa from 'papaparse';
import { calendarDay } from '../../core/days';
import { freshWords, packWords, storeWords } from '../../core/order';
import { formula, inert } from '../csv/formula';
import type { MadeOrder } from './orders';

const columns = [
  ...[
    'store',
    'ingredient',
    'needed_g',
    'in_stock_g',
    'to_buy_g',
    'buy_on',
    'packs',
    'bought_g',
    'left_over_g',
  ],
  ...['price', 'keeps_until', 'supplier', 'remark'],
];

const grams = (value: number) => Math.round(value * 100) / 100;

/** An order as a file for a spreadsheet: one line for each thing and day it is bought on. */
export function csvOfOrder({ order }: MadeOrder): string {
  const rows = order.lines.flatMap((line) => {
    const head = [storeWords[line.store], line.name, grams(line.neededG), grams(line.fromStockG)];
    if (line.purchases.length === 0)
      return [[...head, 0, '', line.outOf ? `out of ${line.outOf}` : 'in stock', '', '', '', '', '', '']];
    return line.purchases.map((one, i) => [
      ...(i === 0 ? head : [head[0], head[1], '', '']),
      ...[grams(one.neededG), calendarDay(one.buyOn), packWords(one.packs) || 'by mass'],
      ...[grams(one.boughtG), grams(one.leftG), one.cost ?? ''],
      ...[one.keepsUntil === null ? '' : calendarDay(one.keepsUntil), line.suppliers.join(', ')],
      freshWords(one),
    ]);
  });
  return `\uFEFF${Papa.unparse({ fields: columns, data: rows.map((row) => row.map(inert)) }, { escapeFormulae: formula, newline: '\r\n' })}\r\n`;
}
