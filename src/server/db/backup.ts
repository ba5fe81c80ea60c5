import { existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { copyPictures, picturesFolder, sweepPictures } from '../picture-files/picture-files';
import { databaseFile } from './files';

/** How many backups are kept. */
const kept = 14;

const backupFolder = (dataFolder: string) => join(dataFolder, 'backups');

/** More pages than a database of ours has: it is copied in one step, as it was when that began. */
const allPages = 2_000_000_000;

/**
 * Copies the database with SQLite’s own backup interface, over a connection of its own, so that others write meanwhile,
 * with the pictures it knows, each kept once for all copies, and drops the oldest. It takes the time the disk takes: the program has a thread do it.
 */
export async function backUp(dataFolder: string, now: Date): Promise<string> {
  const folder = backupFolder(dataFolder);
  mkdirSync(folder, { recursive: true });
  const file = join(folder, `tawny-${now.toISOString().replace(/[:.]/g, '-')}.sqlite`);
  // What a killed process left half-made is no backup, and goes.
  const part = join(folder, '.making');
  for (const rest of ['', '-journal', '-wal', '-shm']) rmSync(part + rest, { force: true });
  const database = new Database(databaseFile(dataFolder), { readonly: true, fileMustExist: true });
  try {
    await database.backup(part, { progress: () => allPages });
  } finally {
    database.close();
  }
  unmark(part);
  // Pictures first: a copy that is there is whole.
  await copyPictures(picturesFolder(dataFolder), picturesFolder(folder), picturesIn(part));
  renameSync(part, file);
  for (const old of backupsIn(folder).slice(0, -kept)) rmSync(join(folder, old));
  const named = new Set(backupsIn(folder).flatMap((name) => picturesIn(join(folder, name))));
  await sweepPictures(picturesFolder(folder), named, Date.now() - 3_600_000);
  return file;
}

/** The pictures that a copy of the database knows. */
function picturesIn(copy: string): string[] {
  const database = new Database(copy, { readonly: true, fileMustExist: true });
  try {
    return database.prepare('SELECT hash FROM attachments').pluck().all() as string[];
  } catch {
    // One of a time before there were pictures, or damaged.
    return [];
  } finally {
    database.close();
  }
}

/** When the newest backup was made, ms since 1970; null where there is none. */
export function newestBackup(dataFolder: string): number | null {
  const folder = backupFolder(dataFolder);
  if (!existsSync(folder)) return null;
  const made = backupsIn(folder).map((name) => statSync(join(folder, name)).mtimeMs);
  return made.length > 0 ? Math.max(...made) : null;
}

const backupsIn = (folder: string) =>
  readdirSync(folder)
    .filter((name) => name.startsWith('tawny-') && name.endsWith('.sqlite'))
    .sort();

/** A copy is not the database that was started here: put in its place, it is another. */
function unmark(copy: string) {
  const database = new Database(copy);
  try {
    database.pragma('journal_mode = DELETE');
    database.prepare(`DELETE FROM settings WHERE key = 'last-start'`).run();
  } finally {
    database.close();
  }
}
