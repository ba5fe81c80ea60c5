import { dairyAndEggs } from './dairy-and-eggs';
import { dishes } from './dishes';
import { flours } from './flours';
import { fruitAndVegetables } from './fruit-and-vegetables';
import { leaveningAndSetting } from './leavening-and-setting';
import { nutsSeedsMeatFish } from './nuts-seeds-meat-fish';
import { saucesAndDrinks } from './sauces-and-drinks';
import { sugars } from './sugars';

/** The whole shelf as text, one line an ingredient. */
export const shelfText = [
  flours,
  sugars,
  dairyAndEggs,
  leaveningAndSetting,
  fruitAndVegetables,
  nutsSeedsMeatFish,
  saucesAndDrinks,
  dishes,
].join('\n');
