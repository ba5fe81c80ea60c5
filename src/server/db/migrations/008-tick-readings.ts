import type { Knex } from 'knex';

/** What a thermometer showed where something was ticked off: in an oven, in a refrigerator. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('ticks', (table) => {
    table.float('celsius');
  });
}
