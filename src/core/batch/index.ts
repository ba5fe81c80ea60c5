import { ingredientsOfStep } from './ingredients-of-step';
import { ingredientGrams, syrupOfFormula } from './syrup-of-formula';

export { ingredientGrams, itemOf, syrupOfFormula } from './syrup-of-formula';

/** What the computation asks of the ingredients table, for code that fetches the table later than itself. */
export const batchTables = { gramsOf: ingredientGrams, syrupOf: syrupOfFormula, usedIn: ingredientsOfStep };
