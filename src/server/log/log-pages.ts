import { promisify } from 'node:util';
import { gunzip, gzip } from 'node:zlib';
import type { Request, Response } from 'express';
import type { Knex } from 'knex';
import { LRUCache } from 'lru-cache';
import { logNext, logPage, logPageLong } from '../../contract/batch-size';
import { withConnection } from '../db/connection';
import type { Entry } from '../../core/run';
import type { Authors } from '../teachers/authors';

const pack = promisify(gzip);
const unpack = promisify(gunzip);

/** A page of a log as it is sent: JSON, packed. */
export interface LogPage {
  packed: Buffer;
  entries: number;
  /** Place of its last entry in the log; where it has none, the place that was asked about. */
  last: number;
  /** There may be more behind it, and nothing is ever put in before. */
  full: boolean;
}

/** Without what was weighed out for a station by others, and what was put right of it. */
const seenBlind = `AND NOT (kind = 'weighed' AND json_extract(body, '$.by') = 'staff')
  AND NOT (kind = 'correction' AND json_extract(body, '$.to.kind') = 'weighed' AND json_extract(body, '$.to.by') = 'staff')`;

/** Whether an entry tells how much of something others weighed out. */
export function tellsWeights({ body }: Entry): boolean {
  const shown = body.kind === 'correction' ? body.to : body;
  return shown?.kind === 'weighed' && shown.by === 'staff';
}

/** What a teacher is called, by id. */
type NameOf = (author: string | null) => string | undefined;

/** A page that is kept. */
interface KeptPage extends LogPage {
  /** Place of the last entry of the whole run when it was made. */
  until: number;
  /** Who wrote what is on it, as they were called then. */
  authors: readonly (readonly [id: string | null, name: string | undefined])[];
}

/** Pages kept in memory take so much together, bytes: a dozen long runs. */
const mostKept = 24_000_000;

type Row = [
  seq: number,
  id: string,
  station: number | null,
  at: number,
  offset: number,
  arrivedAt: number,
  body: string,
  author: string | null,
];

const columns = 'seq, id, station, at, "offset", arrived_at, body, author';

/**
 * Pages of the log as pages and streams are sent them. A class opens the same run at the same moment: a page that is full
 * never changes, for nothing is ever put in before what is there, and so is written once for all who ask; the last one while
 * nothing is added.
 */
export class LogPages {
  readonly #knex: Knex;
  readonly #authors: Authors;
  readonly #kept = new LRUCache<string, KeptPage>({
    maxSize: mostKept,
    sizeCalculation: ({ packed }) => packed.length + 200,
  });
  readonly #beingMade = new Map<string, Promise<KeptPage>>();

  constructor(knex: Knex, authors: Authors) {
    this.#knex = knex;
    this.#authors = authors;
  }

  /**
   * Entries of a run after a place in the log, in the order they arrived, a page of them: ask for what comes after the
   * last until none come.
   *
   * @param station only what is of this station, or of all; null for everything
   * @param blind without what others weighed out for it
   */
  async after(runId: string, seq: number, station: number | null = null, blind = false): Promise<LogPage> {
    const nameOf = await this.#authors.namer();
    const key = JSON.stringify([runId, seq, station, blind]);
    const being = this.#beingMade.get(key);
    const shared = this.#kept.get(key) ?? (being && (await being));
    // One that is not full may have been read before what was written since.
    const called = shared?.authors.every(([id, name]) => nameOf(id) === name);
    if (shared && called && (shared.full || !(await this.#goesOn(runId, shared.until)))) return shared;
    const making = this.#make(runId, seq, { station, blind }, nameOf);
    this.#beingMade.set(key, making);
    try {
      const page = await making;
      this.#kept.set(key, page);
      return page;
    } finally {
      if (this.#beingMade.get(key) === making) this.#beingMade.delete(key);
    }
  }

  /** Whether anything was written in a run since. */
  #goesOn(runId: string, until: number): Promise<boolean> {
    return withConnection(this.#knex, (connection) => {
      const next = connection.prepare('SELECT 1 FROM log WHERE run_id = ? AND seq > ? LIMIT 1');
      return next.get(runId, until) !== undefined;
    });
  }

  async #make(
    runId: string,
    seq: number,
    { station, blind }: { station: number | null; blind: boolean },
    nameOf: NameOf,
  ): Promise<KeptPage> {
    const own =
      (station === null ? '' : 'AND (station = @station OR station IS NULL) ') + (blind ? seenBlind : '');
    const known = new Map<string | null, string | undefined>();
    const by = (author: string | null) => {
      if (!known.has(author)) known.set(author, nameOf(author));
      return known.get(author);
    };
    const page = await withConnection(this.#knex, (connection) => {
      const until = connection.prepare('SELECT max(seq) FROM log WHERE run_id = ?').pluck().get(runId);
      const found = connection
        .prepare(
          `SELECT ${columns} FROM log WHERE run_id = @runId AND seq > @seq ${own} ORDER BY seq LIMIT ${logPage}`,
        )
        .raw(true)
        .iterate({ runId, seq, ...(station !== null && { station }) }) as IterableIterator<Row>;
      const texts: string[] = [];
      let [last, long] = [seq, 0];
      for (const row of found) {
        const text = entryText(row, by(row[7]));
        texts.push(text);
        last = row[0];
        long += text.length;
        if (long >= logPageLong) break;
      }
      const full = texts.length === logPage || long >= logPageLong;
      return { texts, last, full, until: (until as number | null) ?? 0 };
    });
    const { texts, ...rest } = page;
    // Little is gained by pressing harder, and a class waits.
    const authors = [...known];
    return {
      ...rest,
      authors,
      packed: await pack(`[${texts.join(',')}]`, { level: 1 }),
      entries: texts.length,
    };
  }
}

/** An entry as JSON; its body is stored as that. */
const entryText = ([seq, id, station, at, offset, arrivedAt, body]: Row, by: string | undefined) =>
  `{"seq":${seq},"id":${JSON.stringify(id)},"station":${station},"at":${at},"offset":${offset},"arrivedAt":${arrivedAt},"body":${body}${by === undefined ? '' : `,"by":${JSON.stringify(by)}`}}`;

export const textOf = async ({ packed }: LogPage): Promise<string> => (await unpack(packed)).toString();

/** Answers with a page as it is, or unpacked for whoever cannot. */
export async function sendPage(request: Request, response: Response, page: LogPage): Promise<undefined> {
  response.type('json').vary('Accept-Encoding');
  if (page.full) response.setHeader(logNext, page.last);
  if (request.acceptsEncodings('gzip')) response.setHeader('Content-Encoding', 'gzip').send(page.packed);
  else response.send(await textOf(page));
}
