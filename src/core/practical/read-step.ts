import { degreesIn, endDegreesIn, isOfTheFood } from './degrees-said';
import { lookIn, ownTime, standsOvernight } from './durations';
import { range } from '../shape';
import { stepShape, type End, type Step } from './step';

/** What a typed sentence says of a step; the sentence stays as it is. */
export type ReadStep = Partial<
  Pick<
    Step,
    | 'minutes'
    | 'minutesTo'
    | 'per'
    | 'lookAt'
    | 'ends'
    | 'hands'
    | 'stir'
    | 'settings'
    | 'stayBelowC'
    | 'door'
    | 'optional'
    | 'people'
    | 'adult'
    | 'tryOne'
  >
>;

/**
 * Reads what a step’s sentence says of itself: “Bake 8–10 min, look at 7”, “Fry 2–3 min a side until golden”, “Heat to
 * 118 °C without stirring”, “Melt below 32 °C”. What is not said is left out.
 */
export function readStep(text: string): ReadStep {
  const read: ReadStep = { ...minutesIn(text) };
  const look = lookIn(text);
  if (look !== null) read.lookAt = look;
  const ends = endsIn(text, read.minutes !== undefined);
  if (ends.length > 0) read.ends = ends;
  const below =
    /\b(?:stay|keep|not (?:go )?|never |without going )\s*(?:it )?(?:below|under|above|over|past)\s+(\d{2,3}(?:[.,]\d)?)\s*°?\s*([CF])\b/i.exec(
      text,
    );
  if (below) read.stayBelowC = celsiusOf(below[1]!, below[2]!);
  if (/\b(without stirring|do not stir|don[’']t stir|never stir)\b/i.test(text)) read.stir = 'never';
  else if (/\b(stir(?:ring)? (?:all the time|constantly|continuously|always)|keep stirring)\b/i.test(text))
    read.stir = 'always';
  else if (/\b(stir(?:ring)? (?:now and then|occasionally|from time to time))\b/i.test(text))
    read.stir = 'now-and-then';
  const oven = ovenIn(text);
  if (oven) read.settings = [oven];
  if (/\b(do not open|don[’']t open|door (?:stays )?shut|keep the (?:oven )?(?:door )?shut)\b/i.test(text))
    read.door = 'shut';
  else if (/\b(through the (?:glass|window|door))\b/i.test(text)) read.door = 'glass';
  if (/\b(optional|if (?:you )?(?:like|wish))\b/i.test(text)) read.optional = true;
  if (/\b(two people|with a partner|in pairs|both of you)\b/i.test(text)) read.people = 2;
  if (
    /\b(an adult|adult only|your teacher|the teacher|staff) (?:does|do|pours?|lifts?|drains?|cuts?)\b/i.test(
      text,
    )
  )
    read.adult = true;
  if (/\btry (?:just )?one (?:piece |first)?first\b|\btry one first\b/i.test(text)) read.tryOne = true;
  if (
    /^(bake|leave|rest|cool|chill|prove|proof|simmer|soak|freeze|wait|let|infuse|roast|steep)\b/i.test(
      text.trim(),
    )
  )
    read.hands = 'waiting';
  return read;
}

/** Usual hours of a night in which something stands, min (common practice). */
const nightMin = { minutes: 480, minutesTo: 720 } as const;

function minutesIn(text: string): Pick<ReadStep, 'minutes' | 'minutesTo' | 'per'> {
  const own = ownTime(text);
  if (!own) return standsOvernight(text) ? nightMin : {};
  const most = range(stepShape.fields.minutes).high;
  return {
    minutes: Math.min(own.low, most),
    ...(own.high !== null && own.high <= most && { minutesTo: own.high }),
    ...(own.per !== 'once' && { per: own.per }),
  };
}

function celsiusOf(digits: string, unit: string): number {
  const value = Number(digits.replace(',', '.'));
  return unit.toUpperCase() === 'F' ? Math.round(((value - 32) * 50) / 9) / 10 : value;
}

function endsIn(text: string, timed: boolean): End[] {
  const ends: End[] = timed ? [{ kind: 'time' }] : [];
  const sign = /\b(?:until|till)\s+([^.;]+)/i.exec(text);
  const degrees = endDegreesIn(text);
  if (degrees) ends.push({ kind: 'temperature', celsius: degrees.celsius, basis: 'as-read' });
  if (sign && !/\d{2,3}\s*°?\s*[CF]\b/.test(sign[1]!)) {
    const words = sign[1]!

      .replace(/(?:,\s*|(?<!\s)\s*)(?:and )?(?:do not|don[’']t|never|without)\b.*$/i, '')
      .replace(
        /(?:,\s*|(?<!\s)\s*)(?:about\s+)?(?<!\d)\d[^,]{0,60}\b(?:min|minutes|s|seconds|h|hours)\b.*$/i,
        '',
      )
      .trim();
    const sense = /\b(feel|springy|firm|soft|sticky|tacky)\b/i.test(words)
      ? 'feel'
      : /\b(smell)/i.test(words)
        ? 'smell'
        : 'look';
    if (words !== '') ends.push({ kind: 'sign', sense, words: words.slice(0, 200) });
  }
  return ends;
}

function ovenIn(text: string): Step['settings'][number] | null {
  const oven = /\b(?:oven|bake|roast)\b[^.;]*/i.exec(text);
  if (!oven) return null;
  for (const { from, to, celsius } of degreesIn(oven[0])) {
    const at = { from: oven.index + from, to: oven.index + to, celsius };
    const fan = /^\s*fan\b/i.test(text.slice(at.to));
    if (!isOfTheFood(text, at)) return { what: 'oven', celsius, words: fan ? 'fan' : '', from: 0 };
  }
  return null;
}
