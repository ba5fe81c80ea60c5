import type { Knex } from 'knex';

/** Ends what lets tablets into a run, its codes and those that are in, in the transaction `knex` is. */
export async function shutStations(knex: Knex, runId: string, now: number): Promise<void> {
  await knex('station_codes').where({ run_id: runId }).delete();
  await knex('passes').where({ run_id: runId, closed_at: null }).update({ closed_at: now });
}
