import { itemCalled, likelyItem } from '../ingredients';
import { piecesOfTitle } from './headings';
import { readIngredientLine } from './ingredient-line';
import { itemNamed, type Language } from './item-named';
import type { Row } from './layout';
import { isStrictIngredient, listIn } from './lists';
import { quantityAt } from '../prose';
import { bullet } from './sentences';
import { unitAt } from './units';

/** “Roast vegetables with couscous”, “Flour tortillas (12 small)”: a few words, a blank line or an amount of something under them. */
function headsAList(text: string, next: Row | null, language: Language): boolean {
  const bare = text.replace(/ ?\([^()]*\)$| x ?\d{1,3}(?: \p{L}+)?$|, \d[\d.,]* ?\p{L}{1,6}$/u, '').trim();
  const named = bare !== text.trim() && / /.test(bare);
  // “Half an onion” is the first of a list.
  const one = text.slice(quantityAt(text)?.length ?? text.length);
  if (/^\S+$/.test(one) && itemCalled(one) !== undefined) return false;
  return (
    (named || !/\d/.test(text)) &&
    next !== null &&
    (next.text.trim() === '' || isStrictIngredient(next.text.replace(bullet, ''), language)) &&
    /^\p{Lu}/u.test(bare) &&
    !/[\d.,;:!?]/.test(bare) &&
    bare.split(' ').length <= 7
  );
}

/**
 * Whether the first line of a text is its title: unless it is an amount of something or tells what to do.
 *
 * @param step whether the line begins as an instruction does
 */
export function isTitle(text: string, step: boolean, next: Row | null, language: Language): boolean {
  if (headsAList(text, next, language)) return true;
  if (next?.text.trim() === '' && (massMadeBehind.test(text) || (!step && standsAlone(text, language))))
    return true;
  if (step || text.split(' ').length > 12 || /[.!?] \p{Lu}|[.]$/u.test(text)) return false;
  // A line of talk is no title.
  if (/[!?]$/.test(text) && text.split(' ').length > 6) return false;
  const quantity = quantityAt(text);
  const pieces = piecesOfTitle(text);
  // “Cocoa bars: 16 squares”, “12 seeded rolls”
  if (pieces && (!quantity || itemCalled(text.slice(quantity.length)) === undefined)) return true;
  // “… for 2”
  const named = text.replace(/ ?\([^()]*\)$/, '').replace(/\bfor \d{1,2}$/i, '');
  if (!quantity) return listIn(text, language) === null && !/\d/.test(named);
  // “Three bean chilli”
  const rest = text.slice(quantity.length);
  // “A tea for two”: an article, and nothing that the table knows.
  if (/^An? /.test(text) && unitAt(rest) === null && likelyItem(rest) === undefined) return true;
  return (
    /^\p{Lu}/u.test(text) &&
    !/^(?:an?|half)\b/i.test(text) &&
    unitAt(rest) === null &&
    (itemCalled(rest) === undefined || !/\p{L}/u.test(next?.text ?? ''))
  );
}

/** “Brown chicken stock. Makes 2 l.” */
const massMadeBehind = /(?<=^[^.!?\d]{3,60})\. (?:makes|yields?|gives)\b[^.]{0,30}\.?$/i;

/** “48-hour pizza dough: 6 balls of 270 g”, “Worksheet 3: egg custard”: over a blank line, and no amount of anything. */
function standsAlone(text: string, language: Language): boolean {
  if (text.split(' ').length > 12 || /[!?]$/.test(text) || listIn(text, language) !== null) return false;
  if (/[.] \p{Lu}/u.test(text)) return false;
  const line = readIngredientLine(text);
  const amount = line !== null && line.amount !== null && line.unit !== 'each';
  if (/^\d/.test(text) && !/^\d+-\p{L}{3}/u.test(text)) return false;
  return !(amount && itemNamed(line.name, language) !== undefined) && !/^half\b/i.test(text);
}

/** A line without words of it, and without the bracket they stand in. */
export const withoutAside = (text: string, words: string): string =>
  text
    .replaceAll(/\([^()]*\)/g, (bracket) => (bracket.includes(words.replaceAll(/[()]/g, '')) ? '' : bracket))
    .replace(words, '');

const sentenceCase = (text: string) => text.charAt(0).toUpperCase() + text.slice(1).toLowerCase();

/** A title as it is shown: no marks at its ends, not shouted. */
export function titleFrom(text: string): string {
  const bare = text
    .replace(massMadeBehind, '')
    // “Kedgeree. (serves 4). 30 min.”
    .replace(/(?<=\p{L})(?:\s*\.)+\s*(?:\d[\d ]*(?:min\p{L}*|h\p{L}*)\.?)?$/iu, '')
    .replaceAll(/\(\s*\)/g, '')
    .replaceAll(/(?<![\s(,.:;-])[\s(,.:;-]+$|^[#*\s-]+/g, '');
  const title = bare.includes('(') ? bare : bare.replaceAll(')', '').trim();
  return (title === title.toUpperCase() ? sentenceCase(title) : title).slice(0, 120);
}
