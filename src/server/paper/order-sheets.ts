import type { OrderAnswer } from '../../contract/prep';
import { clockWords, dayWords } from '../../core/days';
import { counted, formatNumber } from '../../core/format';
import {
  freshWords,
  leftWords,
  massWords,
  purchaseWords,
  storeWords,
  stores,
  type OrderLine,
} from '../../core/order';
import type { Sheets } from './make-pdf';
import { box, heading, line, table, told, under, type CellText } from './parts';

const money = (value: number | null) => (value === null ? '' : formatNumber(value, 2));

/** The order as a list for the shop or the store, by where things are kept. */
export function orderSheets(order: OrderAnswer): Sheets {
  const { runs, lines, costs } = order;
  const last = runs.at(-1);
  const days = runs.length === 0 ? '' : `${dayWords(runs[0]!.startsAt)} to ${dayWords(last!.startsAt)}`;
  return {
    name: `Order · ${days}`,
    content: [
      heading('To buy and to bring'),
      under(`${days} · ${counted(runs.length, 'lesson')}, what is in stock taken off`),
      ...stores.flatMap((store) => {
        const own = lines.filter((one) => one.store === store);
        return own.length === 0 ? [] : [linesTable(storeWords[store], own)];
      }),
      ...untold(order),
      ...over(order),
      line(
        `To pay ${formatNumber(order.toPay, 2)}${order.unpriced > 0 ? `, and ${counted(order.unpriced, 'purchase')} whose price nobody has given` : ''}`,
        { bold: true, size: 11 },
        [0, 8, 0, 4],
      ),
      table(
        [
          { head: 'lesson', width: '*' },
          { head: 'stations, spares', width: 80 },
          { head: 'costs', width: 50, right: true },
          { head: 'a station', width: 50, right: true },
          { head: 'a student', width: 50, right: true },
        ],
        runs.map((run): CellText[] => {
          const cost = costs.find(({ runId }) => runId === run.id);
          return [
            `${run.className} · ${run.title}, ${dayWords(run.startsAt)} ${clockWords(run.startsAt)}`,
            `${run.stations}${run.ways.spares > 0 ? `, ${run.ways.spares} a level` : ''}${run.ways.demonstration ? ', 1 shown' : ''}`,
            money(cost?.cost ?? null),
            money(cost?.perStation ?? null),
            money(cost?.perStudent ?? null),
          ];
        }),
        { title: 'Lessons' },
      ),
    ],
  };
}

function linesTable(title: string, lines: readonly OrderLine[]) {
  return table(
    [
      { head: '', width: 12 },
      { head: 'what', width: '*' },
      { head: 'needed', width: 54, right: true },
      { head: 'in stock', width: 48, right: true },
      { head: 'buy', width: 128 },
      { head: 'left over', width: 48, right: true },
      { head: 'price', width: 38, right: true },
    ],
    lines.flatMap((one) => rowsOf(one)),
    { title },
  );
}

function rowsOf(one: OrderLine): CellText[][] {
  const head: CellText[] = [
    { cell: box() },
    { text: one.suppliers.length > 0 ? `${one.name} (${one.suppliers.join(', ')})` : one.name },
    massWords(one.neededG, one.pieceG),
    one.fromStockG > 0 ? massWords(one.fromStockG) : '–',
  ];
  if (one.purchases.length === 0) {
    return [
      [
        ...head,
        one.outOf ? `out of ${one.outOf}` : 'in stock',
        one.outOf ? '' : massWords(Math.max(0, one.stockG - one.neededG)),
        '',
      ],
    ];
  }
  return one.purchases.map((bought, i): CellText[] => {
    const fresh =
      bought.keepsUntil === null && one.purchases.length === 1 ? '' : `, ${dayWords(bought.buyOn)}`;
    const until = bought.keepsUntil === null ? '' : `; keeps to ${dayWords(bought.keepsUntil)}`;
    return [
      ...(i === 0 ? head : [{ cell: box() }, '', '', '']),
      [`${purchaseWords(bought, one.pieceG)}${fresh}${until}`, freshWords(bought)].filter(Boolean).join('; '),
      massWords(bought.leftG),
      money(bought.cost),
    ];
  });
}

const over = ({ after, byProducts }: OrderAnswer) =>
  told('Left over', leftWords(after.goesOff, byProducts, dayWords));

const untold = ({ open }: OrderAnswer) =>
  told(
    'Not counted',
    open.map(({ name, notes }) => `${name}: ${notes.join('; ')}.`),
  );
