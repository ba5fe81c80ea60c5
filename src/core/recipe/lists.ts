import { itemCalled } from '../ingredients';
import { itemNamed, type Language } from './item-named';
import { readIngredientLine } from './ingredient-line';
import { amountAlone, endsInAmount, type Row } from './layout';
import { quantityAt } from '../prose';
import { beginsAsStep, bullet, numbering } from './sentences';
import { unitAt } from './units';

/** “250 g” on one line and “flour” on the next are one line; so are amounts first and names after. */
export function joinAmounts(rows: readonly Row[]): Row[] {
  const out: Row[] = [];
  for (let i = 0; i < rows.length;) {
    let end = i;
    while (end < rows.length && rows[end]!.text !== '' && amountAlone(rows[end]!.text)) end += 1;
    const run = end - i;
    const names = rows.slice(end, end + run);
    const named =
      names.length === run &&
      names.every(
        (row) =>
          row.text !== '' && !amountAlone(row.text) && !leadsWithAmount(row.text) && !looksLikeStep(row.text),
      );
    if (
      (run > 0 && named && !/^\d+$/.test(rows[i]!.text.trim())) ||
      (run === 1 && named && isShort(names[0]!.text))
    ) {
      for (let j = 0; j < run; j += 1)
        out.push({ line: rows[i + j]!.line, text: `${rows[i + j]!.text} ${names[j]!.text}` });
      i = end + run;
      continue;
    }
    out.push(rows[i]!);
    i += 1;
  }
  return out;
}

/** “2 bay leaves” is a line of its own; “00 flour” is a name. */
const leadsWithAmount = (text: string) => /^\d/.test(text) && quantityAt(text) !== null;
const isShort = (text: string) => text.split(' ').length <= 7;
const looksLikeStep = (text: string) => beginsAsStep(text.replace(bullet, '').replace(numbering, ''));
/** “salt and pepper”, “1 tsp each of cumin and coriander”: two lines in one. */
export function apart(text: string): string[] {
  const both =
    /^(?:a little |some )?(salt|sal|sel|sale|salz)\s*(?:and|&|,|\+|und|et|y|e)\s*((?:freshly |fresh )?(?:ground |milled )?(?:black |white )?pepper|pfeffer|poivre|pimienta|pepe)\b(.*)$/i.exec(
      text,
    );
  if (both) return [`${both[1]!}${both[3]!}`, `${both[2]!}${both[3]!}`];
  // “1 tsp each of cumin, turmeric and salt”, “¼ tsp each: allspice, cloves”, “handful each mint and parsley”
  const each = /^(.{1,20}?)\s*\beach(?: of)?:? (\p{L}[\p{L} ,-]+)$/iu.exec(text);
  const amount = each && (quantityAt(each[1]!) || /^(?:handful|pinch|bunch)$/i.test(each[1]!));
  const names = each?.[2]!.split(/, (?:and )?| and /) ?? [];
  // “strong flour, plain flour: 100 g of each”
  const ofEach = /^([^:\d]+): (\d[\d.,/ ]* ?\p{L}{1,12}) (?:of )?each$/iu.exec(text);
  if (ofEach) return ofEach[1]!.split(/, (?:and )?| and /).map((name) => `${ofEach[2]!} ${name}`);
  if (amount && names.length > 1) return names.map((name) => `${each[1]!} ${name}`);
  // “oil and salt”, “yoghurt and lemon wedges, to serve”
  const two = /^(\p{L}+(?: \p{L}+)?) and (\p{L}+(?: \p{L}+)?)(,? (?:to|for) [\p{L} ]+)?$/iu.exec(text);
  if (
    two &&
    itemCalled(`${two[1]!} and ${two[2]!}`) === undefined &&
    [two[1]!, two[2]!].every((one) => itemCalled(one) !== undefined)
  )
    return [two[1]!, two[2]!].map((one) => `${one}${two[3] ?? ''}`);
  const bare = text.split(/,\s+/);
  if (bare.length >= 3 && bare.every((one) => !/\d/.test(one) && itemNamed(one, 'en') !== undefined))
    return bare;
  return withPlus(text);
}

/** “3 eggs, plus 1 egg yolk”: two lines, where both are amounts of something known. */
function withPlus(text: string): string[] {
  const joint = /(?:,\s+|(?<!\s)\s+)(?:plus|\+)\s+(?=(?:an? |one |two |\d))/i.exec(text);
  if (!joint || text.slice(0, joint.index).split('(').length > text.slice(0, joint.index).split(')').length)
    return [text];
  const parts = [text.slice(0, joint.index), text.slice(joint.index + joint[0].length)];
  const known = parts.every((part) => {
    const line = readIngredientLine(part);
    return (
      line !== null &&
      line.amount !== null &&
      !/for|extra/.test(line.note) &&
      itemNamed(line.name, 'en') !== undefined
    );
  });
  return known ? parts : [text];
}

/** A line that begins with an amount, is short and tells nobody to do anything; or names an ingredient and no more. */
export function isIngredientLike(text: string, language: Language): boolean {
  const bare = text.replace(bullet, '').trim();
  if (beginsAsStep(bare, language) || bare.length > 140) return false;
  if (apart(bare).length > 1) return true;
  const line = readIngredientLine(bare);
  if (!line || line.name === '') return false;
  const words = line.name.split(' ').length;
  if (line.amount !== null && words <= 8 && !/[.!?] \p{Lu}/u.test(bare)) return true;
  const known = itemNamed(line.name, language) !== undefined;
  return known && words <= 4 && bare.split(' ').length <= 9 && !/[.!?]$/.test(bare) && !isLikelyTitle(bare);
}

const isLikelyTitle = (text: string) => text === text.toUpperCase() && text.split(' ').length > 1;

export function isStrictIngredient(text: string, language: Language): boolean {
  const quantity = quantityAt(text);
  if (!quantity || text.split(' ').length > 9) return false;
  const unit = unitAt(text.slice(quantity.length));
  const line = readIngredientLine(text);
  return (
    line !== null &&
    (unit !== null || itemNamed(line.name, language) !== undefined) &&
    !hasVerbStart(line.name)
  );
}

const hasVerbStart = (name: string) => beginsAsStep(name);

/** A list in one line: “250 g flour, 7 g yeast, 1 egg, beaten, 40 g butter”; null where it is none. */
export function listIn(text: string, language: Language): string[] | null {
  if (/[.!?] \p{Lu}/u.test(text) && !/^\d/.test(text)) return null;
  const named = text.split(/,\s+/);
  // “salt 1 tsp, warm water 150 ml, oil for the rings”: amounts behind the names.
  const behind = named.filter((one) => endsInAmount(one)).length;
  const cut =
    behind >= 2 && 2 * behind > named.length && endsInAmount(named[0]!)
      ? named
      : whole(
          text
            .replace(/\.$/, '')
            .split(
              /(?<!\s)\s*;\s*|(?<!\s)\s+(?:[·•]\s+|\/\s+(?=[\d\p{L}])|(?:and|und|et|y|e|dan)\s+(?!an? (?:half|quarter|third)s?\b)(?=(?:an? |one |two |\d)))|,\s+(?=(?:about |a |an |half |one |two |three |four |some |the (?:zest|juice)|juice|salt|\d|\.\d|1\/))/iu,
            ),
        );
  if (cut.length < 2) return null;
  const lines = cut.map((one) => readIngredientLine(one));
  const amounts = lines.filter((line) => line !== null && line.amount !== null && line.name !== '').length;
  const known = lines.filter((line) => line !== null && itemNamed(line.name, language) !== undefined).length;
  const long = lines.some((line) => line === null || line.name.split(' ').length > 6);
  return amounts >= 2 && amounts * 2 >= cut.length && known * 2 >= cut.length && !long
    ? cut.flatMap((one) => furtherIn(one, language))
    : null;
}

/** Cuts inside a bracket are none, nor is one before “about 130 g each”. */
function whole(cut: readonly string[]): string[] {
  const out: string[] = [];
  for (const one of cut) {
    const last = out.at(-1);
    const open = last !== undefined && last.split('(').length > last.split(')').length;
    // “water at 2 °C / 12 °C”
    // “silken tofu, 1 cm cubes”
    const degrees = /^\d[\d.,]* ?(?:°|(?:cm|mm|inch|in)\b)/.test(one);
    if (
      last !== undefined &&
      (open || degrees || amountAlone(last) || isOnlyAmount(one) || sizeOfEach.test(one.replace(/,$/, '')))
    )
      out[out.length - 1] = `${last}, ${one.replace(/,$/, '')}`;
    else out.push(one);
  }
  return out;
}

/** “3 potatoes, about 450 g”. */
const isOnlyAmount = (text: string) =>
  amountAlone(
    text.replace(/^(?:about|approx\.?|around|roughly|some|weighing|or|ca?\.?) /i, '').replace(/[,.]$/, ''),
  );

const sizeOfEach =
  /^(?:about |approx\.? |around |roughly )?\d[\d.,]*(?:\s?-\s?\d+)?\s?\p{L}{1,9}\.? (?:each|apiece|in all|in total|together|altogether|combined|of (?:it|them|this|which) .*|trimmed|peeled|podded|drained|prepared|raw|cooked|net)$/iu;

/** “75 g cheese, pinch of salt, black pepper”: what stands behind a comma and is an ingredient by itself. */
function furtherIn(text: string, language: Language): string[] {
  const [first = '', ...more] = text.split(/,\s+/);
  const out = [first];
  for (const one of more) {
    const line = readIngredientLine(one);
    const alone = line !== null && line.state === '' && line.note === '' && line.name.split(' ').length <= 3;
    if (alone && itemNamed(line.name, language) !== undefined && !/^(?:plus|or|and)\b/i.test(one))
      out.push(one);
    else out[out.length - 1] += `, ${one}`;
  }
  return out;
}
