import { itemCalled } from '../ingredients';
import { plainText } from './clean';
import { quantityAt } from './quantity';
import { isMass, isPack, isVolume, unitAt, type RecipeUnit } from './units';

/** An amount in one unit. */
export interface Said {
  amount: number;
  amountHigh: number | null;
  unit: RecipeUnit;
}

/** A pack as it is written: “2 × 400 g tins”. */
export interface PackSaid {
  count: number;
  each: number;
  unit: RecipeUnit;
}

/** What one line of an ingredient list says. */
export interface IngredientLine {
  name: string;
  /** Null: no amount is said. */
  amount: number | null;
  amountHigh: number | null;
  unit: RecipeUnit;
  fill: 'level' | 'heaped' | 'scant' | 'packed' | null;
  /** large, small … */
  size: string;
  /** cold, soft, chopped … */
  state: string;
  /** The same amount said otherwise: “250 g (9 oz)”, “1 sachet (2 tsp)”; each is of the whole line. */
  also: Said[];
  pack: PackSaid | null;
  optional: boolean;
  note: string;
  /** Why somebody should look: nothing, where all of it is plain. */
  doubts: string[];
}

const fillWords: readonly (readonly [RegExp, IngredientLine['fill']])[] = [
  [/^(?:heaped|heaping|rounded|generous|gehäufte[rn]?|bombée?s?|colmadas?|colm[oi]|munjung)\s+/i, 'heaped'],
  [/^(?:level|flat|gestrichene[rn]?|rases?|rasas?|ras[oi]|peres)\s+/i, 'level'],
  [/^(?:scant|bare|knappe[rn]?)\s+/i, 'scant'],
  [/^(?:(?:firmly|lightly|tightly)[ -])?packed\s+/i, 'packed'],
];
const sizeWords =
  /^(?:(?:very|medium|large|small)[- ](?=large|small|sized))?(?:extra[- ]large|large|medium(?:-sized)?|small|big|thick|thin|gro(?:ß|ss)e[rsn]?|kleine[rsn]?|mittelgro(?:ß|ss)e[rsn]?|gros(?:se)?s?|petite?s?|moyen(?:ne)?s?|grandes?|pequeñ[oa]s?|median[oa]s?|grand[ei]|piccol[oaie]|besar|kecil|sedang)\s+/i;
const packWord =
  /^[- ]?(?:(?:large|small|standard)\s+)?(?:tins?|cans?|packs?|packets?|packages?|jars?|cartons?|bags?|boxe?s?|sachets?|envelopes?|tubs?|pots?|bottles?|blocks?|bars?|punnets?|tubes?|sticks?|dosen?|päckchen|packung(?:en)?|becher|boîtes?|briques?|paquets?|latas?|sobres?|botes?|paquetes?|scatol[ae]|bustin[ae]|confezion[ei]|vasett[oi]|kaleng|bungkus)\b\.?\s*/i;
const linking =
  /^(?:of|de|d'|di|del|dello|della|dell'|dei|degli|delle|du|des|de la|de l'|von|vom)(?:\s+|(?<='))/i;

const before =
  'very|finely|roughly|coarsely|freshly|lightly|well|thinly|thickly|cold|hand-hot|blood-warm|chilled|ice-cold|iced|frozen|soft|softened|room-temperature|warm|warmed|lukewarm|luke-?warm|luke warm|tepid|hot|boiling|melted|sifted|sieved|beaten|grated|shredded|chopped|diced|sliced|cubed|crushed|mashed|toasted|peeled|drained|rinsed|soaked|stoned|pitted|cooked|ripe|washed|squeezed|minced|separated|kalte[rns]?|weiche[rns]?|warme[rns]?|lauwarme[rns]?|gehackte[rns]?|geriebene[rns]?|geschmolzene[rns]?|dingin|hangat|cincang';
const stateBefore = new RegExp(`^((?:(?:${before})(?:,? (?:and )?|,\\s*))+)(?=\\p{L}{2})`, 'iu');
const stateAfter = new RegExp(
  `^(?:(?:and|then|but|still|which is) )?(?:(?:${before}|zested|juiced|halved|quartered|cut|trimmed|at room|from the|fridge|torn|picked|deseeded|cored|skinned|unpeeled|crumbled|flaked|strained|whipped|whisked|kneaded|dissolved|in (?:small |thin |thick |large )?(?:cubes|slices|chunks|pieces|strips|rings)|into|to room|just|plus|zimmerwarm|weich|kalt|gehackt|gewürfelt|gerieben|geschält|in würfeln|in scheiben|fondu|ramolli|mou|haché|râpé|épluché|émincé|coupé|tiède|froid|picad[oa]|rallad[oa]|derretid[oa]|trocead[oa]|pelad[oa]|cortad[oa]|batid[oa]|a temperatura|tritat[oaie]|grattugiat[oaie]|fus[oa]|morbid[oa]|tagliat[oaie]|a temperatura|cincang|iris|parut|potong|haluskan|geprek|memarkan|kocok)[oaesn]*)(?![\\p{L}])`,
  'iu',
);
const toTaste =
  /[,;(]?\s*\b(?:to taste|as (?:needed|required|desired)|q\.?\s?b\.?|al gusto|c\/n|cantidad necesaria|secukupnya|nach (?:geschmack|bedarf|belieben)|au goût|selon (?:le )?goût|quanto basta)(?![\p{L}])\)?\.?/iu;
const optionalWords =
  /[,;(]?\s*\b(?:optional(?:ly)?|if (?:liked|you like|wished|desired|using)|nach wunsch|facultatif|opcional|facoltativo|opsional)\b\)?/i;
const extra =
  /\s*[,(]?\s*(?:\bplus\b|\band\b|\+)\s*(?:(?:a (?:little|bit)|some|extra|more|\d[\d/., ]*\s?\p{L}{1,12}\.?)\s*)+(?:extra |more |of it )?(?:,? ?(?:for|to)\b.*)?$/iu;
/** “beaten with 1 tbsp milk”, “dissolved in 2 tbsp water”. */
const madeWith =
  /[,\s(]+\b(?:beaten|mixed|dissolved|blended|whisked|slaked|stirred) (?:with|in|into|together with) .*$/i;
const purpose =
  /[,(]?\s*\b(?:for (?:the )?(?:dusting|rolling|greasing|frying|brushing|glazing|sprinkling|serving|decorating|decoration|garnish|kneading|coating|topping|finishing)\b.*|to (?:serve|garnish|decorate|finish|glaze|dust|grease|fry|sprinkle|taste)\b.*|zum (?:bestäuben|braten|einfetten|garnieren|bestreuen)|pour (?:le moule|la cuisson|servir)|para (?:decorar|freír|espolvorear|engrasar)|per (?:la teglia|spolverare|guarnire|friggere))\)?$/i;
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
    .replace(/[.;,:]+$/, '')
    .trim();
  if (!/\p{L}/u.test(text)) return null;
  const line = blank();
  const take = (pattern: RegExp, then?: (found: string) => void) => {
    const match = pattern.exec(text);
    if (!match) return;
    then?.(match[0].replaceAll(/^[\s,;(]+|[\s)]+$/g, ''));
    text = `${text.slice(0, match.index)} ${text.slice(match.index + match[0].length)}`.trim();
  };
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
  const rest = amountAtHead(text, line) ?? amountAtTail(text, line);
  nameIn(rest ?? text.replace(vagueHead, ''), line);
  if (line.amount === null) {
    line.unit = 'to-taste';
    if (!tasted && !line.optional && line.note === '' && !seasoning.test(line.name))
      line.doubts.push('no amount is said');
  }
  if (line.unit === 'handful') line.doubts.push('a handful is what a hand holds');
  return line;
}

/** “a 2 cm piece of ginger”. */
const pieceOf =
  /^(?:an? |one |1 )?(?:about )?[\d/., ]*\d(?:-| )?(?:cm|mm|inch(?:es)?|in|")[- ]?(?:piece|knob|length|chunk|stick|lump|thumb)s?(?: of)?\s+(?=\p{L})/iu;
/** “a little oil”, “some flour”, “etwas Salz”: no amount. */
const vague =
  /^(?:an? |ein |un |une )?(?:little|bit|few|some|plenty|touch|(?:good |generous )?(?:amount|scattering|sprinkling|dusting|grating|grinding|twist|coating)|lots|etwas|wenig|bisschen|peu|poco|po'|sedikit)(?: (?:of|de|d'|di))?\s+(?:(?:pinches|handfuls|drops|cloves|slices|sprigs|leaves|pieces|dashes)(?: of)?\s+)?(?=\p{L})/iu;
/** “handful of coriander”, “small knob butter”: one of it. */
const unnumbered =
  /^(?:(?:small|large|big|good|generous) )?(?:handful|pinch|dash|splash|knob|glug|drizzle|squeeze|clove|sprig|bunch|sachet|packet|tin|stick|slice|spoonful|thumb)s?(?= (?:of )?\p{L})/iu;
const vagueHead = new RegExp(`${pinchless.source}(?:${linking.source.replace(/^\^/, '')})?`, 'iu');
const seasoning =
  /\b(?:salt|pepper|seasoning|salz|pfeffer|sel|poivre|sal|pimienta|sale|pepe|garam|merica|water|oil)\b/i;

const blank = (): IngredientLine => ({
  name: '',
  amount: null,
  amountHigh: null,
  unit: 'each',
  fill: null,
  size: '',
  state: '',
  also: [],
  pack: null,
  optional: false,
  note: '',
  doubts: [],
});

const partPattern =
  /^(?:the |le |la |el |il |lo |der |die |les )?(?:(?:finely |freshly )?(?:grated|squeezed|pared|abgeriebene) )?(zest|rind|peel|juice|whites?|yolks?|saft|schale|jus|zestes?|zumo|jugo|piel|ralladura|succo|scorza|perasan)(?:(?: and |, ?| et | y | e | und )(?:the )?(?:finely )?(?:grated )?(zest|rind|juice|jus|zumo|succo|saft|schale))? (?:of|from|de|d'|di|von|du|del)\s*(?:the )?/i;

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

/** The amount a line begins with, and what follows it; null where it begins with none. */
function amountAtHead(text: string, line: IngredientLine): string | null {
  if (/^\d[\d.,]*\s?%|^\d+-\p{L}/u.test(text) && !/^\d+-(?:inch|ounce|oz|gram|g)\b/i.test(text)) return null;
  if (/^lima beans?\b/i.test(text)) return null;
  const quantity = quantityAt(text);
  if (!quantity) return null;
  let rest = text.slice(quantity.length);
  if (quantity.doubtful) line.doubts.push('the number can be read in two ways');
  const inWords = /^\p{L}/u.test(text);
  const packed = packAt(rest, quantity.low, inWords, line);
  if (packed !== null) return packed;
  rest = withFill(rest, line);
  // “two crushed cloves of garlic”
  const led = stateBefore.exec(rest);
  if (led && !unitAt(rest) && unitAt(rest.slice(led[0].length))) {
    line.state = led[1]!.trim().toLowerCase();
    rest = rest.slice(led[0].length);
  }
  const sized = sizeWords.exec(rest);
  const unit = unitAt(rest) ?? (sized ? unitAt(rest.slice(sized[0].length)) : null);
  if (unit && !isNameAfterAll(rest, unit)) {
    const from = unitAt(rest) ? 0 : sized![0].length;
    rest = rest.slice(from + unit.length);
    line.amount = tidy(quantity.low * unit.times);
    line.amountHigh = quantity.high === null ? null : tidy(quantity.high * unit.times);
    line.unit = unit.unit;
    rest = andAHalf(rest, unit.times, line);
    rest = smallerUnit(rest, unit, line);
    rest = secondEnd(rest, unit, line);
    rest = withoutPack(afterUnit(rest, line), quantity.low, unit, line);
    rest = withFill(rest, line);
    return named(rest) ? rest : null;
  }
  line.amount = quantity.low;
  line.amountHigh = quantity.high;
  line.unit = 'each';
  return named(rest) ? rest : null;
}

/** “500 g pack of flour”, “400 g tin chickpeas”: an amount and what it is sold in. */
function withoutPack(
  text: string,
  amount: number,
  { unit, times }: { unit: RecipeUnit; times: number },
  line: IngredientLine,
): string {
  const word = packWord.exec(text);
  if (!word || !(isMass(unit) || unit === 'ml' || unit === 'l')) return text;
  const rest = text.slice(word[0].length);
  if (!named(rest)) return text;
  line.pack = { count: 1, each: tidy(amount * times), unit };
  return rest;
}

const named = (text: string) => /\p{L}{2}/u.test(text);
const tidy = (value: number) => Number(value.toPrecision(9));

function withFill(text: string, line: IngredientLine): string {
  for (const [pattern, fill] of fillWords) {
    const match = pattern.exec(text);
    if (!match) continue;
    line.fill = fill;
    return text.slice(match[0].length);
  }
  return text;
}

/** “4 cloves”, “2 leaves gelatine”, “1 bay leaf”, “2 stock cubes”: a word for a unit that is the thing itself. */
function isNameAfterAll(rest: string, unit: { length: number; word: string; unit: RecipeUnit }): boolean {
  const after = rest.slice(unit.length).replace(linking, '').trim();
  return !named(after) || /^(?:,|\()/.test(after) ? unit.unit === 'clove' || unit.unit === 'each' : false;
}

/** “a cup and a half of milk”. */
function andAHalf(text: string, times: number, line: IngredientLine): string {
  const match = /^(?:and|y|et|e|und) (?:a |an |un )?(half|quarter|third|demie?|media|mezz[oa]) /i.exec(text);
  if (!match || line.amount === null) return text;
  const part = /quarter/i.test(match[1]!) ? 0.25 : /third/i.test(match[1]!) ? 1 / 3 : 0.5;
  line.amount = tidy(line.amount + part * times);
  return text.slice(match[0].length);
}

/** How many of the smaller unit one is, where people write both: “1 lb 2 oz”, “6 tbsp plus 1 tsp”. */
const smaller: Partial<Record<RecipeUnit, [RecipeUnit, number]>> = {
  lb: ['oz', 16],
  kg: ['g', 1000],
  l: ['ml', 1000],
  tbsp: ['tsp', 3],
  cup: ['tbsp', 16],
  pint: ['floz', 20],
};

function smallerUnit(text: string, unit: { unit: RecipeUnit; times: number }, line: IngredientLine): string {
  const under = smaller[unit.unit];
  const joint = /^(?:plus|and|\+|&)?\s*(?=\d)/i.exec(text);
  if (!under || !joint || line.amount === null) return text;
  const second = quantityAt(text.slice(joint[0].length));
  const again = second && unitAt(text.slice(joint[0].length + second.length));
  if (!second || again?.unit !== under[0]) return text;
  line.amount = tidy(line.amount + (second.low * again.times) / under[1]);
  return text.slice(joint[0].length + second.length + again.length);
}

/** “140 ml to 150 ml”. */
function secondEnd(text: string, unit: { unit: RecipeUnit; times: number }, line: IngredientLine): string {
  const joint = /^(?:-|to|bis|à|a|hingga)\s*(?=\d)/i.exec(text);
  if (!joint) return text;
  const second = quantityAt(text.slice(joint[0].length));
  const again = second && unitAt(text.slice(joint[0].length + second.length));
  if (!second || again?.unit !== unit.unit) return text;
  if (line.amount !== null && second.low * again.times > line.amount)
    line.amountHigh = tidy(second.low * again.times);
  return text.slice(joint[0].length + second.length + again.length);
}

/** What stands right after the first amount and says it again: “/ 9 oz”, “(about 120 g)”, “or 2 cups”. */
function afterUnit(text: string, line: IngredientLine): string {
  let rest = text.trimStart();
  for (;;) {
    const match = /^(?:\/|\||=|or\b|ou\b|oder\b)\s*(?=[\d/]|\d|half|a )/i.exec(rest);
    const inside = /^\(([^)]{1,40})\)\s*/.exec(rest);
    if (inside) {
      const said = saidIn(inside[1]!);
      if (!said) return rest;
      keepAlso(said, line, /\beach\b/i.test(inside[1]!));
      rest = rest.slice(inside[0].length);
      continue;
    }
    if (!match) return rest;
    const said = saidAt(rest.slice(match[0].length));
    if (!said) return rest;
    keepAlso(said.said, line);
    rest = rest.slice(match[0].length + said.length).trimStart();
  }
}

/** Keeps an amount said again: of tins and packs the size of one is meant, of others all of it, but for “each”. */
function keepAlso(said: Said, line: IngredientLine, each = false): void {
  const times = each || line.unit === 'tin' || line.unit === 'packet' ? (line.amount ?? 1) : 1;
  line.also.push({ ...said, amount: tidy(said.amount * times) });
}

function saidAt(text: string): { said: Said; length: number } | null {
  const quantity = quantityAt(text);
  const unit = quantity && unitAt(text.slice(quantity.length));
  if (!quantity || !unit || !(isMass(unit.unit) || isVolume(unit.unit) || isPack(unit.unit))) return null;
  let [low, length] = [quantity.low * unit.times, quantity.length + unit.length];
  const under = smaller[unit.unit];
  const more = under && quantityAt(text.slice(length));
  const moreUnit = more && unitAt(text.slice(length + more.length));
  if (under && more && moreUnit?.unit === under[0]) {
    low += (more.low * moreUnit.times) / under[1];
    length += more.length + moreUnit.length;
  }
  return {
    said: {
      amount: tidy(low),
      amountHigh: quantity.high === null ? null : tidy(quantity.high * unit.times),
      unit: unit.unit,
    },
    length,
  };
}

/** An amount that is all there is in a bracket, “each” and “about” aside. */
function saidIn(text: string): Said | null {
  const inner = text.replace(/^(?:or|that is|i\.e\.|about|approx\.?|etwa|ca\.?)\s+/i, '').trim();
  const found = saidAt(inner);
  const tail =
    found &&
    inner
      .slice(found.length)
      .replace(/^(?:each|in (?:total|all)|or so)\b/i, '')
      .trim();
  return found && (tail === '' || /^[/|]/.test(tail!) || /^(?:tins?|cans?|packs?)$/i.test(tail!))
    ? found.said
    : null;
}

/** “2 × 400 g tins”, “1 (14-ounce) can”, “a 7 g sachet”, “half a kilo bag”, “half a 1 kg bag”. */
function packAt(text: string, count: number, inWords: boolean, line: IngredientLine): string | null {
  const lead = /^(?:x|of|an?|\()?\s*/i.exec(text)![0];
  const times = /x/i.test(lead);
  const bracket = lead.includes('(');
  let rest = text.slice(lead.length);
  const quantity = quantityAt(rest);
  const size = quantity && !/^an?\b/i.test(rest) ? quantity : null;
  if (size) rest = rest.slice(size.length);
  const unit = unitAt(rest.replace(/^-/, ''));
  if (!unit || !(isMass(unit.unit) || unit.unit === 'ml' || unit.unit === 'l' || unit.unit === 'floz'))
    return null;
  rest = rest.replace(/^-/, '').slice(unit.length);
  if (bracket) rest = rest.replace(/^\)\s*/, '');
  const word = packWord.exec(rest);
  // “half a kilo bag” has no number of its own; “500 g pack” is an amount and a word.
  if (!size && !(word && inWords)) return null;
  if (!word && !times) return null;
  const each = tidy((size?.low ?? 1) * unit.times);
  line.pack = { count, each, unit: unit.unit };
  line.amount = tidy(count * each);
  line.unit = unit.unit;
  rest = word ? rest.slice(word[0].length) : rest;
  return afterUnit(rest, line);
}

/** “Flour 250 g”, “Butter: 100 g”, “Milk (200 ml)”, “salt, a pinch”, “eggs x 3”. */
function amountAtTail(text: string, line: IngredientLine): string | null {
  const match =
    /^(.*?\p{L}[^\d]*?)[\s.,:;()|=_-]+(?:x\s*)?(?=(?:about |approx |ca\.? ?)?(?:\d|a |an |half |one |two |three |\.\d))(.*)$/iu.exec(
      text,
    );
  if (!match) return null;
  const tail = match[2]!.replace(/\)$/, '').trim();
  const quantity = quantityAt(tail);
  if (!quantity) return null;
  const rest = tail.slice(quantity.length);
  const unit = unitAt(withoutFill(rest));
  if (!unit && rest.trim() !== '') return null;
  const left = unit ? withoutFill(rest).slice(unit.length).trim() : '';
  if (left !== '' && !/^[,(+/]/.test(left) && !/^\p{L}+(?: \p{L}+)?$/u.test(left)) return null;
  if (!unit && !/^\d/.test(tail)) return null;
  withFill(rest, line);
  line.amount = tidy(quantity.low * (unit?.times ?? 1));
  line.amountHigh = quantity.high === null ? null : tidy(quantity.high * (unit?.times ?? 1));
  line.unit = unit?.unit ?? 'each';
  const more = afterUnit(left.replace(/^[,]\s*/, ''), line);
  const name = match[1]!.replaceAll(/[\s.,:;(|=_-]+$/g, '');
  return more === '' ? name : `${name}, ${more.replaceAll(/^[,+(]\s*|\)$/g, '')}`;
}

const withoutFill = (text: string) => fillWords.reduce((rest, [pattern]) => rest.replace(pattern, ''), text);

/** Name, size, state and note out of what follows the amount. */
function nameIn(text: string, line: IngredientLine): void {
  let rest = text.trim().replace(linking, '');
  const brackets: string[] = [];
  rest = rest.replaceAll(/\(([^)]*)\)?/g, (_, inner: string) => {
    const said = saidIn(inner);
    if (said && line.amount !== null) keepAlso(said, line, /\beach\b/i.test(inner));
    else if (inner.trim() !== '') brackets.push(inner.trim());
    return ' ';
  });
  rest = rest.replaceAll(/\s+/g, ' ').replaceAll(/\s+,/g, ',').trim();
  for (let sized = sizeWords.exec(rest); sized; sized = sizeWords.exec(rest)) {
    line.size = `${line.size} ${sized[0]}`.trim().toLowerCase();
    rest = rest.slice(sized[0].length);
  }
  rest = alternativesIn(rest, line);
  const [head, ...tails] = rest.split(/,(?!\d)|;| - /).map((part) => part.trim());
  const states: string[] = line.state === '' ? [] : [line.state];
  const notes = [...brackets];
  let name = head!;
  for (const tail of tails) {
    if (tail === '') continue;
    if (stateAfter.test(tail)) states.push(tail);
    else if (tail.split(' ').length <= 3 && !itemCalled(tail) && itemCalled(`${tail} ${name}`))
      name = `${tail} ${name}`;
    else notes.push(tail);
  }
  const led = stateBefore.exec(name);
  if (led && !belongs(name, name.slice(led[0].length))) {
    states.unshift(led[1]!.replace(/,\s*$/, '').trim());
    name = name.slice(led[0].length);
  }
  for (const bracket of notes.filter((one) => stateAfter.test(one))) states.push(bracket);
  const other = notes.filter((one) => !stateAfter.test(one));
  name = name.replace(linking, '').replaceAll(/^[\s.,;:-]+|[\s.,;:-]+$/g, '');
  if (name === '' && line.unit === 'clove') name = 'cloves';
  line.name = lower(name === '' ? text.trim() : name).slice(0, 80);
  line.state = states.join(', ').toLowerCase().slice(0, 60);
  line.note = [line.note, ...other]
    .filter((one) => one !== '')
    .join(', ')
    .slice(0, 200);
}

/** Capitals of a shouted line are no names; those of German nouns are. */
const lower = (name: string) => (name === name.toUpperCase() ? name.toLowerCase() : name);

/** “chopped tomatoes”, “soft brown sugar”, “ground almonds”: words before a name that make it another thing. */
function belongs(whole: string, bare: string): boolean {
  if (/^soft,? (?:dark |light )?(?:brown|cheese)/i.test(whole)) return true;
  const [one, other] = [itemCalled(whole), itemCalled(bare)];
  return one !== undefined && one.id !== other?.id;
}

/** “butter or margarine”: the first is taken, the other noted. */
function alternativesIn(text: string, line: IngredientLine): string {
  const match =
    /^(.{2,40}?)\s+(?:or|oder|ou|o|atau)\s+(?!more\b|less\b|so\b)(?:\d[\d/., ]*\s*(?:g|ml|tsp|tbsp)?\s*)?(.{2,60})$/i.exec(
      text,
    );
  if (!match) return text;
  // “sweet or hot paprika”, “light or dark brown sugar”: one thing of two kinds.
  if (!itemCalled(match[1]!) && itemCalled(match[2]!)) {
    line.doubts.push(`one of two: ${text}`);
    return text;
  }
  line.note = [line.note, `or ${match[2]}`].filter((one) => one !== '').join(', ');
  line.doubts.push(`or ${match[2]}`);
  return match[1]!;
}
