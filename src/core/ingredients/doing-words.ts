/**
 * Words that name an ingredient and are something done, or no ingredient of the batch: “cream the butter”, “butter an 8-inch
 * tin”, “soapy water”. What is found is blanked out, so that places in a sentence stay what they are.
 */

/** Where something to do begins. */
const begins = String.raw`(?<=^\s*|[.,;:(]\s*|\b(?:and|then|lightly|generously|well|to|first|next|now)\s+)`;
const determiner = String.raw`(?:the|a|an|your|two|three|four|both|it|them|each|all|some|another|every|its|their)\b`;
const vessel = String.raw`(?:tins?|pans?|trays?|dish(?:es)?|moulds?|molds?|ramekins?|sheets?|boards?|worktops?|surfaces?|rings?|foil|hands|griddles?|cups?|cases?|papers?|parchment|racks?|skillets?)\b`;
/** No part of a thing that is greased: “butter in the pan” is butter. */
const joins = String.raw`(?!(?:in|into|on|onto|to|from|with|for|over|at|off|out|of|goes|go|is|are|and|or|by|until|as|beans?|cheese|mixture)\b)`;

/** “butter a tin”, “flour the board well”, “oil two deep trays”, “grease”, “salt and pepper the fish”. */
const coats = new RegExp(
  `${begins}(?:butter|oil|flour|salt|sugar|water|pepper|cream)(?= (?:and (?:lightly )?(?:line|flour|sugar|oil|salt|butter|pepper|dust) (?:${determiner}|${vessel})|${determiner}|(?:together|well|lightly|generously)\\b|${joins}(?:[\\p{L}\\d×.-]+ ){0,6}?${vessel}))`,
  'giu',
);
/** “butter and flour the tin”: the second of them. */
const coatsToo = new RegExp(
  `(?<=\\b(?:butter|oil|grease|salt) and (?:lightly )?)(?:flour|sugar|salt|pepper|butter)(?= (?:${determiner}|${vessel}))`,
  'giu',
);
/** “cream butter and sugar”, “cream softened butter with …”. */
const creams = new RegExp(
  `${begins}cream(?= (?:(?:the|together|softened|soft|cold|melted|cooled|caster|white|brown|unsalted|room-temperature|half|all) )*(?:butter|margarine|marg|fat|fats|shortening|sugars?|eggs?|lard|spread|ghee)\\b)`,
  'giu',
);
/** “dust with flour”, “sprinkle the board with flour”. */
const dusts = new RegExp(
  `(?<=\\b(?:dust(?:ed|ing)?|sprinkle (?:${determiner} )?${vessel}) (?:[\\p{L}-]+ ){0,4}with (?:a little |some |more |extra )?)(?:flour|semolina|cornflour|water)(?![\\p{L}])`,
  'giu',
);
/** Water that washes, and water of the sink. */
const washing =
  /\b(?:soapy|washing-up|dish|rinsing|bath) (?:hot |warm |cold )?water\b|\b(?:soapy|hot soapy|warm soapy) water\b|(?<=\b(?:wash|rinse|scrub|clean|soak)\w* (?:the |your |each |every )?(?:[\p{L}-]+ ){0,2}(?:in|with|under|off with) (?:\p{L}+ ){0,3})water\b|(?<=\bfill (?:the |your |each |every |a )?(?:dirty |used |empty |sticky )?(?:pans?|pots?|sinks?|bowls?|saucepans?|tins?|jars?) (?:up )?with (?:soapy |hot |warm |very |cold ){0,3})water\b/giu;

/** A bath beside the food, and what is washed off a tool. */
const beside =
  /(?<=\b(?:tray|dish|pan|bowl|bath|pot|basin|sink|saucepan|roasting tin) of (?:very |gently )?(?:boiling |hot |warm |cold |iced? |simmering )?)water\b|(?<=\b(?:wash|rinse|wipe|scrub|scrape)\w* (?:the |any |all the )?)\p{L}{3,12}(?= off\b)/giu;

const blank = (found: string) => ' '.repeat(found.length);

/** What of a sentence is done in words that are also ingredients: “butter” of “butter the tin”. */
export function doingIn(sentence: string): string {
  const rest = withoutDoing(sentence);
  // By the places of the text, not by its letters: one of them may take two.
  return sentence
    .split('')
    .map((letter, i) => (rest[i] === letter ? ' ' : letter))
    .join('')
    .trim();
}

/** A sentence without what is done in words that are also ingredients; of the same length. */
export const withoutDoing = (sentence: string): string =>
  [coats, coatsToo, creams, dusts, washing, beside].reduce(
    (said, words) => said.replace(words, blank),
    sentence,
  );
