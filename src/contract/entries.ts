import { entryShape, type Entry } from '../core/run';
import { list, record } from '../core/shape';
import { batchSize } from './batch-size';
import { classOf } from './class-of';

/** A batch: all of it is kept, or none. */
export const EntryBatch = classOf(record('EntryBatch', { entries: list(entryShape, batchSize, 1) }));

export interface BatchReceipt {
  /** Ids kept now. */
  kept: string[];
  /** Ids that were here before. */
  already: string[];
  /** Which database they are in now; another one may not have what was sent before. */
  epoch: string;
}

/** An entry as the server tells it: with its place in the log and the time it arrived. */
export interface LoggedEntry extends Entry {
  seq: number;
  arrivedAt: number;
  /** Who wrote it: a teacher’s name, `station`, `probe` or `file`; missing where it was not noted. */
  by?: string;
}
