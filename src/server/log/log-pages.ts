import { promisify } from 'node:util';
import { gunzip, gzip } from 'node:zlib';
import type { Request, Response } from 'express';
import type { Knex } from 'knex';
import { LRUCache } from 'lru-cache';
import { logNext, logPage } from '../../contract/batch-size';
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
}

/** Without what was weighed out for a station by others, and what was put right of it. */
const seenBlind = `AND NOT (kind = 'weighed' AND json_extract(body, '$.by') = 'staff')
  AND NOT (kind = 'correction' AND json_extract(body, '$.to.kind') = 'weighed' AND json_extract(body, '$.to.by') = 'staff')`;

/** Whether an entry tells how much of something others weighed out. */
export function tellsWeights({ body }: Entry): boolean {
  const shown = body.kind === 'correction' ? body.to : body;
  return shown?.kind === 'weighed' && shown.by === 'staff';
}

/** A page that is kept: with the place of the last entry of the whole run when it was made. */
type KeptPage = LogPage & { until: number };

const isFull = ({ entries }: LogPage) => entries === logPage;

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
    const key = JSON.stringify([runId, seq, station, blind, this.#authors.names]);
    const being = this.#beingMade.get(key);
    const shared = this.#kept.get(key) ?? (being && (await being));
    // One that is not full may have been read before what was written since.
    if (shared && (isFull(shared) || !(await this.#goesOn(runId, shared.until)))) return shared;
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
    nameOf: (author: string | null) => string | undefined,
  ): Promise<KeptPage> {
    const own =
      (station === null ? '' : 'AND (station = @station OR station IS NULL) ') + (blind ? seenBlind : '');
    const { rows, until } = await withConnection(this.#knex, (connection) => ({
      rows: connection
        .prepare(
          `SELECT ${columns} FROM log WHERE run_id = @runId AND seq > @seq ${own} ORDER BY seq LIMIT ${logPage}`,
        )
        .raw(true)
        .all({ runId, seq, ...(station !== null && { station }) }) as Row[],
      until: connection.prepare('SELECT max(seq) FROM log WHERE run_id = ?').pluck().get(runId) as
        | number
        | null,
    }));
    const by = byAuthor(nameOf);
    const text = `[${rows.map((row) => entryText(row, by(row[7]))).join(',')}]`;
    // Little is gained by pressing harder, and a class waits.
    return {
      packed: await pack(text, { level: 1 }),
      entries: rows.length,
      last: rows.at(-1)?.[0] ?? seq,
      until: until ?? 0,
    };
  }
}

/** An entry as JSON; its body is stored as that. */
const entryText = ([seq, id, station, at, offset, arrivedAt, body]: Row, by: string) =>
  `{"seq":${seq},"id":${JSON.stringify(id)},"station":${station},"at":${at},"offset":${offset},"arrivedAt":${arrivedAt},"body":${body}${by}}`;

/** The last field of an entry, or nothing; there are few authors and many entries. */
function byAuthor(nameOf: (author: string | null) => string | undefined) {
  const known = new Map<string | null, string>();
  return (author: string | null): string => {
    let text = known.get(author);
    if (text === undefined) {
      const name = nameOf(author);
      text = name === undefined ? '' : `,"by":${JSON.stringify(name)}`;
      known.set(author, text);
    }
    return text;
  };
}

export const textOf = async ({ packed }: LogPage): Promise<string> => (await unpack(packed)).toString();

/** Answers with a page as it is, or unpacked for whoever cannot. */
export async function sendPage(request: Request, response: Response, page: LogPage): Promise<undefined> {
  response.type('json').vary('Accept-Encoding');
  if (isFull(page)) response.setHeader(logNext, page.last);
  if (request.acceptsEncodings('gzip')) response.setHeader('Content-Encoding', 'gzip').send(page.packed);
  else response.send(await textOf(page));
}
