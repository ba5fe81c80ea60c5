import type { Knex } from 'knex';

/** Tables of the first slice. What is append-only says so in the database itself. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('school', (table) => {
    table.string('key').primary();
    table.string('value').notNullable();
  });
  await knex.schema.createTable('rooms', (table) => {
    table.string('id').primary();
    table.string('name').notNullable();
    table.string('kind').notNullable();
    table.double('altitude_m');
    table.double('measured_boiling_c');
    table.integer('stations').notNullable();
    table.double('balance_g').notNullable();
    table.integer('version').notNullable().defaultTo(1);
  });
  await knex.schema.createTable('classes', (table) => {
    table.string('id').primary();
    table.string('name').notNullable();
    table.integer('students').notNullable();
    table.string('unit').notNullable();
  });
  await knex.schema.createTable('practicals', (table) => {
    table.string('id').primary();
    table.bigInteger('created_at').notNullable();
  });
  await knex.schema.createTable('revisions', (table) => {
    table.string('practical_id').notNullable().references('practicals.id');
    table.integer('number').notNullable();
    table.bigInteger('saved_at').notNullable();
    table.text('plan').notNullable();
    table.primary(['practical_id', 'number']);
  });
  await knex.schema.createTable('runs', (table) => {
    table.string('id').primary();
    table.string('practical_id').notNullable();
    table.integer('revision').notNullable();
    table.string('room_id').notNullable().references('rooms.id');
    table.string('class_id').notNullable().references('classes.id');
    table.bigInteger('starts_at').notNullable();
    table.bigInteger('seed').notNullable();
    table.text('allocation').notNullable();
    table.string('probes').notNullable();
    table.text('place').notNullable();
    table.bigInteger('started_at');
    table.bigInteger('finished_at');
    table.text('clock');
    table.foreign(['practical_id', 'revision']).references(['practical_id', 'number']).inTable('revisions');
    table.index(['starts_at']);
    table.index(['practical_id']);
  });
  await knex.schema.createTable('log', (table) => {
    table.increments('seq');
    table.string('id').notNullable().unique();
    table.string('run_id').notNullable().references('runs.id');
    table.integer('station');
    table.string('kind').notNullable();
    table.bigInteger('at').notNullable();
    table.integer('offset').notNullable();
    table.bigInteger('arrived_at').notNullable();
    table.text('body').notNullable();
    table.index(['run_id', 'seq']);
  });
  for (const table of ['log', 'revisions']) {
    for (const verb of ['UPDATE', 'DELETE']) {
      await knex.raw(
        `CREATE TRIGGER ${table}_never_${verb.toLowerCase()}s BEFORE ${verb} ON ${table}
         BEGIN SELECT RAISE(ABORT, '${table} is append-only'); END`,
      );
    }
  }
}
