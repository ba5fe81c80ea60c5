import type { Language } from './item-named';
import type { Part } from './parts';
import { beginsAsStep, sentencesOf } from './sentences';
import { meantOf, temperaturesIn, type TemperatureSaid } from './temperatures';
import { timesIn, type TimeSaid } from '../prose';

/** A step as it was read. */
export interface ReadRecipeStep {
  line: number;
  text: string;
  section: string;
  minutesLow: number | null;
  minutesHigh: number | null;
  per: TimeSaid['per'];
  /** As a thermostat or thermometer shows it; null where none is said. */
  celsius: number | null;
  temperatures: TemperatureSaid[];
  times: TimeSaid[];
}

/** Things that are done by waiting. */
export const waiting =
  /^(?:(?:then|now|cover,?|and|cover and|cover with [^,.]{3,30}(?:,| and)|finally)\s+)*(?:bake|roast|prove|proof|chill|leave|let|rest|set aside|simmer|cool|freeze|refrigerate|boil|stand|soak|marinate|steep|infuse|put (?:it |them )?(?:in|into) the (?:oven|fridge|freezer)|poach|steam|allow|return (?:it |them )?to the oven|wait|ferment|rise)\b/i;

/** Words of waiting, anywhere in a sentence. */
export const waits =
  /\b(?:bake|roast|prove|proof|chill|leave|rest|set aside|simmer|cool|freeze|refrigerate|stand|soak|marinate|steep|infuse|oven|poach|steam|rise|ruhen|gehen|backen|köcheln|reposer|cuire|reposar|hornear|lievitare|riposare|cuocere|diamkan|rendam|panggang)\b/i;

/** Steps out of the lines of a method: one does one thing for one time. */
export function stepsOf(parts: readonly Part[], language: Language): ReadRecipeStep[] {
  const prose = parts.length <= 2 && parts.every((part) => !part.numbered);
  return parts.flatMap((part) => {
    const pieces = sentencesOf(part.text).flatMap(({ text }) => clausesOf(text, language));
    return grouped(pieces, prose && sentencesOf(part.text).length >= 3, language).map((text) =>
      stepFrom(part, text),
    );
  });
}

function stepFrom({ line, section }: Part, text: string): ReadRecipeStep {
  const times = timesIn(text);
  const temperatures = temperaturesIn(text);
  const own = times.find((one) => !one.again);
  return {
    line,
    text,
    section,
    minutesLow: own?.low ?? null,
    minutesHigh: own?.high ?? null,
    per: own?.per ?? 'once',
    celsius: meantOf(temperatures)?.celsius ?? null,
    temperatures,
    times,
  };
}

/** A sentence that says two lengths of time is two steps, cut where the second thing to do begins. */
function clausesOf(sentence: string, language: Language): string[] {
  const times = timesIn(sentence).filter((one) => !one.again);
  if (times.length < 2) return [sentence];
  const [first, second] = [times[0]!, times[1]!];
  const between = sentence.slice(first.to, second.from);
  const cuts = [
    ...between.matchAll(
      /(?<!\s)\s*(?:;|,? (?:and )?then|, and|,| and| y| et| und| e| dan| lalu|,? puis|,? luego|,? poi)\s+/giu,
    ),
  ];
  // The last thing to do that begins between the two; else no cut.
  const turned = cuts.find((match) =>
    /^(?:turn|reduce|lower|increase|raise)\b/i.test(between.slice(match.index + match[0].length)),
  );
  const cut =
    turned ??
    cuts.findLast((match) => beginsAsStep(between.slice(match.index + match[0].length), language)) ??
    cuts[0];
  if (!cut) return [sentence];
  const at = first.to + cut.index;
  const rest = sentence.slice(at + cut[0].length).trim();
  return [sentence.slice(0, at).trim().replace(/[,;]$/, ''), ...clausesOf(capital(rest), language)];
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** What of a sentence decides where a step ends. */
interface Sentence {
  text: string;
  timed: boolean;
  /** It tells to do something. */
  tells: boolean;
  /** It heats the oven and does no more. */
  heats: boolean;
}

function sentenceOf(text: string, language: Language): Sentence {
  const timed = timesIn(text).length > 0;
  return {
    text,
    timed,
    tells: beginsAsStep(text, language),
    heats: !timed && /\b(?:pre-?heat|heat|turn on|set|switch on)\b[^.]*\boven\b/i.test(text),
  };
}

const words = ({ text }: Sentence) => text.split(' ').length;
/** “Cook 10 min.” says how long the sentence before it takes. */
const isOwnTime = (one: Sentence) =>
  one.timed && words(one) <= 5 && /^(?:cook|fry|stir|mix|knead|blend|beat|whisk)\b/i.test(one.text);
/** “Line and grease a tin.” goes with the oven. */
const isGettingReady = ({ text }: Sentence) =>
  /^(?:lightly )?(?:grease|line|butter|oil|put a|place a|dust)\b/i.test(text);

/** Whether a sentence begins another step than the one it follows. */
function beginsAnother(group: readonly Sentence[], one: Sentence, each: boolean): boolean {
  if (words(one) <= 3 && !one.timed && !one.tells) return false;
  // “Heat the oven. Grease a tin.” is one thing, what comes after it another.
  const ready =
    group.some((other) => other.heats) && group.every((other) => other.heats || isGettingReady(other));
  if (ready) return !isGettingReady(one);
  if (one.heats) return !group.every(isGettingReady);
  const timed = group.some((other) => other.timed);
  if (!timed && isOwnTime(one)) return false;
  if (each) return one.tells || one.timed;
  return (one.timed && (timed || waits.test(one.text))) || (timed && one.tells);
}

/** Sentences of one line put together until another time, or another thing to wait for, begins. */
function grouped(sentences: readonly string[], each: boolean, language: Language): string[] {
  const groups: Sentence[][] = [];
  for (const text of sentences) {
    const one = sentenceOf(text, language);
    const group = groups.at(-1);
    if (!group || beginsAnother(group, one, each)) groups.push([one]);
    else group.push(one);
  }
  return groups.map((group) =>
    group
      .map(({ text }) => (/[.!?:;]$/.test(text) ? text : `${text}.`))
      .join(' ')
      .replace(/;$/, '.'),
  );
}
