/** What the program knows of an ingredient. Densities are of the thing as spooned and levelled (from memory). */
export interface PantryItem {
  id: string;
  /** Names that mean this item and no other, lower case. */
  names: readonly string[];
  /** Looser words for it once it is known to be in the batch: “soda”, “syrup”. */
  alsoCalled?: readonly string[];
  gramsPerMl?: number;
  gramsEach?: number;
  /** Share by mass that is dissolved sugar when it boils; the rest is water. Absent: no part of a syrup. */
  sugarShare?: number;
}

const pantry: readonly PantryItem[] = [
  { id: 'water', names: ['water'], gramsPerMl: 1, sugarShare: 0 },
  {
    id: 'sugar',
    names: [
      'caster sugar',
      'granulated sugar',
      'icing sugar',
      'brown sugar',
      'demerara sugar',
      'white sugar',
      'sugar',
    ],
    gramsPerMl: 0.85,
    sugarShare: 1,
  },
  { id: 'golden-syrup', names: ['golden syrup'], alsoCalled: ['syrup'], gramsPerMl: 1.42, sugarShare: 0.82 },
  {
    id: 'glucose-syrup',
    names: ['glucose syrup', 'corn syrup', 'liquid glucose'],
    alsoCalled: ['syrup', 'glucose'],
    gramsPerMl: 1.4,
    sugarShare: 0.8,
  },
  { id: 'honey', names: ['honey'], gramsPerMl: 1.42, sugarShare: 0.82 },
  {
    id: 'soda',
    names: ['bicarbonate of soda', 'baking soda', 'sodium bicarbonate', 'bicarbonate', 'bicarb'],
    alsoCalled: ['soda'],
    gramsPerMl: 0.95,
  },
  { id: 'baking-powder', names: ['baking powder'], gramsPerMl: 0.9 },
  { id: 'cream-of-tartar', names: ['cream of tartar'], alsoCalled: ['tartar'], gramsPerMl: 0.7 },
  { id: 'salt', names: ['salt'], gramsPerMl: 1.2 },
  { id: 'butter', names: ['unsalted butter', 'butter'], gramsPerMl: 0.95 },
  { id: 'milk', names: ['whole milk', 'skimmed milk', 'milk'], gramsPerMl: 1.03 },
  { id: 'buttermilk', names: ['buttermilk'], gramsPerMl: 1.03 },
  { id: 'cream', names: ['double cream', 'whipping cream', 'cream'], gramsPerMl: 1 },
  { id: 'yoghurt', names: ['yoghurt', 'yogurt'], gramsPerMl: 1.05 },
  {
    id: 'flour',
    names: ['self-raising flour', 'plain flour', 'strong flour', 'bread flour', 'flour'],
    gramsPerMl: 0.53,
  },
  { id: 'cornflour', names: ['cornflour', 'corn starch', 'cornstarch', 'maize starch'], gramsPerMl: 0.55 },
  { id: 'egg', names: ['eggs', 'egg'], gramsEach: 50 },
  { id: 'vinegar', names: ['vinegar'], gramsPerMl: 1.01 },
  { id: 'lemon-juice', names: ['lemon juice'], alsoCalled: ['lemon'], gramsPerMl: 1.03 },
  { id: 'citric-acid', names: ['citric acid'], alsoCalled: ['acid', 'citric'], gramsPerMl: 0.9 },
  {
    id: 'ascorbic-acid',
    names: ['ascorbic acid', 'vitamin c'],
    alsoCalled: ['acid', 'ascorbic'],
    gramsPerMl: 0.9,
  },
  { id: 'pear', names: ['pears', 'pear'], gramsEach: 170 },
  { id: 'apple', names: ['apples', 'apple'], gramsEach: 150 },
  { id: 'banana', names: ['bananas', 'banana'], gramsEach: 120 },
  { id: 'yeast', names: ['dried yeast', 'fresh yeast', 'instant yeast', 'yeast'], gramsPerMl: 0.65 },
  { id: 'gelatine', names: ['gelatine', 'gelatin'], gramsPerMl: 0.7 },
  { id: 'agar', names: ['agar'], gramsPerMl: 0.5 },
  { id: 'pectin', names: ['pectin'], gramsPerMl: 0.7 },
  { id: 'oil', names: ['vegetable oil', 'sunflower oil', 'olive oil', 'oil'], gramsPerMl: 0.92 },
  { id: 'vanilla', names: ['vanilla extract', 'vanilla'], gramsPerMl: 0.9 },
  { id: 'chocolate', names: ['chocolate'] },
  { id: 'cocoa', names: ['cocoa powder', 'cocoa'], gramsPerMl: 0.45 },
  { id: 'cinnamon', names: ['cinnamon'], gramsPerMl: 0.5 },
  { id: 'oats', names: ['oats'], gramsPerMl: 0.4 },
];

/** Everyday phrases that name an ingredient without using it. */
const idle =
  /\b(sugar thermometers?|hot sugar|egg timers?|egg cups?|water baths?|(running|cold|iced?|boiling|hot|tap|rinsing) water|cold-water|oil thermometers?|butter (knife|knives|dish)|salt cellar|cream-coloured|honeycomb)\b/gi;

/** The item an ingredient's name means: the one with the longest name inside it, or undefined. */
export function pantryItemFor(name: string): PantryItem | undefined {
  const text = name.toLowerCase();
  let best: { item: PantryItem; length: number } | undefined;
  for (const item of pantry) {
    for (const known of item.names) {
      if (hasWord(text, known) && known.length > (best?.length ?? 0)) best = { item, length: known.length };
    }
  }
  return best?.item;
}

/** The items a sentence names outright (not by a loose word), longest names first. */
export function itemsNamedIn(sentence: string): PantryItem[] {
  let rest = sentence.toLowerCase().replace(idle, ' ');
  const found: PantryItem[] = [];
  const byLength = pantry
    .flatMap((item) => item.names.map((name) => ({ item, name })))
    .sort((a, b) => b.name.length - a.name.length);
  for (const { item, name } of byLength) {
    if (!hasWord(rest, name)) continue;
    if (!found.includes(item)) found.push(item);
    rest = rest.replace(wordPattern(name), ' ');
  }
  return found;
}

/** Whether a sentence uses an ingredient, by its name, a loose word for it, or any telling word of its name. */
export function sentenceUses(sentence: string, ingredientName: string): boolean {
  const text = sentence.toLowerCase().replace(idle, ' ');
  if (/\b(all|the (other|dry|wet|remaining)|every) (the )?ingredients?\b|\beverything\b/.test(text))
    return true;
  const item = pantryItemFor(ingredientName);
  const words = item
    ? [...item.names, ...(item.alsoCalled ?? [])]
    : ingredientName
        .toLowerCase()
        .split(/[^\p{L}]+/u)
        .filter((word) => word.length > 3);
  return words.some((word) => hasWord(text, word));
}

function wordPattern(words: string): RegExp {
  return new RegExp(`(?<![\\p{L}])${words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}s?(?![\\p{L}])`, 'giu');
}

function hasWord(text: string, words: string): boolean {
  return wordPattern(words).test(text);
}
