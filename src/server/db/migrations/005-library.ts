import type { Knex } from 'knex';

/**
 * What practicals are found by: a line each with what is known of its latest plan, its words in a full-text index, whether
 * it was put away; and what a class has declared that it must not eat. The lines are filled when the program starts.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('library', (table) => {
    table.increments('line');
    table.string('practical_id').notNullable().unique().references('practicals.id');
    table.integer('revision').notNullable();
    table.bigInteger('saved_at').notNullable();
    table.string('title').notNullable();
    table.text('question').notNullable();
    table.text('facts').notNullable();
  });
  await knex.raw(
    `CREATE VIRTUAL TABLE library_text USING fts5(
       title, question, formula, method, other, tokenize = 'unicode61 remove_diacritics 2', prefix = '1 2 3')`,
  );
  await knex.schema.alterTable('practicals', (table) => {
    table.bigInteger('archived_at');
  });
  await knex.schema.alterTable('classes', (table) => {
    table.text('needs').notNullable().defaultTo('[]');
  });
}
