import { comparable, tokensOf } from '../called';
import type { RecipeStep } from '../recipe';

/** What a kitchen speaks of and nobody eats: tools, places, times, what is made, parts and states of it. */
const familiar = new Set(
  `tin tray pan pot saucepan frying wok bowl jug dish oven grill hob heat flame plate board bag jar lid foil paper parchment film
  cloth towel muslin sieve colander rack whisk mixer processor blender motor blade spoon fork knife spatula brush pin scale
  thermometer probe timer fridge freezer refrigerator microwave surface worktop bench table hand finger palm thumb kettle mould
  ramekin case griddle sheet basket bottle glass cup funnel nozzle
  mixture mix batter dough pastry sauce filling topping glaze icing frosting syrup liquid steam boil simmer edge side top bottom
  base middle centre center inside outside end beginning start first second third fourth last half quarter rest remainder other
  same time minute hour second temperature colour color consistency texture taste thickness shape size stage point way day night
  morning week while moment bubble foam crust air lump piece slice ball round roll cake loaf biscuit bread pie tart pudding soup
  stew curry stuffing marinade dressing ingredient everything well hole door shelf length width height centimetre side seam
  crumb layer meringue custard caramel gravy stock pulp puree purée paste mash block square bar bun scone muffin pancake
  room air table step method recipe instruction packet label amount quantity number group class partner teacher result
  cooking baking rising proving setting freezing rack weight mass volume curd whey gel jelly jam toffee fudge brine bath
  burger meatball patty kebab wrap omelette crepe waffle dumpling noodle tortilla flatbread cracker cookie brownie tray
  skin flesh shell stalk root trimming stone pod peel fat bone leaf stem core seed rind fruit veg vegetable herb spice fish meat nut
  running following cooker litre ring container trail part long mug shine name cavity basin lining row wax neck waist corner
  clock rim chiller tomorrow sun box sink tile tube beam grain crystal pip beaker line float swirl fingertip chunk hook yield liking
  behind highest foot wrist window shade eye nose ear door wall garden shop
  wooden one two three four`
    .trim()
    .split(/\s+/)
    .map(comparable),
);

/** Where the name of a thing ends. */
const ends =
  /^(?:of|in|into|on|onto|with|and|or|to|from|for|at|until|till|is|are|was|were|has|have|had|over|under|by|as|but|then|so|that|which|when|while|if|it|them|they|you|will|should|can|may|must|through|around|between|before|after|off|out|up|down|back|again|together|well|apart|aside|side|gently|very|not|a|an|the|becomes?|looks?|looked|starts?|begins?|comes?|turns?|goes|go|reaches|feels?|springs?|holds?|leaves|sets?|rises?|thickens?|melts?|dissolves?|boils?|browns?|add|stir|beat|just|did|says|reads|keeps?|intact|twice|softens?|only|too|alone|hard|like|daily|every|each|ajar|opened|stands?|just|now|more|less|also)$/iu;

/**
 * Whether a method speaks of something by a word that nobody knows: “stir in the extras”, “drop in the kernels”. It may be any
 * line of the list, so of none can be said that it is not used.
 */
export function hasStrangers(steps: readonly RecipeStep[]): boolean {
  return steps.some(({ text, mentioned }) =>
    [...text.matchAll(/\b(?:the|both|your|these|those|its|their) (?=\p{Ll})/giu)].some((match) => {
      const from = match.index + match[0].length;
      const words: { word: string; at: number }[] = [];
      for (const word of text.slice(from, from + 60).matchAll(/\p{L}[\p{L}'-]*|[^\s\p{L}]/gu)) {
        if (!/\p{L}/u.test(word[0]) || ends.test(word[0])) break;
        words.push({ word: word[0], at: from + word.index });
      }
      const head = words.at(-1);
      if (!head || head.word.length < 3) return false;
      const end = head.at + head.word.length;
      const named = [
        ...mentioned.places,
        ...mentioned.others.map((one) => ({ from: one.from, to: one.from + one.words.length })),
      ].some((place) => place.from < end && from < place.to);
      return !named && !tokensOf(head.word).some(({ stem }) => familiar.has(stem));
    }),
  );
}
