import { remembered } from '../memory';
import { likelyItem } from './find';
import { ingredientItems } from './items';
import { withoutDoing } from './doing-words';
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

/** The telling items a sentence names outright (not by a loose word), one for each family, longest names first. */
export const itemsNamedIn = remembered((sentence: string): IngredientItem[] => {
  let rest = withoutDoing(sentence.toLowerCase()).replace(idle, ' ');
  const found: IngredientItem[] = [];
  for (const { item, name } of soughtNames) {
    if (!rest.includes(name) || !wordPattern(name).test(rest)) continue;
    if (item.telling && !found.some((one) => one.family === item.family)) found.push(item);
    rest = rest.replaceAll(new RegExp(wordPattern(name), 'giu'), ' ');
  }
  return found;
});

/** A last word that says nothing of what a thing is: it is asked of the tap as well. */
const sayNothing = new Set(['water', 'mix', 'thing', 'pieces', 'zest', 'peel']);

/**
 * Which ingredients of a batch a sentence uses: those it names, and by the last word of a name (“the milk” for soya milk) or
 * by its kind (“the nuts”) those that nothing else of the batch goes by.
 */
export const usedIn = (sentence: string, names: readonly string[]): readonly boolean[] =>
  batchOf(names.join('\n'))(sentence);

const batchOf = remembered((names) => remembered((sentence) => usesOf(sentence, names.split('\n'))), 20);

function usesOf(sentence: string, names: readonly string[]): boolean[] {
  const said = spoken(sentence);
  const named = names.map((name) => uses(said, name));
  return names.map(
    (name, i) =>
      named[i] ||
      shortNames(name).some(
        (short) =>
          holds(said, short) && !names.some((other, j) => named[j] && uses(spoken(short.name), other)),
      ),
  );
}

interface Spoken {
  /** In small letters, without what only sounds like an ingredient, or is done. */
  text: string;
  /** Its words, and what they are without the s of many. */
  words: ReadonlySet<string>;
  /** It takes up all ingredients. */
  all: boolean;
}

const spoken = remembered((sentence): Spoken => {
  const text = withoutDoing(sentence.toLowerCase()).replace(idle, ' ');
  return {
    text,
    words: new Set(wordsIn(text).flatMap((word) => [word, single(word)])),
    all: /\b(all|the (other|dry|wet|remaining)|every) (the )?ingredients?\b|\beverything\b/.test(text),
  };
});

const wordsIn = (text: string) => text.split(/[^\p{L}]+/u).filter((word) => word !== '');
const single = (word: string) => word.replace(/e?s$/, '');

interface CallName {
  name: string;
  words: readonly string[];
}

const called = (name: string): CallName => ({ name, words: wordsIn(name) });

/** What an ingredient of a batch is called by itself: its name, a loose word for it, any telling word of its name. */
const callNames = remembered((ingredientName): CallName[] => {
  const item = likelyItem(ingredientName);
  if (!item)
    return wordsIn(ingredientName.toLowerCase())
      .filter((word) => word.length > 3)
      .map(called);
  const kin = ingredientItems.filter((one) => one.family === item.family);
  return [...new Set(kin.flatMap((one) => [...one.names, ...one.loose]))].map(called);
});

/** What it may be called where nothing else goes by it. */
const shortNames = remembered((ingredientName): CallName[] => {
  const item = likelyItem(ingredientName);
  const head = wordsIn(ingredientName.toLowerCase())
    .filter((word) => word.length > 2)
    .at(-1);
  return [...(head && !sayNothing.has(head) ? [head] : []), ...(item ? kindsOf(item) : [])].map(called);
});

const uses = (said: Spoken, ingredientName: string): boolean =>
  said.all || callNames(ingredientName).some((name) => holds(said, name));

function holds({ text, words }: Spoken, { name, words: ofName }: CallName): boolean {
  // A cheap look first: most names are not there.
  return ofName.every((word) => words.has(word) || words.has(single(word))) && wordPattern(name).test(text);
}

const wordPattern = remembered(
  (words) =>
    new RegExp(`(?<![\\p{L}])${words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?:e?s)?(?![\\p{L}])`, 'iu'),
);
