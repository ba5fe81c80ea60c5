/**
 * What a file of a run comes in as, bit by bit, whatever it is written as. The head may come last; entries come in
 * bundles small enough to be written in one go.
 */
export type Piece =
  | { is: 'head'; layout: 'document' | 'archive'; head: unknown }
  | { is: 'entries'; entries: readonly unknown[] }
  | { is: 'picture'; hash: string; bytes: Buffer; pointer: string };

/** Reads a file from its beginning; it can be read as often as need be. */
export type Source = () => AsyncGenerator<Piece>;

/** Entries come in bundles of so many. */
export const bundle = 500;

/** One thing in a file, without entries, may be so long, bytes. */
export const longestHead = 4_000_000;
export const longestLine = 65_536;
