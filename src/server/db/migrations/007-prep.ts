import type { Knex } from 'knex';

/** What runs are prepared from: the school’s own packs, what is there, what its measures weigh, and what is ticked. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('rooms', (table) => {
    table.text('tools').notNullable().defaultTo('[]');
  });
  await knex.schema.createTable('products', (table) => {
    table.string('id').primary();
    table.text('body').notNullable();
    table.integer('place').notNullable();
  });
  await knex.schema.createTable('weighings', (table) => {
    table.string('id').primary();
    table.text('body').notNullable();
    table.bigInteger('at').notNullable();
    table.bigInteger('removed_at');
  });
  await knex.schema.createTable('stock', (table) => {
    table.string('key').primary();
    table.string('ingredient').notNullable();
    table.float('grams').notNullable();
  });
  await knex.schema.createTable('run_prep', (table) => {
    table.string('run_id').primary().references('id').inTable('runs');
    table.integer('version').notNullable();
    table.text('ways').notNullable();
  });
  await knex.schema.createTable('ticks', (table) => {
    table.string('what').primary();
    table.boolean('done').notNullable();
    table.bigInteger('at').notNullable();
    table.text('author').notNullable();
  });
}
