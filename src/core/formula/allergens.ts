import type { Source } from '../working';

/** An allergen that law asks to be named. */
export interface Allergen {
  id: string;
  name: string;
  /** In the list of 14 of UK and EU law; among the nine major ones of US law. */
  ukEu: boolean;
  us: boolean;
  /** Words in an ingredient's name that give it away. */
  signs: RegExp;
}

export const allergenSource: Source = {
  kind: 'standard',
  text: 'Regulation (EU) 1169/2011, annex II (also UK law); US FALCPA 2004 and FASTER Act 2021',
};

export const allergens: readonly Allergen[] = [
  {
    id: 'gluten',
    name: 'cereals with gluten',
    ukEu: true,
    us: false,
    signs:
      /\b(wheat|(?<!rice |almond |potato |tapioca |maize |gram |chickpea |coconut |buckwheat )flour|bread|breadcrumbs|semolina|rye|barley|malt|oats?|spelt|couscous|pasta|noodles|biscuits?)\b/i,
  },
  {
    id: 'wheat',
    name: 'wheat',
    ukEu: false,
    us: true,
    signs:
      /\b(wheat|(?<!rice |almond |potato |tapioca |maize |gram |chickpea |coconut |buckwheat |rye )flour|bread|breadcrumbs|semolina|spelt|couscous|pasta|biscuits?)\b/i,
  },
  {
    id: 'crustaceans',
    name: 'crustaceans',
    ukEu: true,
    us: true,
    signs: /\b(prawns?|shrimps?|crab|lobster|crayfish)\b/i,
  },
  { id: 'eggs', name: 'eggs', ukEu: true, us: true, signs: /\b(eggs?|meringue|mayonnaise|albumen)\b/i },
  {
    id: 'fish',
    name: 'fish',
    ukEu: true,
    us: true,
    signs: /\b(fish|salmon|cod|tuna|anchov(y|ies)|haddock)\b/i,
  },
  { id: 'peanuts', name: 'peanuts', ukEu: true, us: true, signs: /\b(peanuts?|groundnuts?)\b/i },
  { id: 'soya', name: 'soya', ukEu: true, us: true, signs: /\b(soya|soy|tofu|edamame|soya lecithin)\b/i },
  {
    id: 'milk',
    name: 'milk',
    ukEu: true,
    us: true,
    signs:
      /\b((?<!coconut |oat |almond |soya |soy |rice )milk|buttermilk|(?<!peanut |cocoa |almond |nut |shea )butter(?! bean)|(?<!coconut )cream(?! of tartar)|yoghurt|yogurt|cheese|whey|casein|custard)\b/i,
  },
  {
    id: 'nuts',
    name: 'tree nuts',
    ukEu: true,
    us: true,
    signs:
      /\b(almonds?|hazelnuts?|walnuts?|cashews?|pecans?|pistachios?|macadamias?|brazil nuts?|praline|marzipan)\b/i,
  },
  { id: 'celery', name: 'celery', ukEu: true, us: false, signs: /\b(celery|celeriac)\b/i },
  { id: 'mustard', name: 'mustard', ukEu: true, us: false, signs: /\bmustard\b/i },
  { id: 'sesame', name: 'sesame', ukEu: true, us: true, signs: /\b(sesame|tahini)\b/i },
  {
    id: 'sulphites',
    name: 'sulphur dioxide and sulphites',
    ukEu: true,
    us: false,
    signs: /\b(sulphites?|sulfites?|wine|cider|dried apricots?)\b/i,
  },
  { id: 'lupin', name: 'lupin', ukEu: true, us: false, signs: /\blupin\b/i },
  {
    id: 'molluscs',
    name: 'molluscs',
    ukEu: true,
    us: false,
    signs: /\b(mussels?|oysters?|squid|clams?|scallops?)\b/i,
  },
];

/** Allergens an ingredient's name gives away, under a law. A label always knows better than a name. */
export function allergensOf(ingredient: string, law: 'uk-eu' | 'us' = 'uk-eu'): Allergen[] {
  return allergens.filter((one) => (law === 'uk-eu' ? one.ukEu : one.us) && one.signs.test(ingredient));
}
