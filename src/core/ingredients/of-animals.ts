import type { IngredientItem } from './item';

/** Of animals, and so kept cold and watched: honey is not. */
export const isOfAnimals = ({ origin }: IngredientItem): boolean => origin !== 'plant' && origin !== 'honey';

const rices: ReadonlySet<string> = new Set(
  'rice basmati risotto-rice risotto paella kedgeree sushi'.split(' '),
);

/** Grains of rice and what is made of them, and so kept the shortest once cooked; flour and noodles are not. */
export const isRice = ({ id }: IngredientItem): boolean => rices.has(id);

const alsoSpoils: ReadonlySet<string> = new Set(
  'coconut-milk soya-milk oat-milk almond-milk rice-milk stock soup tofu hummus guacamole clotted-cream quiche macaroni-cheese'.split(
    ' ',
  ),
);
/** Rendered, salted or soured so that they stand in the cupboard. */
const standsWarm: ReadonlySet<string> = new Set(['lard', 'suet', 'fish-sauce', 'oyster-sauce']);

/** Wet, and food for microbes where it stands warm: of animals, rice, and what is made of plants and as wet. */
export const spoilsWarm = (item: IngredientItem): boolean =>
  !standsWarm.has(item.id) &&
  ((isOfAnimals(item) && (item.waterPercent ?? 60) > 40) || isRice(item) || alsoSpoils.has(item.id));
