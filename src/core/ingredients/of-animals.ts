import type { IngredientItem, Origin } from './item';

const origins: readonly Origin[] = ['dairy', 'egg', 'meat', 'fish', 'shellfish'];

/** Of animals, and so kept cold and watched: honey is not. */
export const isOfAnimals = ({ origin }: IngredientItem): boolean => origins.includes(origin);
