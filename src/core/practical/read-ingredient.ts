import { capitalised } from '../format';
import type { AmountUnit } from '../formula';
import type { Ingredient } from './plan';

/** What was understood of a typed line; what was not stays in its words. */
export type ReadIngredient = Pick<
  Ingredient,
  'typed' | 'name' | 'amount' | 'amountTo' | 'unit' | 'fill' | 'state' | 'optional'
>;

const glyphs: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅕': 1 / 5,
  '⅖': 2 / 5,
  '⅗': 3 / 5,
  '⅘': 4 / 5,
  '⅙': 1 / 6,
  '⅚': 5 / 6,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};
const words: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  ninety: 90,
  half: 0.5,
  quarter: 0.25,
  'a half': 0.5,
  'half a': 0.5,
  'half an': 0.5,
  'a quarter': 0.25,
  'quarter of an': 0.25,
  'a third': 1 / 3,
  'a dozen': 12,
  'a couple of': 2,
  'one and a half': 1.5,
  'two and a half': 2.5,
  'three quarters of a': 0.75,
};

const unitWords: readonly (readonly [RegExp, AmountUnit, number])[] = [
  [/^(kilograms?|kilogrammes?|kilos?|kg)\b\.?/i, 'kg', 1],
  [/^(milligrams?|mg)\b\.?/i, 'g', 0.001],
  [/^(grams?|grammes?|gm|gr|g)\b\.?/i, 'g', 1],
  [/^(ounces?|oz)\b\.?/i, 'g', 28.349523125],
  [/^(pounds?|lbs?)\b\.?/i, 'g', 453.59237],
  [/^(millilitres?|milliliters?|mls?)\b\.?/i, 'ml', 1],
  [/^(centilitres?|centiliters?|cl)\b\.?/i, 'ml', 10],
  [/^(decilitres?|deciliters?|dl)\b\.?/i, 'ml', 100],
  [/^(litres?|liters?|l)\b\.?/i, 'l', 1],
  [/^(tablespoons?|tablespoonfuls?|tbsps?|tbs|T)\b\.?/, 'tbsp', 1],
  [/^(tablespoons?|tablespoonfuls?|tbsps?|tbs)\b\.?/i, 'tbsp', 1],
  [/^(teaspoons?|teaspoonfuls?|tsps?)\b\.?/i, 'tsp', 1],
  [/^(cups?|cupfuls?)\b\.?/i, 'cup', 1],
  [/^(pinch(?:es)?)\b\.?/i, 'pinch', 1],
];

const number =
  '(?:\\d+\\s+\\d+\\s*[/⁄]\\s*\\d+|\\d+\\s*[/⁄]\\s*\\d+|\\d*[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]|\\d+\\s[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]|\\d{1,3}(?:,\\d{3})+(?!\\d)|\\d+(?:[.,]\\d+)?|[.,]\\d+)';
const wordNumber = Object.keys(words)
  .sort((a, b) => b.length - a.length)
  .join('|');
const amountPattern = new RegExp(
  `^(?:about |approx\\.? |approximately |circa |ca\\.? |~ ?)?(${number}|(?:${wordNumber})(?=\\s))(?:\\s*(?:–|-|—|to|or)\\s*(${number}))?\\s*`,
  'i',
);
const fills = /^(heaped|heaping|rounded|level|scant|packed|firmly packed|lightly packed)\s+/i;
const sizes = /^(large|medium|small|big|medium-sized)\s+/i;
/** How an ingredient is when it goes in. */
const states =
  /(?:,\s*|(?<!\s)\s+\()((?:very )?(?:cold|chilled|frozen|soft|softened|at room temperature|room-warm|warm|lukewarm|hot|boiling|melted|sifted|sieved|beaten|lightly beaten|grated|finely grated|chopped|finely chopped|diced|sliced|cubed|crushed|mashed|toasted|ground|peeled|drained|soaked|stoned|separated|cut (?:in|into) .+)(?:(?:,| and) [\p{L} ]+)?)\)?$/iu;

/** A typed number: “1½”, “1 1/2”, “1.5”, “1,5”, “1,200”, “half a”. Null for none. */
export function readAmount(text: string): number | null {
  const plain = text.trim().toLowerCase();
  if (plain in words) return words[plain]!;
  const mixed = /^(?:(\d+)\s+)?(\d+)\s*[/⁄]\s*(\d+)$/.exec(plain);
  // “11/2” is more often a blank that was lost than eleven halves: no number.
  if (mixed && (mixed[1] !== undefined || mixed[2]!.length === 1)) {
    const below = Number(mixed[3]);
    return below === 0 ? null : Number(mixed[1] ?? 0) + Number(mixed[2]) / below;
  }
  const fraction = /^(\d*)\s*([½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])$/.exec(plain);
  if (fraction) return Number(fraction[1] || 0) + glyphs[fraction[2]!]!;
  if (/^\d{1,3}(,\d{3})+$/.test(plain)) return Number(plain.replaceAll(',', ''));
  const value = Number(plain.replace(',', '.'));
  return plain !== '' && Number.isFinite(value) ? value : null;
}

/**
 * Reads a typed ingredient: “1½ litres water”, “a pinch of salt”, “2 large eggs”, “8–10 g agar”, “butter, 40 g, cold”,
 * “salt”. Nothing is refused: what is no amount is part of the name, and the words stay as they were typed.
 */
export function readIngredient(text: string): ReadIngredient {
  const typed = text.trim().slice(0, 200);
  let rest = typed.replace(/\s+/g, ' ');
  const optional = /\b(optional|if liked|to taste)\b/i.test(rest);
  rest = rest.replace(/(?:[,;]\s*|(?<!\s)\s*)\(?\b(optional|if liked|to taste)\b\)?/i, '').trim();
  const front = amountIn(rest);
  const found = front ?? amountAtEnd(rest);
  const { state, name } = stateIn(found ? found.name : rest);
  const clean = name.replace(/^of\s+/i, '').replace(/^[,;.\s]+|(?<![,;.\s])[,;.\s]+$/g, '');
  return {
    typed,
    name: capitalised(clean === '' ? typed : clean).slice(0, 80),
    amount: found?.amount ?? null,
    amountTo: found?.amountTo ?? null,
    unit: found?.unit ?? 'g',
    fill: found?.fill ?? null,
    state,
    optional,
  };
}

interface Found {
  amount: number;
  amountTo: number | null;
  unit: AmountUnit;
  fill: Ingredient['fill'];
  name: string;
}

function amountIn(text: string): Found | null {
  const match = amountPattern.exec(text);
  if (!match) return null;
  const amount = readAmount(match[1]!);
  if (amount === null) return null;
  const high = match[2] === undefined ? null : readAmount(match[2]);
  let rest = text.slice(match[0].length);
  // “70 % chocolate”, “5-spice powder” are names.
  if (/^(%|-\p{L})/u.test(rest)) return null;
  // “2 × 400 g tins”: as many of them.
  const packs = /^(?:×|x)\s*(.+)$/i.exec(rest);
  const each = packs ? amountIn(packs[1]!) : null;
  if (each) {
    return {
      ...each,
      amount: amount * each.amount,
      name: each.name.replace(/^(tins?|cans?|packs?|jars?|cartons?)\s+(of\s+)?/i, ''),
    };
  }
  const filled = fills.exec(rest);
  if (filled) rest = rest.slice(filled[0].length);
  for (const [pattern, unit, times] of unitWords) {
    const named = pattern.exec(rest);
    if (!named) continue;
    const name = rest.slice(named[0].length).trim();
    if (name === '' && text === match[0] + named[0])
      return {
        amount: amount * times,
        amountTo: high === null ? null : high * times,
        unit,
        fill: fillOf(filled?.[1]),
        name,
      };
    return {
      amount: rounded(amount * times),
      amountTo: high === null || high <= amount ? null : rounded(high * times),
      unit,
      fill: fillOf(filled?.[1]),
      name,
    };
  }
  const name = rest.replace(sizes, (size) => (size.trim() === '' ? '' : size));
  // A bare number before a name counts pieces; a number alone is no ingredient.
  if (name.trim() === '') return null;
  return { amount, amountTo: high !== null && high > amount ? high : null, unit: 'each', fill: null, name };
}

const rounded = (value: number) => Number(value.toPrecision(12));

/** “salt, a pinch”, “butter 40 g”. */
function amountAtEnd(text: string): Found | null {
  const match = new RegExp(
    `^(.*?\\p{L}.*?)[,:]?\\s+((?:${number}|a|an|half a)(?:\\s*(?:–|-|to)\\s*${number})?\\s*(?:\\p{L}+\\.?)(?:,.*)?)$`,
    'iu',
  ).exec(text);
  if (!match) return null;
  const tail = /^(.*?)(,.*)?$/.exec(match[2]!)!;
  const found = amountIn(tail[1]!);
  if (!found || found.unit === 'each' || found.name !== '') return null;
  return { ...found, name: match[1]! + (tail[2] ?? '') };
}

function fillOf(word: string | undefined): Ingredient['fill'] {
  const said = word?.toLowerCase() ?? '';
  if (/heap|rounded/.test(said)) return 'heaped';
  if (/pack/.test(said)) return 'packed';
  return said === 'scant' ? 'scant' : said === 'level' ? 'level' : null;
}

function stateIn(name: string): { name: string; state: string } {
  const after = states.exec(name);
  if (after) return { name: name.slice(0, after.index), state: after[1]!.slice(0, 60) };
  const before =
    /^(of\s+)?(cold|chilled|frozen|softened|soft|lukewarm|warm|melted|sifted|boiling)\s+(?=\p{L}{3})/iu.exec(
      name,
    );
  if (!before) return { name, state: '' };
  return { name: name.slice(before[0].length), state: before[2]!.toLowerCase() };
}
