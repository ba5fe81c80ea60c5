import { listed } from '../format';
import type { Source } from '../working';
import { readIngredientWords } from './find';
import { stretchesOf, type Stretch } from './free-from';
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

const mayPattern = /\b(?:may (?:also )?contain|traces? of|may have)\b:?\s*(.*)$/iu;

/** Allergens in one ingredient by its name, as one law has them. */
export function allergensOf(ingredient: string, law: AllergenLaw = 'uk-eu'): AllergensFound {
  const may = mayPattern.exec(ingredient);
  const said = may ? ingredient.slice(0, may.index) : ingredient;
  const stretches = stretchesOf(said).map((stretch) => foundIn(stretch, law));
  const warned = may ? warnedOf(foundIn({ text: may[1]!, without: new Set() }, law)) : [];
  return united([...stretches, ...warned]);
}

function foundIn({ text, without }: Stretch, law: AllergenLaw): AllergensFound {
  const of = (marks: readonly AllergenMark[]) =>
    marks.flatMap((mark): AllergenId[] => {
      const id = mark.replace('@us', '') as AllergenId;
      const { ukEu, us } = allergens.find((one) => one.id === id)!;
      const asked = law === 'us' ? us : ukEu && !mark.endsWith('@us');
      return asked && !without.has(id) ? [id] : [];
    });
  const { found, unknown } = readIngredientWords(text);
  return {
    contains: of(found.flatMap(({ item }) => item.contains)),
    oftenContains: of(found.flatMap(({ item }) => item.oftenContains)),
    unknown,
  };
}

/** What a label only warns of. */
const warnedOf = ({ contains, oftenContains, unknown }: AllergensFound): AllergensFound[] => [
  { contains: [], oftenContains: [...contains, ...oftenContains], unknown },
];

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
