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
  !/\b(?:keeps|(?:will|to) keep|kept|stored?|lasts?|freezes)\b[^.]*\bover ?night\b/i.test(text);

/** A sentence with the length it says of itself said otherwise; one that says none stays as it is. */
export function sayingMinutes(text: string, words: string): string {
  const own = ownTime(text);
  return own ? text.slice(0, own.from) + words + text.slice(own.to) : text;
}

/** A minute at which to look; “check at 75 °C”, “after 2 rounds” are none. */
const look =
  /((?:, ?)?(?:\band )?)\b((?:look|check)(?: early)?(?: at| after| from) {1,3})(\d+(?:[.,]\d+)?)(?: ?(min(?:utes?)?\b)|(?= ?(?:$|[.,;:)])|(?: and| then| or)\b))/i;

/** When a sentence says to look early, min after the step begins; null where it does not. */
export function lookIn(text: string): number | null {
  const minute = look.exec(text)?.[3];
  return minute === undefined ? null : Number(minute.replace(',', '.'));
}

/** A sentence that says when to look early, saying another minute; or nothing of it. */
export const sayingLook = (text: string, words: string | null): string =>
  text.replace(look, (_, before: string, verb: string, __, unit?: string) =>
    words === null ? '' : `${before}${verb}${words}${unit === undefined ? '' : ` ${unit}`}`,
  );
