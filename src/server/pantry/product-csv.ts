import Papa from 'papaparse';
import { v7 as uuid } from 'uuid';
import type { FieldProblem } from '../../contract/problem';
import { allergenIds, type AllergenId } from '../../core/ingredients';
import { mostProducts, productShape, stores, type Product, type Store } from '../../core/order';
import { refusalsOf } from '../../core/shape';
import { asTyped, formula, inert } from '../csv/formula';

const productColumns = [
  'ingredient',
  'name',
  'pack_g',
  'price',
  'supplier',
  'store',
  'keeps_days',
  'allergens',
];

/** Other words for the columns, as people write them. */
const columnWords: Readonly<Record<string, string>> = {
  ...{ pack: 'pack_g', 'pack g': 'pack_g', 'pack (g)': 'pack_g', size: 'pack_g', packg: 'pack_g' },
  ...{
    'keeps days': 'keeps_days',
    keeps: 'keeps_days',
    keepsdays: 'keeps_days',
    product: 'name',
    shop: 'supplier',
  },
};

/** Packs as a file for a spreadsheet; what it might take for a formula is quoted. */
export const csvOfProducts = (products: readonly Product[]): string =>
  `\uFEFF${Papa.unparse(
    {
      fields: productColumns,
      data: products.map((one) => rowOf(one).map(inert)),
    },
    { escapeFormulae: formula, newline: '\r\n' },
  )}\r\n`;

const rowOf = (one: Product) => [
  ...[one.ingredient, one.name, one.packG, one.price ?? '', one.supplier, one.store ?? ''],
  ...[
    one.keepsDays ?? '',
    one.allergens === null ? '' : one.allergens.length === 0 ? 'none' : one.allergens.join(' '),
  ],
];

/** A line of a file that cannot be taken, as a field of the request. */
const wrong = (line: number, column: string, value: unknown, allowed: string): FieldProblem => ({
  ...{ pointer: `/csv/${line}/${column}`, field: `line ${line}, ${column}`, value, allowed },
});

/** So many lines are told of at once. */
const mostTold = 20;

/** The packs of a file, or what of it cannot be taken. */
export type ProductsRead = { products: Product[] } | { errors: FieldProblem[] };

/**
 * Reads packs out of a spreadsheet’s file: with commas, semicolons or tabs between, with or without the mark some programs
 * put first, with points or commas as decimals. All of it is sound, or none is taken.
 */
export function readProducts(csv: string): ProductsRead {
  const { data, meta } = Papa.parse<string[]>(csv.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const [head, ...rows] = data;
  if (!head) return { errors: [wrong(1, 'ingredient', '', 'a first line that names the columns')] };
  const names = head.map(columnOf);
  const missing = ['ingredient', 'pack_g'].filter((name) => !names.includes(name));
  if (missing.length > 0) {
    return {
      errors: [
        wrong(
          1,
          missing[0]!,
          head.join(', ').slice(0, 200),
          `a column ${missing.join(' and one ')}; known are ${productColumns.join(', ')}`,
        ),
      ],
    };
  }
  if (rows.length > mostProducts) {
    return {
      errors: [
        wrong(mostProducts + 2, 'ingredient', `${rows.length} lines`, `at most ${mostProducts} packs`),
      ],
    };
  }
  const commas = meta.delimiter !== ',';
  const errors: FieldProblem[] = [];
  const products = rows.map((row, i) => {
    const cells = new Map(names.map((name, column) => [name, asTyped(row[column] ?? '').trim()]));
    return productOf(cells, { line: i + 2, commas, errors });
  });
  return errors.length > 0 ? { errors: errors.slice(0, mostTold) } : { products };
}

function columnOf(head: string): string {
  const plain = head.trim().toLowerCase().replace(/\s+/g, ' ');
  return columnWords[plain] ?? plain.replaceAll(' ', '_');
}

interface Reading {
  line: number;
  /** A comma may be a decimal sign: it does not part the columns. */
  commas: boolean;
  errors: FieldProblem[];
}

function productOf(cells: ReadonlyMap<string, string>, { line, commas, errors }: Reading): Product {
  const text = (name: string) => cells.get(name) ?? '';
  const tell = (column: string, allowed: string) => errors.push(wrong(line, column, text(column), allowed));
  for (const column of ['ingredient', 'name', 'supplier']) {
    if (/^[=@]|^[+-](?!\d)/.test(text(column))) tell(column, 'words, not a formula');
  }
  const number = (column: string): number | null => {
    const value = text(column);
    if (value === '') return null;
    const read = numberIn(value, commas);
    if (typeof read === 'string') tell(column, read);
    return typeof read === 'number' ? read : null;
  };
  const store = text('store').toLowerCase();
  if (store !== '' && !isStore(store)) tell('store', `one of ${stores.join(', ')}, or nothing`);
  const allergens = allergensIn(text('allergens'), (word) =>
    errors.push(wrong(line, 'allergens', word, `some of ${allergenIds.join(', ')}, or none`)),
  );
  const before = errors.length;
  const product: Product = {
    ...{
      id: uuid(),
      ingredient: text('ingredient'),
      name: text('name'),
      packG: gramsIn(text('pack_g'), commas, tell),
    },
    ...{ price: number('price'), supplier: text('supplier'), store: isStore(store) ? store : null },
    ...{ keepsDays: number('keeps_days'), allergens },
  };
  if (errors.length === before) {
    for (const { field, value, allowed } of refusalsOf(productShape, product)) {
      errors.push(wrong(line, columnNames[field] ?? field, value, allowed));
    }
  }
  return product;
}

const columnNames: Readonly<Record<string, string>> = { packG: 'pack_g', keepsDays: 'keeps_days' };
const isStore = (word: string): word is Store => (stores as readonly string[]).includes(word);

/** “1.5 kg”, “500 g”, “500”: in grams. */
function gramsIn(text: string, commas: boolean, tell: (column: string, allowed: string) => void): number {
  const [unit = ''] = /(?:kg|g)$/i.exec(text) ?? [];
  const read = numberIn(text.slice(0, text.length - unit.length).trimEnd(), commas);
  if (typeof read === 'number') return read * (unit.toLowerCase() === 'kg' ? 1000 : 1);
  tell('pack_g', read);
  return NaN;
}

/** A number with a point or a comma; or what is wrong with it. */
function numberIn(text: string, commas: boolean): number | string {
  const plain = text.replace(/[£€$\s\u00A0]/g, '').replace('−', '-');
  if (/^-?\d+(\.\d+)?$/.test(plain)) {
    // Between semicolons a point before three digits may part thousands.
    if (commas && /^\d{1,3}\.\d{3}$/.test(plain))
      return `a number that reads one way only: ${plain.replace('.', '')} or ${plain.replace('.', ',')}`;
    return Number(plain);
  }
  if (/^-?\d+,\d+$/.test(plain)) {
    if (/^\d{1,3},\d{3}$/.test(plain))
      return `a number that reads one way only: ${plain.replace(',', '')} or ${plain.replace(',', '.')}`;
    return Number(plain.replace(',', '.'));
  }
  return 'a number';
}

/** Null: nobody has read the label. */
function allergensIn(text: string, unknown: (word: string) => void): AllergenId[] | null {
  const words = text
    .toLowerCase()
    .split(/[\s,;/]+/)
    .filter(Boolean);
  if (words.length === 0) return null;
  if (words.length === 1 && words[0] === 'none') return [];
  words.filter((word) => !(allergenIds as readonly string[]).includes(word)).forEach(unknown);
  return allergenIds.filter((id) => words.includes(id));
}
