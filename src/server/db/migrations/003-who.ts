import type { Knex } from 'knex';

/** Teachers, their sessions, the tablets of stations, and who did what. Entry ids are unique within a run. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('teachers', (table) => {
    table.string('id').primary();
    table.string('name').notNullable();
    // What two names are compared by: spelled alike they would be one person.
    table.string('name_key').notNullable().unique();
    table.string('passphrase').notNullable();
    table.boolean('admin').notNullable();
    table.bigInteger('created_at').notNullable();
    table.bigInteger('closed_at');
  });
  await knex.schema.createTable('sessions', (table) => {
    table.string('token_hash').primary();
    table.string('teacher_id').notNullable().references('teachers.id');
    table.bigInteger('created_at').notNullable();
    table.bigInteger('seen_at').notNullable();
    table.index(['teacher_id']);
  });
  await knex.schema.createTable('station_codes', (table) => {
    table.string('code').primary();
    table.string('run_id').notNullable().references('runs.id');
    table.integer('station').notNullable();
    table.bigInteger('made_at').notNullable();
    table.index(['run_id']);
  });
  await knex.schema.createTable('passes', (table) => {
    table.string('id').primary();
    table.string('token_hash').notNullable().unique();
    table.string('run_id').notNullable().references('runs.id');
    table.integer('station').notNullable();
    table.string('device').notNullable();
    table.bigInteger('joined_at').notNullable();
    table.bigInteger('seen_at').notNullable();
    table.bigInteger('closed_at');
    table.index(['run_id']);
  });
  await knex.schema.createTable('deeds', (table) => {
    table.increments('seq');
    table.bigInteger('at').notNullable();
    table.string('author').notNullable();
    table.string('deed').notNullable();
    table.text('subject').notNullable();
  });
  for (const verb of ['UPDATE', 'DELETE']) {
    await knex.raw(
      `CREATE TRIGGER deeds_never_${verb.toLowerCase()}s BEFORE ${verb} ON deeds
       BEGIN SELECT RAISE(ABORT, 'deeds is append-only'); END`,
    );
  }
  await knex.schema.alterTable('log', (table) => {
    table.dropUnique(['id']);
    table.unique(['run_id', 'id']);
  });
}
