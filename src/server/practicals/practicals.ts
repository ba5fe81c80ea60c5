import type { Knex } from 'knex';
import type {
  NewPractical,
  PlanEdit,
  Practical,
  PracticalSummary,
  Revision,
  RevisionPage,
  StaleEdit,
} from '../../contract/practicals';
import { notFound, Problem } from '../problems/problem';
import type { Runs } from '../runs/runs';
import { heads, insertPractical, insertRevision, revisionOf, type RevisionRow } from './revisions';
import { samePlan } from './same-plan';

/** Most revisions that are told at once; their documents can be long. */
const pageOfRevisions = 50;

/** Practicals and their revisions. A revision is never changed: an edit is a new one. */
export class Practicals {
  readonly #knex: Knex;
  readonly #runs: Runs;
  readonly #now: () => number;

  constructor(knex: Knex, runs: Runs, now: () => number) {
    this.#knex = knex;
    this.#runs = runs;
    this.#now = now;
  }

  async all(): Promise<PracticalSummary[]> {
    const rows = await this.#knex('revisions as r')
      .join(heads(this.#knex).as('h'), (join) =>
        join.on('h.practical_id', 'r.practical_id').andOn('h.number', 'r.number'),
      )
      .join('practicals as p', 'p.id', 'r.practical_id')
      .select<(Omit<PracticalSummary, 'archived'> & { archivedAt: number | null })[]>(
        'r.practical_id as id',
        'r.title',
        'r.question',
        'r.number as revision',
        'r.saved_at as savedAt',
        'p.archived_at as archivedAt',
      );
    return rows
      .map(({ archivedAt, ...summary }) => ({ ...summary, archived: archivedAt !== null }))
      .sort((a, b) => a.title.localeCompare(b.title));
  }

  async one(id: string): Promise<Practical> {
    const head = await this.#head(this.#knex, id);
    return { id, ...head, runs: await this.#runs.summaries({ practicalId: id }) };
  }

  /** Revisions, newest first, `before` a number or from the latest on; `earlier` says whether there are more. */
  async revisions(id: string, before = Number.MAX_SAFE_INTEGER): Promise<RevisionPage> {
    const rows = await this.#knex<RevisionRow>('revisions')
      .where({ practical_id: id })
      .andWhere('number', '<', before)
      .orderBy('number', 'desc')
      .limit(pageOfRevisions + 1);
    if (rows.length === 0) throw notFound('practical', id);
    return {
      revisions: rows.slice(0, pageOfRevisions).map(revisionOf),
      earlier: rows.length > pageOfRevisions,
    };
  }

  /** Adds a practical with its first revision; the same id again is harmless. */
  async add({ id, plan }: NewPractical, author: string | null = null): Promise<Practical> {
    await this.#knex.transaction(async (transaction) => {
      const known = await transaction('practicals').where({ id }).first<object | undefined>();
      if (known) return;
      const savedAt = this.#now();
      await insertPractical(transaction, id, savedAt);
      await insertRevision(transaction, { practicalId: id, number: 1, savedAt, plan, author });
    });
    return this.one(id);
  }

  /**
   * Keeps an edit as the next revision. One that started from an older revision is refused with 409, both
   * versions in the problem; nothing is overwritten. An edit that changes nothing makes no revision.
   */
  async edit(id: string, { basedOn, plan }: PlanEdit, author: string | null = null): Promise<Revision> {
    return this.#knex.transaction(async (transaction) => {
      const current = await this.#head(transaction, id);
      if (samePlan(current.plan, plan)) return current;
      if (current.number !== basedOn) {
        const stale: StaleEdit = { current, yours: plan, basedOn };
        throw new Problem(
          409,
          'Changed in the meantime',
          `This plan has been changed somewhere else: it is at revision ${current.number}, your edit began at ${basedOn}. Both versions are kept.`,
          { ...stale },
        );
      }
      const number = current.number + 1;
      await insertRevision(transaction, { practicalId: id, number, savedAt: this.#now(), plan, author });
      return this.#head(transaction, id);
    });
  }

  async #head(knex: Knex, id: string): Promise<Revision> {
    const row = await knex<RevisionRow>('revisions')
      .where({ practical_id: id })
      .orderBy('number', 'desc')
      .first();
    if (!row) throw notFound('practical', id);
    return revisionOf(row);
  }
}
