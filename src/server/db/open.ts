import { copyFileSync, existsSync, mkdirSync } from 'node:fs';
import createKnex, { type Knex } from 'knex';
import SqliteClient from 'knex/lib/dialects/better-sqlite3/index.js';
import { databaseFile, finishRestore } from './files';
import { migrations as allMigrations, type Migration } from './migrations';
import { patiently } from './patience';

/** The file was written by a newer program than this one. */
export class NewerFile extends Error {}

/**
 * Opens the database in a data folder, made if need be, and brings it up to date. Before a migration the file is
 * copied beside itself.
 *
 * @throws NewerFile when the file has been through migrations that this program does not know
 */
export async function openDatabase(
  dataFolder: string,
  migrations: readonly Migration[] = allMigrations,
): Promise<Knex> {
  mkdirSync(dataFolder, { recursive: true });
  finishRestore(dataFolder);
  const file = databaseFile(dataFolder);
  const existed = existsSync(file);
  const knex = connectTo(dataFolder);
  try {
    const done = await migrationsDone(knex);
    const unknown = done.filter((name) => !migrations.some((migration) => migration.name === name));
    if (unknown.length > 0) {
      throw new NewerFile(
        `${file} was written by a newer version of this program (it has been through “${unknown.join('”, “')}”). ` +
          'Start the newer version, or restore an older backup.',
      );
    }
    const open = migrations.filter((migration) => !done.includes(migration.name));
    if (open.length > 0 && existed && done.length > 0) {
      await knex.raw('PRAGMA wal_checkpoint(TRUNCATE)');
      copyFileSync(file, `${file}.before-${open[0]!.name}`);
    }
    for (const migration of open) {
      await knex.transaction(async (transaction) => {
        await migration.up(transaction as Knex);
        await transaction('migrations').insert({ name: migration.name, at: Date.now() });
      });
    }
    return knex;
  } catch (error) {
    await knex.destroy();
    throw error;
  }
}

/** Each statement that is no part of a transaction waits by itself while another program holds the database. */
class PatientClient extends SqliteClient {
  override runner(builder: unknown) {
    if (this.transacting) return super.runner(builder);
    return Object.assign(super.runner(builder), {
      run: () => patiently(() => super.runner(builder).run()),
    });
  }

  /** All of a transaction is done again, or nothing. */
  override transaction(work: unknown, config?: unknown, outer?: unknown): PromiseLike<unknown> {
    if (outer) return super.transaction(work, config, outer);
    return patiently(() => super.transaction(work, config));
  }
}

/**
 * A connection of its own to the database of a data folder, as it is.
 *
 * @param waitMs how long one statement waits inside the database while another connection writes. Waiting there holds up
 *   the whole thread: beyond it, statements and transactions wait outside, one by one (`patiently`).
 */
export function connectTo(dataFolder: string, waitMs = 20): Knex {
  return createKnex({
    client: PatientClient as unknown as typeof Knex.Client,
    connection: { filename: databaseFile(dataFolder) },
    useNullAsDefault: true,
    pool: {
      min: 1,
      max: 1,
      afterCreate(connection: { pragma(text: string): unknown }, done: (error: Error | null) => void) {
        connection.pragma('journal_mode = WAL');
        // FULL: what was acknowledged is on disk even if the power fails, not only if the program does.
        connection.pragma('synchronous = FULL');
        connection.pragma('foreign_keys = ON');
        connection.pragma(`busy_timeout = ${waitMs}`);
        done(null);
      },
    },
  });
}

async function migrationsDone(knex: Knex): Promise<string[]> {
  if (!(await knex.schema.hasTable('migrations'))) {
    await knex.schema.createTable('migrations', (table) => {
      table.string('name').primary();
      table.bigInteger('at').notNullable();
    });
  }
  return knex('migrations').pluck<string[]>('name');
}
