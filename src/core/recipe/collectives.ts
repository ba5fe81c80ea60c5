import { longestNameAt } from '../ingredients';
import { comparable, type Mentionable, stemsIn, tokensOf } from './called';

const partsOfEggs: readonly (readonly [word: RegExp, id: string])[] = [
  [/\bwhites\b/i, 'egg-white'],
  [/\byolks\b/i, 'egg-yolk'],
];

/** A kind of thing, by the words that mean all of it or any of it, and what is of it. */
interface Kind {
  words: readonly string[];
  /** Names, families and kinds of items that are of it; null: nothing in a list is. */
  ofIt: RegExp | null;
}

const kinds: readonly Kind[] = [
  {
    words: ['fruit', 'fruits', 'dried fruit', 'dried fruits'],
    ofIt: /fruit|berr|^(?:raisin|sultana|currant|date|fig|apricot|cranberry|cherry|prune|mixed-peel)s?$/,
  },
  { words: ['berries'], ofIt: /berr/ },
  { words: ['veg', 'vegetable', 'vegetables', 'greens', 'salad'], ofIt: /fruit-and-vegetables/ },
  { words: ['fish', 'seafood', 'shellfish'], ofIt: /nuts-seeds-meat-fish|fish/ },
  { words: ['meat'], ofIt: /nuts-seeds-meat-fish/ },
  { words: ['nut', 'nuts', 'seed', 'seeds'], ofIt: /nuts-seeds-meat-fish|nut|seed/ },
  {
    words: [
      'herb',
      'herbs',
      'spice',
      'spices',
      'seasoning',
      'seasonings',
      'aromatics',
      'flavouring',
      'flavourings',
    ],
    ofIt: /fruit-and-vegetables|salt|sauce/,
  },
  { words: ['leaves'], ofIt: /fruit-and-vegetables/ },
  { words: ['roux'], ofIt: /butter|margarine|oil|flour/ },
  { words: ['dough', 'pastry'], ofIt: null },
];

/** “the fruit”, “herbs”, “the sauce”: a kind of thing, of which no list names each. */
export const isCollective = (words: string): boolean =>
  kinds.some((kind) => kind.words.includes(words.toLowerCase()));

/** Kinds that a text speaks of, as what is of them. */
export const kindsSaid = (text: string): RegExp[] =>
  kinds.flatMap(({ words, ofIt }) =>
    ofIt && new RegExp(`\\b(?:${words.join('|')})s?\\b`, 'i').test(text) ? [ofIt] : [],
  );

/** Whether a word, as it is compared, means all of a kind: “layer the vegetables”, “poach the fish”. */
export const meansAll: ReadonlySet<string> = new Set(
  kinds.flatMap(({ words, ofIt }) => (ofIt ? words.map(comparable) : [])),
);

const dry =
  /flour|sugar|powder|bicarbonate|soda|salt|spice|cocoa|starch|semolina|oats|cinnamon|ginger|yeast|cream-of-tartar|cornflour|polenta|seed|almond|mixed-spice|nutmeg/;
const wet = /milk|water|egg|oil|yoghurt|cream(?!-of)|juice|honey|syrup|treacle|vinegar|stock|vanilla|melted/;

/** “everything but the butter”: what is left out stands in its first group. */
export const exceptIn = (sentence: string) =>
  /\b(?:everything|all(?: (?:of )?the (?:other )?ingredients)?)\s+(?:but|except(?: for)?|apart from|other than|bar)\s+(?:the\s+)?([^.;]{3,80})/i.exec(
    sentence,
  );

/** “everything but the butter”. */
export function isExcepted({ name, item }: Mentionable, sentence: string): boolean {
  const except = exceptIn(sentence);
  if (!except) return false;
  const stems = stemsIn(except[1]!);
  const head = tokensOf(name).at(-1)?.stem ?? '';
  return (
    stems.includes(head) ||
    (item !== undefined && stems.some((_, i) => longestNameAt(stems, i)?.item.id === item.id))
  );
}

/** What a sentence says is made or worked: “Make a firm dough” → “ a firm dough”. */
const madeIn = (sentence: string): string =>
  /\b(?:make|mix|form|prepare|blitz|bring|whisk|stir|beat|combine|knead|blend|shake)\b([^.;]{0,40})/iu.exec(
    sentence,
  )?.[1] ?? '';

/** “all the ingredients”, “the dry ingredients”, “the filling ingredients”, “season”. */
export function collective(lines: readonly Mentionable[], sentence: string, section: string): number[] {
  const all = (test: (line: Mentionable) => boolean) => lines.flatMap((line, i) => (test(line) ? [i] : []));
  const own = (line: Mentionable) => section === '' || line.section === section || line.section === '';
  if (
    /\b(?:all (?:of )?the (?:other |remaining )?ingredients|everything(?: else)?|all (?:but|except|bar)|(?:it|them) all|all together|the lot|^all (?:in|into)|remaining ingredients|rest of the ingredients|other ingredients|alle (?:übrigen )?zutaten|tous les ingrédients|todos los ingredientes|tutti gli ingredienti|semua bahan)\b/i.test(
      sentence,
    )
  )
    return all((line) => own(line) && !isExcepted(line, sentence));
  const found: number[] = [];
  if (/(?<!\b(?:into|to|onto|over) (?:the )?)\bdry (?:ingredients|things|mix)\b/i.test(sentence))
    found.push(
      ...all(
        (line) =>
          own(line) &&
          line.item !== undefined &&
          dry.test(line.item.id) &&
          !/egg|milk(?!-powder)|syrup/.test(line.item.id),
      ),
    );
  if (/\b(?:wet|liquid) ingredients\b|\bliquids\b/i.test(sentence))
    found.push(
      ...all(
        (line) => own(line) && line.item !== undefined && wet.test(line.item.id) && !dry.test(line.item.id),
      ),
    );
  // “whisk the whites”: of eggs that are taken apart, where no whites are listed by themselves.
  for (const [word, id] of partsOfEggs) {
    if (!word.test(sentence)) continue;
    const own = all(({ item }) => item?.id === id);
    found.push(...(own.length > 0 ? own : all(({ item }) => item?.id === 'egg')));
  }
  // “Make a firm dough”: of a list that is headed “Dough”.
  const made = new Set(stemsIn(madeIn(sentence)));
  if (made.size > 0) found.push(...all((line) => line.section !== '' && made.has(comparable(line.section))));
  if (/\bdecorate\b/i.test(sentence)) found.push(...all(({ note }) => /decorat/i.test(note ?? '')));
  const named = /\b(?:the |all )?(\p{L}+) ingredients\b/iu.exec(sentence);
  if (named)
    found.push(...all((line) => line.section !== '' && line.section.includes(named[1]!.toLowerCase())));
  if (/\bseason(?:ed|ing)?\b(?! with)|\babschmecken\b/i.test(sentence))
    found.push(...all(({ item }) => item?.family === 'salt' || item?.id === 'black-pepper'));
  return found;
}
