import { quantityAt } from './quantity';

/** A length of time that a sentence says. */
export interface TimeSaid {
  low: number;
  high: number | null;
  /** Where it stands in the sentence. */
  from: number;
  to: number;
  per: 'once' | 'side' | 'piece';
  /** The same length said again: “(60 minutes)”; not another one. */
  again: boolean;
}

/** Minutes of one, by its first letters; English, German, French, Spanish, Italian, Indonesian. */
const unit =
  /^\s*(?:-\s*)?(?:of (?:an? )?|an? |d'|de |di )?(hours?|hrs?|h|stunden?|std|heures?|horas?|or[ae]|jam|minutes?|minuten|minutos?|minut[oi]|mins?|menit|mn|'(?!\p{L})|seconds?|secs?|sekunden?|secondes?|segundos?|second[oi]|detik|s(?=[\s.,;)]|$)|weeks?|days?|tage?n?|jours?|días?|giorn[oi]|hari|nights?)(?![\p{L}])/iu;

const minutesOf = (word: string): number => {
  const plain = word.toLowerCase();
  if (/^week/.test(plain)) return 10_080;
  if (/^(?:days?|tag|jour|día|giorn|hari)/.test(plain)) return 1440;
  if (/^(?:h|st|heure|hora|or|jam)/.test(plain)) return 60;
  return /^s(?!t)|^detik/.test(plain) ? 1 / 60 : 1;
};

/** What stands before a length that is not the step’s own: “every 5 minutes”, “for the last 5 minutes”. */
const notItsOwn =
  /\b(?:every|each|last|first|past|within|alle|letzten|ersten|toutes les|dernières|cada|últimos|ogni|ultimi|setiap|under|at|less than|no more than|after|another time)\s*$/i;
const sides =
  /^\.?\s*(?:or so\s*)?(?:,\s*)?(?:on each|per|a|each|on every|on the other|je|pro|par|de chaque|por|per|setiap)\s*(side|piece|seite|stück|face|côté|lado|lato|sisi|batch)\b/i;

/** Where a length of time can begin: not within a number, and not behind the hours of a clock. */
const starts = /(?<![\p{L}\d.,/½⅓⅔¼¾⅛⅜⅝⅞]|\d:)(?=[\p{L}\d½⅓⅔¼¾⅛⅜⅝⅞])/gu;

/** “1:30 h”. */
const clock = /^(\d{1,2}):([0-5]\d)\s?(?:h|hrs?|hours?)(?![\p{L}])/iu;

const holds =
  /\b(?:keeps|lasts|will (?:keep|last)|keep (?:well|fresh|crisp))(?: (?:well|fresh|crisp|for|up to|about|at least))*\s*$/i;
const keeping = /\b(?:keeps?|kept|stored?|stores|lasts?|best|freezes?)\b[^.]*$/i;

/** How far a length of time reaches at most: what is looked at from one place of a long line. */
const farthest = 120;

/** All lengths of time in a sentence, in order. The text is expected as `levelled` or `plainText` leave it. */
export function timesIn(text: string): TimeSaid[] {
  if (
    !/\d|hour|\bhrs?\b|\bsecs?\b|minute|stunde|heure|hora|or[ae]|jam|night|few|couple|mins?\b|day|week|tag|jour|giorn|hari/i.test(
      text,
    )
  )
    return [];
  const found: TimeSaid[] = [];
  let past = 0;
  for (const { index } of text.matchAll(starts)) {
    if (index < past) continue;
    const ahead = text.slice(index, index + farthest);
    const hours = clock.exec(ahead);
    if (hours) {
      past = index + hours[0].length;
      const low = Number(hours[1]) * 60 + Number(hours[2]);
      if (!notItsOwn.test(text.slice(Math.max(0, index - farthest), index)))
        found.push({ low, high: null, from: index, to: past, per: 'once', again: false });
      continue;
    }
    const quantity = quantityAt(ahead);
    if (!quantity) continue;
    const named = unit.exec(ahead.slice(quantity.length).replace(/^(?=\S)/, ' '));
    if (!named) continue;
    const shift = /^\s/.test(ahead.slice(quantity.length)) ? 0 : 1;
    let to = index + quantity.length + named[0].length - shift;
    // “twenty s.”: a letter is a unit behind figures only.
    if (named[1]!.length === 1 && !/[\d½⅓⅔¼¾⅛⅜⅝⅞]/.test(ahead.slice(0, quantity.length))) continue;
    // “2 an hour” is how often; half an hour is how long.
    if (quantity.low >= 1 && /^[ -]{0,4}an? /i.test(named[0])) continue;
    // “a second”, “a night”, and the point of the sentence.
    const bare = /^an?\s*$/i.test(text.slice(index, index + quantity.length));
    if (bare && !/^(?:h|min|day|week|stunde|heure|hora|ora)/i.test(named[1]!)) continue;
    if (
      bare &&
      /(?:\b(?:times|once|twice|than|degrees?|drops?|turns?|strokes?)|\d ?(?:g|ml)|°[CF]?)\s*$/i.test(
        text.slice(Math.max(0, index - farthest), index),
      )
    )
      continue;
    // “a minute short of the packet time”
    if (bare && /^ (?:short|less|more|longer|shorter|before|after)\b/i.test(text.slice(to))) continue;
    const each = minutesOf(named[1]!);
    let low = quantity.low * each;
    let high = quantity.high === null ? null : quantity.high * each;
    const half = /^\s*(?:and|et|y|e|und)\s*(?:a |an )?(half|quarter|demie|media|mezz[oa])\b/i.exec(
      text.slice(to),
    );
    if (half && each === 60) {
      low += /quarter/i.test(half[1]!) ? 15 : 30;
      to += half[0].length;
    }
    if (high === null) ({ low, to } = withMinutes(text, low, to, each));
    ({ high, to } = upTo(text, low, high, to));
    const per = sides.exec(text.slice(to, to + farthest));
    if (per) to += per[0].length;
    past = to;
    const before = text.slice(Math.max(0, index - farthest), index);
    if (notItsOwn.test(before)) continue;
    // “until the trail holds for 5 seconds”, “10 seconds between each”: a sign, and a pause.
    if (
      each < 1 &&
      (/\b(?:until|till)\b[^.;,]*$/i.test(before) || /^\s*(?:between|apart)\b/i.test(text.slice(to)))
    )
      continue;
    // “Keeps for 2 days”, “store for up to 3 days”: not how long the step takes.
    if (holds.test(before) || (each >= 1440 && keeping.test(before))) continue;
    // “(2 minutes at 650 W)” is another case; what says the same again says nothing else.
    const again =
      /[(/]\s*(?:about |or |that is )?$/.test(before) &&
      found.length > 0 &&
      /^\s*(?:$|[).,;:/]|(?:in all|in total|altogether|or so|or more)\b)/i.test(text.slice(to));
    found.push({
      low: tidy(low),
      high: high !== null && high > low ? tidy(high) : null,
      from: index,
      to,
      per: per ? (/piece|stück|batch/i.test(per[1]!) ? 'piece' : 'side') : 'once',
      again,
    });
  }
  return found;
}

/** “1 hour 20 minutes”, “1 h 20”. */
function withMinutes(text: string, low: number, to: number, each: number): { low: number; to: number } {
  if (each < 60) return { low, to };
  const rest = text.slice(to, to + farthest);
  const lead = /^\s*(?:(?:and|&|,|et|y|e|und)\s*)?(?=\d)|^\s*(?:and|et|y|e|und)\s+(?=\p{L})/iu.exec(rest);
  if (!lead) return { low, to };
  const more = quantityAt(rest.slice(lead[0].length));
  if (!more) return { low, to };
  const named = unit.exec(rest.slice(lead[0].length + more.length).replace(/^(?=\S)/, ' '));
  const clock = each === 60 && /^\d{2}(?!\d|\s*°)/.test(rest.slice(lead[0].length)) && lead[0].trim() === '';
  if (named && minutesOf(named[1]!) < each) {
    const shift = /^\s/.test(rest.slice(lead[0].length + more.length)) ? 0 : 1;
    return {
      low: low + more.low * minutesOf(named[1]!),
      to: to + lead[0].length + more.length + named[0].length - shift,
    };
  }
  if (!named && clock) return { low: low + more.low, to: to + lead[0].length + 2 };
  return { low, to };
}

/** “1 hour to 1½ hours”, “45 minutes to an hour”. */
function upTo(
  text: string,
  low: number,
  high: number | null,
  to: number,
): { high: number | null; to: number } {
  if (high !== null) return { high, to };
  const rest = text.slice(to, to + farthest);
  const joint = /^\s*(?:-|to|or|bis|à|a|sampai)\s+(?=\S)/i.exec(rest);
  const second = joint && quantityAt(rest.slice(joint[0].length));
  if (!joint || !second) return { high, to };
  const named = unit.exec(rest.slice(joint[0].length + second.length).replace(/^(?=\S)/, ' '));
  const value = named ? second.low * minutesOf(named[1]!) : null;
  if (value === null || value <= low || value > low * 4) return { high, to };
  const shift = /^\s/.test(rest.slice(joint[0].length + second.length)) ? 0 : 1;
  return { high: value, to: to + joint[0].length + second.length + named![0].length - shift };
}

const tidy = (value: number) => Number(value.toFixed(4));
