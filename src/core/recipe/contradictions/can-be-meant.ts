import { isNeutral, kindsOf } from '../../ingredients';
import { comparable, formWords, tokensOf } from '../called';
import { kindsSaid } from '../collectives';
import type { Language } from '../item-named';
import { beginsAsStep, sentencesOf } from '../sentences';
import type { FormulaLine, RecipeStep } from '../recipe';

const isOneOf = ({ item }: FormulaLine, kind: RegExp): boolean =>
  item === undefined || [item.id, item.family, item.shelf, ...kindsOf(item)].some((one) => kind.test(one));

/** “mix the first four”, “the dry stuff”: lines are taken that no word names, and nobody can tell which. */
export const takesUnnamed = ({ text }: RecipeStep): boolean =>
  /\b(?:the )?(?:first|next|last|other|remaining) (?:two|three|four|five|six|seven|eight|\d)\b(?! (?:min|hour|time|sec|piece|day|turn))|\b(?:dry|wet|rest of the) (?:stuff|things|bits|goods|lot)\b|\b(?:mix|whisk|sift|combine) (?:the )?(?:dry|wet)(?:,|\.|$)/i.test(
    text,
  );

/** “Split? Start again with a yolk …”, “If it is dry, add a spoonful of water”: what is done only then is no part of the method. */
export const isOnlyThen = (steps: readonly RecipeStep[], s: number, from: number): boolean => {
  const before = steps[s]!.text.slice(0, from);
  return (
    before.includes('?') ||
    /\?\s*$/.test(steps[s - 1]?.text ?? '') ||
    /(?:^|[.;:!]\s*)(?:but |and )?(?:if|should|in case)\b[^.;!]*$/i.test(before)
  );
};

/** The share of sentences that begin as instructions do, below which a method is notes: “Acid in. Lid, 10 min.” */
const leastInstructions = 0.75;

/** Whether a method is written as notes are, for those who know what they mean: what it does not name it may take all the same. */
export function isInNotes(steps: readonly RecipeStep[], language: Language): boolean {
  // “20 min at 180 °C.” names nothing, whoever writes it.
  const sentences = steps
    .flatMap(({ text }) => sentencesOf(text))
    .filter(({ text }) => !/^\d/.test(text) && /\p{L} \p{L}/u.test(text));
  const told = sentences.filter(
    ({ text }) =>
      beginsAsStep(text, language) || /^(?:\p{L}+ ){1,8}(?:is|are|will|should|it|them)\b/iu.test(text),
  );
  return told.length < leastInstructions * sentences.length;
}

/** “the breads” of flatbreads, “the berries” of strawberries, “marg”: the end of a word is the thing, or its head. */
const isSame = (own: string, said: string) =>
  own === said ||
  (said.length >= 4 && (own.endsWith(said) || (own.startsWith(said) && own.length - said.length >= 2)));

/** What a line is bought as: “4 sheets” of “12 sheets dried lasagne”. */
const pieces = new Set(
  ['sheets', 'slices', 'bags', 'sticks', 'packets', 'fillets', 'breasts', 'cubes', 'heads'].map(comparable),
);

/** What a method says, as far as lines can be meant by it: read once for all of them. */
interface Said {
  /** Words that do not stand in a longer name of a line. */
  free: ReadonlySet<string>;
  all: ReadonlySet<string>;
  /** What is of the kinds of thing it speaks of. */
  kinds: readonly RegExp[];
}

export function saidIn(steps: readonly RecipeStep[]): Said {
  const free = new Set<string>();
  const all = new Set<string>();
  for (const { text, mentioned } of steps) {
    const named = mentioned.places.filter(({ from, to }) => /\p{L}[ -]\p{L}/u.test(text.slice(from, to)));
    for (const { stem, from, to } of tokensOf(text)) {
      all.add(stem);
      if (!named.some((place) => place.from <= from && to <= place.to)) free.add(stem);
    }
  }
  return { free, all, kinds: kindsSaid(steps.map(({ text }) => text).join(' ')) };
}

/**
 * Whether a word of a method can mean a line that no step was seen to take: any of its own words that does not stand in
 * the longer name of a line, the name of its part, a word for its kind. A line is called unused only where nothing can
 * mean it: better silent than wrong.
 */
export function canBeMeant(line: FormulaLine, said: Said): boolean {
  const own = tokensOf(line.text)
    .map(({ stem }) => stem)
    .filter(
      (stem) =>
        stem.length >= 3 &&
        !/^\d/.test(stem) &&
        (!isNeutral(stem) || formWords.has(stem) || pieces.has(stem)),
    );
  return (
    tokensOf(line.section).some(({ stem }) => said.all.has(stem)) ||
    said.kinds.some((kind) => isOneOf(line, kind)) ||
    [...said.free].some((stem) => own.some((one) => isSame(one, stem)))
  );
}

/** What is done to all that is there, whatever it is. */
const toAll =
  /^(?:then |now )?(?:bake|roast|grill|heat|pre-?heat|oven|cool|rest|leave|chill|simmer|boil|cook|serve|keep|freeze|prove|prepare|wash|line|grease|wait|enjoy)\b/i;

/**
 * Lines a method works on without a name: “spread over the flesh”, “cut side up on a tray”. The first of the list and the
 * one there is most of, where some step does things by hand and names nothing.
 */
export function workedUnnamed(formula: readonly FormulaLine[], steps: readonly RecipeStep[]): number[] {
  const unnamed = ({ text, uses, mentioned }: RecipeStep) =>
    uses.length === 0 && mentioned.others.length === 0 && !toAll.test(text.trim());
  if (!steps.some(unnamed)) return [];
  const masses = formula.map(({ mass }) => mass?.usual ?? 0);
  return [0, masses.indexOf(Math.max(...masses))];
}
