import { plainText } from './clean';
import { amountAtTail } from './amount-at-tail';
import { amountAtHead } from './ingredient-amounts';
import { nameIn } from './ingredient-name';
import { linking } from './ingredient-words';
import { quantityAt } from '../prose';
import { blankLine, type IngredientLine } from './said';

const toTaste =
  /(?:[,;(]\s*|(?<!\s)\s*)\b(?:(?:or )?to taste|as (?:needed|required|desired)|q\.?\s?b\.?|al gusto|c\/n|cantidad necesaria|secukupnya|nach (?:geschmack|bedarf|belieben)|au goût|selon (?:le )?goût|quanto basta)(?![\p{L}])\)?\.?/iu;
const optionalWords =
  /(?:[,;(]\s*|(?<!\s)\s*)\b(?:optional(?:ly)?|if (?:liked|you like|wished|desired|using)|nach wunsch|facultatif|opcional|facoltativo|opsional)\b\)?/i;
const extra =
  /(?<!\s)\s*(?:[,(]\s*)?(?:\bplus\b|\band\b|\+)\s*(?:(?:a (?:little|bit)|some|extra|more|\d[\d/., ]*\s?\p{L}{1,12}\.?)\s*)+(?:extra |more |of it )?(?:,? ?(?:for|to)\b.*)?$/iu;
/** “beaten with 1 tbsp milk”, “dissolved in 2 tbsp water”. */
const madeWith =
  /(?<![,\s(])[,\s(]+\b(?:(?:beaten|mixed|dissolved|blended|whisked|slaked|stirred) (?:with|in|into|together with) .*|in (?=\d)[\d/., ]{1,6}(?:tsp|tbsp|ml|g)\b.*)$/i;
const purpose =
  /(?:[,(]\s*|(?<!\s)\s*)\b(?:for (?:the |shallow |deep |pan[- ]|light )*(?:dusting|rolling|greasing|frying|brushing|glazing|sprinkling|serving|decorating|decoration|garnish|kneading|coating|topping|finishing|shaping|sealing|oiling|lining|rubbing|tossing|drizzling)\b.*|for (?:the|each|every) \p{L}+(?: \p{L}+)?|for (?:the |a |your )(?:tins?|pans?|trays?|rings?|moulds?|dish(?:es)?|bowl|griddle|work ?surface|board|hands|baking sheet)\b.*|to (?:serve|garnish|decorate|finish|glaze|dust|grease|fry|sprinkle|taste)\b.*|zum (?:bestäuben|braten|einfetten|garnieren|bestreuen)|pour (?:le moule|la cuisson|servir)|para (?:decorar|freír|espolvorear|engrasar)|per (?:la teglia|spolverare|guarnire|friggere))\)?$/iu;
const ledBy = /^(?:to (?:finish|serve|glaze|decorate|garnish|top|fill|dust)|for [^:\d]{2,30})\s*:\s*/i;
const pinchless =
  /^(?:a |ein |un |une |some |etwas |un peu |un po' |sedikit )?(?:(?:little|bit|few|plenty|touch|grating|knob|good amount|wenig|bisschen|peu|poco|po')(?![\p{L}])\s*)?/iu;

/**
 * Reads one line of an ingredient list. Nothing is refused: what is no amount is part of the name.
 *
 * @returns null where the line has no letter
 */
export function readIngredientLine(typed: string): IngredientLine | null {
  let text = plainText(typed)
    .replace(/^(?:[-*•·▪◦‣●○■□✓☐>]|\[ ?\])+\s*/u, '')
    .replace(/(?<![.;,:])[.;,:]+$/, '')
    .trim();
  if (!/\p{L}/u.test(text)) return null;
  const line = blankLine();
  const take = (pattern: RegExp, then?: (found: string) => void) => {
    const match = pattern.exec(text);
    if (!match) return;
    then?.(match[0].replaceAll(/^[\s,;(]+|(?<![\s)])[\s)]+$/g, ''));
    text = `${text.slice(0, match.index)} ${text.slice(match.index + match[0].length)}`.trim();
  };
  // “To finish: beaten egg or milk”
  take(ledBy, (found) => (line.note = found.replace(/ ?:$/, '').toLowerCase()));
  take(inFront, (found) => (line.note = found.replace(/:.*$/, '').toLowerCase()));
  take(ofGroup, (found) => (line.note = found.replace(/ ?:$/, '').toLowerCase()));
  const tasted = toTaste.test(text);
  take(toTaste);
  take(optionalWords, () => (line.optional = true));
  take(madeWith, (found) => (line.note = found));
  take(purpose, (found) => (line.note = [found, line.note].filter((one) => one !== '').join(', ')));
  take(extra, (found) => (line.note = [found, line.note].filter((one) => one !== '').join(', ')));
  text = partOf(text) ?? text;
  text = text.replace(pieceOf, (found) => {
    line.note = found.trim().replace(/ of$/, '');
    return '1 ';
  });
  text = text.replace(vague, '').replace(unnumbered, (found) => `1 ${found}`);
  const rest = amountAtHead(text, line) ?? amountAtTail(text, line) ?? beforeBracket(text, line);
  nameIn(rest ?? text.replace(vagueHead, ''), line);
  if (line.amount === null) {
    line.unit = 'to-taste';
    if (!tasted && !line.optional && line.note === '' && !seasoning.test(line.name))
      line.doubts.push('no amount is said');
  }
  if (line.unit === 'handful') line.doubts.push('a handful is what a hand holds');
  return line;
}

/** “Anchovies 4 (leave out for some)”: an amount, and a bracket that says something else. */
function beforeBracket(text: string, line: IngredientLine): string | null {
  const bracket = / ?\(([^()]*)\)$/.exec(text);
  const name = bracket && amountAtTail(text.slice(0, bracket.index), line);
  if (!name) return null;
  line.note = [line.note, bracket[1]!.trim()].filter((one) => one !== '').join(', ');
  return name;
}

/** “dressing: 4 tbsp olive oil”: what it is for. */
const inFront =
  /^\p{L}[\p{L} ]{2,30}: ?(?=\d[\d.,/ ]{0,6} ?\p{L}{1,12} (?!(?:from|at|off)\b|in the\b)\p{L}{3})/u;
/** “Group 2: 4 g salt”, “each day 50 g flour”: whose it is, and when. */
const ofGroup =
  /^(?:group|bench|team|sample|batch|dough|station|pair|test|variant) ?[\dA-H]{1,2} ?[:-] ?(?=\d)|^(?:each|every) day:? (?=\d)/i;
/** “a 2 cm piece of ginger”. */
const pieceOf =
  /^(?:an? |one |1 )?(?:about )?[\d/., ]*\d(?:-| )?(?:cm|mm|inch(?:es)?|in|")[- ]?(?:(?:piece|knob|length|chunk|stick|lump|thumb)s?(?: of)?|of|)\s+(?=\p{L})/iu;
/** “a little oil”, “some flour”, “etwas Salz”: no amount. */
const vague =
  /^(?:an? |ein |un |une )?(?:little|bit|few|some|plenty|touch|(?:good |generous )?(?:amount|scattering|sprinkling|dusting|grating|grinding|twist|coating)|lots|etwas|wenig|bisschen|peu|poco|po'|sedikit)(?: (?:of|de|d'|di))?\s+(?:(?:pinches|handfuls|drops|cloves|slices|sprigs|leaves|pieces|dashes)(?: of)?\s+)?(?=\p{L})/iu;
/** “handful of coriander”, “small knob butter”: one of it. */
const unnumbered =
  /^(?:(?:small|large|big|good|generous) )?(?:handful|pinch|dash|splash|knob|glug|drizzle|squeeze|clove|sprig|bunch|sachet|packet|tin|stick|slice|spoonful|thumb)s?(?= (?:of )?\p{L})/iu;
const vagueHead = new RegExp(`${pinchless.source}(?:${linking.source.replace(/^\^/, '')})?`, 'iu');
const seasoning =
  /\b(?:salt|pepper|seasoning|salz|pfeffer|sel|poivre|sal|pimienta|sale|pepe|garam|merica|water|oil)\b/i;

const partPattern =
  /^(?:the |le |la |el |il |lo |der |die |les )?(?:(?:finely |freshly )?(?:grated|squeezed|pared|abgeriebene) )?(zest|rind|peel|juice|whites?|yolks?|saft|schale|jus|zestes?|zumo|jugo|piel|ralladura|succo|scorza|perasan)(?:(?: and |, ?| et | y | e | und )(?:the )?(?:finely )?(?:grated )?(zest|rind|juice|jus|zumo|succo|saft|schale))? (?:(?:of|from|de|d'|di|von|du|del)\s*(?:the )?|(?=\d))/i;

/** “the zest of one lemon” → “1 lemon zest”, “juice of half a lemon” → “0.5 lemon juice”. */
function partOf(text: string): string | null {
  const match = partPattern.exec(text);
  if (!match) return null;
  let rest = text.slice(match[0].length);
  const quantity = quantityAt(rest);
  rest = quantity ? rest.slice(quantity.length) : rest;
  const one = rest.replace(linking, '').trim();
  if (!/\p{L}/u.test(one)) return null;
  const comma = one.indexOf(',');
  const [head, tail] = comma < 0 ? [one, ''] : [one.slice(0, comma), one.slice(comma)];
  const singular = head.replace(/(?<=\p{L}{3})(?<!s)s$/u, '');
  const part = match[1]!.toLowerCase().replace('rind', 'zest');
  const number = quantity ? quantity.low : 1;
  // In other languages the part stands first: “piel de limón”.
  if (!/^(?:zest|peel|juice|whites?|yolks?)$/.test(part)) return `${number} ${part} de ${singular}${tail}`;
  const both = match[2] === undefined ? part : `${part} and ${match[2].toLowerCase()}`;
  return `${number} ${singular} ${both}${tail}`;
}
