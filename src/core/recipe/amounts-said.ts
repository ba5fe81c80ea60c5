import { longestNameAt, type IngredientItem } from '../ingredients';
import { quantityAt } from '../prose';
import { unitAt, type RecipeUnit } from './units';
import { comparable } from './called';

/** An amount with what it is of, inside a sentence: “50 g of the cold butter”. */
export interface AmountSaid {
  amount: number;
  amountHigh: number | null;
  unit: RecipeUnit;
  /** The words from the amount to the end of the name. */
  words: string;
  from: number;
  to: number;
  /** “of the”, “half the”: a part of what is there. */
  part: boolean;
  item: IngredientItem;
}

const starts = /(?<![\p{L}\d.,/°-])(?=[\p{L}\d])/gu;
const between =
  /^(?:(?:of|the|a|your|some|more|extra|further|large|medium|small|whole|cold|warm|lukewarm|tepid|hot|boiling|soft|softened|melted|chilled|iced|fresh|freshly|finely|roughly|grated|chopped|sliced|crushed|diced|cubed|beaten|ripe|chunky|good|plain|squeezed|peeled|minced|heaped|level|rounded|scant|de|du|des|di|del|della|d|von|la|le|il|vaste)\s+)*/i;

/** How far an amount and its name reach at most. */
const farthest = 160;

/** Amounts in a sentence that are of something known. The text is expected as `plainText` leaves it. */
export function amountsIn(text: string): AmountSaid[] {
  const found: AmountSaid[] = [];
  let past = 0;
  for (const { index } of text.matchAll(starts)) {
    if (index < past) continue;
    const one = amountAt(text.slice(index, index + farthest));
    if (!one) continue;
    found.push({ ...one, from: one.from + index, to: one.to + index });
    past = one.to + index;
  }
  return found;
}

/** The amount at the head of a text. */
function amountAt(text: string): AmountSaid | null {
  const from = 0;
  // “handful of coriander”: one of it.
  const lone = /^(?:handful|pinch|dash|splash|knob|squeeze|sprig)s? of /i.test(text.slice(from));
  const quantity = lone ? { low: 1, high: null, length: 0, doubtful: false } : quantityAt(text.slice(from));
  if (!quantity) return null;
  let at = from + quantity.length;
  let low = quantity.low;
  let high = quantity.high;
  // “2 × 400 g tins”
  const times = /^x\s*/i.exec(text.slice(at));
  const each = times && quantityAt(text.slice(at + times[0].length));
  if (times && each) {
    low *= each.low;
    high = null;
    at += times[0].length + each.length;
  }
  const filled = /^(?:heaped|level|rounded|scant|large|medium|small|crushed|chopped|generous)\s+/i.exec(
    text.slice(at),
  );
  const unit = unitAt(text.slice(at)) ?? (filled ? unitAt(text.slice(at + filled[0].length)) : null);
  if (unit) at += unit.length + (unitAt(text.slice(at)) ? 0 : filled![0].length);
  if (unit) at += /^(?:tins?|cans?|packs?|bags?|jars?|sachets?)\b\s*/i.exec(text.slice(at))?.[0].length ?? 0;
  // “… to 200 g. Butter the tin.”: the sentence ends.
  if (unit && /\. *$/.test(text.slice(from, at)) && /^\p{Lu}/u.test(text.slice(at))) return null;
  const gap = between.exec(text.slice(at))![0];
  const start = at + gap.length;
  const words = [...text.slice(start, start + 80).matchAll(/[\p{L}\p{N}%]+(?:'\p{L}+)?/gu)];
  if (words.length === 0 || words[0]!.index > 1) return null;
  const stems = words.map((match) => comparable(match[0]));
  // An adjective or two may stand before the name: “strong white flour”.
  for (let i = 0; i < Math.min(3, words.length); i += 1) {
    const named = longestNameAt(stems, i);
    if (!named) continue;
    if (/[.,;:()]/.test(text.slice(start, start + words[i]!.index))) return null;
    if (!unit && !isCounted(text.slice(from, at), named.item)) return null;
    const last = words[i + named.length - 1]!;
    const to = start + last.index + last[0].length;
    const bare = unit && isThing(unit.word) ? unit : null;
    return {
      amount: tidy(low * (unit?.times ?? 1)),
      amountHigh: high === null ? null : tidy(high * (unit?.times ?? 1)),
      unit: bare ? 'each' : (unit?.unit ?? 'each'),
      words: text.slice(from, to),
      from,
      to,
      part: /\b(?:of (?:the|this|that|it)|half the|another|more|further|remaining|rest)\b/i.test(
        text.slice(from, start),
      ),
      item: named.item,
    };
  }
  return null;
}

const tidy = (value: number) => Number(value.toPrecision(9));
const isThing = (word: string) => /^(?:piece|sprig|leaf|leaves|sheet)/i.test(word);

/** “an onion” is an amount; “a custard”, “one flour” is none. */
const isCounted = (number: string, item: IngredientItem) =>
  item.pieceG !== null && !(/^an?\s*$/i.test(number) && /^(?:gelatine|potato-starch)$/.test(item.id));
