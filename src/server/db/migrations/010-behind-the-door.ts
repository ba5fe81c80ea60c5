import type { Knex } from 'knex';

/**
 * What let stations in ends with a run by being closed, not by comparing clocks; pictures tell where they came from, so that
 * no tablet and no run fills the disk; a passphrase can be one that nobody has.
 */
export async function up(knex: Knex): Promise<void> {
  // Those of runs that have ended, as they were told apart until now.
  const ended = `SELECT id FROM runs WHERE finished_at IS NOT NULL AND coalesce(json_extract(clock, '$.anchorWallMs'), finished_at) >=`;
  await knex.raw(`DELETE FROM station_codes WHERE run_id IN (${ended} station_codes.made_at)`);
  await knex.raw(
    `UPDATE passes SET closed_at = joined_at WHERE closed_at IS NULL AND run_id IN (${ended} passes.joined_at)`,
  );
  await knex.schema.alterTable('attachments', (table) => {
    table.string('run_id').index();
    table.string('author').index();
  });
}
