import { plainText } from './clean';
import type { Recipe } from './recipe';

/** A stretch of the pasted text and what it was understood as. */
export interface Mark {
  from: number;
  to: number;
  kind: 'ingredient' | 'step';
  /** Which line of the formula, or which step. */
  index: number;
}

const numeric = /^\d+$/;
const anyNumber = '[\\d½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]';
const escaped = (word: string) => word.replaceAll(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** Words one after another with anything between that is none; numbers however they are written. */
function patternOf(words: readonly string[]): string {
  const parts: string[] = [];
  for (const word of words) {
    if (!numeric.test(word)) parts.push(escaped(word));
    else if (parts.at(-1) !== numbers) parts.push(numbers);
  }
  return parts.join('[^\\p{L}\\p{N}]{0,8}');
}
const numbers = `${anyNumber}(?:[\\d½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞\\s/.,⁄&+–-]{0,12}${anyNumber})?`;

const wordsOf = (text: string) => text.match(/\p{N}+|[\p{L}\p{M}]+/gu) ?? [];
/** Words at either end that a stretch is found by. */
const ends = 5;

/**
 * Where in the text each line of the formula and each step stands. What cannot be found has no mark.
 *
 * @param text the text that was read, without markup
 */
export function marksOf(text: string, recipe: Pick<Recipe, 'formula' | 'steps' | 'listed'>): Mark[] {
  const starts = lineStarts(text);
  const marks: Mark[] = [];
  const at = new Map<number, number>();
  const find = (kind: Mark['kind'], index: number, line: number, said: string) => {
    const begin = Math.max(starts[line - 1] ?? 0, at.get(line) ?? 0);
    const found = placeOf(text, begin, said);
    if (!found) return;
    at.set(line, found.to);
    marks.push({ ...found, kind, index });
  };
  recipe.steps.forEach((step, i) => find('step', i, step.line, step.text));
  at.clear();
  if (recipe.listed) recipe.formula.forEach((line, i) => find('ingredient', i, line.line, line.text));
  return marks
    .sort((a, b) => a.from - b.from)
    .filter((mark, i, all) => i === 0 || mark.from >= all[i - 1]!.to);
}

function lineStarts(text: string): number[] {
  const starts = [0];
  for (const match of text.matchAll(/\r\n|\r|\n/g)) starts.push(match.index + match[0].length);
  return starts;
}

function placeOf(text: string, from: number, said: string): { from: number; to: number } | null {
  const words = wordsOf(plainText(said));
  if (words.length === 0) return null;
  const near = text.slice(from, from + said.length * 2 + 400);
  const first = new RegExp(patternOf(words.slice(0, ends)), 'iu').exec(near);
  if (!first) return null;
  if (words.length <= ends) return closed(text, from + first.index, from + first.index + first[0].length);
  const tail = new RegExp(patternOf(words.slice(-Math.min(ends, words.length - ends))), 'giu');
  tail.lastIndex = first.index + first[0].length;
  const last = tail.exec(near);
  const to = last ? last.index + last[0].length : first.index + first[0].length;
  return closed(text, from + first.index, from + to);
}

/** A stretch with the point or bracket that ends it. */
function closed(text: string, from: number, to: number): { from: number; to: number } {
  const after = /^[)%"”'’]?[.!?;]?/u.exec(text.slice(to, to + 2))?.[0].length ?? 0;
  return { from, to: to + after };
}
