import type { IngredientItem } from '../ingredients';
import type { Source } from '../working';
import type { Store } from './products';

export const keepsSource: Source = {
  kind: 'common-practice',
  text: 'How long shops’ goods usually keep unopened; the date on the packet decides',
};

/** Days that what is bought fresh usually keeps, by item. Years of shelf life are not told: null. */
const daysOf: Readonly<Record<string, number>> = {
  ...{ milk: 5, buttermilk: 7, 'double-cream': 5, 'single-cream': 5, 'whipping-cream': 5, 'soured-cream': 7 },
  ...{ yoghurt: 10, kefir: 10, 'creme-fraiche': 10, butter: 30, margarine: 60, 'fresh-yeast': 14 },
  ...{ egg: 21, 'egg-white': 2, 'egg-yolk': 2, potato: 21, onion: 21, garlic: 30, carrot: 14, apple: 14 },
  ...{
    lemon: 14,
    lime: 14,
    orange: 14,
    pineapple: 4,
    banana: 4,
    kiwi: 7,
    pear: 4,
    strawberry: 2,
    raspberry: 2,
  },
};

/** What keeps for months although its shelf does not. */
const longKeeping = /tin|canned|dried|powder|jam|frozen|paste|juice|evaporated|condensed|uht|candied|glac/;

/** How many days an ingredient keeps from the day it is bought, unopened; null: months. */
export function usualKeepsDays(item: IngredientItem | undefined): number | null {
  if (!item) return null;
  const known = daysOf[item.id];
  if (known !== undefined) return known;
  if (longKeeping.test(item.id)) return null;
  if (item.origin === 'fish' || item.origin === 'shellfish')
    return item.shelf === 'nuts-seeds-meat-fish' ? 1 : null;
  if (item.origin === 'meat') return item.shelf === 'nuts-seeds-meat-fish' ? 2 : null;
  if (item.origin === 'dairy') return (item.waterPercent ?? 0) > 60 ? 5 : 14;
  if (item.shelf === 'fruit-and-vegetables') return (item.waterPercent ?? 90) > 60 ? 5 : null;
  return null;
}

/** Where an ingredient is usually kept. */
export function usualStore(item: IngredientItem | undefined): Store {
  if (!item) return 'dry';
  if (/frozen|ice-cream/.test(item.id)) return 'frozen';
  const keeps = usualKeepsDays(item);
  if (item.shelf === 'fruit-and-vegetables') return keeps === null ? 'dry' : 'fresh';
  return keeps === null ? 'dry' : 'cold';
}
