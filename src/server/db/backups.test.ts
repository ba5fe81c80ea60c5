import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { backUp } from './backup';
import { Backups } from './backups';
import { settleEpoch } from './epoch';
import { databaseFile } from './files';
import { openDatabase } from './open';
import { bringPictures, restore } from './restore';

let data: string;
let knex: Knex;
beforeEach(async () => {
  data = mkdtempSync(join(tmpdir(), 'tawny-backups-'));
  knex = await openDatabase(data);
});
afterEach(async () => {
  await knex.destroy();
  rmSync(data, { recursive: true, force: true });
});
const quiet = { error: () => undefined };
const backupsHere = () => new Backups(data, (now) => backUp(data, now), quiet);
const folder = () => join(data, 'backups');

describe('backups', () => {
  it('say when the newest was made, also after a start, and why the last one failed until one goes well', async () => {
    const backups = backupsHere();
    expect(backups.state).toEqual({ lastAt: null, failed: null });
    await backups.make();
    expect(backups.state).toMatchObject({ failed: null });
    expect(Math.abs(backups.state.lastAt! - Date.now())).toBeLessThan(60_000);
    expect(backupsHere().state.lastAt).not.toBeNull();
    // A file lies where the folder should be.
    rmSync(folder(), { recursive: true });
    writeFileSync(folder(), '');
    await backups.make();
    expect(backups.state.failed?.why).toBeTruthy();
    expect(backups.state.lastAt).not.toBeNull();
    rmSync(folder());
    await backups.make();
    expect(backups.state.failed).toBeNull();
  });

  it('take pictures along, each once for all copies, and bring back those that were lost', async () => {
    const picture = (folderOf: string, hash: string) => join(folderOf, 'pictures', hash.slice(0, 2), hash);
    const hashes = ['a'.repeat(64), 'b'.repeat(64)];
    for (const hash of hashes) {
      mkdirSync(join(picture(data, hash), '..'), { recursive: true });
      writeFileSync(picture(data, hash), `picture ${hash}`);
      writeFileSync(`${picture(data, hash)}-small`, 'small');
      const row = { hash, type: 'image/png', bytes: 9, thumbnail: `${hash}-small`, added_at: 0 };
      await knex('attachments').insert(row);
    }
    await backUp(data, new Date(1e12));
    const { ino } = statSync(picture(folder(), hashes[0]!));
    await backUp(data, new Date(2e12));
    expect(statSync(picture(folder(), hashes[0]!)).ino).toBe(ino);
    rmSync(join(data, 'pictures'), { recursive: true });
    await bringPictures(data, folder());
    for (const hash of hashes) expect(readFileSync(picture(data, hash), 'utf8')).toBe(`picture ${hash}`);
    // One that no copy knows any more goes from the copies too.
    await knex('attachments').where({ hash: hashes[1] }).delete();
    for (const name of readdirSync(folder(), { recursive: true, encoding: 'utf8' }))
      utimesSync(join(folder(), name), 1, 1);
    for (let i = 0; i < 14; i += 1) await backUp(data, new Date(3e12 + i));
    expect(hashes.map((hash) => existsSync(picture(folder(), hash)))).toEqual([true, false]);
  });

  it('one that was killed half-way is no backup, and gone with the next', async () => {
    mkdirSync(folder());
    writeFileSync(join(folder(), '.making'), 'half of a database');
    expect(backupsHere().state.lastAt).toBeNull();
    await backupsHere().make();
    expect(readdirSync(folder()).filter((name) => !name.startsWith('tawny-'))).toEqual([]);
  });
});

describe('which database it is', () => {
  const restart = async () => {
    await knex.destroy();
    knex = await openDatabase(data);
    return (await settleEpoch(knex, data)).epoch;
  };

  it('stays over starts, and is another after a restore, by the command or by hand, of whatever copy', async () => {
    const { epoch: first } = await settleEpoch(knex, data);
    expect(await restart()).toBe(first);
    const backups = backupsHere();
    await backups.make();
    const copy = join(folder(), readdirSync(folder())[0]!);
    expect(await restart()).toBe(first);
    await knex.destroy();
    restore(data, copy);
    knex = await openDatabase(data);
    const { epoch: second } = await settleEpoch(knex, data);
    expect(second).not.toBe(first);
    expect(await restart()).toBe(second);
    // By hand, in the same session that made the copy.
    await backupsHere().make();
    const newest = join(folder(), readdirSync(folder()).sort().at(-1)!);
    await knex.destroy();
    for (const rest of ['', '-wal', '-shm']) rmSync(databaseFile(data) + rest, { force: true });
    copyFileSync(newest, databaseFile(data));
    knex = await openDatabase(data);
    expect((await settleEpoch(knex, data)).epoch).not.toBe(second);
  });
});
