import { levelled, timesIn, type TimeSaid } from '../prose';

const looks = /\b(?:look|check)(?: early)?(?: at| after| from)\s+\S+(?:\s*min(?:utes)?)?/gi;

/** How long a sentence says that it takes: not “every 5 min”, and not when to look. Null where it says nothing. */
export function ownTime(text: string): TimeSaid | null {
  // Blanked out, so that places in the sentence stay what they are.
  const said = levelled(text).replace(looks, (look) => ' '.repeat(look.length));
  // “Turn after 3 min, then fry another 2 min”: neither is the whole of it.
  const partly = ({ from }: TimeSaid) => /\b(?:after|at)\s+\d.*\banother\s*$/i.test(said.slice(0, from));
  return timesIn(said).find((one) => !one.again && !partly(one)) ?? null;
}

/** Whether what a sentence says stands for a night; not whether it keeps as long. */
export const standsOvernight = (text: string): boolean =>
  /\bover ?night\b/i.test(text) &&
  !/\b(?:keeps?|kept|stored?|lasts?|freezes?)\b[^.]*\bover ?night\b/i.test(text);

/** A sentence with the length it says of itself said otherwise; one that says none stays as it is. */
export function sayingMinutes(text: string, words: string): string {
  const own = ownTime(text);
  return own ? text.slice(0, own.from) + words + text.slice(own.to) : text;
}

const look =
  /((?:, ?)?(?:\band )?)\b((?:look|check)(?: early)?(?: at| after| from)\s+)(\d+(?:[.,]\d+)?)( ?min(?:utes?)?\b)?/i;

/** A sentence that says when to look early, saying another minute; or nothing of it. */
export const sayingLook = (text: string, words: string | null): string =>
  text.replace(look, (_, before: string, verb: string, __, unit = '') =>
    words === null ? '' : `${before}${verb}${words}${unit}`,
  );
