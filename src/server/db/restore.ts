import {
  closeSync,
  copyFileSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readdirSync,
  renameSync,
  rmSync,
} from 'node:fs';
import { dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { copyPictures, picturesFolder } from '../picture-files/picture-files';
import { noteDoors } from './doors';
import { databaseFile, decidedFile, finishRestore } from './files';
import { migrations } from './migrations';

const keptFolder = (dataFolder: string) => join(dataFolder, 'before-restore');

/** Copies that are still being made have a dot before their name. */
const whole = (names: readonly string[]) => names.filter((name) => !name.startsWith('.')).sort();

/** The database that was put aside last; null for none. Restoring it undoes the last restore. */
export function keptBefore(dataFolder: string): string | null {
  if (!existsSync(keptFolder(dataFolder))) return null;
  const last = whole(readdirSync(keptFolder(dataFolder))).at(-1);
  return last === undefined ? null : databaseFile(join(keptFolder(dataFolder), last));
}

/**
 * Puts a database file in the place of the one in a data folder. What was there is kept with its WAL first, so that it
 * can be undone; a process killed on the way leaves all as it was, or is finished at the next start.
 *
 * @returns where what was there is kept; null where nothing was
 * @throws Error in words, with nothing changed, where the database is in use or the file is not one of this program
 */
export function restore(dataFolder: string, given: string): { kept: string | null } {
  if (!existsSync(given)) throw new Error(`Nothing was changed: there is no file ${given}.`);
  finishRestore(dataFolder);
  const kept = keepPresent(dataFolder);
  const part = `${decidedFile(dataFolder)}-part`;
  try {
    copyWhole(given, part);
    checkDatabase(part, given);
  } catch (error) {
    for (const rest of ['', '-wal', '-shm']) rmSync(part + rest, { force: true });
    if (kept !== null) rmSync(dirname(kept), { recursive: true, force: true });
    throw error;
  }
  // From here on it is decided, and what is kept stays whatever comes.
  renameSync(part, decidedFile(dataFolder));
  flush(dataFolder);
  finishRestore(dataFolder);
  for (const rest of ['-wal', '-shm']) rmSync(part + rest, { force: true });
  return { kept };
}

/** Brings the pictures that were kept beside a copy, but for those that are here. */
export async function bringPictures(dataFolder: string, besideCopy: string): Promise<void> {
  const from = picturesFolder(besideCopy);
  if (!existsSync(from)) return;
  const hashes = readdirSync(from).flatMap((part) => readdirSync(join(from, part)));
  const whole = hashes.filter((name) => /^[0-9a-f]{64}$/.test(name));
  await copyPictures(from, picturesFolder(dataFolder), whole);
}

/**
 * Locks a database for one alone, which cannot be while somebody has it open, and lets it go again.
 *
 * @returns whether it could be opened at all
 */
function opensAlone(file: string): boolean {
  let database: Database.Database | null = null;
  try {
    database = new Database(file, { timeout: 500 });
    database.pragma('locking_mode = EXCLUSIVE');
    database.exec('BEGIN EXCLUSIVE; ROLLBACK');
    return true;
  } catch (error) {
    // What is no database any more is in nobody’s use.
    if (!/^SQLITE_(BUSY|LOCKED)/.test((error as { code?: string }).code ?? '')) return false;
    throw new Error(`Nothing was changed: ${file} is in use: stop the program first.`, { cause: error });
  } finally {
    database?.close();
  }
}

/** A database with what only its WAL holds, down to the disk. */
function copyWhole(from: string, to: string) {
  for (const rest of ['', '-wal']) {
    rmSync(to + rest, { force: true });
    if (!existsSync(from + rest)) continue;
    copyFileSync(from + rest, to + rest);
    flush(to + rest);
  }
  rmSync(`${to}-shm`, { force: true });
}

/** Notes who may come in by the database that is put aside: what comes in its place may be older. */
function noteDoorsIn(file: string, dataFolder: string) {
  const database = new Database(file, { readonly: true });
  try {
    noteDoors(dataFolder, database.prepare('SELECT id, passphrase, closed_at FROM teachers').all() as never);
  } catch {
    // One of a time before there were teachers, or damaged: what was noted last stands.
  } finally {
    database.close();
  }
}

function flush(path: string) {
  const file = openSync(path, 'r');
  try {
    fsyncSync(file);
  } finally {
    closeSync(file);
  }
}

/** Whether a copy is whole and of this program; what its WAL holds goes into it. */
function checkDatabase(copy: string, given: string) {
  const refuse = (why: string, cause?: unknown) => {
    throw new Error(`Nothing was changed: ${given} ${why}.`, { cause });
  };
  let database: Database.Database | null = null;
  try {
    database = new Database(copy);
    const found = database.pragma('integrity_check(1)', { simple: true });
    if (found !== 'ok') refuse('is damaged');
    const tables = new Set(
      database.prepare(`SELECT name FROM sqlite_master WHERE type = 'table'`).pluck().all(),
    );
    const ours = ['migrations', 'rooms', 'classes', 'practicals', 'revisions', 'runs', 'log'];
    if (ours.some((name) => !tables.has(name))) refuse('is no database of this program');
    const done = database.prepare('SELECT name FROM migrations').pluck().all() as string[];
    const unknown = done.filter((name) => !migrations.some((one) => one.name === name));
    if (unknown.length > 0) refuse('was written by a newer version of this program');
    database.pragma('wal_checkpoint(TRUNCATE)');
  } catch (error) {
    const code = (error as { code?: string }).code ?? '';
    if (code === 'SQLITE_NOTADB') refuse('is no database', error);
    if (/^SQLITE_CORRUPT/.test(code)) refuse('is damaged', error);
    throw error;
  } finally {
    database?.close();
  }
}

/**
 * Copies what is there aside, with its WAL; null where there is nothing. It is copied before anyone opens it, since even
 * a look may throw the WAL of a damaged one away; of a sound one the copy is made once more when nobody else can write.
 */
function keepPresent(dataFolder: string): string | null {
  const file = databaseFile(dataFolder);
  if (!existsSync(file)) return null;
  const stamp = new Date().toISOString().replace(/[:.]/g, '-');
  mkdirSync(keptFolder(dataFolder), { recursive: true });
  const number = String(readdirSync(keptFolder(dataFolder)).length + 1).padStart(4, '0');
  const folder = join(keptFolder(dataFolder), `${stamp}-${number}`);
  const making = join(keptFolder(dataFolder), `.${stamp}-${number}`);
  mkdirSync(making);
  try {
    copyWhole(file, databaseFile(making));
    if (opensAlone(file)) {
      copyWhole(file, databaseFile(making));
      noteDoorsIn(databaseFile(making), dataFolder);
    }
    renameSync(making, folder);
    return databaseFile(folder);
  } catch (error) {
    rmSync(making, { recursive: true, force: true });
    throw error;
  }
}
