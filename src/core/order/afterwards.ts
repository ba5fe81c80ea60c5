import { listed } from '../format';
import { inSentence } from '../practical';
import type { Order, OrderLine } from './order';
import { massWords } from './order-words';
import { ingredientKey, type Pantry } from './products';

/** What is left of something that was bought fresh and does not keep. */
export interface GoesOff {
  name: string;
  grams: number;
  /** The last day it keeps unopened, at its midnight. */
  keepsUntil: number;
}

/** What is there when an order has been bought and its lessons are over. */
export interface Afterwards {
  stock: { ingredient: string; grams: number }[];
  goesOff: GoesOff[];
}

/**
 * What an order leaves, by ingredient: what goes into stock, and what was bought fresh and does not keep until it would be
 * wanted. Of what stood in stock before nobody knows how old it is: it stays as the school has it.
 *
 * @param wantedOn the day leftovers are counted on, ms at midnight
 */
export function afterwards(order: Order, pantry: Pantry, wantedOn: number): Afterwards {
  const lines = new Map(order.lines.map((line) => [line.key, line]));
  const bought = order.lines.filter(({ purchases }) => purchases.length > 0);
  const counted = new Set<string>();
  const before = pantry.stock.flatMap(({ ingredient, grams }) => {
    const key = ingredientKey({ name: ingredient });
    const line = lines.get(key);
    if (!line || line.outOf !== null) return [{ ingredient, grams }];
    if (counted.has(key)) return [];
    counted.add(key);
    return keeps(line, wantedOn) ? [{ ingredient, grams: leftOf(line) }] : [];
  });
  const fresh = bought
    .filter((line) => !counted.has(line.key) && keeps(line, wantedOn))
    .map((line) => ({ ingredient: line.name, grams: leftOf(line) }));
  const goesOff = bought
    .filter((line) => !keeps(line, wantedOn))
    .map((line) => ({ name: line.name, grams: leftOf(line), keepsUntil: lastDay(line)! }));
  const some = ({ grams }: { grams: number }) => grams > 0.05;
  return { stock: [...before, ...fresh].filter(some), goesOff: goesOff.filter(some) };
}

/**
 * What is left over and will not be stock, in sentences: what goes off, and what is over of something bought whole.
 *
 * @param day a day in words
 */
export function leftWords(
  goesOff: readonly GoesOff[],
  byProducts: Order['byProducts'],
  day: (at: number) => string,
): string[] {
  const off = goesOff.map(
    ({ name, grams, keepsUntil }) => `${massWords(grams)} ${inSentence(name)} (to ${day(keepsUntil)})`,
  );
  return [
    ...(off.length > 0
      ? [
          `Left over, and not kept to the week after: ${listed(off)}, unopened; opened as the label says, and not put into stock.`,
        ]
      : []),
    ...byProducts.map(
      ({ name, grams, couldGoTo }) =>
        `${massWords(grams)} ${inSentence(name)} is left over${couldGoTo.length > 0 ? ', which another of these lessons takes' : ': no lesson of these days takes it'}.`,
    ),
  ];
}

const lastDay = ({ purchases }: OrderLine) => purchases.at(-1)?.keepsUntil ?? null;

function keeps(line: OrderLine, wantedOn: number): boolean {
  const until = lastDay(line);
  return until === null || until >= wantedOn;
}

const leftOf = ({ stockG, neededG, purchases }: OrderLine) =>
  Math.max(
    0,
    Math.round((stockG + purchases.reduce((sum, { boughtG }) => sum + boughtG, 0) - neededG) * 10) / 10,
  );
