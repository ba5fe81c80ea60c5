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
export { marksOf, type Mark } from './marks';
export { noDecisions, settled, type Decisions, type SettledRecipe } from './settle';
export { planFromRecipe } from './to-plan';
export { withoutMarkup } from './markup';
export { schemaRecipesIn, textOfSchemaRecipe, type SchemaRecipe } from './json-ld';
export { jsonLdOf } from './to-json-ld';
