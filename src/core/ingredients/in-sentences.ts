import { remembered } from '../memory';
import { likelyItem } from './find';
import { ingredientItems } from './items';
import { kindsOf } from './kinds';
import type { IngredientItem } from './item';

/** Everyday phrases that name an ingredient without using it. */
const idle =
  /\b(sugar thermometers?|hot sugar|egg timers?|egg cups?|water baths?|(running|cold|iced?|boiling|hot|tap|rinsing|simmering|salted|bath of) (salted )?water|cold-water|oil thermometers?|butter (knife|knives|dish)|salt cellar|cream-coloured|honeycomb)\b/gi;

const allNames = ingredientItems.flatMap((item) => item.names.map((name) => ({ item, name })));
const tellingWords = new Set(allNames.flatMap(({ item, name }) => (item.telling ? [name] : [])));
/** Names to look for: telling ones, and longer ones of something else that a telling word stands in (“milk powder”). */
const soughtNames = allNames
  .filter(({ item, name }) => item.telling || name.split(' ').some((word) => tellingWords.has(word)))
  .sort((a, b) => b.name.length - a.name.length);

/** Names that are doing: “cream the butter”, “butter a tin”, “oil two trays”, “flour the board”. */
const doing =
  /(?=[cbofsw])(?<=^|[.,;:]\s*|\b(?:and|then|lightly|to)\s+)(?:cream|butter|oil|flour|salt|sugar|water)(?= (?:the|a|an|your|two|both|it|them|together|in|well|butter|and (?:line|flour|sugar))\b)/giu;

/** The telling items a sentence names outright (not by a loose word), one for each family, longest names first. */
export const itemsNamedIn = remembered((sentence: string): IngredientItem[] => {
  let rest = sentence.toLowerCase().replace(idle, ' ').replace(doing, ' ');
  const found: IngredientItem[] = [];
  for (const { item, name } of soughtNames) {
    // A cheap look first: most names are not there.
    if (!rest.includes(name) || !hasWord(rest, name)) continue;
    if (item.telling && !found.some((one) => one.family === item.family)) found.push(item);
    rest = rest.replace(wordPattern(name), ' ');
  }
  return found;
});

/** Whether a sentence uses an ingredient, by its name, a loose word for it, or any telling word of its name. */
const sentenceUses = (sentence: string, ingredientName: string): boolean =>
  usesOf(`${ingredientName}\n${sentence}`);

/** A last word that says nothing of what a thing is: it is asked of the tap as well. */
const sayNothing = new Set(['water', 'mix', 'thing', 'pieces', 'zest', 'peel']);

/**
 * Which ingredients of a batch a sentence uses: those it names, and by the last word of a name (“the milk” for soya milk) or
 * by its kind (“the nuts”) those that nothing else of the batch goes by.
 */
export function usedIn(sentence: string, names: readonly string[]): boolean[] {
  const named = names.map((name) => sentenceUses(sentence, name));
  const text = sentence.toLowerCase().replace(idle, ' ').replace(doing, ' ');
  return names.map((name, i) => {
    if (named[i]) return true;
    const item = likelyItem(name);
    const head = name
      .toLowerCase()
      .split(/[^\p{L}]+/u)
      .filter((word) => word.length > 2)
      .at(-1);
    const words = [...(head && !sayNothing.has(head) ? [head] : []), ...(item ? kindsOf(item) : [])];
    return words.some(
      (word) => hasWord(text, word) && !names.some((other, j) => named[j] && sentenceUses(word, other)),
    );
  });
}

const usesOf = remembered((asked) => {
  const at = asked.indexOf('\n');
  return uses(asked.slice(at + 1), asked.slice(0, at));
}, 30_000);

function uses(sentence: string, ingredientName: string): boolean {
  const text = sentence.toLowerCase().replace(idle, ' ');
  if (/\b(all|the (other|dry|wet|remaining)|every) (the )?ingredients?\b|\beverything\b/.test(text))
    return true;
  const item = likelyItem(ingredientName);
  const own = ingredientName
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .filter((word) => word.length > 3);
  if (!item) return own.some((word) => hasWord(text, word));
  const kin = ingredientItems.filter((one) => one.family === item.family);
  return kin
    .flatMap((one) => [...one.names, ...one.loose])
    .some((word) => text.includes(word) && hasWord(text, word));
}

function wordPattern(words: string): RegExp {
  return new RegExp(
    `(?<![\\p{L}])${words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?:e?s)?(?![\\p{L}])`,
    'giu',
  );
}

function hasWord(text: string, words: string): boolean {
  return wordPattern(words).test(text);
}
