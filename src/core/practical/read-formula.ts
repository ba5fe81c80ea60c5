import type { Response } from './plan';

/** A formula over other responses, ready to be worked out. */
export interface ReadFormula {
  /** Ids of the responses it uses, each once. */
  uses: string[];
  /** Its value; null where one of them has none, or a division by zero. */
  value(of: (responseId: string) => number | null): number | null;
}

type Term = (of: (id: string) => number | null) => number | null;

/** Deepest nesting that is followed: nobody writes more, and a document of brackets is not worth a stack. */
const deepest = 40;

/**
 * Reads “(mass before − mass after) / mass before × 100”: numbers, + − × ÷, brackets, and names of responses as they are
 * written in the plan.
 *
 * @returns the formula, or in words why it is none
 */
export function readFormula(
  text: string,
  responses: readonly Pick<Response, 'id' | 'name'>[],
): ReadFormula | { wrong: string } {
  const names = [...responses]
    .filter((one) => one.name.trim() !== '')
    .sort((a, b) => b.name.length - a.name.length)
    .map(({ id, name }) => ({ id, name: name.trim().toLowerCase() }));
  const parser = new Parser(text, names);
  try {
    const term = parser.whole();
    return { uses: [...parser.uses], value: (of) => finite(term(of)) };
  } catch (error) {
    if (error instanceof Unread) return { wrong: error.message };
    throw error;
  }
}

class Unread extends Error {}

const finite = (value: number | null) => (value === null || !Number.isFinite(value) ? null : value);

/** Recursive descent: sums of products of factors. */
class Parser {
  readonly uses = new Set<string>();
  readonly #text: string;
  readonly #names: readonly { id: string; name: string }[];
  #at = 0;
  #depth = 0;

  constructor(text: string, names: readonly { id: string; name: string }[]) {
    this.#text = text.toLowerCase();
    this.#names = names;
  }

  whole(): Term {
    const term = this.#sum();
    this.#blanks();
    if (this.#at < this.#text.length) throw this.#unread();
    return term;
  }

  #blanks() {
    while (/\s/.test(this.#text[this.#at] ?? '')) this.#at += 1;
  }

  /** The next of these signs, taken; or null. */
  #sign(signs: string): string | null {
    this.#blanks();
    const sign = this.#text[this.#at] ?? '';
    if (sign === '' || !signs.includes(sign)) return null;
    this.#at += 1;
    return sign;
  }

  #sum(): Term {
    let left = this.#product();
    for (let sign = this.#sign('+-−–'); sign !== null; sign = this.#sign('+-−–')) {
      const [a, b] = [left, this.#product()];
      left = sign === '+' ? both(a, b, (x, y) => x + y) : both(a, b, (x, y) => x - y);
    }
    return left;
  }

  #product(): Term {
    let left = this.#factor();
    for (let sign = this.#sign('*×·/÷:'); sign !== null; sign = this.#sign('*×·/÷:')) {
      const [a, b] = [left, this.#factor()];
      left = '*×·'.includes(sign) ? both(a, b, (x, y) => x * y) : both(a, b, (x, y) => x / y);
    }
    return left;
  }

  #factor(): Term {
    this.#depth += 1;
    if (this.#depth > deepest) throw new Unread('too many brackets inside each other');
    try {
      if (this.#sign('-−–') !== null) {
        const inner = this.#factor();
        return (of) => negated(inner(of));
      }
      if (this.#sign('(') !== null) {
        const inner = this.#sum();
        if (this.#sign(')') === null) throw new Unread('a bracket is not closed');
        return inner;
      }
      return this.#name() ?? this.#number();
    } finally {
      this.#depth -= 1;
    }
  }

  /** The longest name of a response that stands here. */
  #name(): Term | null {
    this.#blanks();
    const rest = this.#text.slice(this.#at);
    const found = this.#names.find(
      ({ name }) => rest.startsWith(name) && !/[\p{L}\d]/u.test(rest[name.length] ?? ' '),
    );
    if (!found) return null;
    this.#at += found.name.length;
    this.uses.add(found.id);
    return (of) => of(found.id);
  }

  #number(): Term {
    const match = /^\d+(?:[.,]\d+)?/.exec(this.#text.slice(this.#at));
    if (!match) throw this.#unread();
    this.#at += match[0].length;
    const value = Number(match[0].replace(',', '.'));
    return () => value;
  }

  #unread(): Unread {
    const rest = this.#text.slice(this.#at).trim();
    return new Unread(
      rest === '' ? 'something is missing at its end' : `“${rest.slice(0, 40)}” is not understood`,
    );
  }
}

const negated = (value: number | null) => (value === null ? null : -value);

const both =
  (a: Term, b: Term, join: (x: number, y: number) => number): Term =>
  (of) => {
    const [x, y] = [a(of), b(of)];
    return x === null || y === null ? null : join(x, y);
  };
