import { formatNumber, formatTemperature, listed } from '../format';
import { fahrenheitFromCelsius } from '../units';
import { endFigureIn, type DegreesSaid } from './degrees-said';
import { sayingLook, sayingMinutes } from './durations';
import { minutesWords } from './minutes-words';
import type { StationStep } from './station-plan';
import type { Step } from './step';
import { temperatureEnd } from './targets';

/** What a sentence of the plan says in place of a temperature that is another one at every station, or in every room. */
const theTarget = 'the target';

/** Units a temperature is written in: those of a class, or both for whoever reads it at home. */
export type SaidIn = 'C' | 'F' | 'both';

/** Degrees by which a figure that was rounded still says the same. */
const roundingC = 0.06;

type Sentence = Pick<StationStep, 'text' | 'ends' | 'target'>;

/** Where a sentence names the temperature its step ends at: as a figure, or as “the target”. Null where it does not. */
function endIn({
  text,
  ends,
}: Pick<Step, 'text' | 'ends'>): { from: number; to: number; said: DegreesSaid | null } | null {
  const end = temperatureEnd({ ends });
  if (!end) return null;
  const named = /\bthe target\b/i.exec(text);
  if (named) return { from: named.index, to: named.index + named[0].length, said: null };
  return endFigureIn(text, end.celsius);
}

const isTheTarget = (text: string, { from, to }: { from: number; to: number }) =>
  text.slice(from, to).toLowerCase() === theTarget;

const replaced = (text: string, { from, to }: { from: number; to: number }, words: string) =>
  text.slice(0, from) + words + text.slice(to);

const temperatureWords = (celsius: number, unit: SaidIn): string =>
  unit === 'both'
    ? `${formatTemperature(celsius, 'C', Number.isInteger(Number(celsius.toFixed(1))) ? 0 : 1)} (${formatTemperature(celsius, 'F', 0)})`
    : formatTemperature(celsius, unit);

/**
 * A step’s sentence as a station reads it: the temperature in it that ends the step is this station’s own, here. A figure in
 * the sentence and another beside it never stand together; one that is right already stays as it was typed.
 */
export function sentenceOf(step: Sentence, unit: SaidIn): string {
  const { text, target } = step;
  const at = target && endIn(step);
  if (!target || !at) return text;
  const right = at.said?.unit === unit && Math.abs(at.said.celsius - target.localC) <= roundingC;
  return right ? text : replaced(text, at, temperatureWords(target.localC, unit));
}

/** The figure by which a sentence names where its step ends, as it stands there; null where it names none. */
export function endFigureOf(step: Pick<Step, 'text' | 'ends'>): string | null {
  const at = endIn(step);
  return at && !isTheTarget(step.text, at) ? step.text.slice(at.from, at.to) : null;
}

/** The sentence of a plan without the temperature that ends its step: each station reads its own there. */
export function sayingTheTarget(step: Pick<Step, 'text' | 'ends'>): string {
  const at = endIn(step);
  return at ? replaced(step.text, at, theTarget) : step.text;
}

const plainly = (text: string) =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\d]+/gu, ' ')
    .trim();

/** What ends a step besides its minutes, here, as far as its sentence does not say it: “118.2 °C”, “golden at the edges”. */
export function untilWords(step: Sentence & Pick<Step, 'need'>, unit: SaidIn): string {
  const said = ` ${plainly(step.text)} `;
  const parts = step.ends.flatMap((end): string[] => {
    if (end.kind === 'sign') return end.words && !said.includes(` ${plainly(end.words)} `) ? [end.words] : [];
    if (end.kind !== 'temperature' || !step.target || endIn(step)) return [];
    return [temperatureWords(step.target.localC, unit)];
  });
  return step.need === 'all' ? listed(parts) : parts.join(' or ');
}

/**
 * The sentence of a step for all stations to read together: what is another number at some of them is said of each, in the
 * order of their levels: “until the thermometer shows 98.0 / 106.0 / 117.0 °C”.
 *
 * @param said the plan’s own sentence, with the amounts of all of them
 * @param each the step as each treatment does it
 */
export function sentenceForAll(said: string, each: readonly StationStep[], unit: 'C' | 'F'): string {
  const [first] = each;
  if (!first) return said;
  const sentences = new Set(each.map((step) => sentenceOf(step, unit)));
  if (sentences.size === 1) return [...sentences][0]!;
  const distinct = (words: readonly string[]) => [...new Set(words.filter(Boolean))];
  const lengths = distinct(each.map(minutesWords));
  const looks = distinct(each.map(({ lookAt }) => (lookAt === null ? '' : formatNumber(lookAt))));
  const timed = lengths.length > 1 ? sayingMinutes(said, lengths.join(' / ')) : said;
  const text = looks.length > 1 ? sayingLook(timed, looks.join(' / ')) : timed;
  const at = endIn({ ...first, text });
  const degrees = distinct(
    each.flatMap(({ target }) => {
      if (!target) return [];
      const value = unit === 'C' ? target.localC : fahrenheitFromCelsius(target.localC);
      return [formatNumber(value, 1)];
    }),
  );
  return at && degrees.length > 0 ? replaced(text, at, `${degrees.join(' / ')} °${unit}`) : text;
}
