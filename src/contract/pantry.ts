import {
  mostProducts,
  productShape,
  stockShape,
  weighingShape,
  type Pantry,
  type Product,
} from '../core/order';
import { about, list, oneOf, record, text, type Of } from '../core/shape';
import { classOf } from './class-of';

/** One pack as this school buys it; one of the same id is replaced. */
export const ProductInput = classOf(record('ProductInput', { product: productShape }));

/** Longest file of packs, letters. */
const longestCsv = 2_000_000;

/** A file of packs, as a spreadsheet saves it. */
const productFileShape = record('ProductFile', {
  csv: about(
    'separated by commas, semicolons or tabs; the first line names the columns',
    text(longestCsv, 1),
  ),
  how: about('beside what is there, or in its place', oneOf(['add', 'replace'])),
});
export const ProductFile = classOf(productFileShape);
export type ProductFile = Of<typeof productFileShape>;

/** One measure put on a balance. */
export const WeighingInput = classOf(record('WeighingInput', { weighing: weighingShape }));

/** What is there, of some ingredients: 0 g takes one off the list. */
const stockInputShape = record('StockInput', { stock: list(stockShape, mostProducts) });
export const StockInput = classOf(stockInputShape);

export type PantryAnswer = Pantry;

/** What a file of packs brought. */
export interface ProductsImported {
  products: Product[];
  added: number;
  replaced: number;
}
