import { base64Longest } from '../../contract/run-file';
import { refusedField } from '../problems/problem';
import { longestHead, longestLine } from './pieces';

/** Nothing a run has is nested so deep. */
const deepest = 100;

/** Longest one thing of a list may be, bytes, by the name of the list. */
const longest = new Map([
  ['"entries"', longestLine],
  ['"pictures"', base64Longest + 1000],
]);

const [quote, backslash, comma, colon] = ['"', '\\', ',', ':'].map((sign) => sign.charCodeAt(0)) as [
  number,
  number,
  number,
  number,
];
const bracket = '['.charCodeAt(0);
const opening = new Set(['{', '['].map((sign) => sign.charCodeAt(0)));
const closing = new Set(['}', ']'].map((sign) => sign.charCodeAt(0)));

/**
 * Watches a JSON document go by, before it is parsed: nothing in it may be longer or nested deeper than what a run has, or
 * it would fill the memory of the program. Whether it is JSON at all, the parser says.
 */
export class Lengths {
  #depth = 0;
  #inString = false;
  #escaped = false;
  /** The name of the field of the document that goes by, as far as it is of use. */
  #name = '';
  #named = false;
  /** Whether it holds a list: only things of a list are let go as they go by. */
  #isList = false;
  /** Bytes of all that is no list, and of the present thing of a list. */
  #head = 0;
  #thing = 0;

  /** @throws Problem 422 where something is too long or too deep */
  watch(chunk: Buffer): void {
    for (const byte of chunk) {
      this.#see(byte);
      const most = this.#isList && this.#named && this.#depth > 1 ? longest.get(this.#name) : undefined;
      if (most === undefined) {
        this.#head += 1;
        if (this.#head > longestHead)
          throw refusedField(
            '/head',
            `over ${longestHead / 1e6} MB`,
            `up to ${longestHead} bytes beside entries and pictures`,
          );
      } else {
        this.#thing += 1;
        if (this.#thing > most) {
          const list = this.#name.slice(1, -1);
          throw refusedField(
            `/${list}`,
            `over ${Math.round(most / 1000)} kB in one`,
            `up to ${most} bytes each`,
          );
        }
      }
    }
  }

  #see(byte: number) {
    if (this.#inString) {
      if (this.#depth === 1 && !this.#named && this.#name.length < 12)
        this.#name += String.fromCharCode(byte);
      if (this.#escaped) this.#escaped = false;
      else if (byte === backslash) this.#escaped = true;
      else if (byte === quote) this.#inString = false;
    } else if (byte === quote) {
      this.#inString = true;
      if (this.#depth === 1 && !this.#named) this.#name = '"';
    } else if (byte === colon) {
      if (this.#depth === 1) this.#named = true;
    } else if (byte === comma) {
      if (this.#depth === 1) this.#named = false;
      if (this.#depth <= 2) this.#thing = 0;
    } else if (opening.has(byte)) {
      if (this.#depth === 1) this.#isList = byte === bracket;
      this.#depth += 1;
      if (this.#depth > deepest)
        throw refusedField('/head', `over ${deepest} deep`, `nested up to ${deepest} deep`);
      if (this.#depth <= 2) this.#thing = 0;
    } else if (closing.has(byte)) this.#depth -= 1;
  }
}
