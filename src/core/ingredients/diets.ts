import { itemCalled, likelyItem } from './find';
import type { IngredientItem } from './item';

export const diets = ['vegetarian', 'vegan', 'no-alcohol', 'no-pork-or-gelatine'] as const;
export type Diet = (typeof diets)[number];

/** Whether an ingredient fits a diet; where makes differ it cannot be told, and a guess is never a yes. */
export type DietVerdict = 'yes' | 'no' | 'cannot tell';

/** Ids in a text of words. */
export const idsIn = (text: string): ReadonlySet<string> => new Set(text.trim().split(/\s+/));

const flesh = ['meat', 'fish', 'shellfish'];
const animalMarks = ['milk', 'eggs', 'fish', 'crustaceans', 'molluscs'];

/**
 * Of plants by their main part, and often with something of animals all the same: gelatine, suet, rennet, stock of meat,
 * finings, shellac, carmine (common knowledge of labels).
 */
const oftenOfAnimals = idsIn(`
  marshmallow stock stock-cube shredded-suet shortening mincemeat glace-cherry glycerine e-numbers
  emulsifier egg-replacer baked-beans wine beer cider vegetarian-sausage`);
/** Of milk, eggs and bees, and nothing else of animals goes into them. Cheese has rennet, set yoghurt may have gelatine. */
const plainlyVegetarian = idsIn(`
  milk skimmed-milk buttermilk kefir milk-powder evaporated-milk condensed-milk butter double-cream
  whipping-cream single-cream clotted-cream ghee honey egg egg-white egg-yolk dried-egg`);
/** Made with a little spirit, wine or ferment in some makes. */
const oftenAlcoholic = idsIn(`
  mincemeat mince-pie trifle tiramisu battenberg cake amaretti soy-sauce tamari kefir hoisin
  sourdough-starter vinegar cider-vinegar malt-vinegar worcester-sauce`);

const pork =
  /\b(?:pork|bacon|ham|gammon|lard|lardons?|pancetta|prosciutto|chorizo|salami|pepperoni|black pudding)\b|gelatine?\b/i;
/** Words of a name that say what it is made of, whatever the table calls the like of it. */
const animalWords =
  /\b(?:chicken|beef|turkey|lamb|mutton|veal|duck|goose|pork|bacon|ham|gammon|chorizo|salami|pepperoni|pancetta|prosciutto|black pudding|meat|mince|fish|anchov(?:y|ies)|tuna|salmon|cod|prawns?|shrimps?|crab|mussels?|oysters?|squid|bone|blood|dripping|tallow|lard|suet|isinglass|carmine|cochineal|shellac)\b|gelatine?\b/gi;
/** What takes such a word back: “vegetarian suet”, “meat-free mince”, “gelatine-free”. */
const takenBack =
  /\b(?:vegetarian|vegan|vegetable|plant[ -]based|meat[ -]?free|no|without)\b|[\s-]free\b|\bagar\b/i;

/** Dishes and made things by name: what goes in every kitchen settles for itself. */
const madeThing =
  /\b(?:mousses?|puddings?|cheesecakes?|panna cottas?|trifles?|cakes?|gateaux?|tortes?|tarts?|tartlets?|pies?|jell(?:y|ies)|bavarois|parfaits?|fools?|possets?|syllabubs?|custards?|ice creams?|sorbets?|soups?|stews?|curr(?:y|ies)|salads?|sandwich(?:es)?|pizzas?|lasagnes?|casseroles?|babas?|truffles?|fudge|sauces?|gravy|glazes?|fillings?|toppings?|icings?|frostings?|biscuits?|cookies|desserts?|sweets?|gummies|marshmallows?|creams?|cr[eè]mes?|punch|cocktails?|fondues?|risottos?|flamb[eé]\w*|dish(?:es)?|mix(?:es)?|ready meals?|crumbles?|strudels?|meringues?|souffl[eé]s?|yogh?urts?|capsules?|tablets?|sprays?|drinks?|juice drinks?)\b/i;
/** What is drunk, or steeped in it. Strengths differ; that none is in it nobody can tell by the name. */
const spirited =
  /\b(?:extracts?|essences?|tinctures?|bitters|rums?|brand(?:y|ied|ies)|wines?|beers?|ales?|stouts?|lagers?|porter|liqueurs?|sherr(?:y|ies)|whisk(?:e?y|ies)|spirits?|ciders?|champagne|prosecco|kirsch|marsala|madeira|vodka|gin|port|amaretto|cognac|armagnac|bourbon|tequila|sake|mirin|vermouth|limoncello|absinthe|schnapps|advocaat|eggnog|mead|perry|boozy|tipsy|drunken|soaked|steeped|macerated|infused|fermented|kombucha|kvass|cocktail|mojito|sangria|glühwein|mulled|alcohol\w*)\b/i;

/**
 * Whether something called so fits a diet, by what it is and by its own words. A yes needs every word understood, and is
 * said of plain things only: a word nobody knows, a dish by its name or a claim about it makes it “cannot tell”.
 */
export function dietVerdict(name: string, diet: Diet): DietVerdict {
  const verdict = byItsWords(name, diet);
  if (verdict !== 'yes') return verdict;
  const open =
    itemCalled(name) === undefined ||
    /[^\p{L}\p{M}\p{N}\s'’.,%()/&-]/u.test(name) ||
    (madeThing.test(name) && !plainCream.test(name)) ||
    (diet === 'no-alcohol' && spirited.test(name)) ||
    /\b(?:no|not|non|never|without|mock|imitation|or)\b/i.test(name);
  return open ? 'cannot tell' : 'yes';
}

/** Plain cream and its like, which “cream” in a name also is. */
const plainCream =
  /^\s*(?:(?:fresh|double|single|whipping|heavy|light|clotted|sour|soured|coconut|pouring)\s+)*cream\s*$|^\s*cream of tartar\s*$/i;

function byItsWords(name: string, diet: Diet): DietVerdict {
  const item = likelyItem(name);
  const own = item ? verdictOf(item, diet) : 'cannot tell';
  if (diet === 'no-alcohol') return own;
  const spoken = (name.match(animalWords) ?? []).length > 0;
  // What the table knows as a plant by that very name is one, unless it often is not.
  const plant =
    item !== undefined && !oftenOfAnimals.has(item.id) && item.names.includes(name.trim().toLowerCase());
  if (!spoken || (plant && !flesh.includes(item.origin))) return own;
  if (takenBack.test(name)) return own === 'no' ? 'no' : 'cannot tell';
  if (diet === 'no-pork-or-gelatine') return pork.test(name) || own === 'no' ? 'no' : 'cannot tell';
  return 'no';
}

function verdictOf(item: IngredientItem, diet: Diet): DietVerdict {
  const holds = (marks: readonly string[], ids: readonly string[]) =>
    marks.some((mark) => ids.includes(mark));
  // What goes into a dish every kitchen settles for itself: bacon in a quiche, jelly in a trifle, wine in a risotto.
  const made = item.shelf === 'dishes';
  const hidden =
    made ||
    oftenOfAnimals.has(item.id) ||
    (item.origin === 'plant' && holds(item.oftenContains, animalMarks));
  const ofFlesh = flesh.includes(item.origin) || holds(item.contains, ['fish', 'crustaceans', 'molluscs']);
  switch (diet) {
    case 'vegetarian':
      if (ofFlesh) return 'no';
      if (hidden) return 'cannot tell';
      return item.origin === 'plant' || plainlyVegetarian.has(item.id) ? 'yes' : 'cannot tell';
    case 'vegan':
      if (ofFlesh || item.origin !== 'plant' || holds(item.contains, animalMarks)) return 'no';
      return hidden ? 'cannot tell' : 'yes';
    case 'no-alcohol':
      if (item.alcoholPercent > 0) return 'no';
      return made || oftenAlcoholic.has(item.id) ? 'cannot tell' : 'yes';
    case 'no-pork-or-gelatine':
      if (pork.test(item.name) || /gelatine/.test(item.id)) return 'no';
      return flesh.includes(item.origin) || hidden || item.id === 'yoghurt' ? 'cannot tell' : 'yes';
  }
}

/** Diets an ingredient fits for certain by what it is; where makes differ it is not named. */
export const dietsOf = (item: IngredientItem): Diet[] =>
  diets.filter((diet) => verdictOf(item, diet) === 'yes');
