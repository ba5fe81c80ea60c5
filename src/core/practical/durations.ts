const number = '(\\d+(?:[.,]\\d+)?|\\d*[½¼¾⅓⅔]|\\d+\\s+\\d/\\d|an?|half an|one|two|three|five|ten)';
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
    (match) => !/\b(every|each|after|first|last|another)\s*$/i.test(said.slice(0, match.index)),
  );
}
