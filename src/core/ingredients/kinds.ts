import type { IngredientItem } from './item';

const kindLists: readonly (readonly [string, RegExp])[] = [
  [
    'spice',
    /^(?:cinnamon|nutmeg|ground-ginger|turmeric|cumin|paprika|chilli|cardamom|clove|mixed-spice|star-anise|spices|curry-powder|black-pepper)$/,
  ],
  ['herb', /^(?:parsley|basil|mint|coriander-leaf|thyme|bay-leaf|herbs|spring-onion)$/],
  [
    'vegetable',
    /^(?:carrot|onion|potato|celery|leek|pepper|courgette|aubergine|tomato|cabbage|cauliflower|broccoli|parsnip|spinach|mushroom|sweet-potato|butternut-squash|peas|garlic|beetroot|fennel)$/,
  ],
  // “serve with the salad”
  [
    'salad',
    /^(?:lettuce|leafy-greens|tomato|cucumber|pickled-cucumber|gherkin|radish|spring-onion|avocado|olives?|mustard-greens|onion|pepper)$/,
  ],
  ['berries', /^(?:strawberry|raspberry|blueberry|blackberry|cranberry|blackcurrant|redcurrant|gooseberry)$/],
  ['nut', /^(?:almond|hazelnut|walnut|pecan|cashew|pistachio|macadamia|brazil-nut|mixed-nuts|peanut)$/],
  ['seed', /seed/],
  [
    'cheese',
    /^(?:cheddar|parmesan|feta|mozzarella|ricotta|gouda|blue-cheese|cheese-soft-ripened|cream-cheese|mascarpone|paneer)$/,
  ],
  ['meat', /^(?:beef|lamb|pork|turkey|chicken|beef-mince|duck|venison)$/],
  ['mince', /^(?:beef-mince|turkey|lamb|pork)$/],
  ['pulse', /^(?:lentil|chickpea|beans|kidney-bean|butter-bean|peas)$/],
  ['bean', /bean/],
  ['rice', /^(?:rice|basmati|risotto-rice)$/],
  ['pasta', /^(?:pasta|spaghetti|egg-pasta)$/],
  ['noodle', /noodle/],
  ['fish', /^(?:fish|cod|salmon|tuna|mackerel|anchovy)$/],
  ['fat', /^(?:butter|margarine|lard|shortening|vegan-butter|suet|ghee)$/],
];

/** The kinds of thing something is, as a sentence calls it: “the nuts”, “the cheese”. */
export function kindsOf(item: IngredientItem): string[] {
  const found = kindLists.filter(([, ids]) => ids.test(item.id)).map(([word]) => word);
  return item.jobs.includes('fruit') ? [...found, 'fruit'] : found;
}
