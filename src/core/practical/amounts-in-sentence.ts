import type { AmountUnit } from '../formula';
import { levelled, quantityAt } from '../prose';
import { amountWords } from './amount-words';
import type { StationIngredient } from './amounts';
import type { Ingredient } from './plan';

/** What a sentence says of an ingredient’s amount in its place. */
export interface AmountChange {
  line: Ingredient;
  words: string;
}

/** Units as sentences write them, right behind the number. */
const unitSaid: Readonly<Record<AmountUnit, RegExp>> = {
  g: /^(?:g|grams?|grammes?)(?![\p{L}])/iu,
  kg: /^(?:kg|kilos?|kilograms?)(?![\p{L}])/iu,
  ml: /^(?:ml|millilit(?:re|er)s?|cm³|cc)(?![\p{L}])/iu,
  l: /^(?:l|lit(?:re|er)s?)(?![\p{L}])/iu,
  tsp: /^(?:tsps?|teaspoons?(?:fuls?)?)(?![\p{L}])/iu,
  tbsp: /^(?:tbsps?|tablespoons?(?:fuls?)?)(?![\p{L}])/iu,
  cup: /^cups?(?![\p{L}])/iu,
  pinch: /^pinch(?:es)?(?![\p{L}])/iu,
  each: /^/u,
};

const starts = /(?<![\p{L}\d.,/½⅓⅔¼¾⅛])(?=[\d½⅓⅔¼¾⅛]|(?:an?|one|two|three|four|half)\b)/giu;
/** How far an amount and its name reach at most. */
const farthest = 90;

const stem = (word: string) => word.toLowerCase().replace(/e?s$/, '');
const wordsOf = (text: string) => (text.match(/\p{L}{3,}/gu) ?? []).map(stem);

/** How many words of a name stand in a piece of a sentence. */
function sharedWords(piece: string, name: string): number {
  const said = new Set(wordsOf(piece));
  return wordsOf(name).filter((word) => said.has(word)).length;
}

/** Where a sentence says the amount the formula has of a line, in its unit and before its name; null where it does not. */
function amountOf(
  text: string,
  line: Ingredient,
  formula: readonly Ingredient[],
): { from: number; to: number } | null {
  if (line.amount === null) return null;
  const plain = levelled(text);
  for (const { index } of plain.matchAll(starts)) {
    const ahead = plain.slice(index, index + farthest);
    const quantity = quantityAt(ahead);
    if (!quantity || quantity.high !== null || Math.abs(quantity.low - line.amount) > 1e-6) continue;
    const rest = ahead.slice(quantity.length);
    const unit = unitSaid[line.unit].exec(rest)?.[0];
    if (unit === undefined) continue;
    const name = /^[^.,;:()\d]*/.exec(rest.slice(unit.length))![0];
    const own = sharedWords(name, line.name);
    const better = formula.some((other) => other !== line && sharedWords(name, other.name) > own);
    if (own === 0 || better) continue;
    const to = index + quantity.length + unit.length;
    return { from: index, to: index + plain.slice(index, to).trimEnd().length };
  }
  return null;
}

/** A sentence whose amounts of some lines are said otherwise; what it does not say of them stays as it is. */
export function sayingAmounts(
  text: string,
  changes: readonly AmountChange[],
  formula: readonly Ingredient[],
): string {
  return changes.reduce((said, { line, words }) => {
    const at = amountOf(said, line, formula);
    return at ? said.slice(0, at.from) + words + said.slice(at.to) : said;
  }, text);
}

/** How much of an ingredient a station takes, in its own unit; “no” for nothing. */
const muchWords = (own: StationIngredient): string =>
  own.dropped || own.amount === 0 ? 'no' : amountWords(own);

/** The lines of a formula of which stations take another amount than it says, with what they take: “2 g / 4 g / 8 g”. */
export function amountChanges(
  formula: readonly Ingredient[],
  each: readonly (readonly StationIngredient[])[],
): AmountChange[] {
  return formula.flatMap((line) => {
    const taken = each.flatMap((own) => own.filter(({ id }) => id === line.id));
    const changed = taken.some(
      ({ amount, unit, dropped }) => dropped || amount !== line.amount || unit !== line.unit,
    );
    const words = [...new Set(taken.map(muchWords))];
    return changed && !words.includes('') ? [{ line, words: words.join(' / ') }] : [];
  });
}
