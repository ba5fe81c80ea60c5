/* The words that steps are written in, as patterns: what is done, what it is done to, how hot, with what. */

export const word = (words: string) => new RegExp(`(?<![\\p{L}])(?:${words})(?![\\p{L}])`, 'u');
/** Two things named within some words of each other, in either order. */
export const near = (first: string, second: string, gap = 6) => {
  const between = `(?: [^ ]+){0,${gap}} `;
  return new RegExp(
    `(?<![\\p{L}])(?:(?:${first})(?![\\p{L}])${between}(?:${second})|(?:${second})(?![\\p{L}])${between}(?:${first}))(?![\\p{L}])`,
    'u',
  );
};

export const boils = 'boil(?:s|ed|ing|over)?|simmer(?:s|ed|ing)?|bubbl(?:e|es|ed|ing)|scald(?:s|ed|ing)?';
export const heats = `${boils}|heat(?:s|ed|ing)?|reheat(?:s|ed|ing)?|melt(?:s|ed|ing)?|warm(?:s|ed|ing)? (?:up|through|gently|the|it)|cook(?:s|ed|ing)?|caramelis\\w*|carameliz\\w*|reduc(?:e|es|ed|ing)|microwav\\w*|on the (?:hob|stove|ring|heat|burner|flame|induction)|over (?:a |the )?(?:\\w+ )?(?:heat|flame|hob|burner)|hob|stove|evaporat\\w*|poach\\w*|blanch\\w*|parboil\\w*`;
export const hot =
  'hot|boiling|scalding|molten|melted|bubbling|simmering|steaming|piping hot|just boiled|freshly boiled';
export const sugary =
  'sugars?|sucrose|syrup|caramels?|toffee|fudge|jam|jams|marmalade|honey|treacle|molasses|glucose|isomalt|honeycomb|cinder|candy|nougat|praline|butterscotch|marshmallow|fondant|jelly bags?|fruit jelly|chutney|glaze|brittle';
export const watery =
  'water|milk|stock|broth|soup|sauce|cream|custard|juice|liquids?|porridge|gravy|wine|coffee|tea|cocoa|curry|stew|puree|purée|infusion|brine|jam|marmalade|chutney|syrup|jelly|agar|gelatine|gelatin|mixture|contents|pan|pot|cooking water|pasta|potatoes|rice|noodles|vegetables|eggs?|roux|batter|solution|vinegar|dye|tomatoes|beans|lentils';
export const oily = 'oil|lard|dripping|ghee|fat|shortening|tallow|suet|butter';
export const acid = 'vinegars?|balsamic|acids?|acetic|pickling (?:liquor|liquid|solution|brine)|pickle';

/** The highest temperature a sentence names, °C; −Infinity for none. Oven settings are temperatures too. */
export function hottest(sentence: string): number {
  let top = -Infinity;
  for (const [, sign, number, unit] of sentence.matchAll(
    /([−]|minus )?(?<!\d)(\d+(?:\.\d+)?) ?(?:to \d+ ?)?(°? ?[cf](?![\p{L}])|°|degrees?(?: celsius| fahrenheit| c| f)?)/gu,
  )) {
    const value = Number(number) * (sign ? -1 : 1);
    top = Math.max(
      top,
      /f/u.test(unit!.replace('degrees', '').replace('degree', '')) ? (value - 32) / 1.8 : value,
    );
  }
  return top;
}

const oven = word(
  'ovens?|roast(?:s|ing)?|grill(?:s|ing)?|broil(?:s|ed|ing|ers?)?|griddle|gas mark|air ?fry\\w*|air ?fryers?|toast(?:s|ing|er)?|waffle iron|panini|sandwich press|hot ?plates?|salamander|kiln|blind bak\\w+',
);
const bakes = word(
  'bak(?:e|es)|(?:is|are|be|been|until|being|it) baked|baking(?! (?:powder|soda|paper|parchment|sheets?|trays?|tins?|dish(?:es)?|beans|ingredients|aisle|scales|chocolate|potato\\w*|spread))',
);
/** Not the roast, but roasting: “the roast beef sandwich”, “roast chicken crisps”. */
const roastNoun = /\b(the|a|cold|leftover|roast) roast\b(?! (it|for|in|at))/u;

/** Whether words put something into an oven or under a grill. */
export function mentionsOven(text: string): boolean {
  const sentence = ` ${text.toLowerCase().replaceAll(/[^\p{L}\p{N}°]+/gu, ' ')} `;
  return (oven.test(sentence) && !roastNoun.test(sentence)) || bakes.test(sentence);
}

export const bigVessel =
  'pans?|pots?|stockpots?|stock pots?|cauldrons?|trays?|sacks?|mixers?|casseroles?|urns?|boxes|crates?|drums?|buckets?|saucepans?|preserving pan|roasting tin|dutch oven|bags? of flour';
export const cuttable =
  'the|a|an|it|them|into|in|each|off|up|out|one|two|three|half|some|your|all|thin|thick|open|along|through|across|away|carefully|finely|thinly|roughly|\\d+|every|both|fruit|vegetables?|onions?|apples?|pears?|potato(?:es)?|carrots?|bread|meat|and';
export const raws =
  'meat|chicken|turkey|duck|goose|beef|pork|lamb|veal|venison|rabbit|bacon|gammon|ham joint|sausages?|sausagemeat|burgers?|patt(?:y|ies)|koftas?|meatballs?|steaks?|poultry|liver|kidneys|giblets|fish|salmon|cod|haddock|trout|mackerel|hake|plaice|herring|sardines|prawns?|shrimps?|squid|mussels?|oysters?|clams?|scallops?|crabs?|lobsters?|drumsticks?|thighs?|wings|chops|brisket';
export const handles =
  'cut|slice|dice|chop|shape|marinat\\w*|season|stuff|skewer|bone|debone|fillet|rub|wash|rinse|weigh|mix|press|coat|fry|grill|roast|bake|brown|sear|cook|defrost|thaw|trim|tenderis\\w*|tenderiz\\w*|flatten|score|pat|prepare|handle|unwrap|inject|roll|mould|form|divide|touch|skin|gut|shell|peel|place|put|poach|barbecue|steam|knead|truss|dip|bread|thread|clean|pull|crack|spatchcock|butterfly|devein|joint|carve|lay|arrange|serve raw|wrap|tie|portion|slash|string|bag|freeze';
export const cookedMeat =
  /\b(cooked|tinned|canned|tin of|can of|vegan|vegetarian|plant based|jerky|cold cuts|pâté)\b/u;
