// `npm run restore -- <backup file>`: puts a backup in the place of the database. The server must not be running.
import { copyFileSync, existsSync, renameSync, rmSync } from 'node:fs';
import { basename, join, resolve } from 'node:path';
import { root } from './setup.mjs';

const [given] = process.argv.slice(2);
const data = resolve(process.env.TAWNY_DATA ?? join(root, 'data'));
const database = join(data, 'tawny.sqlite');
if (!given || !existsSync(given)) {
  process.stderr.write(`Name a backup file; they are in ${join(data, 'backups')}.\n`);
  process.exit(1);
}
if (existsSync(database)) {
  const aside = `${database}.before-restore-${new Date().toISOString().replace(/[:.]/g, '-')}`;
  renameSync(database, aside);
  process.stdout.write(`The database as it was is kept as ${basename(aside)}.\n`);
}
for (const rest of ['-wal', '-shm']) rmSync(database + rest, { force: true });
copyFileSync(given, database);
process.stdout.write(`Restored from ${basename(given)}. Start the program again.\n`);
