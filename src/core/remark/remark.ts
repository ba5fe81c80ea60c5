import type { Working } from '../working';

/** *stop*: someone can get hurt or the lesson fails; *check*: look at it; *note*: good to know. */
export type Rank = 'stop' | 'check' | 'note';

/**
 * What the program says of something, in words and with working: in the margin of a plan, beside the board, under the
 * results.
 */
export interface Remark {
  /** The same for the same finding about the same thing, so that it can be set aside and stay so. */
  id: string;
  rank: Rank;
  what: string;
  why: string;
  working: Working;
}

const urgency: Record<Rank, number> = { stop: 0, check: 1, note: 2 };

/** Most urgent first; what is as urgent stays in its order. */
export const mostUrgentFirst = <R extends Pick<Remark, 'rank'>>(remarks: readonly R[]): R[] =>
  [...remarks].sort((a, b) => urgency[a.rank] - urgency[b.rank]);
