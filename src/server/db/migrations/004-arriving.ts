import type { Knex } from 'knex';

/**
 * Runs that are being read in from a file: their entries come bit by bit, so that nobody waits, and count from the moment
 * their run is there. Those of one that was broken off are taken back; all others stay as they are.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('arriving', (table) => {
    table.string('run_id').primary();
    table.bigInteger('since').notNullable();
  });
  await knex.raw('DROP TRIGGER log_never_deletes');
  await knex.raw(
    `CREATE TRIGGER log_never_deletes BEFORE DELETE ON log
     WHEN NOT EXISTS (SELECT 1 FROM arriving WHERE arriving.run_id = OLD.run_id)
       OR EXISTS (SELECT 1 FROM runs WHERE runs.id = OLD.run_id)
     BEGIN SELECT RAISE(ABORT, 'log is append-only'); END`,
  );
}
