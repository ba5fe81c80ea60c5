export { searchShelf, type ShelfHit } from './search';
export type { Cell, ShelfTable, TableRow } from './table';
export { otherWorld } from './other-world';
export { tables } from './tables';
