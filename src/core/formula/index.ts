export { amountInGrams, amountUnits, type AmountUnit } from './amounts';
export { itemsNamedIn, pantryItemFor, sentenceUses, type PantryItem } from './pantry';
