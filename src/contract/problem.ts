import type { Refusal } from '../core/shape';

/** One thing wrong in what was sent: where (JSON pointer), what, and what is allowed instead. */
export type FieldProblem = Refusal;

/** A problem document, RFC 9457 (`application/problem+json`). */
export interface ProblemDocument {
  type: string;
  title: string;
  status: number;
  detail: string;
  errors?: FieldProblem[];
  /** More that belongs to one kind of problem, such as both versions of a stale edit. */
  [more: string]: unknown;
}

/** Every answer of the program’s own bears it: what a portal of the network says in its place does not. */
export const ownAnswer = 'x-tawny-beaker';

export const problemType = 'application/problem+json';

/** A field problem as a sentence: “altitudeM is 90000; allowed: a number from −500 to 6000 m”. */
export function problemSentence({ field, value, allowed }: FieldProblem): string {
  const shown =
    value === null || value === undefined
      ? 'missing'
      : typeof value === 'string'
        ? `“${value}”`
        : JSON.stringify(value);
  return `${field} is ${shown}; allowed: ${allowed}`;
}
