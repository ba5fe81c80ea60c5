import type Database from 'better-sqlite3';
import type { Knex } from 'knex';

/**
 * Lends the better-sqlite3 connection of Knex for work that Knex has no words for. Nobody else uses the
 * connection until `work` is done.
 */
export async function withConnection<T>(
  knex: Knex,
  work: (connection: Database.Database) => T | Promise<T>,
): Promise<T> {
  const client = knex.client as {
    acquireConnection(): Promise<Database.Database>;
    releaseConnection(connection: Database.Database): Promise<void>;
  };
  const connection = await client.acquireConnection();
  try {
    return await work(connection);
  } finally {
    await client.releaseConnection(connection);
  }
}
