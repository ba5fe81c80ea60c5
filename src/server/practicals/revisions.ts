import type { Knex } from 'knex';
import type { Revision } from '../../contract/practicals';
import { indexPlan } from './index-of-plans';
import { readPlan, type Plan } from '../../core/practical';

/** A revision as it is stored. */
export interface RevisionRow {
  practical_id: string;
  number: number;
  saved_at: number;
  plan: string;
}

/** A stored revision; a plan of an older format is brought up to date as it is read. */
export const revisionOf = (row: RevisionRow): Revision => ({
  number: row.number,
  savedAt: row.saved_at,
  plan: readPlan(JSON.parse(row.plan)),
});

/** The number of the latest revision of every practical. */
export const heads = (knex: Knex) =>
  knex<RevisionRow>('revisions')
    .groupBy('practical_id')
    .select<Pick<RevisionRow, 'practical_id' | 'number'>[]>(
      'practical_id',
      knex.raw('max(number) AS number'),
    );

/** Writes one revision, in whatever transaction `knex` is; what lists show of it goes into columns. */
export async function insertRevision(
  knex: Knex,
  {
    practicalId,
    number,
    savedAt,
    plan,
    author,
  }: { practicalId: string; number: number; savedAt: number; plan: Plan; author: string | null },
): Promise<void> {
  await knex('revisions').insert({
    practical_id: practicalId,
    number,
    saved_at: savedAt,
    format: plan.format,
    title: plan.title,
    question: plan.question,
    period_minutes: plan.periodMinutes,
    plan: JSON.stringify(plan),
    author,
  });
  await indexPlan(knex, { practicalId, number, savedAt, plan });
}

/** The practical a revision belongs to, made if it is not there. */
export async function insertPractical(knex: Knex, id: string, createdAt: number): Promise<void> {
  await knex('practicals').insert({ id, created_at: createdAt }).onConflict('id').ignore();
}
