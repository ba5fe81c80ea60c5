import { dairyAndEggs } from './dairy-and-eggs';
import { dishes } from './dishes';
import { flours } from './flours';
import { fruitAndVegetables } from './fruit-and-vegetables';
import { leaveningAndSetting } from './leavening-and-setting';
import { nutsSeedsMeatFish } from './nuts-seeds-meat-fish';
import { saucesAndDrinks } from './sauces-and-drinks';
import { sugars } from './sugars';

/** The shelf as text, one line an ingredient, by what is kept together. */
export const shelfTexts = {
  flours,
  sugars,
  'dairy-and-eggs': dairyAndEggs,
  'leavening-and-setting': leaveningAndSetting,
  'fruit-and-vegetables': fruitAndVegetables,
  'nuts-seeds-meat-fish': nutsSeedsMeatFish,
  'sauces-and-drinks': saucesAndDrinks,
  dishes,
} as const;

export type ShelfId = keyof typeof shelfTexts;
