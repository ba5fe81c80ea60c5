import type { Knex } from 'knex';
import type { BatchReceipt, LoggedEntry } from '../../contract/entries';
import type { Run } from '../../contract/runs';
import { pictureOf, type Entry, type EntryBody } from '../../core/run';
import type { Authors } from '../teachers/authors';
import { refusedFields } from '../problems/problem';
import { misfits, signatureOf, type Writer } from './fits';
import { LogWriter } from './writer';

/** An entry as it is stored. */
export interface LogRow {
  seq: number;
  id: string;
  station: number | null;
  at: number;
  offset: number;
  arrived_at: number;
  body: string;
  author: string | null;
}

const entryOf = ({ id, station, at, offset, body }: LogRow): Entry => ({
  ...{ id, station, at, offset, body: JSON.parse(body) as EntryBody },
});

/** Stored entries are read so many at a time. */
const rowsAtOnce = 2000;

/** The append-only log of all runs. */
export class Log {
  readonly #knex: Knex;
  readonly #authors: Authors;
  readonly #epoch: string;
  readonly #now: () => number;
  readonly #writer: LogWriter;

  constructor(knex: Knex, authors: Authors, epoch: string, now: () => number) {
    this.#knex = knex;
    this.#authors = authors;
    this.#epoch = epoch;
    this.#now = now;
    this.#writer = new LogWriter(knex);
  }

  /**
   * Keeps a batch, all of it or none. Entries that are here already are left as they are.
   *
   * @returns which ids were new, and the new entries as they now stand in the log
   * @throws Problem 422 where an entry does not fit the run or its writer, or its id stands for something else here
   */
  async keep(
    run: Run,
    entries: readonly Entry[],
    writer: Writer,
  ): Promise<{ receipt: BatchReceipt; added: LoggedEntry[] }> {
    const arrivedAt = this.#now();
    const wrong = await misfits(this.#knex, run, entries, writer, arrivedAt);
    if (wrong.length > 0) throw refusedFields(wrong);
    const author = signatureOf(writer);
    const nameOf = await this.#authors.namer();
    const fresh = await this.#writer.write({ runId: run.id, author, entries, arrivedAtOf: () => arrivedAt });
    const kept: string[] = [];
    const already: string[] = [];
    const added: LoggedEntry[] = [];
    for (const { id, station, at, offset, body } of entries) {
      const seq = fresh.get(id);
      if (seq === undefined) {
        already.push(id);
        continue;
      }
      fresh.delete(id);
      kept.push(id);
      const by = nameOf(author);
      added.push({ seq, id, station, at, offset, arrivedAt, body, ...(by && { by }) });
    }
    return { receipt: { kept, already, epoch: this.#epoch }, added };
  }

  /** Writes entries of a run file with the arrival times they had, in the transaction `knex` is. */
  async restore(
    knex: Knex,
    runId: string,
    author: string,
    entries: readonly (Entry & { arrivedAt: number })[],
  ): Promise<void> {
    await this.#writer.writeIn(knex, { runId, author, entries, arrivedAtOf: (entry) => entry.arrivedAt });
  }

  /** Writes entries of a run that is on its way in: nobody sees them until the run itself is there. */
  async writeAhead(
    runId: string,
    author: string,
    entries: readonly (Entry & { arrivedAt: number })[],
  ): Promise<void> {
    await this.#writer.writeAhead({ runId, author, entries, arrivedAtOf: (entry) => entry.arrivedAt });
  }

  /** How much of a run there is now: entries, and the place of the last. */
  async extent(runId: string): Promise<{ entries: number; until: number }> {
    const [row] = await this.#knex('log')
      .where('run_id', runId)
      .count({ entries: '*' })
      .max({ until: 'seq' })
      .select<{ entries: number; until: number | null }[]>();
    return { entries: row!.entries, until: row!.until ?? 0 };
  }

  /** Entries as they are stored, up to a place in the log, in the order they arrived. */
  async *rows(runId: string, until: number): AsyncGenerator<LogRow[]> {
    for (let seq = 0; ;) {
      const rows = await this.#stored(runId)
        .where('seq', '>', seq)
        .andWhere('seq', '<=', until)
        .orderBy('seq')
        .limit(rowsAtOnce);
      if (rows.length === 0) return;
      yield rows;
      seq = rows.at(-1)!.seq;
    }
  }

  /** The same in the order they happened. */
  async *rowsByTime(runId: string, until: number): AsyncGenerator<LogRow[]> {
    const order = await this.#knex('log')
      .where('run_id', runId)
      .andWhere('seq', '<=', until)
      .orderBy(['at', 'seq'])
      .pluck<number[]>('seq');
    for (let from = 0; from < order.length; from += rowsAtOnce) {
      const rows = await this.#stored(runId)
        .whereIn('seq', order.slice(from, from + rowsAtOnce))
        .orderBy(['at', 'seq']);
      yield rows;
    }
  }

  #stored(runId: string) {
    return this.#knex<LogRow>('log')
      .where('run_id', runId)
      .select<LogRow[]>('seq', 'id', 'station', 'at', 'offset', 'arrived_at', 'body', 'author');
  }

  /** The pictures that entries of a run name, up to a place in its log. */
  async picturesIn(runId: string, until: number): Promise<string[]> {
    const bodies = await this.#knex('log')
      .where('run_id', runId)
      .andWhere('seq', '<=', until)
      .whereIn('kind', ['photo', 'correction'])
      .andWhere('body', 'like', '%"picture"%')
      .orderBy('seq')
      .pluck<string[]>('body');
    return [...new Set(bodies.flatMap((body) => pictureOf(JSON.parse(body) as EntryBody) ?? []))];
  }

  /** What stands under some ids of a run. */
  async standing(runId: string, ids: readonly string[]): Promise<Map<string, Entry>> {
    const rows = await this.#stored(runId).whereIn('id', ids);
    return new Map(rows.map((row) => [row.id, entryOf(row)]));
  }

  /** All of it at once: for what must see the whole. */
  async whole(runId: string): Promise<Entry[]> {
    const { until } = await this.extent(runId);
    const all: Entry[] = [];
    for await (const rows of this.rows(runId, until)) all.push(...rows.map(entryOf));
    return all;
  }

  /** Whether an entry of a station, or one for all, names a picture. */
  async names(runId: string, station: number, picture: string): Promise<boolean> {
    const row = await this.#knex('log')
      .where('run_id', runId)
      .whereIn('kind', ['photo', 'correction'])
      .andWhere((of) => void of.where('station', station).orWhereNull('station'))
      .andWhere('body', 'like', `%${picture}%`)
      .first<object | undefined>('seq');
    return row !== undefined;
  }

  /** When the last entry of a run happened, ms on its own clock. */
  async lastMoment(runId: string): Promise<number | null> {
    const row = await this.#knex('log').where('run_id', runId).max<{ at: number | null }[]>('at as at');
    return row[0]?.at ?? null;
  }
}
