export { amountInGrams, amountUnits, type AmountUnit } from './amounts';
export { itemsNamedIn, pantryItemFor, sentenceUses, type PantryItem } from './pantry';
export { allergens, allergenSource, allergensOf, type Allergen } from './allergens';
export { bakersPercentages, type BakersLine, type BakersPercentages } from './bakers-percentages';
export { bulkDensities, densityCalled, densitySource, type BulkDensity } from './densities';
export {
  kitchenMeasure,
  measureSource,
  measureUnits,
  unitCalled,
  usCupMl,
  usTablespoonMl,
  type Measured,
} from './kitchen-measure';
export { nutrientSource, portionNutrients, type Nutrients, type PortionNutrients } from './nutrients';
export { cheapestPacks, scaledMass, type Bought, type Pack } from './scaling';
export { substitutesFor, substitutions, substitutionSource, type Substitution } from './substitutions';
export { weighingTolerance, type WeighingVerdict } from './weighing-tolerance';
