const number =
  '(\\d+(?:[.,]\\d+)?|\\d*[½¼¾⅓⅔]|\\d+\\s+\\d/\\d|an?|half an?|quarter of an|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|thirty|forty|fifty|sixty|ninety)';
const range = `${number}(?:\\s*(?:–|-|—|to|or)\\s*${number})?`;
const duration = new RegExp(
  `(?<![\\p{L}\\d.,])${range}\\s*(hours?|hrs?|h|minutes?|mins?|min|seconds?|secs?|s)\\b\\.?(\\s*(?:on each|per|a|each|on every)\\s+(side|piece)\\b)?`,
  'giu',
);
/** A sentence with its first length said otherwise; one that says none stays as it is. */
export function sayingMinutes(text: string, words: string): string {
  const [first, second] = durationsIn(text);
  if (!first) return text;
  const last = second && joined(text, first, second) ? second : first;
  // The point may be that of the sentence.
  const end = last.index + last[0].replace(/\.$/, '').length;
  return text.slice(0, first.index) + words + text.slice(end);
}

const look =
  /(,?\s*\b(?:and )?)((?:look|check)(?: early)?(?: at| after| from)\s+)(\d+(?:[.,]\d+)?)(?=\s*(?:min(?:utes?)?)?\b)(\s*min(?:utes?)?\b)?/i;

/** A sentence that says when to look early, saying another minute; or nothing of it. */
export const sayingLook = (text: string, words: string | null): string =>
  text.replace(look, (_, before: string, verb: string, __, unit = '') =>
    words === null ? '' : `${before}${verb}${words}${unit}`,
  );

/** Whether two lengths are one: “1 h 20 min”. */
export function joined(text: string, first: RegExpExecArray, second: RegExpExecArray): boolean {
  return (
    first[2] === undefined &&
    /^h/i.test(first[3] ?? '') &&
    /^m/i.test(second[3] ?? '') &&
    /^\s*(and\s*)?$/.test(text.slice(first.index + first[0].length, second.index))
  );
}

/** Lengths a sentence says of itself: not “every 5 min”, and not when to look. */
export function durationsIn(text: string): RegExpExecArray[] {
  const looks = /\b(?:look|check)(?: early)?(?: at| after| from)\s+\S+(?:\s*min(?:utes)?)?/gi;
  // Blanked out, so that places in the sentence stay what they are.
  const said = text.replace(looks, (look) => ' '.repeat(look.length));
  return [...said.matchAll(duration)].filter(
    (match) =>
      isLength(match) &&
      !/\b(every|each|after|first|last|another)\s*$/i.test(said.slice(0, match.index)) &&
      // “until the trail holds for 5 seconds”, “10 seconds between each”: a sign, and a pause.
      !(
        /^s/i.test(match[3] ?? '') &&
        (/\b(?:until|till)\b[^.;,]*$/i.test(said.slice(0, match.index)) ||
          /^\s*(?:between|apart)\b/i.test(said.slice(match.index + match[0].length)))
      ),
  );
}

/** “as”, “a s”, “a second time” are no lengths of time: a number in words wants its unit written out behind a blank. */
function isLength([words, low = '', high, unit = '']: RegExpExecArray): boolean {
  if (/[\d½¼¾⅓⅔]/.test(high ?? low)) return true;
  const article = /^an?$/i.test(low);
  return unit.length > 1 && !(article && /^s/i.test(unit)) && /\p{L}\s+\p{L}/u.test(words);
}
