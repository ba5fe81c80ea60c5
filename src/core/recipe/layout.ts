import { plainText } from './clean';
import { timesTold, yieldOf } from './headings';
import { quantityAt } from '../prose';
import { beginsAsStep, bullet, numbering } from './sentences';
import { unitAt } from './units';

/** A line of what was pasted, or a cell of one where two columns stand side by side. */
export interface Row {
  /** Number of the line in the text, from 1. */
  line: number;
  text: string;
}

/** Longest text and most lines that are looked at; what is beyond stays as text. */
export const mostCharacters = 200_000;
export const mostLines = 1500;
const longestLine = 6000;

/** “salt 1 tsp”, “OIL 30ML”: a name, and an amount at its end. */
export function endsInAmount(cell: string): boolean {
  const amount = /\d\s?\p{L}{0,5}$/u.exec(cell);
  return amount !== null && /\p{L}/u.test(cell.slice(0, amount.index));
}

/** “FLOUR 150G  OIL 30ML  WATER 70ML”: two blanks between things that each have an amount. */
function amountsApart(line: string): boolean {
  const cells = line.trim().split(/ {2,}/);
  return cells.length >= 3 && cells.every((cell) => /^\d/.test(cell.trim()) || endsInAmount(cell.trim()));
}

const rule = /^[\s|:=_*~-]+$/;
const gap = /\t+| {3,}|\s\|\s/;
/** “1x 2x 3x”, “½× 1× 2×”: what one presses to have more of it. */
const scales = /^(?:(?:\d(?:[./]\d)?|\d \d\/\d)\s?x(?:\s|$)\s*){2,}$/i;

/** The lines of a text with columns taken apart: what stands on the right follows what stands on the left. */
export function rowsOf(text: string): Row[] {
  const lines = text
    .slice(0, mostCharacters)
    .split(/\r\n|\r|\n/)
    .slice(0, mostLines)
    .map((line) => line.slice(0, longestLine));
  const cells = oneColumnOfAmounts(
    lines.map((line) =>
      rule.test(line)
        ? []
        : line
            .trim()
            .replaceAll(/^\|\s*|(?<!\s)\s*\|$/g, '')
            .split(amountsApart(line) ? / {2,}/ : gap)
            .map(plainText)
            .filter((cell) => cell !== '' && !scales.test(cell)),
    ),
  );
  const split = cells.filter((row) => row.length >= 2);
  const methodRight = split.filter((row) => isStepCell(row.at(-1)!)).length;
  if (split.length >= 2 && methodRight >= 2 && methodRight * 2 >= split.length) return byColumn(lines, cells);
  return cells.flatMap((row, i) => rowOf(row, i + 1));
}

/** What a column of amounts is of: each group, in place of the whole class. */
const eachOf = /^(?:each|per|one|a|1|group|pair|bench|station|batch|control|standard)\b/i;
const measure = /\b(?:metric|imperial|us|cups?|g|grams?|oz|ml|weight|volume|mass|%|percent\w*)\b|^$/i;

/** “Ingredient | Class of 24 | Each group”: of several columns of amounts the one of a batch, or else the first; its head goes. */
function oneColumnOfAmounts(cells: readonly (readonly string[])[]): (readonly string[])[] {
  const rows = cells.filter((row) => row.length > 0);
  const at = rows.findIndex(
    (row, i) =>
      row.length >= 3 &&
      headWords.test(row[0]!) &&
      rows[i + 1]?.length === row.length &&
      rows[i + 1]!.filter(amountAlone).length >= 2,
  );
  if (at < 0) return [...cells];
  const [head, first] = [rows[at]!, rows[at + 1]!];
  const amounts = [...first.keys()].filter((j) => amountAlone(first[j]!));
  if (amounts.some((j) => measure.test(head[j]!))) return [...cells];
  const meant = amounts.find((j) => eachOf.test(head[j]!)) ?? amounts[0]!;
  const isOfIt = (row: readonly string[]) => rows.indexOf(row) > at && row.length === head.length;
  return cells.map((row) =>
    row === head ? [] : row.filter((_, j) => !isOfIt(row) || j === meant || !amounts.includes(j)),
  );
}

const isStepCell = (text: string) =>
  !amountAlone(text) &&
  (beginsAsStep(text.replace(numbering, '')) || (/^\p{Ll}/u.test(text) && text.split(' ').length >= 5));

/** Ingredients on the left, method on the right. */
function byColumn(lines: readonly string[], cells: readonly (readonly string[])[]): Row[] {
  const left: Row[] = [];
  const right: Row[] = [];
  const at = Math.min(
    ...lines.flatMap((line, i) => {
      const match = cells[i]!.length >= 2 ? / {3,}|\t/.exec(line.trimStart()) : null;
      return match ? [match.index + match[0].length + (line.length - line.trimStart().length)] : [];
    }),
  );
  cells.forEach((row, i) => {
    const indented = /^\s*/.exec(lines[i]!)![0].length >= Math.min(at, 12);
    if (row.length >= 2) {
      left.push({ line: i + 1, text: row.slice(0, -1).join(' ').slice(0, longestLine) });
      join(right, { line: i + 1, text: row.at(-1)!.slice(0, longestLine) });
    } else if (row.length === 1) {
      if (indented || (right.length > 0 && isStepCell(row[0]!))) join(right, { line: i + 1, text: row[0]! });
      else left.push({ line: i + 1, text: row[0]!.slice(0, longestLine) });
    }
  });
  return [...left, ...right];
}

/** A line that goes on with the sentence above it joins it. */
function join(rows: Row[], row: Row): void {
  const last = rows.at(-1);
  if (last && /^\p{Ll}/u.test(row.text) && !/[.!?:]$/.test(last.text)) last.text = `${last.text} ${row.text}`;
  else rows.push(row);
}

function rowOf(cells: readonly string[], line: number): Row[] {
  const cut = (text: string) => ({ line, text: text.slice(0, longestLine) });
  if (cells.length <= 1) return taken(cells[0] ?? '').map(cut);
  if (cells.every((cell) => headWords.test(cell))) return [];
  if (cells.some((cell) => yieldOf(cell) !== null || timesTold(cell).length > 0)) return cells.map(cut);
  // “Tempering: 3 tbsp ghee | 1 tsp cumin”: what it is for stands before the first.
  const led = /^(\p{L}[^:\d]{2,30}:) ?(?=\d)/u.exec(cells[0]!);
  if (led) return [cut(led[1]!), ...rowOf([cells[0]!.slice(led[0].length), ...cells.slice(1)], line)];
  // “Flour | 250 g”, “250 g | flour”: a table.
  if (cells.length === 2 && (amountAlone(cells[0]!) || amountFirst(cells[1]!)) && !amountAlone(cells[1]!))
    return amountAlone(cells[0]!) ? [cut(cells.join(' '))] : cells.map(cut);
  if (cells.length <= 3 && cells.some(amountAlone)) {
    const amounts = cells.filter(amountAlone);
    const name = cells.filter((cell) => !amountAlone(cell)).join(' ');
    // “75 g + 1 tsp for dusting”: the name stands after the first amount.
    // “Flour | 250 g | 9 oz”: the same said twice.
    const [first = '', more = ''] = amounts.join(' / ').split(/ (?=\+|plus\b)/);
    return [cut([first, name, more].filter((part) => part !== '').join(' '))];
  }
  const things = cells.filter((cell) => !amountAlone(cell) && (amountFirst(cell) || endsInAmount(cell)));
  // “225 g butter | 4 eggs | zest of 2 lemons”: a list in one line, not all of it with amounts in front.
  const list = cells.length >= 3 && things.length >= 2 && 2 * things.length >= cells.length;
  if (things.length === cells.length || (list && !cells.some(isStepCell))) return cells.map(cut);
  return [cut(cells.join(' '))];
}

/** The head of a table. */
const headWords =
  /^(?:amounts?|ingredients?|quantit(?:y|ies)|qty|items?|units?|measures?|metric|imperial|us|weight|what|how much)$/i;

const inside =
  /(?<=[.!?)]\s)(?=(?:you(?:'ll| will)? need|ingredients|method|directions|instructions)\s?[: ])/i;
const inlineNumber = /(?<!\b(?:gas|mark|to|of|into|for|at|serves|makes|about))\s(?=\(?\d{1,2}[.)]\s+\p{Lu})/u;

/** A line with headings or numbered steps inside it as several. */
function taken(text: string): string[] {
  return text.split(inside).flatMap((part) => {
    const steps = part.split(inlineNumber);
    const numbers = steps.map((step) => Number(/^\(?(\d{1,2})[.)]/.exec(step)?.[1] ?? NaN));
    const counting = numbers
      .slice(1)
      .every((number, i) =>
        i === 0 ? number <= 2 || number === numbers[0]! + 1 : number === numbers[i]! + 1,
      );
    return steps.length >= 2 && counting ? steps : [part];
  });
}

const amountFirst = (text: string) => quantityAt(text.replace(bullet, '')) !== null;

/** “250 g”, “1”, “2 tbsp (heaped)”, “75 g + 1 tsp for dusting”: an amount and nothing it is of. */
export function amountAlone(text: string): boolean {
  const bare = text.replace(bullet, '').trim();
  const quantity = quantityAt(bare);
  if (!quantity || /^an?\b/i.test(bare)) return false;
  const rest = bare.slice(quantity.length);
  const unit = unitAt(rest);
  const after = (unit ? rest.slice(unit.length) : rest).trim();
  if (/^(?:\+|plus\b)/.test(after)) return true;
  return after.replaceAll(/\([^()]*\)/g, '').trim() === '';
}
