import { celsiusFromFahrenheit } from '../units';

/** A temperature as a sentence says it, with where it stands; one said in both units is one. */
export interface DegreesSaid {
  from: number;
  to: number;
  /** °C; of a range its low end. */
  celsius: number;
  unit: 'C' | 'F';
}

const figure = '(\\d{2,3}(?:[.,]\\d)?)';
const range = `${figure}(?:\\s*(?:–|-|—|to)\\s*\\d{2,3}(?:[.,]\\d)?)?`;
const unit = '(?:\\s*(?:°|º|deg(?:rees?|\\.)?)?\\s*([CF])(?:elsius|entigrade|ahrenheit)?\\b|\\s*([℃℉]))';
const said = new RegExp(`(?<![\\d.,])${range}${unit}`, 'gi');

/** Between the two ways of saying one temperature: “230 °F (110 °C)”, “230 °F / 110 °C”, “230 °F or 110 °C”. */
const between = /^\s*(?:[([/,–-]\s*|or\s+|[([]\s*(?:about|around|or)\s+)$/i;
/** Degrees by which two ways of saying one temperature may differ: they are rounded. */
const roundingC = 3;

/** The temperatures a sentence says, in the order they stand. */
export function degreesIn(text: string): DegreesSaid[] {
  const found: DegreesSaid[] = [];
  for (const match of text.matchAll(said)) {
    const [words, low = '', letter, sign] = match;
    const value = Number(low.replace(',', '.'));
    const inF = letter === undefined ? sign === '℉' : /f/i.test(letter);
    const one: DegreesSaid = {
      from: match.index,
      to: match.index + words.length,
      celsius: inF ? Math.round(celsiusFromFahrenheit(value) * 10) / 10 : value,
      unit: inF ? 'F' : 'C',
    };
    const before = found.at(-1);
    const twin =
      before !== undefined &&
      before.unit !== one.unit &&
      Math.abs(before.celsius - one.celsius) <= roundingC &&
      between.test(text.slice(before.to, one.from));
    if (twin) before.to = one.to + closedBy(text, before.to, one);
    else found.push(one);
  }
  return found;
}

/** Length up to and with the bracket that closes behind a second way of saying it; 0 where none was opened. */
function closedBy(text: string, from: number, { from: until, to }: DegreesSaid): number {
  const opened = /[([]/.test(text.slice(from, until));
  return opened ? (/^\s*[)\]]/.exec(text.slice(to))?.[0].length ?? 0) : 0;
}

/** What stands before a temperature of the food: “until the core shows 96 °C”. */
const namesTheFood =
  /\b(?:core|middle|centre|center|inside|internal|thermometer|probe|reads?|shows?|reach\w*|until it)\b[^.]{0,60}$/i;

/**
 * Whether a temperature in a sentence is the food’s and not the oven’s: “until 75 °C in the thickest part”, “to a wobble
 * (78 °C)”. No oven is set so low.
 *
 * @param at where it stands, and what it is, °C
 */
export const isOfTheFood = (
  text: string,
  { from, to, celsius }: { from: number; to: number; celsius: number },
): boolean =>
  namesTheFood.test(text.slice(0, from)) ||
  (celsius <= 100 &&
    (/\b(?:until|till|to an?)\b[^.;]{0,40}$/i.test(text.slice(0, from)) ||
      /^[^.;,]{0,20}\b(?:core|middle|centre|center|inside|thickest|internal)/i.test(text.slice(to))));

/** Words that lead up to the temperature a step ends at. */
const leadingUp =
  /\b(?:to|until|till|reach(?:es)?|at|shows?|reads?|hits|registers)\s+(?:it\s+)?(?:reach(?:es)?\s+)?(?:about\s+)?$|\b(?:until|till|once|when)\b[^.;]{0,60}\b(?:is|are)\s+(?:about\s+)?$/i;
const waitsFor = /^(?:until|till|once|when|reach|show|read|hits|registers)/i;
const bakes = /\b(?:oven|bake|roast)\b/i;
const inPan = /\b(?:boil|syrup|simmer|melt|caramel|custard|milk|pan|fry|oil|fondant)\w*\b/i;
/** A limit, and no end. */
const limits = /\b(?:below|under|above|over|past|beyond|exceeds?|more than|less than)\s+(?:about\s+)?$/i;

const leadOf = (text: string, { from }: DegreesSaid) => leadingUp.exec(text.slice(0, from))?.[0];

/** What stands between a temperature and the clause, or the other temperature, before it. */
function clauseBefore(text: string, one: DegreesSaid, all: readonly DegreesSaid[]): string {
  const other = Math.max(0, ...all.filter(({ to }) => to <= one.from).map(({ to }) => to));
  const clause = Math.max(...['.', ';'].map((mark) => text.lastIndexOf(mark, one.from - 1))) + 1;
  return text.slice(Math.max(other, clause), one.from);
}

/** The temperature at which a step ends, as its sentence says it; never that of an oven. Null where it says none. */
export function endDegreesIn(text: string): DegreesSaid | null {
  const all = degreesIn(text);
  const ends = all.filter((one) => {
    const lead = leadOf(text, one);
    if (lead === undefined) return false;
    if (!bakes.test(text) || isOfTheFood(text, one)) return true;
    const before = clauseBefore(text, one, all);
    if (inPan.test(before) && !bakes.test(before)) return true;
    return one.celsius <= 100 && waitsFor.test(lead);
  });
  // “Hold it at 110 °C until it reaches 120 °C”: what is waited for is the end.
  return ends.find((one) => waitsFor.test(leadOf(text, one)!)) ?? ends[0] ?? null;
}

/** “118 degrees”, “118°”: of which unit is not said. */
const bare = /(?<![\d.,])\d{2,3}(?:[.,]\d)?\s*(?:°|º|degrees\b)(?!\s*[CF℃℉])/gi;

/**
 * Where a sentence names the temperature of a step that is known to end by one: the figure itself, what its words lead up
 * to, else the only temperature in it that is no limit and no oven’s.
 *
 * @param celsius where it ends, as far as that is known
 */
export function endFigureIn(
  text: string,
  celsius: number | null,
): { from: number; to: number; said: DegreesSaid | null } | null {
  const all = degreesIn(text);
  const same = all.find((one) => celsius !== null && Math.abs(one.celsius - celsius) <= 0.5);
  const open = all.filter(
    (one) =>
      !limits.test(text.slice(0, one.from)) &&
      (!bakes.test(text) || isOfTheFood(text, one) || !bakes.test(clauseBefore(text, one, all))),
  );
  const said = same ?? endDegreesIn(text) ?? (open.length === 1 ? open[0]! : null);
  if (said) return { from: said.from, to: said.to, said };
  const plain = [...text.matchAll(bare)];
  if (all.length > 0 || plain.length !== 1 || bakes.test(text)) return null;
  return { from: plain[0]!.index, to: plain[0]!.index + plain[0]![0].length, said: null };
}
