import type { IngredientItem } from '../ingredients';
import type { Source } from '../working';
import type { Store } from './products';

export const keepsSource: Source = {
  kind: 'common-practice',
  text: 'How long shops’ goods usually keep unopened; the date on the packet decides',
};

/** Where something is usually kept, and how many days from the day it is bought, unopened; null: months. */
interface Keeping {
  days: number | null;
  store: Store;
}

/** What does not follow from its kind. */
export const known: readonly (readonly [days: number | null, store: Store, ids: string])[] = [
  [5, 'cold', 'milk skimmed-milk double-cream single-cream whipping-cream hummus ham'],
  [7, 'cold', 'buttermilk soured-cream bacon sourdough-starter vegetarian-sausage mycoprotein tofu pesto'],
  [10, 'cold', 'yoghurt kefir'],
  [14, 'cold', 'fresh-yeast chorizo kimchi vegan-cheese puff-pastry filo pastry'],
  [30, 'cold', 'butter parmesan vegan-butter'],
  [60, 'cold', 'margarine lard ghee buttercream'],
  [21, 'cold', 'egg'],
  [2, 'cold', 'egg-white egg-yolk guacamole coated-potato'],
  [1, 'cold', 'sushi'],
  [4, 'dry', 'bread rye-bread brioche pitta gluten-free-bread fresh-breadcrumbs'],
  [2, 'fresh', 'strawberry raspberry'],
  [4, 'fresh', 'pear banana pineapple avocado'],
  [7, 'fresh', 'kiwi'],
  [14, 'fresh', 'apple orange lemon lime carrot clementine'],
  [21, 'fresh', 'potato onion ginger'],
  [30, 'fresh', 'garlic'],
  [null, 'frozen', 'ice ice-cream sorbet fish-fingers'],
  [
    null,
    'dry',
    'fish-sauce oyster-sauce horseradish-sauce hoisin pickle tomato-puree baked-beans water-chestnut',
  ],
  [
    null,
    'dry',
    'chickpea kidney-bean butter-bean soya-beans star-anise saffron mixed-spice zaatar rose-water',
  ],
  [null, 'dry', 'battenberg lebkuchen mince-pie mincemeat baklava dehydrated-potato fish-gelatine'],
];

const byId: ReadonlyMap<string, Keeping> = new Map(
  known.flatMap(([days, store, ids]) => ids.split(' ').map((id) => [id, { days, store }] as const)),
);

/** What keeps for months although its like does not. */
const longKeeping = /tin|canned|dried|powder|jam|paste|juice|evaporated|condensed|uht|candied|glac/;

const dry: Keeping = { days: null, store: 'dry' };

function keepingOf({ id, shelf, origin, waterPercent }: IngredientItem): Keeping {
  const told = byId.get(id);
  if (told) return told;
  if (longKeeping.test(id)) return dry;
  const made = shelf === 'dishes';
  const raw = shelf === 'nuts-seeds-meat-fish';
  if ((made || raw) && (origin === 'fish' || origin === 'shellfish')) return { days: 1, store: 'cold' };
  if (made || (raw && origin === 'meat')) return { days: 2, store: 'cold' };
  if (origin === 'dairy') return { days: (waterPercent ?? 0) > 60 ? 5 : 14, store: 'cold' };
  if (shelf === 'fruit-and-vegetables') return (waterPercent ?? 90) > 60 ? { days: 5, store: 'fresh' } : dry;
  return dry;
}

/** How many days an ingredient keeps from the day it is bought, unopened; null: months, or nobody knows. */
export const usualKeepsDays = (item: IngredientItem | undefined): number | null =>
  item ? keepingOf(item).days : null;

/** Where an ingredient is usually kept. */
export const usualStore = (item: IngredientItem | undefined): Store => (item ? keepingOf(item).store : 'dry');
