import type { Knex } from 'knex';
import { libraryFacts, libraryText } from '../../core/library';
import type { Plan } from '../../core/practical';

interface Indexed {
  practicalId: string;
  number: number;
  savedAt: number;
  plan: Plan;
}

/** Writes what a practical is found by, in the transaction `knex` is; an older revision than the one known changes nothing. */
export async function indexPlan(knex: Knex, { practicalId, number, savedAt, plan }: Indexed): Promise<void> {
  const known = await knex('library')
    .where({ practical_id: practicalId })
    .first<{ line: number; revision: number } | undefined>('line', 'revision');
  if (known && known.revision > number) return;
  const facts = libraryFacts(plan);
  const row = {
    practical_id: practicalId,
    revision: number,
    saved_at: savedAt,
    title: plan.title,
    question: plan.question,
    facts: JSON.stringify(facts),
  };
  if (known) await knex('library').where({ line: known.line }).update(row);
  const [line] = known ? [known.line] : await knex('library').insert(row);
  if (known) await knex('library_text').where({ rowid: line }).delete();
  await knex('library_text').insert({ rowid: line, ...libraryText(plan, facts) });
}
