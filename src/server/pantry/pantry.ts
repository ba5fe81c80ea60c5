import pLimit from 'p-limit';
import type { Knex } from 'knex';
import type { PantryAnswer, ProductFile, ProductsImported } from '../../contract/pantry';
import {
  ingredientKey,
  mostProducts,
  ownDensities,
  productShape,
  weighingShape,
  type OwnDensity,
  type Product,
  type Stock,
  type Weighing,
} from '../../core/order';
import { filled } from '../../core/shape';
import { Problem, refusedFields } from '../problems/problem';
import { answerFromThread } from '../threads/in-thread';
import { csvOfProducts, readProducts, type ProductsRead } from './product-csv';

/** A file of packs that is read in a thread of its own, characters: one of two hundred packs has fewer. */
const longFile = 20_000;
/** One at a time: a thread takes a core. */
const oneFile = pLimit(1);

/** Most weighings that are kept. */
const mostWeighings = 5000;

interface WeighingRow {
  id: string;
  body: string;
  at: number;
  removed_at: number | null;
}

const full = (what: string, most: number) =>
  new Problem(409, 'No room', `A school keeps at most ${most} ${what}. Nothing was changed.`);

/** The school’s own tables: its packs, what is there, what its measures weigh. */
export class PantryShelf {
  readonly #knex: Knex;
  readonly #now: () => number;
  readonly #thread: URL | null;
  /** Asked of every run; it changes seldom. */
  #weighings: Promise<WeighingRow[]> | null = null;

  /** @param thread what a thread runs; without it all is read where it is asked for */
  constructor(knex: Knex, now: () => number, thread: URL | null = null) {
    this.#knex = knex;
    this.#thread = thread;
    this.#now = now;
  }

  async all(): Promise<PantryAnswer> {
    const [products, stock, weighings] = await Promise.all([this.#products(), this.#stock(), this.#rows()]);
    return {
      products,
      stock,
      weighings: weighings.filter(({ removed_at }) => removed_at === null).map(weighingOf),
    };
  }

  /** Keeps a pack; one of the same id is replaced. */
  async keepProduct(product: Product): Promise<PantryAnswer> {
    await this.#knex.transaction(async (knex) => {
      const there = await knex('products').where({ id: product.id }).first<object | undefined>('id');
      const [count] = await knex('products').count<{ n: number }[]>({ n: '*' });
      if (!there && count!.n >= mostProducts) throw full('packs', mostProducts);
      await insertProducts(knex, [product], count!.n);
    });
    return this.all();
  }

  async removeProduct(id: string): Promise<PantryAnswer> {
    await this.#knex('products').where({ id }).delete();
    return this.all();
  }

  /** A long file is read beside what others ask for: rubbish of 2 MB takes seconds. */
  async #read(csv: string): Promise<ProductsRead> {
    return this.#thread && csv.length > longFile
      ? oneFile(() => answerFromThread<ProductsRead>(this.#thread!, { products: csv }))
      : readProducts(csv);
  }

  /** Takes a file of packs, all of it or none. */
  async readFile({ csv, how }: ProductFile): Promise<ProductsImported> {
    const read = await this.#read(csv);
    if ('errors' in read) throw refusedFields(read.errors);
    return this.#knex.transaction(async (knex) => {
      const before = await productsIn(knex);
      const known = new Map(before.map((one) => [sameAs(one), one.id]));
      const fresh = read.products.map((one) => ({ ...one, id: known.get(sameAs(one)) ?? one.id }));
      const replaced = fresh.filter(({ id }) => before.some((one) => one.id === id)).length;
      if (how === 'replace') await knex('products').delete();
      else if (before.length + fresh.length - replaced > mostProducts) throw full('packs', mostProducts);
      await insertProducts(knex, fresh, how === 'replace' ? 0 : before.length);
      return { products: await productsIn(knex), added: fresh.length - replaced, replaced };
    });
  }

  async productsAsCsv(): Promise<string> {
    return csvOfProducts(await this.#products());
  }

  /** Says what of some ingredients is there; 0 g takes one off the list. */
  async setStock(stock: readonly Stock[]): Promise<PantryAnswer> {
    await this.#knex.transaction((knex) => insertStock(knex, stock));
    return this.all();
  }

  async keepWeighing(weighing: Weighing): Promise<PantryAnswer> {
    if ((await this.#rows()).length >= mostWeighings) throw full('weighings', mostWeighings);
    await this.#knex('weighings')
      .insert({ id: weighing.id, body: JSON.stringify(weighing), at: weighing.at })
      .onConflict('id')
      .ignore();
    this.#weighings = null;
    return this.all();
  }

  /** It counts no longer; runs that began with it keep the numbers they had. */
  async removeWeighing(id: string): Promise<PantryAnswer> {
    await this.#knex('weighings').where({ id }).whereNull('removed_at').update({ removed_at: this.#now() });
    this.#weighings = null;
    return this.all();
  }

  /** The school’s own densities as they stood at a moment; null: as they stand. */
  async densities(at: number | null): Promise<Map<string, OwnDensity>> {
    const until = at ?? Infinity;
    const rows = await this.#rows();
    return ownDensities(
      rows
        .filter((row) => row.at <= until && (row.removed_at === null || row.removed_at > until))
        .map(weighingOf),
    );
  }

  #products(): Promise<Product[]> {
    return productsIn(this.#knex);
  }

  #stock(): Promise<Stock[]> {
    return this.#knex('stock').orderBy('ingredient').select<Stock[]>('ingredient', 'grams');
  }

  #rows(): Promise<WeighingRow[]> {
    this.#weighings ??= Promise.resolve(this.#knex('weighings').orderBy('at').select<WeighingRow[]>()).catch(
      (reason: unknown) => {
        // What failed once is asked again.
        this.#weighings = null;
        throw reason;
      },
    );
    return this.#weighings;
  }
}

const weighingOf = ({ body }: WeighingRow): Weighing => filled(weighingShape, JSON.parse(body));

async function productsIn(knex: Knex): Promise<Product[]> {
  const rows = await knex('products').orderBy('place').select<{ body: string }[]>('body');
  return rows.map(({ body }) => filled(productShape, JSON.parse(body)));
}

/** Rows that go into one statement: others are served between two. */
const rowsAtOnce = 200;

/** Writes packs in their order, in whatever transaction `knex` is. */
export async function insertProducts(knex: Knex, products: readonly Product[], after = 0): Promise<void> {
  const rows = products.map((one, i) => ({
    id: one.id,
    body: JSON.stringify({ ...one, ingredient: one.ingredient.trim(), name: one.name.trim() }),
    place: after + i,
  }));
  for (let from = 0; from < rows.length; from += rowsAtOnce)
    await knex('products')
      .insert(rows.slice(from, from + rowsAtOnce))
      .onConflict('id')
      .merge(['body']);
}

/** Writes what is there, in whatever transaction `knex` is; 0 g takes one off. */
export async function insertStock(knex: Knex, stock: readonly Stock[]): Promise<void> {
  for (const { ingredient, grams } of stock) {
    const key = ingredientKey({ name: ingredient });
    if (grams === 0) await knex('stock').where({ key }).delete();
    else await knex('stock').insert({ key, ingredient: ingredient.trim(), grams }).onConflict('key').merge();
  }
}

/** The same pack of the same shop. */
const sameAs = ({ ingredient, name, packG, supplier }: Product) =>
  [ingredientKey({ name: ingredient }), name.trim().toLowerCase(), packG, supplier.trim().toLowerCase()].join(
    '\n',
  );
