import type { Knex } from 'knex';

/** What a room has that its stations share. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('rooms', (table) => {
    table.text('equipment').notNullable().defaultTo('[]');
  });
}
