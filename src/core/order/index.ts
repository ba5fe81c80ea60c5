export { afterwards, leftWords, type Afterwards } from './afterwards';
export { byProductSource, type ByProduct } from './by-products';
export { savingsOf, type Saving } from './cheaper';
export { keepsSource } from './keeps';
export { demonstrated, type NeedPart, type OrderRun } from './needs';
export { onPacksOf } from './on-packs';
export {
  orderOf,
  type Order,
  type OrderLine,
  type OrderOptions,
  type OrderPack,
  type Purchase,
  type RunCost,
} from './order';
export { freshWords, massWords, packWords, purchaseWords } from './order-words';
export { ownDensities, withOwnDensities, type OwnDensity } from './own-density';
export { cheapestPacks, type Bought, type Pack } from './packs';
export { prepWaysShape, usualPrepWays, type PrepWays } from './prep-ways';
export {
  emptyPantry,
  ingredientKey,
  mostProducts,
  productShape,
  stockShape,
  stores,
  storeWords,
  weighingShape,
  type Pantry,
  type Product,
  type Stock,
  type Store,
  type Weighing,
} from './products';
