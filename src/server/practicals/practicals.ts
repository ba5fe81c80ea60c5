import type { Knex } from 'knex';
import type {
  NewPractical,
  PlanEdit,
  Practical,
  PracticalSummary,
  Revision,
  StaleEdit,
} from '../../contract/practicals';
import type { Plan } from '../../core/practical';
import { notFound, Problem } from '../problems/problem';
import type { Runs } from '../runs/runs';
import { samePlan } from './same-plan';

interface RevisionRow {
  practical_id: string;
  number: number;
  saved_at: number;
  plan: string;
}

const revisionOf = (row: RevisionRow): Revision => ({
  number: row.number,
  savedAt: row.saved_at,
  plan: JSON.parse(row.plan) as Plan,
});

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
    const heads = this.#knex('revisions')
      .select('practical_id')
      .max('number as number')
      .groupBy('practical_id');
    const rows = await this.#knex<RevisionRow>('revisions as r')
      .join(heads.as('h'), (join) =>
        join.on('h.practical_id', 'r.practical_id').andOn('h.number', 'r.number'),
      )
      .select<RevisionRow[]>('r.*');
    return rows
      .map((row) => {
        const { plan, number, savedAt } = revisionOf(row);
        return {
          id: row.practical_id,
          title: plan.title,
          question: plan.question,
          revision: number,
          savedAt,
        };
      })
      .sort((a, b) => a.title.localeCompare(b.title));
  }

  async one(id: string): Promise<Practical> {
    const head = await this.#head(this.#knex, id);
    return { id, ...head, runs: await this.#runs.summaries({ practicalId: id }) };
  }

  async revisions(id: string): Promise<Revision[]> {
    const rows = await this.#knex<RevisionRow>('revisions')
      .where({ practical_id: id })
      .orderBy('number', 'desc')
      .limit(200);
    if (rows.length === 0) throw notFound('practical', id);
    return rows.map(revisionOf);
  }

  /** Adds a practical with its first revision; the same id again is harmless. */
  async add({ id, plan }: NewPractical): Promise<Practical> {
    await this.#knex.transaction(async (transaction) => {
      const known = await transaction('practicals').where({ id }).first<object | undefined>();
      if (known) return;
      await transaction('practicals').insert({ id, created_at: this.#now() });
      await this.#write(transaction, id, 1, plan);
    });
    return this.one(id);
  }

  /**
   * Keeps an edit as the next revision. One that started from an older revision is refused with 409, both
   * versions in the problem; nothing is overwritten. An edit that changes nothing makes no revision.
   */
  async edit(id: string, { basedOn, plan }: PlanEdit): Promise<Revision> {
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
      await this.#write(transaction, id, current.number + 1, plan);
      return this.#head(transaction, id);
    });
  }

  async #write(knex: Knex, id: string, number: number, plan: Plan) {
    await knex('revisions').insert({
      practical_id: id,
      number,
      saved_at: this.#now(),
      plan: JSON.stringify(plan),
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
