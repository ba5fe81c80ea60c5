import type { Knex } from 'knex';
import { factsVersion } from '../../core/library';
import { heads, revisionOf, type RevisionRow } from '../practicals/revisions';
import { indexPlan } from '../practicals/index-of-plans';

const versionKey = 'library-facts';
/** How many plans are read before others get their turn. */
const atOnce = 50;

/** Brings the lines up to what this program knows of plans; quick where they are. */
export async function refreshIndex(knex: Knex, now: number): Promise<void> {
  const known = await knex('settings').where({ key: versionKey }).first<{ value: string } | undefined>();
  if (known?.value === String(factsVersion)) return;
  const ids = await heads(knex);
  for (let from = 0; from < ids.length; from += atOnce) {
    await knex.transaction(async (transaction) => {
      for (const { practical_id, number } of ids.slice(from, from + atOnce)) {
        const row = await transaction<RevisionRow>('revisions').where({ practical_id, number }).first();
        if (row) await indexPlan(transaction, { practicalId: practical_id, ...revisionOf(row) });
      }
    });
  }
  const value = { key: versionKey, value: String(factsVersion), changed_at: now };
  await knex('settings').insert(value).onConflict('key').merge();
}
