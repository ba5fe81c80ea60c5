/** What a browser gets of the core: the registry and the shelf with all tables. */
export { calculators, runCalculator } from '../src/core/calculators';
export { searchShelf, tables } from '../src/core/shelf';
