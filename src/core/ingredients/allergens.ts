import { listed } from '../format';
import type { Source } from '../working';
import { readIngredientWords } from './find';
import { allergenIds, type AllergenId, type AllergenMark } from './item';

/** The laws that ask allergens to be named. */
export type AllergenLaw = 'uk-eu' | 'us';

export interface Allergen {
  id: AllergenId;
  name: string;
  /** In the list of 14 of UK and EU law; among the nine major ones of US law. */
  ukEu: boolean;
  us: boolean;
}

export const allergenSource: Source = {
  kind: 'standard',
  text: 'Regulation (EU) 1169/2011, annex II (also UK law); US FALCPA 2004 and FASTER Act 2021; FDA guidance of January 2025 for tree nuts',
};

const named: Readonly<Record<AllergenId, [name: string, ukEu: boolean, us: boolean]>> = {
  gluten: ['cereals with gluten', true, false],
  wheat: ['wheat', false, true],
  crustaceans: ['crustaceans', true, true],
  molluscs: ['molluscs', true, false],
  eggs: ['eggs', true, true],
  fish: ['fish', true, true],
  peanuts: ['peanuts', true, true],
  soya: ['soya', true, true],
  milk: ['milk', true, true],
  nuts: ['tree nuts', true, true],
  celery: ['celery', true, false],
  mustard: ['mustard', true, false],
  sesame: ['sesame', true, true],
  sulphites: ['sulphur dioxide and sulphites', true, false],
  lupin: ['lupin', true, false],
};

export const allergens: readonly Allergen[] = allergenIds.map((id) => {
  const [name, ukEu, us] = named[id];
  return { id, name, ukEu, us };
});

export interface AllergensFound {
  /** In every such ingredient. */
  contains: AllergenId[];
  /** In many of its makes: the label decides. */
  oftenContains: AllergenId[];
  /** Words nothing is known of: they may hold anything. */
  unknown: string[];
}

const gluten: AllergenId[] = ['gluten', 'wheat'];
const animal: AllergenId[] = ['milk', 'eggs', 'fish', 'crustaceans', 'molluscs'];
/** What “…-free” and its like leave out. Lactose-free milk is milk. */
const freeOf: Readonly<Record<string, readonly AllergenId[]>> = {
  gluten,
  wheat: gluten,
  dairy: ['milk'],
  milk: ['milk'],
  egg: ['eggs'],
  nut: ['nuts', 'peanuts'],
  peanut: ['peanuts'],
  almond: ['nuts'],
  soya: ['soya'],
  soy: ['soya'],
  fish: ['fish'],
  shellfish: ['crustaceans', 'molluscs'],
  sesame: ['sesame'],
  celery: ['celery'],
  mustard: ['mustard'],
  sulphite: ['sulphites'],
  sulfite: ['sulphites'],
  sulphur: ['sulphites'],
  lupin: ['lupin'],
  allergen: allergenIds,
};
const freeWords = Object.keys(freeOf).join('|');
const freePattern = new RegExp(`\\b(${freeWords})s?[\\s-]*free\\b(?! range)`, 'giu');
const withoutPattern =
  /\b(?:free (?:from|of)|contains? no|without|with no|no added|not containing|no)\s+((?:added\s+)?[\p{L}]+(?:\s*(?:,|or|and|nor|&)\s*(?:no\s+)?[\p{L}]+)*)/giu;
const mayPattern = /\b(?:may (?:also )?contain|traces? of|may have)\b:?\s*(.*)$/iu;

/** Allergens in one ingredient by its name, as one law has them. */
export function allergensOf(ingredient: string, law: AllergenLaw = 'uk-eu'): AllergensFound {
  const without = new Set<AllergenId>();
  let text = ingredient.normalize('NFKC').replaceAll(/[’‘]/g, "'");
  const leaveOut = (words: string) => {
    for (const word of words.toLowerCase().split(/[^\p{L}]+/u)) {
      for (const id of freeOf[word.replace(/s$/, '')] ?? freeOf[word] ?? []) without.add(id);
    }
    return ' ';
  };
  const namedFree = readIngredientWords(text).found.some((one) => one.namedFree);
  if (!namedFree) text = text.replaceAll(freePattern, (_, word: string) => leaveOut(word));
  text = text.replaceAll(withoutPattern, (_, words: string) => leaveOut(words));
  if (/\b(vegan|plant[\s-]based)\b/iu.test(text)) animal.forEach((id) => without.add(id));
  if (/\begg ?less\b/iu.test(text)) without.add('eggs');
  text = text.replaceAll(/\begg ?less\b/giu, ' ');
  // “Non-dairy” creamers may hold casein all the same: no promise.
  text = text.replaceAll(/\bnon[\s-]dairy\b(?! creamer)/giu, () => leaveOut('dairy'));
  const may = mayPattern.exec(text);
  if (may) text = text.slice(0, may.index);

  const of = (marks: readonly AllergenMark[]) =>
    marks.flatMap((mark): AllergenId[] => {
      const id = mark.replace('@us', '') as AllergenId;
      const { ukEu, us } = allergens.find((one) => one.id === id)!;
      const asked = law === 'us' ? us : ukEu && !mark.endsWith('@us');
      return asked && !without.has(id) ? [id] : [];
    });
  const { found, unknown } = readIngredientWords(text);
  const warned = may ? readIngredientWords(may[1]!) : { found: [], unknown: [] };
  const contains = new Set(of(found.flatMap(({ item }) => item.contains)));
  const often = of([
    ...found.flatMap(({ item }) => item.oftenContains),
    ...warned.found.flatMap(({ item }) => [...item.contains, ...item.oftenContains]),
  ]).filter((id) => !contains.has(id));
  const inOrder = (ids: Iterable<AllergenId>) => {
    const set = new Set(ids);
    return allergenIds.filter((id) => set.has(id));
  };
  return {
    contains: inOrder(contains),
    oftenContains: inOrder(often),
    unknown: [...new Set([...unknown, ...warned.unknown])],
  };
}

/** Allergens of a list of ingredients, parted by commas, semicolons or lines. */
export function allergensOfList(
  ingredients: string,
  law: AllergenLaw,
): AllergensFound & {
  each: { name: string; found: AllergensFound }[];
} {
  const each = ingredients
    .split(/[,;\n•]/u)
    .map((name) => name.trim())
    .filter((name) => name !== '')
    .map((name) => ({ name, found: allergensOf(name, law) }));
  return { each, ...united(each.map(({ found }) => found)) };
}

/** What is in several things together: for certain where it is in one for certain. */
export function united(found: readonly AllergensFound[]): AllergensFound {
  const contains = new Set(found.flatMap((one) => one.contains));
  const often = new Set(found.flatMap((one) => one.oftenContains));
  return {
    contains: allergenIds.filter((id) => contains.has(id)),
    oftenContains: allergenIds.filter((id) => often.has(id) && !contains.has(id)),
    unknown: [...new Set(found.flatMap((one) => one.unknown))],
  };
}

/** “cereals with gluten”. */
export const allergenName = (id: AllergenId): string => named[id][0];

const namesOf = (ids: readonly AllergenId[]) => listed(ids.map(allergenName));

/** What was found, as a sentence. Nothing found is not “nothing in it”. */
export function allergenSentence({ contains, oftenContains, unknown }: AllergensFound): string {
  const parts = [
    ...(contains.length > 0 ? [`Contains ${namesOf(contains)}.`] : []),
    ...(oftenContains.length > 0 ? [`Often contains ${namesOf(oftenContains)}: read the label.`] : []),
    ...(unknown.length > 0 ? [`Not known here, so it can’t be told: ${listed(unknown)}.`] : []),
  ];
  return parts.length > 0 ? parts.join(' ') : 'None that these names give away; the label decides.';
}
