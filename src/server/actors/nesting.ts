import { Problem } from '../problems/problem';

/** Nothing the program takes is nested so deep; what is deeper cannot even be quoted in a refusal. */
const mostDeep = 200;

/** Bytes of JSON that matter for nesting. */
const [quote, backslash, open, close, openCurly, closeCurly] = [0x22, 0x5c, 0x5b, 0x5d, 0x7b, 0x7d];

/**
 * Refuses a body of JSON that is nested deeper than anything that is taken, before it is read.
 *
 * @throws Problem 400
 */
export function refuseDeep(body: Uint8Array): void {
  if (body.length < 2 * mostDeep) return;
  let [depth, inText] = [0, false];
  for (let i = 0; i < body.length; i += 1) {
    const byte = body[i]!;
    if (inText) {
      if (byte === backslash) i += 1;
      else if (byte === quote) inText = false;
    } else if (byte === quote) inText = true;
    else if (byte === open || byte === openCurly) {
      depth += 1;
      if (depth > mostDeep) {
        throw new Problem(
          400,
          'Nested too deep',
          `The body is nested more than ${mostDeep} deep; allowed: lists and objects ${mostDeep} deep. Nothing was kept.`,
        );
      }
    } else if (byte === close || byte === closeCurly) depth -= 1;
  }
}
