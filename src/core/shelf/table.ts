import type { Place } from '../practical';
import type { Source } from '../working';

/** One cell: a number with its unit, words, or both. */
export interface Cell {
  text?: string;
  value?: number;
  /** Upper end, where the cell is a range; the lower is what is used. */
  high?: number;
  /** °C is shown as °F too, g/ml as grams a cup. */
  unit?: string;
}

export interface TableRow {
  id: string;
  name: string;
  /** Other words it is looked for by. */
  keywords: string;
  cells: readonly Cell[];
}

/** A table of the shelf. Its rows may depend on where one is. */
export interface ShelfTable {
  id: string;
  title: string;
  keywords: string;
  /** Headings of the cells. */
  columns: readonly string[];
  sources: readonly Source[];
  note?: string;
  rows(place: Place | null): TableRow[];
}

export const words = (text: string): Cell => ({ text });
export const celsius = (value: number, text?: string): Cell => ({ value, unit: '°C', ...(text && { text }) });
/** “112 to 116 °C” as one cell with its lower end to use. */
export const span = (low: number, high: number | null): Cell => ({
  value: low,
  unit: '°C',
  ...(high === null ? { text: 'and above' } : { high: Number(high.toFixed(1)) }),
});
