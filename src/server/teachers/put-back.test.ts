import { copyFileSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { backUp } from '../db/backup';
import { noteDoorsOf } from '../db/doors';
import { settleEpoch } from '../db/epoch';
import { databaseFile } from '../db/files';
import { openDatabase } from '../db/open';
import { keptBefore, restore } from '../db/restore';
import { Sessions } from './sessions';
import { Teachers } from './teachers';

let data: string;
let knex: Knex;
beforeEach(async () => {
  data = mkdtempSync(join(tmpdir(), 'tawny-put-back-'));
  knex = await openDatabase(data);
});
afterEach(async () => {
  await knex.destroy();
  rmSync(data, { recursive: true, force: true });
});
const folder = () => join(data, 'backups');

describe('a database', () => {
  it('that is put back opens no door again: sessions and tablets end, who left stays out, an older passphrase is nobody’s', async () => {
    await settleEpoch(knex, data);
    const teachers = () => new Teachers(knex, Date.now, () => noteDoorsOf(knex, data));
    const passphrase = 'copper kettle on tuesday';
    for (const [id, name] of [
      ['head', 'R. Head'],
      ['left', 'A. Left'],
      ['new', 'B. New'],
    ] as const)
      await teachers().add({ id, name, passphrase, admin: id === 'head' });
    await new Sessions(knex, Date.now).begin('head');
    // A code of a station, and a tablet that came in by it; of which run does not matter here.
    await knex.raw('PRAGMA foreign_keys = OFF');
    await knex('station_codes').insert({ code: 'PLUM42', run_id: 'r', station: 1, made_at: 1 });
    const tablet = {
      id: 'p',
      token_hash: 'x',
      run_id: 'r',
      station: 1,
      device: 'tablet',
      joined_at: 1,
      seen_at: 1,
    };
    await knex('passes').insert(tablet);
    await backUp(data, new Date());
    const copy = join(
      folder(),
      readdirSync(folder()).find((name) => name.endsWith('.sqlite'))!,
    );
    await teachers().close('left');
    await teachers().setPassphrase('new', 'brass scales in june');
    for (const byHand of [false, true]) {
      await knex.destroy();
      if (byHand) {
        for (const rest of ['', '-wal', '-shm']) rmSync(databaseFile(data) + rest, { force: true });
        copyFileSync(copy, databaseFile(data));
      } else restore(data, copy);
      knex = await openDatabase(data);
      expect((await settleEpoch(knex, data)).locked).toEqual(['B. New']);
      expect(await knex('sessions').pluck('teacher_id')).toEqual([]);
      expect(await knex('station_codes').pluck('code')).toEqual([]);
      expect(await knex('passes').where({ closed_at: null }).pluck('id')).toEqual([]);
      expect(await knex('passes').pluck('id')).toEqual(['p']);
      const finds = (name: string, words: string) => teachers().find(name, words);
      expect(await finds('R. Head', passphrase)).toBe('head');
      expect(await finds('A. Left', passphrase)).toBeNull();
      expect([await finds('B. New', passphrase), await finds('B. New', 'brass scales in june')]).toEqual([
        null,
        null,
      ]);
      // Started again it is the same, and nobody is put out once more.
      await new Sessions(knex, Date.now).begin('head');
      expect((await settleEpoch(knex, data)).locked).toBeNull();
      expect(await knex('sessions').pluck('teacher_id')).toEqual(['head']);
    }
    // What was put aside is the newest: taken back, the passphrase of today opens.
    await knex.destroy();
    restore(data, keptBefore(data)!);
    knex = await openDatabase(data);
    await settleEpoch(knex, data);
    expect(await teachers().find('B. New', 'brass scales in june')).toBe('new');
  });
});
