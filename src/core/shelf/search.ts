import { calculators, type Calculator } from '../calculators';
import { unitCalled } from '../formula';
import { itemCalled } from '../ingredients';
import { acidCalled, leaveningAcids } from '../leavening';
import type { Place } from '../practical';
import type { ShelfTable, TableRow } from './table';
import { tables } from './tables';

/** Something on the shelf that answers what was asked. */
export type ShelfHit =
  | { kind: 'calculator'; id: string; calculator: Calculator; inputs: Record<string, unknown> }
  | { kind: 'row'; id: string; table: ShelfTable; row: TableRow }
  | { kind: 'table'; id: string; table: ShelfTable };

interface Scored {
  hit: ShelfHit;
  score: number;
}

const idle = new Set([
  'how',
  'much',
  'many',
  'of',
  'the',
  'is',
  'are',
  'a',
  'an',
  'what',
  'in',
  'for',
  'to',
  'do',
  'does',
  'i',
  'with',
  'and',
  'at',
  'my',
  'per',
]);

/** Most answers shown. */
const most = 24;

/**
 * What the shelf has for a question, best first: rows of tables by their names, calculators by their words, and
 * calculators already filled in where the question holds the numbers (“gas 5”, “2 cups of flour”, “350 F”). An empty
 * question gives the whole shelf.
 */
export function searchShelf(question: string, place: Place | null): ShelfHit[] {
  const text = question.trim().toLowerCase();
  if (text === '') return wholeShelf(place);
  const asked = withoutApostrophes(text)
    .replaceAll(/[^\p{L}\p{N}¼½¾.,°%-]+/gu, ' ')
    .split(' ')
    // A comma or a point inside a number stays; after a word it is only punctuation.
    .map((word) => word.replace(/^[.,°%]+|(?<![.,°%])[.,°%]+$/g, ''))
    .filter((word) => word !== '' && !idle.has(word));
  const filled = filledIn(text);
  const scored: Scored[] = [];
  for (const calculator of calculators) {
    const inputs = filled.get(calculator.id);
    const score = scoreOf(asked, calculator.title, calculator.keywords) + (inputs ? 60 : 0);
    if (score > 0) {
      const here = { ...placeFor(calculator, place), ...inputs };
      scored.push({ score, hit: { kind: 'calculator', id: calculator.id, calculator, inputs: here } });
    }
  }
  for (const table of tables) {
    const whole = scoreOf(asked, table.title, table.keywords);
    if (whole > 0) scored.push({ score: whole, hit: { kind: 'table', id: table.id, table } });
    for (const row of table.rows(place)) {
      const score = scoreOf(asked, row.name, row.keywords, `${table.title} ${table.keywords}`);
      if (score > 0)
        scored.push({ score: score + 1, hit: { kind: 'row', id: `${table.id}:${row.id}`, table, row } });
    }
  }
  return scored
    .sort((a, b) => b.score - a.score)
    .slice(0, most)
    .map((one) => one.hit);
}

/** Everything, tables first. */
function wholeShelf(place: Place | null): ShelfHit[] {
  return [
    ...tables.map((table): ShelfHit => ({ kind: 'table', id: table.id, table })),
    ...calculators.map((calculator): ShelfHit => ({
      kind: 'calculator',
      id: calculator.id,
      calculator,
      inputs: placeFor(calculator, place),
    })),
  ];
}

/** Where one is, for the calculators that ask. A measured boiling point beats an altitude. */
function placeFor(calculator: Calculator, place: Place | null): Record<string, unknown> {
  if (!place) return {};
  if ('localBoilingC' in calculator.inputs && place.measuredBoilingC !== null) {
    return { localBoilingC: place.measuredBoilingC };
  }
  return 'altitudeM' in calculator.inputs && place.altitudeM !== null ? { altitudeM: place.altitudeM } : {};
}

/** “The step’s words” and “the step's words” as “the step words”. */
const withoutApostrophes = (text: string) => text.replaceAll(/[’'](s\b)?/gu, '');

/** A word and what it may be the plural of: “potatoes” is “potatoe” or “potato”, “berries” is “berry”. */
const formsOf = (word: string) => [
  word,
  ...(word.endsWith('s') ? [word.slice(0, -1)] : []),
  ...(word.endsWith('es') ? [word.slice(0, -2)] : []),
  ...(word.endsWith('ies') ? [`${word.slice(0, -3)}y`] : []),
];
const sameWord = (one: string, other: string) =>
  one === other ||
  // Plurals leave the beginning alone: a cheap look first.
  (one.charCodeAt(0) === other.charCodeAt(0) &&
    Math.abs(one.length - other.length) <= 2 &&
    formsOf(one).some((form) => formsOf(other).includes(form)));

/** Every word asked for must be met: whole words of the name count most, then its keywords, its table’s, then beginnings. */
function scoreOf(asked: readonly string[], name: string, keywords: string, around = ''): number {
  const split = (text: string) => withoutApostrophes(text.toLowerCase()).split(/[^\p{L}\p{N}¼½¾-]+/u);
  const [names, others, wider] = [split(name), split(keywords), split(around)];
  let score = 0;
  for (const word of asked) {
    const stem = word.replace(/s$/, '');
    const same = (one: string) => sameWord(one, word);
    if (names.some(same)) score += 10;
    else if (others.some(same)) score += 6;
    else if (wider.some(same)) score += 3;
    else if (word.length > 1 && names.some((one) => one.startsWith(stem))) score += 4;
    else if (word.length > 2 && others.some((one) => one.startsWith(stem))) score += 2;
    else if (!/^[\d.,¼½¾°%-]+[cfg]?$/.test(word)) return 0;
  }
  if (score === 0) return 0;
  // A name that is all that was asked for comes before one that only holds it.
  const covered = names.filter((one) => asked.some((word) => sameWord(one, word))).length;
  return score + (8 * covered) / names.length;
}

const fractions: Readonly<Record<string, number>> = {
  '¼': 0.25,
  '½': 0.5,
  '¾': 0.75,
  half: 0.5,
  quarter: 0.25,
  a: 1,
  one: 1,
  two: 2,
  three: 3,
};

function amountOf(text: string | undefined): number {
  if (text === undefined || text.trim() === '') return 1;
  const [whole, part] = text.trim().split('/');
  if (part !== undefined) return Number(whole) / Number(part);
  return fractions[text.trim()] ?? Number(text.replace(',', '.'));
}

/** Calculators whose inputs the question itself holds. */
function filledIn(text: string): Map<string, Record<string, unknown>> {
  const found = new Map<string, Record<string, unknown>>();
  const gas = /\bgas (?:mark )?(\d|¼|½)/.exec(text);
  if (gas) found.set('oven-setting', { value: amountOf(gas[1]), from: 'gas' });

  const degrees = /(-?(?<!\d)\d+(?:[.,]\d+)?)\s*(?:°\s*)?([cf])\b/.exec(text);
  if (degrees) {
    const value = Number(degrees[1]!.replace(',', '.'));
    const from = degrees[2]!.toUpperCase();
    found.set('temperature', { value, from, to: from === 'C' ? 'F' : 'C' });
    if (/oven|fan|bake|gas/.test(text)) found.set('oven-setting', { value, from });
  }

  const measure =
    /(?:((?<!\d)\d+(?:[.,]\d+)?|(?<!\d)\d+\s*\/\s*\d+|[¼½¾]|half|quarter|a|one|two|three)\s+)?\b([a-z]+)\b(?:\s+of)?\s+([a-z][a-z -]{0,80})$/.exec(
      text,
    );
  const unit = measure && unitCalled(measure[2]!);
  if (measure && unit) {
    const ingredient = measure[3]!.replace(/(?<!\s)\s+(in|to|into|as)\s+\w+$/, '').trim();
    const wanted = /\b(?:in|to|into|as)\s+(\w+)$/.exec(measure[3]!)?.[1];
    const to = (wanted && unitCalled(wanted)) ?? (['g', 'kg', 'oz', 'lb'].includes(unit) ? 'cup' : 'g');
    if (itemCalled(ingredient)?.density)
      found.set('kitchen-measure', { amount: amountOf(measure[1]), from: unit, to, ingredient });
  }

  const acid =
    leaveningAcids.find(({ name, id }) => text.includes(name.split(',')[0]!) || text.includes(id)) ??
    acidNamed(text);
  if (acid) {
    const soda = /(?<!\d)(\d+(?:[.,]\d+)?)\s*g/.exec(text);
    const bicarbonateG = soda ? Number(soda[1]!.replace(',', '.')) : 5;
    found.set('neutralising-acid', { bicarbonateG, kind: acid.id });
    // “Citric acid for 8 g soda” asks for the acid, not for cups of soda.
    if (soda) found.delete('kitchen-measure');
  }

  const altitude = /(\d{2,5})\s*m\b/.exec(text);
  if (altitude && /boil|altitude|height/.test(text))
    found.set('water-boiling-point', { altitudeM: Number(altitude[1]) });
  return found;
}

const acidNamed = (text: string) =>
  text
    .split(/\s+/)
    .map(acidCalled)
    .find((acid) => acid !== undefined);
