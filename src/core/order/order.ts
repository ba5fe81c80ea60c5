import { itemById, ingredientItems, type IngredientItem } from '../ingredients';
import { isPartOfWhole, wholesFor, type ByProduct } from './by-products';
import { usualKeepsDays, usualStore } from './keeps';
import { needsOf, type Need, type NeedPart, type OrderRun } from './needs';
import { cheapestPacks, type Pack } from './packs';
import { ingredientKey, type Pantry, type Product, type Store } from './products';

/** A pack on an order: the school’s own, or one as shops usually have it, without a price. */
export interface OrderPack extends Pack {
  product: Product | null;
}

/** What is bought of one thing on one day. */
export interface Purchase {
  /** The day, ms since 1970, at its midnight. */
  buyOn: number;
  runIds: string[];
  neededG: number;
  boughtG: number;
  leftG: number;
  packs: { pack: OrderPack; count: number }[];
  cost: number | null;
  /** The last day it keeps unopened, at its midnight; null: months. */
  keepsUntil: number | null;
  /** Whether it does until the last of its lessons: over a weekend what is bought on the last open day may not. */
  keepsToLesson: boolean;
}

/** One ingredient of an order. */
export interface OrderLine {
  key: string;
  name: string;
  store: Store;
  suppliers: string[];
  /** Mass of one, where it is counted. */
  pieceG: number | null;
  parts: NeedPart[];
  /** Of everything whose amount can be told. */
  neededG: number;
  stockG: number;
  /** What is there goes first, to the earliest lesson first. */
  fromStockG: number;
  purchases: Purchase[];
  /** The school’s own packs were used, and not the usual ones. */
  ownPacks: boolean;
  /** Nobody knows a pack: what is needed is bought by mass. */
  loose: boolean;
  /** It comes out of something bought whole: eggs for yolks. */
  outOf: string | null;
  /** Price of a gram; null where no price is known. */
  pricePerG: number | null;
}

/** What one run costs by what it takes, packs shared out by mass. */
export interface RunCost {
  runId: string;
  cost: number;
  perStation: number;
  perStudent: number | null;
  /** Ingredients of it whose price is not known: the cost is at least so much. */
  unpriced: number;
}

export interface Order {
  lines: OrderLine[];
  /** What is paid at the till; at least, where prices are missing. */
  toPay: number;
  unpriced: number;
  runs: RunCost[];
  byProducts: (ByProduct & { couldGoTo: string[] })[];
  /** What could not be counted. */
  open: { name: string; parts: NeedPart[] }[];
}

export interface OrderOptions {
  /** The day something is bought for a lesson, ms at midnight: the last day before it on which somebody can. */
  buyDayOf(lessonAt: number): number;
  /** Midnight of a day, days later. */
  dayAfter(day: number, days: number): number;
}

/** Everything some runs take together, with what is there taken off, in packs. */
export function orderOf(runs: readonly OrderRun[], pantry: Pantry, options: OrderOptions): Order {
  const dated = [...runs].sort((a, b) => a.startsAt - b.startsAt);
  const { needs, left } = gathered(dated, pantry);
  const first = dated[0] ? options.buyDayOf(dated[0].startsAt) : 0;
  const shop = new Shop(pantry, new Map(dated.map((run) => [run.id, run])), options, first);
  const lines = [...needs.values()].map((need) => shop.line(need));
  const purchases = lines.flatMap((line) => line.purchases);
  return {
    lines: lines.sort((a, b) => storeOrder(a.store) - storeOrder(b.store) || a.name.localeCompare(b.name)),
    toPay: cents(purchases.reduce((sum, { cost }) => sum + (cost ?? 0), 0)),
    unpriced: purchases.filter(({ cost }) => cost === null).length,
    runs: dated.map((run) => costOf(run, lines)),
    byProducts: left.map((one) => ({
      ...one,
      couldGoTo: lines
        .filter(({ key }) => key === one.key)
        .flatMap(({ parts }) => parts.map(({ runId }) => runId)),
    })),
    open: lines.flatMap(({ name, parts }) => {
      const unknown = parts.filter(({ grams }) => grams === null);
      return unknown.length === 0 ? [] : [{ name, parts: unknown }];
    }),
  };
}

const cents = (money: number) => Math.round(money * 100) / 100;
const storeOrder = (store: Store) => ['dry', 'cold', 'frozen', 'fresh'].indexOf(store);

/** Needs of all runs by ingredient; parts of something whole asked of that as well. */
function gathered(runs: readonly OrderRun[], pantry: Pantry) {
  const needs = new Map<string, Need & { outOf: string | null }>();
  const left: ByProduct[] = [];
  const own = new Set(pantry.products.map(({ ingredient }) => ingredientKey({ name: ingredient })));
  const add = ({ key, name, pieceG, parts }: Need) => {
    const known = needs.get(key);
    needs.set(key, {
      ...{ key, name: known?.name ?? name, pieceG: known?.pieceG ?? pieceG },
      ...{ parts: [...(known?.parts ?? []), ...parts], outOf: null },
    });
  };
  for (const run of runs) {
    const all = needsOf(run);
    all.forEach(add);
    const asked = new Map(
      all.flatMap(({ key, parts }) =>
        isPartOfWhole(key) && !own.has(key)
          ? [[key, parts.reduce((sum, { grams }) => sum + (grams ?? 0), 0)] as const]
          : [],
      ),
    );
    for (const { whole, pieces, pieceG, of, left: over } of wholesFor(asked)) {
      const words = of.map((part) => itemById(part).name).join(' and ');
      const part: NeedPart = {
        ...{ runId: run.id, treatmentId: null, treatment: `for ${words}`, batches: pieces },
        ...{ gramsEach: pieceG, grams: pieces * pieceG, note: '' },
      };
      add({ key: whole, name: itemById(whole).name, pieceG, parts: [part] });
      for (const key of of) needs.set(key, { ...needs.get(key)!, outOf: whole });
      left.push(...over);
    }
  }
  return { needs, left: together(left) };
}

function together(left: readonly ByProduct[]): ByProduct[] {
  const sums = new Map<string, ByProduct>();
  for (const one of left) sums.set(one.key, { ...one, grams: one.grams + (sums.get(one.key)?.grams ?? 0) });
  return [...sums.values()];
}

/** Puts what is needed into packs. */
class Shop {
  readonly #products = new Map<string, Product[]>();
  readonly #stock = new Map<string, number>();

  constructor(
    pantry: Pantry,
    readonly runs: ReadonlyMap<string, OrderRun>,
    readonly options: OrderOptions,
    readonly firstDay: number,
  ) {
    for (const product of pantry.products) {
      const key = ingredientKey({ name: product.ingredient });
      this.#products.set(key, [...(this.#products.get(key) ?? []), product]);
    }
    for (const { ingredient, grams } of pantry.stock) {
      const key = ingredientKey({ name: ingredient });
      this.#stock.set(key, (this.#stock.get(key) ?? 0) + grams);
    }
  }

  line({ key, name, pieceG, parts, outOf }: Need & { outOf: string | null }): OrderLine {
    const item = ingredientItems.find(({ id }) => id === key);
    const own = this.#products.get(key) ?? [];
    const packs = packsOf(own, item);
    const stockG = this.#stock.get(key) ?? 0;
    const neededG = parts.reduce((sum, { grams }) => sum + (grams ?? 0), 0);
    const said = own.flatMap(({ keepsDays }) => (keepsDays === null ? [] : [keepsDays]));
    const keeps = said.length > 0 ? Math.min(...said) : usualKeepsDays(item);
    const purchases = outOf === null ? this.#purchases(parts, { stockG, packs, keeps, pieceG }) : [];
    const perG = own.flatMap(({ price, packG }) => (price === null ? [] : [price / packG]));
    const paid = purchases.find(({ cost }) => cost !== null);
    return {
      ...{ key, name, pieceG, parts, neededG, stockG, outOf, purchases },
      store: own.find(({ store }) => store !== null)?.store ?? usualStore(item),
      suppliers: [...new Set(own.map(({ supplier }) => supplier).filter(Boolean))],
      fromStockG: outOf === null ? Math.min(stockG, neededG) : 0,
      ownPacks: own.length > 0,
      loose: outOf === null && packs.length === 0,
      pricePerG: paid ? paid.cost! / paid.boughtG : perG.length > 0 ? Math.min(...perG) : null,
    };
  }

  /** What is there goes to the earliest lesson; what keeps is bought at once, what does not in time for its lessons. */
  #purchases(
    parts: readonly NeedPart[],
    of: { stockG: number; packs: readonly OrderPack[]; keeps: number | null; pieceG: number | null },
  ): Purchase[] {
    const { keeps } = of;
    let there = of.stockG;
    const groups: Pick<Purchase, 'buyOn' | 'runIds' | 'neededG' | 'keepsToLesson'>[] = [];
    const keepsTo = (buyOn: number, lessonAt: number) =>
      keeps === null || lessonAt < this.options.dayAfter(buyOn, keeps + 1);
    for (const [runId, grams] of byRun(parts)) {
      const taken = Math.min(there, grams);
      there -= taken;
      const short = grams - taken;
      if (short <= 1e-9) continue;
      const lessonAt = this.runs.get(runId)!.startsAt;
      const last = groups.at(-1);
      const buyOn = keeps === null ? this.firstDay : this.options.buyDayOf(lessonAt);
      if (last && (keepsTo(last.buyOn, lessonAt) || last.buyOn === buyOn)) {
        last.neededG += short;
        last.runIds.push(runId);
        last.keepsToLesson &&= keepsTo(last.buyOn, lessonAt);
      } else {
        groups.push({ buyOn, runIds: [runId], neededG: short, keepsToLesson: keepsTo(buyOn, lessonAt) });
      }
    }
    return groups.map((group) => ({
      ...group,
      ...bought(group.neededG, of.packs, of.pieceG),
      keepsUntil: keeps === null ? null : this.options.dayAfter(group.buyOn, keeps),
    }));
  }
}

/** The school’s own packs, or where it has said none those that shops usually have: never both. */
const packsOf = (own: readonly Product[], item: IngredientItem | undefined): OrderPack[] =>
  own.length > 0
    ? own.map((product) => ({ product, sizeG: product.packG, price: product.price }))
    : (item?.packsG ?? []).map((sizeG) => ({ product: null, sizeG, price: null }));

/** What each run takes, the earliest first, as they were gathered. */
function byRun(parts: readonly NeedPart[]): [string, number][] {
  const sums = new Map<string, number>();
  for (const { runId, grams } of parts) sums.set(runId, (sums.get(runId) ?? 0) + (grams ?? 0));
  return [...sums];
}

function bought(neededG: number, packs: readonly OrderPack[], pieceG: number | null) {
  const whole = pieceG === null ? neededG : Math.ceil(neededG / pieceG - 1e-9) * pieceG;
  if (packs.length === 0) return { boughtG: whole, leftG: whole - neededG, packs: [], cost: null };
  const { packs: chosen, boughtG, cost } = cheapestPacks(whole, packs.slice(0, 100));
  return { packs: chosen, boughtG, leftG: boughtG - neededG, cost };
}

function costOf({ id, stations, students }: OrderRun, lines: readonly OrderLine[]): RunCost {
  let [cost, unpriced] = [0, 0];
  for (const { parts, pricePerG, outOf } of lines) {
    if (outOf !== null) continue;
    const taken = parts.reduce((sum, { runId, grams }) => sum + (runId === id ? (grams ?? 0) : 0), 0);
    if (taken === 0) continue;
    if (pricePerG === null) unpriced += 1;
    else cost += pricePerG * taken;
  }
  return {
    ...{ runId: id, cost: cents(cost), unpriced },
    perStation: cents(cost / Math.max(1, stations.length)),
    perStudent: students > 0 ? cents(cost / students) : null,
  };
}
