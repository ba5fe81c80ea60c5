import { readIngredientWords } from './find';
import { allergenIds, type AllergenId } from './item';

/** A stretch of an ingredient’s words, and what it is said to be free of. */
export interface Stretch {
  text: string;
  without: ReadonlySet<AllergenId>;
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

/** Ways of saying that something is not in it. “Non-dairy” creamers may hold casein all the same: no promise. */
const claim = new RegExp(
  [
    String.raw`\b(?<free>${Object.keys(freeOf).join('|')})s?[\s-]*free\b(?! range)`,
    String.raw`\b(?:free (?:from|of)|contains? no|without|with no|no added|not containing|no)\s+(?<words>(?:added\s+)?\p{L}+(?:\s*(?:,|or|and|nor|&)\s*(?:no\s+)?\p{L}+)*)`,
    String.raw`\b(?<vegan>vegan|plant[\s-]based)\b`,
    String.raw`\b(?<eggless>egg ?less)\b`,
    String.raw`\b(?<dairy>non[\s-]dairy)\b(?! creamer)`,
  ].join('|'),
  'giu',
);

/** What makes a claim something other than a claim about the thing itself: a wish, a way out, a denial. */
const doubt =
  /\b(?:no|not|isn|isnt|aren|arent|never|non|nor|neither|hardly|almost|nearly|if|use|using|can|could|may|might|unless|option\w*|prefer\w*|ideal\w*|alternat\w*|instead|need\w*|requir\w*|works?|too|also|substitut\w*|swap\w*|replac\w*|for|than|like|style|type|eg|as|from|or)\b/iu;

/** Signs and words behind which something else begins. */
const borders = /([;:?!/+,()[\]]|\s-\s|\b(?:or|and|with(?! no\b)|but|plus|unless|alternatively|instead)\b)/iu;

/**
 * An ingredient’s words in stretches, each with what it is said to be free of. A claim takes away only from the words it
 * stands at: those behind it, or, where there are none, those before it, up to where something else begins. An alternative,
 * a question, a denial and a word nobody knows beside it make it no claim: then nothing is taken away.
 */
export function stretchesOf(ingredient: string): Stretch[] {
  const text = ingredient.normalize('NFKC').replaceAll(/[’‘]/g, "'");
  if (text.search(claim) < 0) return [{ text, without: none }];
  const stretches: Stretch[] = [];
  for (const { part, border, after, next } of partsOf(text)) {
    // “… or regular”, “…?”: what is claimed here is not so for certain.
    const open = alternative.test(after) && readIngredientWords(next).found.length === 0;
    const read = claimsIn(part, open);
    const last = stretches.at(-1);
    // “Flour (gluten-free)”, “flour, gluten-free”: of what stands before it, where nothing else is said beside it.
    const pure = read.length === 1 && read[0]!.text === '' && /^[\s)]*[(,]$/u.test(border.trim());
    if (pure && last && ['', ')'].includes(after.trim()))
      stretches[stretches.length - 1] = { ...last, without: new Set([...last.without, ...read[0]!.without]) };
    else stretches.push(...read.filter((one) => one.text !== ''));
  }
  return stretches;
}

/** What offers another one, or asks. */
const alternative = /\bor\b|[/?]|\b(?:unless|alternatively|instead)\b/iu;

const none: ReadonlySet<AllergenId> = new Set();

interface Part {
  part: string;
  /** What stands between it and the part before, and the part behind. */
  border: string;
  after: string;
  next: string;
}

/** Parts and what stands between them; claims that list words (“free from milk and eggs”) are not cut. */
function partsOf(text: string): Part[] {
  const kept: string[] = [];
  const masked = text.replaceAll(claim, (said) => `\u0001${kept.push(said) - 1}\u0002`);
  const pieces = masked
    .split(borders)
    .map((piece) => piece.replaceAll(/\u0001(\d+)\u0002/g, (_, at: string) => kept[Number(at)]!));
  // By the pattern’s one group, every second piece is what parts two others.
  const parts: Part[] = [];
  let border = '';
  pieces.forEach((piece, i) => {
    if (i % 2 === 1 || piece.trim() === '') {
      border += piece;
      return;
    }
    const last = parts.at(-1);
    if (last) [last.after, last.next] = [border, piece];
    parts.push({ part: piece.trim(), border, after: '', next: '' });
    border = '';
  });
  if (parts.length > 0) parts.at(-1)!.after = border;
  return parts;
}

/** One part, cut at its claims. */
function claimsIn(part: string, open: boolean): Stretch[] {
  const claims = [...part.matchAll(claim)];
  if (claims.length === 0) return [{ text: part, without: none }];
  const bare = part.replaceAll(claim, ' ');
  const doubted = open || doubt.test(bare) || readIngredientWords(bare).unknown.length > 0;
  // “Not without milk” is milk: what was claimed to be left out is read like the rest.
  if (doubted) {
    const all = part.replaceAll(claim, (...match) => {
      const { words } = match.at(-1) as Record<string, string | undefined>;
      return ` ${words ?? ''} `;
    });
    return [{ text: all.trim(), without: none }];
  }
  // “Gluten-free flour” and the like stand on the shelf under that name.
  if (readIngredientWords(part).found.some((one) => one.namedFree)) return [{ text: part, without: none }];
  const before = part.slice(0, claims[0]!.index).trim();
  const found: Stretch[] = [];
  let said = new Set<AllergenId>();
  claims.forEach((one, i) => {
    leftOut(one).forEach((id) => said.add(id));
    const behind = part.slice(one.index + one[0].length, claims[i + 1]?.index).trim();
    if (behind === '' || one.groups!.words !== undefined) {
      if (behind !== '') found.push({ text: behind, without: none });
      return;
    }
    found.push({ text: behind, without: said });
    said = new Set();
  });
  return said.size > 0 || before !== '' ? [{ text: before, without: said }, ...found] : found;
}

function leftOut({ groups }: RegExpMatchArray): readonly AllergenId[] {
  const { free, words, vegan, eggless, dairy } = groups!;
  if (free) return freeOf[free.toLowerCase()] ?? [];
  if (vegan) return animal;
  if (eggless) return ['eggs'];
  if (dairy) return ['milk'];
  return words!
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .flatMap((word) => freeOf[word.replace(/s$/, '')] ?? freeOf[word] ?? []);
}
