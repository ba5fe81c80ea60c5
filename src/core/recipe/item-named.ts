import { itemCalled, likelyItem, type IngredientItem } from '../ingredients';
import { remembered } from '../memory';
import { foreignNames } from './foreign-names';

/** Languages whose ingredient lines are read, besides English. */
const languages = ['de', 'fr', 'es', 'it', 'id'] as const;
export type Language = 'en' | (typeof languages)[number];

/** Letters only, no accents: “Grieß” and “griess”, “œuf” and “oeuf” are the same. */
export const folded = (text: string): string =>
  text
    .toLowerCase()
    .replaceAll('ß', 'ss')
    .replaceAll('œ', 'oe')
    .normalize('NFKD')
    .replaceAll(/\p{M}/gu, '')
    .replaceAll(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

interface Foreign {
  words: string[];
  english: string;
}

/** Names by language and first three letters of their first word. */
const byStart = new Map<string, Foreign[]>();
for (const row of foreignNames.trim().split('\n')) {
  const [english = '', ...columns] = row.split('|').map((part) => part.trim());
  columns.forEach((column, i) => {
    for (const name of column.split(',').map((one) => folded(one))) {
      if (name === '') continue;
      const key = `${languages[i]}:${name.slice(0, 3)}`;
      byStart.set(key, [...(byStart.get(key) ?? []), { words: name.split(' '), english }]);
    }
  });
}

/** A word and the same in the plural: up to two letters more. */
const sameWord = (said: string, known: string) =>
  said === known || (known.length > 2 && said.startsWith(known) && said.length - known.length <= 2);

export interface ForeignMention {
  english: string;
  /** Index of its first word, and how many it has. */
  from: number;
  length: number;
}

/** Names of ingredients that words in one language hold, the longest at each place. */
export function foreignMentions(text: string, language: Language): ForeignMention[] {
  const words = folded(text).split(' ');
  const found: ForeignMention[] = [];
  for (let i = 0; i < words.length; i += 1) {
    let best: Foreign | undefined;
    for (const one of byStart.get(`${language}:${words[i]!.slice(0, 3)}`) ?? []) {
      if (one.words.length <= (best?.words.length ?? 0)) continue;
      if (one.words.every((word, j) => sameWord(words[i + j] ?? '', word))) best = one;
    }
    if (!best) continue;
    found.push({ english: best.english, from: i, length: best.words.length });
    i += best.words.length - 1;
  }
  return found;
}

/** The name of the ingredients table that a foreign name stands for, or null. */
function translated(name: string, language: Language): string | null {
  const found = foreignMentions(name, language);
  if (found.length === 0) return null;
  // The longest; of equals the first, which is the head in these languages.
  return found.reduce((best, one) => (one.length > best.length ? one : best)).english;
}

/** Which of the ingredients table a name means in a language; undefined where it is not known. */
export const itemNamed = (name: string, language: Language): IngredientItem | undefined =>
  named(`${language}:${name}`);

const named = remembered((asked) => itemOf(asked.slice(3), asked.slice(0, 2) as Language));

function itemOf(name: string, language: Language): IngredientItem | undefined {
  if (language !== 'en') {
    const english = translated(name, language);
    if (english !== null) return likelyItem(english);
  }
  const certain = itemCalled(name) ?? likelyItem(name);
  return certain ?? undefined;
}

const tells: Readonly<Record<Language, RegExp>> = {
  en: /\b(?:the|and|with|until|of|into|for|cup|cups|minutes|add|mix)\b/giu,
  de: /(?<!\p{L})(?:und|mit|der|die|das|den|zutaten|zubereitung|el|tl|prise|minuten|bis|zugeben|lassen|für)(?!\p{L})/giu,
  fr: /(?<!\p{L})(?:et|avec|le|les|la|du|des|dans|ingrédients|préparation|pincée|soupe|café|ajouter|pendant|œufs|sucre|farine)(?!\p{L})/giu,
  es: /(?<!\p{L})(?:y|con|el|los|las|la|del|ingredientes|preparación|elaboración|cucharadas?|cucharaditas?|taza|tazas|añadir|minutos|hasta|huevos|azúcar|harina)(?!\p{L})/giu,
  it: /(?<!\p{L})(?:e|con|il|gli|le|di|ingredienti|procedimento|preparazione|cucchiai[oa]?|cucchiaini?|aggiungere|minuti|uova|zucchero|farina|burro)(?!\p{L})/giu,
  id: /(?<!\p{L})(?:dan|dengan|bahan|bahan-bahan|cara|membuat|sdm|sdt|siung|butir|buah|masukkan|aduk|menit|hingga|sampai|gula|tepung|garam)(?!\p{L})/giu,
};

/** The language most words of a text tell; English where none does. */
export function languageOf(text: string): Language {
  const head = text.slice(0, 6000);
  let [best, most]: [Language, number] = ['en', head.match(tells.en)?.length ?? 0];
  for (const language of languages) {
    const count = head.match(tells[language])?.length ?? 0;
    if (count > most) [best, most] = [language, count];
  }
  return best;
}
