export { readRecipe } from './read-recipe';
export {
  contradictionKinds,
  type Answer,
  type Contradiction,
  type FormulaLine,
  type Recipe,
  type RecipeStep,
} from './recipe';
export { kitchenMassSource } from './mass';
export { recipeUnits, type CupKind, type RecipeUnit } from './units';
