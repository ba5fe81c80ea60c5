export { searchShelf, type ShelfHit } from './search';
export type { Cell, ShelfTable, TableRow } from './table';
export { otherWorld, tables } from './tables';
