export { batchFacts, batchTables, ingredientGrams, itemOf, syrupOfFormula } from './by-table';
export { tablesOf, type BatchFacts } from './facts';
export { fillOf, portionsByCount, portionsByMass, roundsOf } from './portions';
