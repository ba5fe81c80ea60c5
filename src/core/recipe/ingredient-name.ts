import { itemCalled } from '../ingredients';
import { keepAlso, saidIn } from './ingredient-amounts';
import { linking, sizeWords, stateAfter, stateBefore } from './ingredient-words';
import type { IngredientLine, Said } from './said';
import { isMass } from './units';

/** Name, size, state and note out of what follows the amount. */
export function nameIn(text: string, line: IngredientLine): void {
  let rest = text.trim().replace(linking, '');
  const brackets: string[] = [];
  rest = rest.replaceAll(/\(([^)]*)\)?/g, (_, inner: string) => {
    const said = saidIn(inner);
    const drained = /^(.+?) (?:when )?drained(?: weight)?$/i.exec(inner.trim());
    const left = drained && saidIn(drained[1]!);
    if (left && isMass(left.unit)) drainedTo(left, line);
    else if (said && line.amount !== null) keepAlso(said, line, /\beach\b/i.test(inner));
    else if (inner.trim() !== '') brackets.push(inner.trim());
    return ' ';
  });
  rest = rest
    .replaceAll(/\s+/g, ' ')
    .replaceAll(' ,', ',')
    .replace(/,? (?:in all|in total|altogether)$/i, '')
    .trim();
  for (let sized = sizeWords.exec(rest); sized; sized = sizeWords.exec(rest)) {
    line.size = `${line.size} ${sized[0]}`.trim().toLowerCase();
    rest = rest.slice(sized[0].length);
  }
  const grown = /^(?:free-range|free range|organic|good-quality|best-quality)(?:,| )\s*/i.exec(rest);
  if (grown) {
    line.note = [line.note, grown[0].replace(/(?<![,\s])[,\s]+$/, '').toLowerCase()]
      .filter((one) => one !== '')
      .join(', ');
    rest = rest.slice(grown[0].length);
  }
  // “water at 30 °C”
  rest = rest.replace(/,? at (?:about )?\d[\d.-]* ?°[CF]$/i, (found) => {
    brackets.push(found.replace(/^,? /, ''));
    return '';
  });
  rest = alternativesIn(rest, line);
  const [head, ...tails] = rest.split(/,(?!\d)|;| - | ~ ?(?=\d)/).map((part) => part.trim());
  const states: string[] = line.state === '' ? [] : [line.state];
  const notes = [...brackets];
  let name = head!;
  for (const tail of tails) {
    if (tail === '') continue;
    const again = saidIn(tail);
    if (again && line.amount !== null && isMass(again.unit)) {
      keepAlso(again, line, /\b(?:each|apiece)\b/i.test(tail));
      continue;
    }
    if (stateAfter.test(tail)) states.push(tail);
    else if (
      tail.split(' ').length <= 3 &&
      !/^(?:an?|some|few|big|small|large|good|generous|for|to|in|at|from|with|plus)\b/i.test(tail) &&
      !/\d/.test(tail) &&
      !itemCalled(tail) &&
      isNameBehind(tail, name)
    )
      name = `${tail} ${name}`;
    else notes.push(tail);
  }
  const led = stateBefore.exec(name);
  if (led && !belongs(name, name.slice(led[0].length))) {
    states.unshift(led[1]!.replace(/,\s*$/, '').trim());
    name = name.slice(led[0].length);
  }
  for (const bracket of notes.filter((one) => stateAfter.test(one))) states.push(bracket);
  const other = notes.filter((one) => !stateAfter.test(one));
  name = name.replace(linking, '').replaceAll(/^[\s.,;:-]+|(?<![\s.,;:-])[\s.,;:-]+$/g, '');
  if (name === '' && line.unit === 'clove') name = 'cloves';
  line.name = lower(name === '' ? text.trim() : name).slice(0, 80);
  line.state = states.join(', ').toLowerCase().slice(0, 60);
  line.note = [line.note, ...other]
    .filter((one) => one !== '')
    .join(', ')
    .slice(0, 200);
}

/** “flour, plain”, “pepper, freshly ground black”: of several words only what makes another thing of it, or its very name. */
function isNameBehind(tail: string, name: string): boolean {
  const whole = `${tail} ${name}`.toLowerCase();
  const item = itemCalled(whole);
  if (!item || !tail.includes(' ')) return item !== undefined;
  return item.names.includes(whole) || item.id !== itemCalled(name)?.id;
}

/** “1 tin, 400 g (240 g drained)”: what is left of it is what is used. */
function drainedTo({ amount, unit }: Said, line: IngredientLine): void {
  const packs =
    line.pack && line.pack.count > 1 && line.amount !== null && amount < line.pack.each ? line.pack.count : 1;
  line.amount = amount * packs;
  line.unit = unit;
  line.pack = null;
}

/** Capitals of a shouted line are no names; those of German nouns are. */
const lower = (name: string) => (name === name.toUpperCase() ? name.toLowerCase() : name);

/** “chopped tomatoes”, “soft brown sugar”, “ground almonds”: words before a name that make it another thing. */
function belongs(whole: string, bare: string): boolean {
  if (/^soft,? (?:dark |light )?(?:brown|cheese)/i.test(whole)) return true;
  const [one, other] = [itemCalled(whole), itemCalled(bare)];
  return one !== undefined && one.id !== other?.id;
}

/** “butter or margarine”: the first is taken, the other noted. */
function alternativesIn(text: string, line: IngredientLine): string {
  const match =
    /^(.{2,40}?)\s+(?:or|oder|ou|o|atau)\s+(?!more\b|less\b|so\b)(?:\d[\d/., ]*\s*(?:g|ml|tsp|tbsp)?\s*)?(.{2,60})$/i.exec(
      text,
    );
  if (!match) return text;
  // “vegetable or chicken stock”, “lemon or lime juice”: the last word is of both.
  const second = match[2]!.split(',')[0]!;
  const shared = /(?:stock|juice|oil|vinegar|zest|flour|wine|sugar|broth)$/i.exec(second)?.[0];
  const whole = `${match[1]!} ${shared}`.replace(stateBefore, '').toLowerCase();
  if (shared !== undefined && (/stock|broth/i.test(shared) || itemCalled(whole)?.names.includes(whole))) {
    line.note = [line.note, `or ${match[2]}`].filter((one) => one !== '').join(', ');
    line.doubts.push(`or ${match[2]}`);
    return `${match[1]} ${shared}`;
  }
  // “silken or firm tofu”: one thing of two kinds.
  const [one, other] = [itemCalled(match[1]!), itemCalled(second)];
  if (one && one.id === other?.id && !match[1]!.includes(' ')) {
    line.doubts.push(`one of two: ${text}`);
    return text;
  }
  // “sweet or hot paprika”, “light or dark brown sugar”: one thing of two kinds.
  if (!itemCalled(match[1]!) && itemCalled(match[2]!)) {
    line.doubts.push(`one of two: ${text}`);
    return text;
  }
  line.note = [line.note, `or ${match[2]}`].filter((one) => one !== '').join(', ');
  line.doubts.push(`or ${match[2]}`);
  return match[1]!;
}
