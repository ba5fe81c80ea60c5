import type { Knex } from 'knex';

/**
 * Room for the second shape of a plan. Stored revisions stay as they were written, byte for byte: what lists show of
 * them is copied into columns, and the format of a document stands beside it.
 */
export async function up(knex: Knex): Promise<void> {
  // The trigger guards the documents; it is lifted only while the new columns are filled.
  await knex.raw('DROP TRIGGER revisions_never_updates');
  await knex.schema.alterTable('revisions', (table) => {
    table.integer('format').notNullable().defaultTo(1);
    table.string('title').notNullable().defaultTo('');
    table.text('question').notNullable().defaultTo('');
    table.integer('period_minutes').notNullable().defaultTo(0);
    table.string('author');
    table.string('device');
  });
  await knex.raw(
    `UPDATE revisions SET title = json_extract(plan, '$.title'), question = json_extract(plan, '$.question'),
       period_minutes = json_extract(plan, '$.periodMinutes')`,
  );
  await knex.raw(
    `CREATE TRIGGER revisions_never_updates BEFORE UPDATE ON revisions
     BEGIN SELECT RAISE(ABORT, 'revisions is append-only'); END`,
  );
  await knex.schema.alterTable('log', (table) => {
    table.string('author');
    table.string('device');
  });
  await knex.schema.alterTable('rooms', (table) => {
    table.text('resources').notNullable().defaultTo('[]');
  });
  await knex.schema.createTable('attachments', (table) => {
    table.string('hash').primary();
    table.string('type').notNullable();
    table.integer('bytes').notNullable();
    table.string('thumbnail');
    table.bigInteger('added_at').notNullable();
  });
  await knex.schema.createTable('settings', (table) => {
    table.string('key').primary();
    table.text('value').notNullable();
    table.bigInteger('changed_at').notNullable();
  });
}
