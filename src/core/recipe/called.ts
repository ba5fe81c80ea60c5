import { kindsOf, stemOf, type IngredientItem } from '../ingredients';
import { remembered } from '../memory';
import { folded } from './item-named';

/** A line of the formula, as far as a sentence can speak of it. */
export interface Mentionable {
  name: string;
  item: IngredientItem | undefined;
  section: string;
  note?: string;
}

/** A word of a sentence, as it stands and as it is compared. */
export interface Token {
  stem: string;
  from: number;
  to: number;
}

/** A word as it is compared; the same few hundred words are asked for again and again. */
export const comparable = remembered(
  (word) => stemOf(folded(word.replaceAll("'", '')).replaceAll(' ', '')),
  20_000,
);

/** Neutral elsewhere; in a method each of them is what a line can be called. */
export const formWords: ReadonlySet<string> = new Set(
  [
    'paste',
    'purée',
    'puree',
    'extract',
    'powder',
    'topping',
    'filling',
    'glaze',
    'coating',
    'stalk',
    'zest',
    'juice',
    'rind',
    'peel',
    'crumbs',
    'seeds',
    'leaves',
  ].map(comparable),
);

export const tokensOf = (text: string): Token[] =>
  [...text.matchAll(/[\p{L}\p{N}%]+(?:'(?=\p{L})[\p{L}]+)?/gu)].map((match) => ({
    stem: comparable(match[0]),
    from: match.index,
    to: match.index + match[0].length,
  }));

export const stemsIn = (text: string) => tokensOf(text).map((one) => one.stem);

/** Words that name a kind of thing: all lines that are of it. */
const kindHeads = new Set(
  'cheese flour sugar oil milk cream chocolate stock yeast syrup vinegar meat mince fish nut berry fruit herb spice salt pepper bean mushroom onion tomato rice pasta yoghurt juice egg gelatine soda starch butter powder'
    .split(' ')
    .map(stemOf),
);

/** What sentences call a thing once it is in the batch. */
const alsoCalled: Readonly<Record<string, readonly string[]>> = {
  breadcrumbs: ['crumbs', 'breadcrumbs'],
  'fresh-breadcrumbs': ['crumbs', 'breadcrumbs'],
  panko: ['crumbs', 'breadcrumbs'],
  'bicarbonate-of-soda': ['soda', 'bicarb', 'bicarbonate'],
  'stock-cube': ['stock', 'stock cube', 'cube'],
  turkey: ['mince'],
  margarine: ['marg'],
  mayonnaise: ['mayo'],
  'spring-onion': ['onions', 'chives'],
  'baking-powder': ['powder'],
};

/** What an item of the table is called in sentences: its names, looser words, and the kinds of thing it is. */
interface Called {
  names: string[][];
  loose: string[][];
  kinds: string[];
}

const calledOf = new Map<IngredientItem, Called>();

/** What an item is called, worked out once. */
export function calledBy(item: IngredientItem): Called {
  const known = calledOf.get(item);
  if (known) return known;
  const names = item.names.map(stemsIn);
  const kinds = new Set(kindsOf(item).map(stemOf));
  for (const stems of names) if (kindHeads.has(stems.at(-1)!)) kinds.add(stems.at(-1)!);
  const called = {
    names,
    loose: [...(alsoCalled[item.id] ?? []), ...item.loose].map(stemsIn),
    kinds: [...kinds],
  };
  calledOf.set(item, called);
  return called;
}
