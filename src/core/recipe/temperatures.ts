import { gasMarks } from '../heat';

/** A temperature that a sentence says. */
export interface TemperatureSaid {
  /** As it is written, in °C; a fan temperature stays one. */
  celsius: number;
  high: number | null;
  as: 'C' | 'F' | 'fan' | 'gas' | 'words';
  from: number;
  to: number;
  words: string;
}

const toCelsius = (fahrenheit: number) => Math.round(((fahrenheit - 32) * 50) / 9) / 10;

const gasCelsius = new Map(gasMarks.map(({ mark, celsius }) => [mark, celsius]));
const fractions: Readonly<Record<string, number>> = { '1/4': 0.25, '1/2': 0.5 };

/** What cookery books mean by an oven in words, °C (common practice). */
const ovenWords: readonly (readonly [RegExp, number])[] = [
  [/\bvery (?:slow|cool|low) oven\b/i, 130],
  [/\b(?:moderately|fairly) hot oven\b/i, 200],
  [/\b(?:moderately|fairly) (?:slow|low) oven\b/i, 160],
  [/\bvery hot oven\b/i, 240],
  [/\b(?:slow|cool|low) oven\b/i, 150],
  [/\b(?:moderate|medium) oven\b/i, 180],
  [/\bhot oven\b/i, 220],
];

const number = '(\\d{2,3}(?:[.,]\\d)?)';
const written = new RegExp(
  `${number}(?:\\s*(?:°\\s*[CF]?)?\\s*(?:-|to|bis|à|a)\\s*(\\d{2,3}))?\\s*(°?\\s*(?:C(?:elsius)?|F(?:ahrenheit)?)\\b|°)(?:\\s*\\(?\\s*(fan|umluft|heißluft|chaleur tournante|ventilato|convection)\\b(?![\\s:]*\\d))?`,
  'giu',
);
const fanFirst = /\b(fan|umluft|heißluft|convection)(?:\s+oven)?[\s:]*(\d{3})\b\s*(°?\s*[CF]?\b)?/giu;
const gas = /\bgas(?:\s*mark)?\s*(1\/4|1\/2|\d)\b/giu;
const thermostat = /\bth(?:ermostat)?\.?\s*(\d{1,2})(?:[-/]\d)?\b/giu;
const inWords =
  /\b(\d{2,3})(?:\s*(?:-|to)\s*(\d{2,3}))?\s+(?:degrees|grad|degrés|grados|gradi|derajat|grader)\b/giu;
const bareOven =
  /\b(?:oven|bake|roast|ofen|four|horno|forno|oven)\b[^.;]{0,40}?\b(?:to|at|auf|bei|à|a)\s+(\d{3})(?!\s*(?:°|C\b|F\b|g\b|ml\b|\d|min))/giu;

/** All temperatures in a sentence, in order of their place. The text is expected as `plainText` leaves it. */
export function temperaturesIn(text: string): TemperatureSaid[] {
  const found: TemperatureSaid[] = [];
  const free = (from: number, to: number) => found.every((one) => to <= one.from || from >= one.to);
  const add = (one: Omit<TemperatureSaid, 'to' | 'words'>, words: string) => {
    const to = one.from + words.length;
    if (free(one.from, to)) found.push({ ...one, to, words: words.trim() });
  };
  for (const match of text.matchAll(fanFirst)) {
    const value = Number(match[2]);
    const fahrenheit = /f/i.test(match[3] ?? '');
    add(
      { celsius: fahrenheit ? toCelsius(value) : value, high: null, as: 'fan', from: match.index },
      match[0],
    );
  }
  for (const match of text.matchAll(written)) addWritten(match, text, add);
  for (const match of text.matchAll(inWords)) {
    const [value, high] = [Number(match[1]), match[2] === undefined ? null : Number(match[2])];
    const hot = value > 280;
    const of = (one: number) => (hot ? toCelsius(one) : one);
    add(
      { celsius: of(value), high: high === null ? null : of(high), as: hot ? 'F' : 'C', from: match.index },
      match[0],
    );
  }
  for (const match of text.matchAll(gas)) {
    const celsius = gasCelsius.get(fractions[match[1]!] ?? Number(match[1]));
    if (celsius !== undefined) add({ celsius, high: null, as: 'gas', from: match.index }, match[0]);
  }
  for (const match of text.matchAll(thermostat)) {
    const mark = Number(match[1]);
    if (mark >= 1 && mark <= 10)
      add({ celsius: mark * 30, high: null, as: 'gas', from: match.index }, match[0]);
  }
  for (const match of text.matchAll(bareOven)) {
    const value = Number(match[1]);
    const from = match.index + match[0].length - match[1]!.length;
    const fahrenheit = value > 280;
    add(
      { celsius: fahrenheit ? toCelsius(value) : value, high: null, as: fahrenheit ? 'F' : 'C', from },
      match[1]!,
    );
  }
  for (const [pattern, celsius] of ovenWords) {
    const match = pattern.exec(text);
    if (match && found.length === 0) add({ celsius, high: null, as: 'words', from: match.index }, match[0]);
  }
  return found.sort((a, b) => a.from - b.from);
}

function addWritten(
  match: RegExpExecArray,
  text: string,
  add: (one: Omit<TemperatureSaid, 'to' | 'words'>, words: string) => void,
): void {
  const value = Number(match[1]!.replace(',', '.'));
  const unit = match[3]!.replaceAll(/[\s°]/g, '').toUpperCase();
  // A bare degree is Celsius unless no oven and no pan goes so high.
  const fahrenheit = unit.startsWith('F') || (unit === '' && value > 280);
  const inCelsius = (one: number) => (fahrenheit ? toCelsius(one) : one);
  const fan =
    match[4] !== undefined || /\b(?:fan|umluft)\s*(?:oven)?\s*\(?$/i.test(text.slice(0, match.index));
  add(
    {
      celsius: inCelsius(value),
      high: match[2] === undefined ? null : inCelsius(Number(match[2])),
      as: fan ? 'fan' : fahrenheit ? 'F' : 'C',
      from: match.index,
    },
    match[0],
  );
}

/** The one temperature a step means of those it says: °C before °F, gas and words; a fan temperature last. */
export function meantOf(said: readonly TemperatureSaid[]): TemperatureSaid | null {
  for (const as of ['C', 'F', 'gas', 'words', 'fan'] as const) {
    const one = said.find((each) => each.as === as);
    if (one) return one;
  }
  return null;
}
