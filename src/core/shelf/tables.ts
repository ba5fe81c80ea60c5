import { caramelTable, donenessTables, ovenTable, sugarStageTable } from './heat-tables';
import {
  acidTable,
  allergenTable,
  densityTable,
  eggFloatTable,
  gelTable,
  proteaseTable,
  starchTable,
  substitutionTable,
} from './ingredient-tables';
import { coolingTable, coreTable, dangerTable } from './safety-tables';
import type { ShelfTable } from './table';

/** Every table of the shelf, in the order of the work. A new one is a new line. */
export const tables: readonly ShelfTable[] = [
  sugarStageTable,
  ovenTable,
  // What keeps people well comes before how much a cup of it weighs.
  coreTable,
  coolingTable,
  dangerTable,
  densityTable,
  substitutionTable,
  acidTable,
  gelTable,
  proteaseTable,
  starchTable,
  eggFloatTable,
  ...donenessTables,
  caramelTable,
  allergenTable,
];
