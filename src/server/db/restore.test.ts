import { spawn } from 'node:child_process';
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { backUp } from './backup';
import { databaseFile } from './files';
import { openDatabase } from './open';
import { keptBefore, restore } from './restore';

let data: string;
beforeEach(() => {
  data = mkdtempSync(join(tmpdir(), 'tawny-restore-'));
});
afterEach(() => rmSync(data, { recursive: true, force: true }));

const schools = (file: string) => {
  const database = new Database(file, { readonly: true });
  try {
    return database
      .prepare('SELECT id FROM rooms ORDER BY id')
      .all()
      .map((row) => (row as { id: string }).id);
  } finally {
    database.close();
  }
};
async function withRooms(...ids: string[]) {
  const knex = await openDatabase(data);
  for (const id of ids)
    await knex('rooms').insert({ id, name: id, kind: 'food-room', stations: 8, balance_g: 1 });
  return knex;
}
/** A backup in which only room a is, and a database in which b is too. */
async function backedUp(): Promise<string> {
  const knex = await withRooms('a');
  const file = await backUp(data, new Date(1e12));
  await knex('rooms').insert({ id: 'b', name: 'b', kind: 'food-room', stations: 8, balance_g: 1 });
  await knex.destroy();
  return file;
}

/** Another process that writes room c into the database, says so, and is killed with its write only in the WAL. */
async function killedWriter() {
  const code = `
    const database = new (require('better-sqlite3'))(process.argv[1]);
    database.pragma('journal_mode = WAL'); database.pragma('wal_autocheckpoint = 0');
    database.exec("INSERT INTO rooms (id, name, kind, stations, balance_g) VALUES ('c', 'c', 'food-room', 8, 1)");
    process.stdout.write('written'); setInterval(() => {}, 1000);`;
  const writer = spawn(process.execPath, ['-e', code, databaseFile(data)], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise((resolve) => writer.stdout.once('data', resolve));
  return async () => {
    const ended = new Promise((resolve) => writer.once('exit', resolve));
    writer.kill('SIGKILL');
    await ended;
  };
}

describe('putting a backup back', () => {
  it('keeps what was there with what was only in its WAL, and can be undone, and the undoing too', async () => {
    const backup = await backedUp();
    await (
      await killedWriter()
    )();
    expect(existsSync(`${databaseFile(data)}-wal`)).toBe(true);
    const { kept } = restore(data, backup);
    expect(schools(databaseFile(data))).toEqual(['a']);
    expect(schools(kept!)).toEqual(['a', 'b', 'c']);
    const undone = restore(data, keptBefore(data)!);
    expect(schools(databaseFile(data))).toEqual(['a', 'b', 'c']);
    expect(schools(undone.kept!)).toEqual(['a']);
    restore(data, keptBefore(data)!);
    expect(schools(databaseFile(data))).toEqual(['a']);
    expect(schools(backup)).toEqual(['a']);
  });

  it('is refused while anyone has the database open, and changes nothing then', async () => {
    const backup = await backedUp();
    const kill = await killedWriter();
    expect(() => restore(data, backup)).toThrow('is in use: stop the program first');
    await kill();
    const knex = await openDatabase(data);
    await knex('rooms').select('id');
    expect(() => restore(data, backup)).toThrow('is in use');
    expect((await knex('rooms').pluck<string[]>('id')).sort()).toEqual(['a', 'b', 'c']);
    await knex.destroy();
    expect(keptBefore(data)).toBeNull();
  });

  it('a file that is none, damaged, another program’s or a newer one’s is refused before anything is touched', async () => {
    const backup = await backedUp();
    const file = (name: string) => join(data, name);
    writeFileSync(file('words'), 'not a database '.repeat(100));
    writeFileSync(file('empty'), '');
    const bytes = readFileSync(backup);
    writeFileSync(file('cut'), bytes.subarray(0, bytes.length / 2));
    const other = new Database(file('other'));
    other.exec('CREATE TABLE log (id); CREATE TABLE migrations (name, at)');
    other.close();
    copyFileSync(backup, file('newer'));
    const newer = new Database(file('newer'));
    newer.exec("INSERT INTO migrations (name, at) VALUES ('999-later', 1)");
    newer.close();
    for (const [name, why] of [
      ['words', 'no database'],
      ['empty', 'no database of this program'],
      ['cut', 'damaged'],
      ['other', 'no database of this program'],
      ['newer', 'newer version'],
      ['nothing', 'there is no file'],
    ] as const) {
      expect(() => restore(data, file(name)), name).toThrow(why);
      expect(schools(databaseFile(data))).toEqual(['a', 'b']);
    }
    expect(keptBefore(data)).toBeNull();
    expect(readdirSync(data).filter((name) => name.includes('restoring'))).toEqual([]);
  });

  it('where the database is gone or damaged, what is left of it is kept as it is', async () => {
    const backup = await backedUp();
    writeFileSync(databaseFile(data), 'rubbish '.repeat(2000));
    writeFileSync(`${databaseFile(data)}-wal`, 'and its WAL');
    const { kept } = restore(data, backup);
    expect(readFileSync(kept!, 'utf8')).toContain('rubbish');
    expect(readFileSync(`${kept!}-wal`, 'utf8')).toBe('and its WAL');
    expect(schools(databaseFile(data))).toEqual(['a']);
    rmSync(databaseFile(data));
    expect(restore(data, backup).kept).toBeNull();
    expect(schools(databaseFile(data))).toEqual(['a']);
  });

  it('killed after it was decided is finished at the next start, killed before leaves all as it was', async () => {
    const backup = await backedUp();
    await (
      await killedWriter()
    )();
    const wal = readFileSync(`${databaseFile(data)}-wal`);
    copyFileSync(backup, `${databaseFile(data)}.restoring-part`);
    // A copy that was being made aside when the process was killed is not one to go back to.
    mkdirSync(join(data, 'before-restore', '.9999'), { recursive: true });
    expect(keptBefore(data)).toBeNull();
    let knex = await openDatabase(data);
    expect((await knex('rooms').pluck<string[]>('id')).sort()).toEqual(['a', 'b', 'c']);
    await knex.destroy();
    // The WAL of what was is still there, as after a kill: it must not be played into what comes.
    writeFileSync(`${databaseFile(data)}-wal`, wal);
    copyFileSync(backup, `${databaseFile(data)}.restoring`);
    knex = await openDatabase(data);
    expect(await knex('rooms').pluck<string[]>('id')).toEqual(['a']);
    await knex.destroy();
    expect(existsSync(`${databaseFile(data)}.restoring`)).toBe(false);
  });
});
