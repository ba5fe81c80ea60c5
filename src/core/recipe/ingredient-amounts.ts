import { quantityAt } from '../prose';
import { fillWords, linking, sizeWords, stateBefore } from './ingredient-words';
import type { IngredientLine, Said } from './said';
import { isMass, isPack, isVolume, unitAt, type RecipeUnit } from './units';

const packWord =
  /^[- ]?(?:(?:large|small|standard)\s+)?(?:tins?|cans?|packs?|packets?|packages?|jars?|cartons?|bags?|boxe?s?|sachets?|envelopes?|tubs?|pots?|bottles?|blocks?|bars?|punnets?|tubes?|sticks?|dosen?|päckchen|packung(?:en)?|becher|boîtes?|briques?|paquets?|latas?|sobres?|botes?|paquetes?|scatol[ae]|bustin[ae]|confezion[ei]|vasett[oi]|kaleng|bungkus)\b\.?\s*/i;
/** The amount a line begins with, and what follows it; null where it begins with none. */
export function amountAtHead(text: string, line: IngredientLine): string | null {
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

export const named = (text: string) => /\p{L}{2}/u.test(text);
export const tidy = (value: number) => Number(value.toPrecision(9));

export function withFill(text: string, line: IngredientLine): string {
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
  if (second.low * again.times > line.amount!) line.amountHigh = tidy(second.low * again.times);
  return text.slice(joint[0].length + second.length + again.length);
}

/** What stands right after the first amount and says it again: “/ 9 oz”, “(about 120 g)”, “or 2 cups”. */
export function afterUnit(text: string, line: IngredientLine): string {
  let rest = text.trimStart();
  for (;;) {
    const match = /^(?:\/|\||=|,|or\b|ou\b|oder\b)\s*(?=[\d/]|\d|half|a )/i.exec(rest);
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
    // “50 g, 40 g or 30 g”: a choice, as of the levels of a lesson.
    const choice = /^(?:,|o)/i.test(match[0]) && said.said.unit === line.unit;
    if (choice) chosenFrom(rest.slice(match[0].length, match[0].length + said.length), line);
    else if (match[0].startsWith(',')) return rest;
    else keepAlso(said.said, line);
    rest = rest.slice(match[0].length + said.length).trimStart();
  }
}

/** Another amount that can be taken in place of the first. */
function chosenFrom(other: string, line: IngredientLine): void {
  const said = `or ${other.trim()}`;
  line.note = [line.note, said].filter((one) => one !== '').join(', ');
  line.doubts.push(said);
}

/** Keeps an amount said again: of tins and packs the size of one is meant, of others all of it, but for “each”. */
export function keepAlso(said: Said, line: IngredientLine, each = false): void {
  // “A punnet and a half (about 340 g)” tells all of it: nobody sells half a one.
  const packs = line.unit === 'tin' || line.unit === 'packet';
  const times = each || (packs && Number.isInteger(line.amount ?? 1)) ? (line.amount ?? 1) : 1;
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
export function saidIn(text: string): Said | null {
  const inner = text.replace(/^(?:or|that is|i\.e\.|about|approx\.?|etwa|ca\.?)\s+/i, '').trim();
  const packs = packsSaid(inner);
  if (packs) return packs;
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

/** “1 and a half 7 g sachets”, “2 × 400 g tins”: packs and no more, as what is in them together. */
function packsSaid(text: string): Said | null {
  const count = quantityAt(text);
  if (!count) return null;
  const rest = text.slice(count.length).replace(/^x\s*/i, '');
  const size = quantityAt(rest);
  const unit = size && unitAt(rest.slice(size.length).replace(/^-/, ''));
  if (!size || !unit || !(isMass(unit.unit) || isVolume(unit.unit))) return null;
  const tail = rest.slice(size.length).replace(/^-/, '').slice(unit.length).trim();
  if (!packWord.test(tail) || tail.replace(packWord, '').trim() !== '') return null;
  return { amount: tidy(count.low * size.low * unit.times), amountHigh: null, unit: unit.unit };
}

/** “1 × 15 ml spoon”: measuring spoons by what they hold. */
const spoonOf: ReadonlyMap<number, { unit: RecipeUnit; times: number }> = new Map([
  [15, { unit: 'tbsp', times: 1 }],
  [10, { unit: 'tsp', times: 2 }],
  [5, { unit: 'tsp', times: 1 }],
  [2.5, { unit: 'tsp', times: 0.5 }],
  [1.25, { unit: 'tsp', times: 0.25 }],
]);
const isSpoonOrCup = (unit: RecipeUnit) => unit === 'tsp' || unit === 'tbsp' || unit === 'cup';

/** “2 × 400 g tins”, “1 (14-ounce) can”, “a 7 g sachet”, “half a kilo bag”, “half a 1 kg bag”. */
export function packAt(text: string, count: number, inWords: boolean, line: IngredientLine): string | null {
  const lead = /^(?:x|of an?\b|of|an?|\()?\s*/i.exec(text)![0];
  const times = /x/i.test(lead);
  const bracket = lead.includes('(');
  let rest = text.slice(lead.length);
  const quantity = quantityAt(rest);
  const size = quantity && !/^an?\b/i.test(rest) ? quantity : null;
  if (size) rest = rest.slice(size.length);
  const unit = unitAt(rest.replace(/^-/, ''));
  if (size && times && unit) {
    const spoon = /^-?\s*(?:level |heaped |rounded )?spoons?\b\s*(?:of\s+)?/i.exec(
      rest.replace(/^-/, '').slice(unit.length),
    );
    const spoonUnit = spoon && unit.unit === 'ml' ? spoonOf.get(size.low) : undefined;
    if (spoonUnit || isSpoonOrCup(unit.unit)) {
      line.amount = tidy(count * (spoonUnit?.times ?? size.low * unit.times));
      line.unit = spoonUnit?.unit ?? unit.unit;
      return rest.replace(/^-/, '').slice(unit.length + (spoonUnit ? spoon![0].length : 0));
    }
  }
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
