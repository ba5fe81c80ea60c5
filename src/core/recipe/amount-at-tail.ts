import { afterUnit, named, packAt, tidy, withFill } from './ingredient-amounts';
import { fillWords, sizeWords } from './ingredient-words';
import { quantityAt } from '../prose';
import type { IngredientLine } from './said';
import { unitAt } from './units';

/** Signs between a name and its amount, with what an amount begins with after them. */
const signsBeforeAmount =
  /(?<![\s.,:;()|=_-])[\s.,:;()|=_-]+(?:x\s*)?(?=(?:about |approx |ca\.? ?)?(?:\d|a |an |half |one |two |three |\.\d))/giu;

/** A text taken apart before the first amount that has a word, and no digit, in front of it; null where there is none. */
function beforeAmount(text: string): { name: string; tail: string } | null {
  let [from, named, passed] = [0, false, false];
  for (const match of text.matchAll(signsBeforeAmount)) {
    const parts = text.slice(from, match.index).split(/\d/);
    named = /\p{L}/u.test(parts.at(-1)!) || (named && (parts.length === 1 || passed));
    const [name, tail] = [text.slice(0, match.index), text.slice(match.index + match[0].length)];
    // “sucrose solution 10 % 20 ml”, “citrate (only below pH 4) 0.5 g”: how it is, and not how much.
    const percent = /^\d[\d.,]*\s?%\s*(?=.*\d)/.test(tail);
    const before = text.slice(0, match.index + match[0].length);
    const inside = before.split('(').length > before.split(')').length && /\).*\d/.test(tail);
    passed = percent || inside;
    if (named && !passed) return { name, tail };
    from = match.index;
  }
  return null;
}

/** “Flour 250 g”, “Butter: 100 g”, “Milk (200 ml)”, “salt, a pinch”, “eggs x 3”. */
export function amountAtTail(text: string, line: IngredientLine): string | null {
  const joint = beforeAmount(text);
  if (!joint) return null;
  const tail = joint.tail.replace(/\)$/, '').trim();
  const quantity = quantityAt(tail);
  if (!quantity) return null;
  const rest = tail.slice(quantity.length);
  // “yeast 1 x 7 g sachet”
  const alone = { ...line };
  const packed = packAt(rest, quantity.low, false, alone);
  if (packed !== null && !named(packed)) {
    Object.assign(line, alone);
    return joint.name;
  }
  const sized = sizeWords.exec(rest.trimStart());
  // “garlic, 4 fat cloves, sliced”
  if (sized && unitAt(rest.trimStart().slice(sized[0].length))) {
    line.size = sized[0].trim().toLowerCase();
    return amountAtTail(
      text.replace(tail, `${tail.slice(0, quantity.length)}${rest.trimStart().slice(sized[0].length)}`),
      line,
    );
  }
  const unit = unitAt(withoutFill(rest));
  // “eggs 2, beaten”
  if (!unit && /^\s*[,(]/.test(rest) && /^\d/.test(tail)) {
    line.amount = quantity.low;
    line.amountHigh = quantity.high;
    line.unit = 'each';
    return `${joint.name}${rest.trim().startsWith('(') ? ' ' : ''}${rest.trim()}`;
  }
  if (!unit && rest.trim() !== '') return null;
  const left = unit ? withoutFill(rest).slice(unit.length).trim() : '';
  // “Starter: 200 ml from the last batch”
  const whence = /^(?:from|at|off|in the)\b/i.test(left);
  if (left !== '' && !whence && !/^[,(+/]/.test(left) && !/^\p{L}+(?: \p{L}+)?$/u.test(left)) return null;
  if (!unit && !/^\d/.test(tail)) return null;
  withFill(rest, line);
  line.amount = tidy(quantity.low * (unit?.times ?? 1));
  line.amountHigh = quantity.high === null ? null : tidy(quantity.high * (unit?.times ?? 1));
  line.unit = unit?.unit ?? 'each';
  // “cornflour 15 g, 30 g, 45 g”: what it is varied by.
  const more = afterUnit(left, line);
  const name = joint.name.replace(/(?<![\s.,:;(|=_-])[\s.,:;(|=_-]+$/, '');
  return more === '' ? name : `${name}, ${more.replaceAll(/^[,+(]\s*|\)$/g, '')}`;
}

const withoutFill = (text: string) => fillWords.reduce((rest, [pattern]) => rest.replace(pattern, ''), text);
