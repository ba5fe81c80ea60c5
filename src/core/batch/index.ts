export { ingredientGrams, syrupOfFormula } from './syrup-of-formula';
