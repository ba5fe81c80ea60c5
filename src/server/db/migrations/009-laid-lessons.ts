import type { Knex } from 'knex';

/** Timetables as they were laid out: what can be worked out again, kept because it takes a second each. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('laid_lessons', (table) => {
    table.string('asked').primary();
    table.text('laid').notNullable();
    table.bigInteger('at').notNullable().index();
  });
}
