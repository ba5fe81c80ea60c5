import { Problem } from '../problems/problem';

/** Nothing the program takes is nested so deep; what is deeper cannot even be quoted in a refusal. */
const mostDeep = 200;
/** Nor has any object it takes so many names; each of a hundred thousand is worked at for microseconds, while nobody is served. */
const mostNames = 1000;

/** Bytes of JSON that matter for its structure. */
const [quote, backslash, comma, open, close, openCurly, closeCurly] = [
  0x22, 0x5c, 0x2c, 0x5b, 0x5d, 0x7b, 0x7d,
];

const refusal = (title: string, detail: string) => new Problem(400, title, `${detail} Nothing was kept.`);

/**
 * Refuses a body of JSON that is nested deeper, or has more names in one object, than anything that is taken, before it is
 * read.
 *
 * @throws Problem 400
 */
export function refuseBeyondLimits(body: Uint8Array): void {
  if (body.length < 2 * mostDeep) return;
  /** Of each depth: commas in what is open there; those of lists are not counted. */
  const commas = new Float64Array(mostDeep + 1).fill(-Infinity);
  let depth = 0;
  let inText = false;
  for (let i = 0; i < body.length; i += 1) {
    const byte = body[i]!;
    if (inText) {
      if (byte === backslash) i += 1;
      else if (byte === quote) inText = false;
    } else if (byte === quote) inText = true;
    else if (byte === comma) {
      commas[depth]! += 1;
      if (commas[depth]! >= mostNames)
        throw refusal(
          'Too many names',
          `An object in the body has more than ${mostNames} names; allowed: up to ${mostNames}.`,
        );
    } else if (byte === open || byte === openCurly) {
      depth += 1;
      if (depth > mostDeep)
        throw refusal(
          'Nested too deep',
          `The body is nested more than ${mostDeep} deep; allowed: lists and objects ${mostDeep} deep.`,
        );
      commas[depth] = byte === open ? -Infinity : 0;
    } else if ((byte === close || byte === closeCurly) && depth > 0) depth -= 1;
  }
}
