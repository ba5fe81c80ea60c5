import { isDeepStrictEqual } from 'node:util';
import type Database from 'better-sqlite3';
import type { Knex } from 'knex';
import type { BatchReceipt, LoggedEntry } from '../../contract/entries';
import type { FieldProblem } from '../../contract/problem';
import type { Run } from '../../contract/runs';
import { pictureOf, runTime, stationRange, type Entry, type EntryBody } from '../../core/run';
import { withConnection } from '../db/connection';
import { Problem, refusedFields } from '../problems/problem';

interface LogRow {
  seq: number;
  id: string;
  station: number | null;
  at: number;
  offset: number;
  arrived_at: number;
  body: string;
}

interface Statements {
  insert: Database.Statement;
  stored: Database.Statement;
}

type StoredRow = Pick<LogRow, 'station' | 'at' | 'offset' | 'body'> & { run_id: string };

/** Whether what stands under the id of an entry is that entry, sent once more. */
const isSame = (row: StoredRow, runId: string, { station, at, offset, body }: Entry) =>
  row.run_id === runId &&
  row.station === station &&
  row.at === at &&
  row.offset === offset &&
  isDeepStrictEqual(JSON.parse(row.body), JSON.parse(JSON.stringify(body)));

const entryOf = (row: LogRow): LoggedEntry => ({
  seq: row.seq,
  id: row.id,
  station: row.station,
  at: row.at,
  offset: row.offset,
  arrivedAt: row.arrived_at,
  body: JSON.parse(row.body) as EntryBody,
});

/** Clocks may differ by this much from the run’s own before an entry is refused, ms: a device a day off is not let in. */
const clockSlackMs = 12 * 3_600_000;

/** The append-only log of all runs. */
export class Log {
  readonly #knex: Knex;
  readonly #now: () => number;
  readonly #statements = new WeakMap<Database.Database, Statements>();

  constructor(knex: Knex, now: () => number) {
    this.#knex = knex;
    this.#now = now;
  }

  /**
   * Keeps a batch, all of it or none. Entries that are here already are left as they are. One transaction a
   * batch: hundreds of entries cost one trip to the disk.
   *
   * @returns which ids were new, and the new entries as they now stand in the log
   * @throws Problem 422 where an entry does not fit the run, or its id stands for something else here
   */
  async keep(run: Run, entries: readonly Entry[]): Promise<{ receipt: BatchReceipt; added: LoggedEntry[] }> {
    await this.#checkAgainst(run, entries);
    const arrivedAt = this.#now();
    const fresh = await this.#write(this.#knex, run.id, entries, () => arrivedAt);
    const kept: string[] = [];
    const already: string[] = [];
    const added: LoggedEntry[] = [];
    for (const entry of entries) {
      const seq = fresh.get(entry.id);
      if (seq === undefined) {
        already.push(entry.id);
        continue;
      }
      fresh.delete(entry.id);
      kept.push(entry.id);
      const { id, station, at, offset, body } = entry;
      added.push({ seq, id, station, at, offset, arrivedAt, body });
    }
    return { receipt: { kept, already }, added };
  }

  /** Writes entries of a run file with the arrival times they had. */
  async restore(
    knex: Knex,
    runId: string,
    entries: readonly (Entry & { arrivedAt: number })[],
  ): Promise<void> {
    await this.#write(knex, runId, entries, (entry) => entry.arrivedAt);
  }

  /** Entries of a run after a place in the log, in the order they arrived. */
  async after(runId: string, seq: number, most = 100_000): Promise<LoggedEntry[]> {
    const rows = await this.#knex<LogRow>('log')
      .where('run_id', runId)
      .andWhere('seq', '>', seq)
      .orderBy('seq')
      .limit(most)
      .select<LogRow[]>('seq', 'id', 'station', 'at', 'offset', 'arrived_at', 'body');
    return rows.map(entryOf);
  }

  /** When the last entry of a run happened, ms on its own clock. */
  async lastMoment(runId: string): Promise<number | null> {
    const row = await this.#knex('log').where('run_id', runId).max<{ at: number | null }[]>('at as at');
    return row[0]?.at ?? null;
  }

  /**
   * Writes entries in one transaction, through one prepared statement on the connection itself: the hot path of
   * the program, and twice as fast as one built statement a batch.
   *
   * @returns the place in the log of each entry that was new
   */
  #write<E extends Entry>(
    knex: Knex,
    runId: string,
    entries: readonly E[],
    arrivedAtOf: (entry: E) => number,
  ): Promise<Map<string, number>> {
    return withConnection(knex, (connection) => {
      const { insert, stored } = this.#statementsOn(connection);
      const fresh = new Map<string, number>();
      const taken: FieldProblem[] = [];
      const all = () => {
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
          );
          if (changes === 1) fresh.set(id, Number(lastInsertRowid));
          else if (!isSame(stored.get(id) as StoredRow, runId, entry)) {
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
      };
      connection.transaction(all)();
      return fresh;
    });
  }

  #statementsOn(connection: Database.Database): Statements {
    let statements = this.#statements.get(connection);
    if (!statements) {
      statements = {
        insert: connection.prepare(
          `INSERT INTO log (id, run_id, station, kind, at, "offset", arrived_at, body)
           VALUES (?, ?, ?, ?, ?, ?, ?, ?) ON CONFLICT (id) DO NOTHING`,
        ),
        stored: connection.prepare('SELECT run_id, station, at, "offset", body FROM log WHERE id = ?'),
      };
      this.#statements.set(connection, statements);
    }
    return statements;
  }

  /** What an entry must fit beyond its own shape: the run, its stations, its clock, what it corrects. */
  async #checkAgainst(run: Run, entries: readonly Entry[]): Promise<void> {
    if (run.status === 'planned' || run.startedAt === null) {
      throw new Problem(
        409,
        'Not started',
        'This run has not started: its log is not open yet. Nothing was kept.',
      );
    }
    const errors: FieldProblem[] = [];
    const earliest = run.startedAt - clockSlackMs;
    const latest =
      (run.finishedAt ?? (run.clock ? runTime(run.clock, this.#now()) : this.#now())) + clockSlackMs;
    const stations = new Set(run.stations);
    entries.forEach((entry, i) => {
      if (entry.station !== null && !stations.has(entry.station)) {
        errors.push({
          pointer: `/entries/${i}/station`,
          field: 'station',
          value: entry.station,
          allowed: `${stationRange(run.stations)}, or null for all`,
        });
      }
      if (entry.at < earliest || entry.at > latest) {
        errors.push({
          pointer: `/entries/${i}/at`,
          field: 'at',
          value: new Date(entry.at).toISOString(),
          allowed: `within 12 hours of this run (${new Date(earliest).toISOString()} to ${new Date(latest).toISOString()}): is the clock of this device a day off?`,
        });
      }
    });
    errors.push(...(await this.#wrongCorrections(run.id, entries)));
    errors.push(...(await this.#unknownPictures(entries)));
    if (errors.length > 0) throw refusedFields(errors);
  }

  /** A photo without its picture is a promise nobody keeps: the picture comes first. */
  async #unknownPictures(entries: readonly Entry[]): Promise<FieldProblem[]> {
    const named = entries.flatMap((entry, i) => {
      const picture = pictureOf(entry.body);
      const at = entry.body.kind === 'correction' ? 'body/to' : 'body';
      return picture === null ? [] : [{ picture, pointer: `/entries/${i}/${at}/picture` }];
    });
    if (named.length === 0) return [];
    const rows = await this.#knex('attachments')
      .whereIn('hash', [...new Set(named.map((one) => one.picture))])
      .select<{ hash: string }[]>('hash');
    const here = new Set(rows.map((row) => row.hash));
    return named
      .filter((one) => !here.has(one.picture))
      .map(({ picture, pointer }) => ({
        pointer,
        field: 'picture',
        value: picture,
        allowed: 'a picture that was sent before the entry that names it',
      }));
  }

  async #wrongCorrections(runId: string, entries: readonly Entry[]): Promise<FieldProblem[]> {
    const pointed = entries.flatMap((entry) =>
      entry.body.kind === 'correction' ? [entry.body.corrects] : [],
    );
    if (pointed.length === 0) return [];
    const kinds = new Map<string, string>();
    for (let from = 0; from < pointed.length; from += 500) {
      const rows = await this.#knex('log')
        .where('run_id', runId)
        .whereIn('id', pointed.slice(from, from + 500))
        .select<{ id: string; kind: string; body: string }[]>('id', 'kind', 'body');
      for (const row of rows) kinds.set(row.id, shownKind(JSON.parse(row.body) as EntryBody));
    }
    const errors: FieldProblem[] = [];
    entries.forEach((entry, i) => {
      if (entry.body.kind === 'correction') {
        const { corrects, to } = entry.body;
        const was = kinds.get(corrects);
        if (was === undefined) {
          errors.push({
            pointer: `/entries/${i}/body/corrects`,
            field: 'corrects',
            value: corrects,
            allowed: 'the id of an entry that is in this run',
          });
        } else if (to && was !== 'nothing' && to.kind !== was) {
          errors.push({
            pointer: `/entries/${i}/body/to/kind`,
            field: 'kind',
            value: to.kind,
            allowed: `${was}: a correction is of the kind it corrects`,
          });
        }
      }
      kinds.set(entry.id, shownKind(entry.body));
    });
    return errors;
  }
}

/** The kind an entry reads as: a correction as what it put in place. */
function shownKind(body: EntryBody): string {
  return body.kind === 'correction' ? (body.to?.kind ?? 'nothing') : body.kind;
}
