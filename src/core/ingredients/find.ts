import { remembered } from '../memory';
import type { IngredientItem } from './item';
import { ingredientItems } from './items';
import { isNeutral, stemOf, stemsOf, wordsOf } from './words';

/** Something of the shelf that words name. */
export interface NamedItem {
  item: IngredientItem;
  /** How many words its name has here. */
  length: number;
  /** Whether “free” is part of its name: “dairy-free spread”. */
  namedFree?: boolean;
}

export interface WordsRead {
  found: NamedItem[];
  /** Words that are neither an ingredient nor known to say nothing of one. */
  unknown: string[];
}

interface Name {
  stems: string[];
  item: IngredientItem;
}

/** Names by their first word, the longest first. */
const namesByFirst = new Map<string, Name[]>();
for (const item of ingredientItems) {
  for (const name of item.names) {
    const stems = stemsOf(name);
    const list = namesByFirst.get(stems[0]!) ?? [];
    list.push({ stems, item });
    namesByFirst.set(stems[0]!, list);
  }
}
for (const list of namesByFirst.values()) list.sort((a, b) => b.stems.length - a.stems.length);

/**
 * Reads words from left to right; at each the longest name on the shelf wins, so that “oyster mushroom”, “cream of
 * tartar” and “water chestnut” are themselves. A run-together word is taken apart where both halves are known
 * (“soymilk”, “cheeseburger”). What is left over is handed back.
 */
export function readIngredientWords(text: string): WordsRead {
  return read(wordsOf(text), true);
}

function read(words: readonly string[], takeApart: boolean): WordsRead {
  const stems = words.map(stemOf);
  const found: NamedItem[] = [];
  const unknown: string[] = [];
  for (let i = 0; i < stems.length;) {
    const name = namesByFirst
      .get(stems[i]!)
      ?.find((one) => one.stems.every((stem, j) => stems[i + j] === stem));
    if (name) {
      found.push({
        item: name.item,
        length: name.stems.length,
        ...(name.stems.includes('free') && { namedFree: true }),
      });
      i += name.stems.length;
      continue;
    }
    const parts = takeApart ? halvesOf(stems[i]!) : null;
    if (parts) {
      const inner = read([...parts, ...words.slice(i + 1, i + 2)], false);
      const alone = read(parts, false);
      // The half may belong with the next word (“wholewheat flour”); then that word is spent too.
      if (inner.found.length > 0 && inner.found[0]!.length > 2) {
        found.push(inner.found[0]!);
        i += 2;
        continue;
      }
      found.push(...alone.found);
    } else if (!isNeutral(stems[i]!)) unknown.push(words[i]!);
    i += 1;
  }
  return { found, unknown };
}

/** The ingredient whose name is longest at a place in stemmed words, and how many words it has; null for none. */
export function longestNameAt(
  stems: readonly string[],
  at: number,
): { item: IngredientItem; length: number } | null {
  const name = namesByFirst
    .get(stems[at]!)
    ?.find((one) => one.stems.every((stem, j) => stems[at + j] === stem));
  return name ? { item: name.item, length: name.stems.length } : null;
}

/** Two known words that were written as one, or null. */
function halvesOf(stem: string): [string, string] | null {
  for (let at = stem.length - 3; at >= 3; at -= 1) {
    const [first, second] = [stem.slice(0, at), stem.slice(at)];
    const known = (part: string) => namesByFirst.get(stemOf(part))?.some((one) => one.stems.length === 1);
    if (known(first) && known(second)) return [first, second];
  }
  return null;
}

/** “Sugar, caster” as “caster sugar”. */
function inOrder(text: string): string[] {
  const parts = text.split(',');
  return parts.length === 1 ? [text] : [[...parts].reverse().join(' '), text];
}

function best(found: readonly NamedItem[]): IngredientItem | undefined {
  let chosen: NamedItem | undefined;
  // Of equals the last: the head of “lemon chicken” is the chicken.
  for (const one of found) if (!chosen || one.length >= chosen.length) chosen = one;
  return chosen?.item;
}

/** The ingredient that words mean for certain: every word of them is known. Undefined otherwise. */
export function itemCalled(words: string): IngredientItem | undefined {
  for (const text of inOrder(words)) {
    const { found, unknown } = readIngredientWords(text);
    if (found.length > 0 && unknown.length === 0) {
      const longest = Math.max(...found.map((one) => one.length));
      if (found.length === 1 || longest > 1 || text === words) return best(found);
    }
  }
  return undefined;
}

/** The ingredient that words most likely mean, unknown words passed over; never water, which only its own words are. */
export const likelyItem = remembered((words: string): IngredientItem | undefined => {
  const certain = itemCalled(words);
  if (certain) return certain;
  const item = best(readIngredientWords(words).found);
  return item?.family === 'water' ? undefined : item;
});
