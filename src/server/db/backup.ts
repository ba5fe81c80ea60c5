import { mkdirSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { withConnection } from './connection';

/** How many backups are kept. */
const kept = 14;

const backupFolder = (dataFolder: string) => join(dataFolder, 'backups');

/** Copies the database with SQLite’s own backup interface, which sees a consistent state, and drops the oldest copies. */
export async function backUp(knex: Knex, dataFolder: string, now: Date): Promise<string> {
  const folder = backupFolder(dataFolder);
  mkdirSync(folder, { recursive: true });
  const file = join(folder, `tawny-${now.toISOString().replace(/[:.]/g, '-')}.sqlite`);
  await withConnection(knex, (connection) => connection.backup(file));
  const files = readdirSync(folder)
    .filter((name) => name.startsWith('tawny-') && name.endsWith('.sqlite'))
    .sort();
  for (const old of files.slice(0, -kept)) rmSync(join(folder, old));
  return file;
}
