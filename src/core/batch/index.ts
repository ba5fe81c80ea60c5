export { allergensIn, broughtIn, type OnPacks } from './allergens-in';
export { batchFacts, batchTables, ingredientGrams, itemOf, syrupOfFormula, usesOf } from './by-table';
export { keyOf, tablesOf, type BatchFacts } from './facts';
export { depthMm, fillOf, portionsByCount, portionsByMass, roundsOf, sheetCm2 } from './portions';
export { eatenRaw, poisonousBeans, rawFlesh, standsInOil } from './what-makes-ill';
