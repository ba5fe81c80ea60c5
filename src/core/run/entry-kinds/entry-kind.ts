import type { RecordOf, Spec } from '../../shape';

/** What an entry puts into the columns of a table of the log. */
export interface LogCells {
  thermometer?: number;
  celsius?: number;
  fahrenheit?: number;
  quantity?: string;
  piece?: number;
  value?: number;
  unit?: string;
  text?: string;
}

type Body<K extends string, F extends Readonly<Record<string, Spec>>> = { kind: K } & RecordOf<F>;

/** One kind of thing that can be written down: its shape, its words, its cells. */
export interface EntryKind<K extends string, F extends Readonly<Record<string, Spec>>> {
  kind: K;
  /** One sentence for the page of formats. */
  about: string;
  fields: F;
  /** In words, for the quick line, the log and the report alike. */
  words(body: Body<K, F>): string;
  cells(body: Body<K, F>): LogCells;
}

export type BodyOf<E> = E extends EntryKind<infer K, infer F> ? Body<K, F> : never;

export const defineEntryKind = <const K extends string, const F extends Readonly<Record<string, Spec>>>(
  kind: EntryKind<K, F>,
) => kind;
