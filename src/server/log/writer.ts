import { isDeepStrictEqual } from 'node:util';
import type Database from 'better-sqlite3';
import type { Knex } from 'knex';
import type { FieldProblem } from '../../contract/problem';
import type { Entry } from '../../core/run';
import { withConnection } from '../db/connection';
import { isFull, isHeld, patiently } from '../db/patience';
import { refusedFields } from '../problems/problem';

/** Entries of one run from one writer. */
export interface Batch<E extends Entry = Entry> {
  runId: string;
  author: string;
  entries: readonly E[];
  arrivedAtOf(entry: E): number;
}

/** A batch that waits for its transaction. */
interface Waiting {
  batch: Batch;
  done(fresh: Map<string, number>): void;
  failed(reason: unknown): void;
}

interface Statements {
  insert: Database.Statement;
  stored: Database.Statement;
}

interface Stored {
  station: number | null;
  at: number;
  offset: number;
  body: string;
}

/** What arrives within so long of each other shares one trip to the disk, ms. */
const gatherMs = 4;

/** Whether what stands under the id of an entry is that entry, sent once more. */
const isSame = (stored: Stored, { station, at, offset, body }: Entry) =>
  stored.station === station &&
  stored.at === at &&
  stored.offset === offset &&
  isDeepStrictEqual(JSON.parse(stored.body), JSON.parse(JSON.stringify(body)));

/**
 * Writes batches into the log, each all or none. What waits is gathered into one transaction and acknowledged after it:
 * a trip to the disk costs the same for one batch as for thirty.
 */
export class LogWriter {
  readonly #knex: Knex;
  readonly #statements = new WeakMap<Database.Database, Statements>();
  #waiting: Waiting[] = [];
  #writing = false;

  constructor(knex: Knex) {
    this.#knex = knex;
  }

  /**
   * @returns the place in the log of each entry that was new, once it is on the disk
   * @throws Problem 422 where an id stands for something else; nothing of that batch is kept, the others are
   */
  write(batch: Batch): Promise<Map<string, number>> {
    return new Promise((done, failed) => {
      this.#waiting.push({ batch, done, failed });
      if (this.#writing) return;
      this.#writing = true;
      setTimeout(() => void this.#drain(), gatherMs);
    });
  }

  /** Writes a batch in the transaction `knex` is. */
  writeIn<E extends Entry>(knex: Knex, batch: Batch<E>): Promise<Map<string, number>> {
    return withConnection(knex, (connection) => this.#insert(connection, batch));
  }

  /** Writes a batch of a run whose own row comes last. */
  writeAhead<E extends Entry>(batch: Batch<E>): Promise<Map<string, number>> {
    return patiently(() =>
      withConnection(this.#knex, (connection) => {
        connection.pragma('foreign_keys = OFF');
        try {
          return connection.transaction(() => this.#insert(connection, batch))();
        } finally {
          connection.pragma('foreign_keys = ON');
        }
      }),
    );
  }

  async #drain() {
    while (this.#waiting.length > 0) {
      const together = this.#waiting;
      this.#waiting = [];
      try {
        const settle = await patiently(() =>
          withConnection(this.#knex, (connection) => this.#together(connection, together)),
        );
        settle.forEach((one) => one());
      } catch (reason) {
        together.forEach(({ failed }) => failed(reason));
      }
      // Those who waited meanwhile are read in before the next trip.
      await new Promise((resolve) => setTimeout(resolve, this.#waiting.length > 0 ? 0 : gatherMs));
    }
    this.#writing = false;
  }

  /** One transaction; a batch that is refused is taken back alone. What each is to be told is said when all is written. */
  #together(connection: Database.Database, together: readonly Waiting[]): (() => void)[] {
    const settle: (() => void)[] = [];
    connection.transaction(() => {
      for (const { batch, done, failed } of together) {
        try {
          const fresh = connection.transaction(() => this.#insert(connection, batch))();
          settle.push(() => done(fresh));
        } catch (reason) {
          // Out of room or locked out: nothing of any batch was written.
          if (!connection.inTransaction || isHeld(reason) || isFull(reason)) throw reason;
          settle.push(() => failed(reason));
        }
      }
    })();
    return settle;
  }

  /** Through one prepared statement on the connection itself: the hot path of the program. */
  #insert<E extends Entry>(
    connection: Database.Database,
    { runId, author, entries, arrivedAtOf }: Batch<E>,
  ): Map<string, number> {
    const { insert, stored } = this.#statementsOn(connection);
    const fresh = new Map<string, number>();
    const taken: FieldProblem[] = [];
    for (const [i, entry] of entries.entries()) {
      const { id, station, at, offset, body } = entry;
      const { changes, lastInsertRowid } = insert.run(
        id,
        runId,
        station,
        body.kind,
        at,
        offset,
        arrivedAtOf(entry),
        JSON.stringify(body),
        author,
      );
      if (changes === 1) fresh.set(id, Number(lastInsertRowid));
      else if (!isSame(stored.get(runId, id) as Stored, entry)) {
        taken.push({
          pointer: `/entries/${i}/id`,
          field: 'id',
          value: id,
          allowed: 'an id of its own: something else stands here under this one',
        });
      }
    }
    // Out of the transaction with an error: nothing of the batch stays.
    if (taken.length > 0) throw refusedFields(taken);
    return fresh;
  }

  #statementsOn(connection: Database.Database): Statements {
    let statements = this.#statements.get(connection);
    if (!statements) {
      statements = {
        insert: connection.prepare(
          `INSERT INTO log (id, run_id, station, kind, at, "offset", arrived_at, body, author)
           VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?) ON CONFLICT (run_id, id) DO NOTHING`,
        ),
        stored: connection.prepare('SELECT station, at, "offset", body FROM log WHERE run_id = ? AND id = ?'),
      };
      this.#statements.set(connection, statements);
    }
    return statements;
  }
}
