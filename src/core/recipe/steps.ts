import type { Language } from './item-named';
import type { Part } from './parts';
import { beginsAsStep, sentencesOf } from './sentences';
import { meantOf, temperaturesIn, type TemperatureSaid } from './temperatures';
import { timesIn, type TimeSaid } from './times';

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

const waits =
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
      /\s*(?:;|,? (?:and )?then|, and|,| and| y| et| und| e| dan| lalu|,? puis|,? luego|,? poi)\s+/giu,
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

/** Sentences of one line put together until another time, or another thing to wait for, begins. */
function grouped(sentences: readonly string[], each: boolean, language: Language): string[] {
  const groups: string[][] = [];
  let timed = false;
  for (const sentence of sentences) {
    const group = groups.at(-1);
    const time = timesIn(sentence).length > 0;
    const follows = sentence.split(' ').length <= 3 && !time && !beginsAsStep(sentence, language);
    // “Cook 10 min.” says how long the sentence before it takes.
    const ownTime =
      time &&
      !timed &&
      sentence.split(' ').length <= 5 &&
      /^(?:cook|fry|stir|mix|knead|blend|beat|whisk)\b/i.test(sentence);
    const apart =
      !group ||
      (!follows &&
        !ownTime &&
        (each
          ? beginsAsStep(sentence, language) || time
          : (time && (timed || waits.test(sentence))) || (timed && beginsAsStep(sentence, language))));
    if (apart) {
      groups.push([sentence]);
      timed = time;
    } else {
      group.push(sentence);
      timed ||= time;
    }
  }
  return groups.map((group) =>
    group
      .map((one) => (/[.!?:;]$/.test(one) ? one : `${one}.`))
      .join(' ')
      .replace(/;$/, '.'),
  );
}
