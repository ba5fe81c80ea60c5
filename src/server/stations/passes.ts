import type { Knex } from 'knex';
import { v7 as uuid } from 'uuid';
import type { Pass } from '../../contract/who';
import type { StationActor } from '../actors/actor';
import { newToken, tokenHash } from '../actors/tokens';
import { notFound } from '../problems/problem';

interface PassRow {
  id: string;
  token_hash: string;
  run_id: string;
  station: number;
  device: string;
  joined_at: number;
  seen_at: number;
  closed_at: number | null;
}

/** When a tablet was last seen is written down no more often than this, ms. */
const writtenEveryMs = 30_000;

/** The tablets that joined a station. A station may have several; one that moved is simply joined anew. */
export class Passes {
  readonly #knex: Knex;
  readonly #now: () => number;
  /** Open passes are asked for with every batch of entries. */
  readonly #known = new Map<string, PassRow>();

  constructor(knex: Knex, now: () => number) {
    this.#knex = knex;
    this.#now = now;
  }

  /** Lets a tablet in; returns its token. */
  async add(runId: string, station: number, device: string): Promise<string> {
    const token = newToken();
    const now = this.#now();
    await this.#knex('passes').insert({
      id: uuid(),
      token_hash: tokenHash(token),
      run_id: runId,
      station,
      device,
      joined_at: now,
      seen_at: now,
      closed_at: null,
    } satisfies PassRow);
    return token;
  }

  /** Which station a token stands for; null where it was closed, or its run has ended. */
  async stationOf(token: string): Promise<StationActor | null> {
    const hash = tokenHash(token);
    const row =
      this.#known.get(hash) ?? (await this.#knex<PassRow>('passes').where({ token_hash: hash }).first());
    if (!row || row.closed_at !== null) return null;
    if (this.#known.size > 5000) this.#known.clear();
    this.#known.set(hash, row);
    const now = this.#now();
    if (Math.abs(now - row.seen_at) > writtenEveryMs) {
      row.seen_at = now;
      void this.#knex('passes')
        .where({ id: row.id })
        .update({ seen_at: now })
        .catch(() => undefined);
    }
    return { kind: 'station', pass: row.id, runId: row.run_id, station: row.station };
  }

  /** Who is in at the stations of a run. */
  async of(runId: string, isHere: (pass: string) => boolean): Promise<Pass[]> {
    const rows = await this.#knex<PassRow>('passes')
      .where({ run_id: runId, closed_at: null })
      .orderBy(['station', 'joined_at']);
    return rows.map((row) => ({
      id: row.id,
      station: row.station,
      device: row.device,
      joinedAt: row.joined_at,
      seenAt: row.seen_at,
      here: isHere(row.id),
    }));
  }

  /** Believes nothing of what was read any more: some were closed with their run. */
  forget(): void {
    this.#known.clear();
  }

  /** Lets one in no longer. */
  async close(runId: string, id: string): Promise<void> {
    const closed = await this.#knex('passes').where({ run_id: runId, id }).update({ closed_at: this.#now() });
    if (closed === 0) throw notFound('tablet', id);
    this.#known.clear();
  }
}
