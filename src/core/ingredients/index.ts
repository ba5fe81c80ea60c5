export {
  allergens,
  allergenSentence,
  allergenSource,
  allergensOf,
  allergensOfList,
  allergenName,
  united,
  type AllergensFound,
  type AllergenLaw,
} from './allergens';
export { isOfAnimals, isRice, spoilsWarm } from './of-animals';
export { diets, dietsOf, idsIn, dietVerdict, type Diet } from './diets';
export { itemCalled, likelyItem, longestNameAt } from './find';
export { doingIn, withoutDoing } from './doing-words';
export { itemsNamedIn, usedIn } from './in-sentences';
export { packed } from './item';
export { kindsOf } from './kinds';
export {
  allergenIds,
  type AllergenId,
  ingredientsSource,
  type BulkDensity,
  type Composition,
  type IngredientItem,
} from './item';
export { ingredientItems, itemById } from './items';
export { substitutes, substitutesFor, substitutesSource, type Substitute } from './substitutes';
export { isNeutral, stemOf, stemsOf } from './words';
