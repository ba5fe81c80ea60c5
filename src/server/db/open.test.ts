import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { describe, expect, it } from 'vitest';
import { migrations } from './migrations';
import { databaseFile } from './files';
import { openDatabase } from './open';

describe('the database file', () => {
  it('is opened again as it is; a new migration runs once, on a copy’s safety', async () => {
    const data = mkdtempSync(join(tmpdir(), 'tawny-file-'));
    const file = databaseFile(data);
    const done: string[] = [];
    const later = {
      name: '002-later',
      up: async (knex: Knex) => {
        done.push('002');
        await knex.schema.createTable('later', (table) => void table.string('word'));
      },
    };
    const more = [...migrations, later];
    const copy = `${file}.before-002-later`;
    try {
      const first = await openDatabase(data);
      await first('school').insert({ key: 'name', value: 'Kept' });
      await first.destroy();
      const second = await openDatabase(data);
      expect(await second('school').pluck('value')).toEqual(['Kept']);
      await second.destroy();
      expect(existsSync(copy)).toBe(false);
      const failing = { name: '002-later', up: () => Promise.reject(new Error('no room')) };
      await expect(openDatabase(data, [...migrations, failing])).rejects.toThrow('no room');
      rmSync(copy);
      const third = await openDatabase(data, more);
      expect(await third('migrations').pluck('name')).toEqual([
        ...migrations.map((one) => one.name),
        '002-later',
      ]);
      await third.destroy();
      expect(existsSync(copy)).toBe(true);
      rmSync(copy);
      await (await openDatabase(data, more)).destroy();
      expect([done, existsSync(copy)]).toEqual([['002'], false]);
      await expect(openDatabase(data)).rejects.toThrow(/written by a newer version .* “002-later”/);
    } finally {
      rmSync(data, { recursive: true, force: true });
    }
    const fresh = mkdtempSync(join(tmpdir(), 'tawny-file-'));
    await (await openDatabase(fresh, more)).destroy();
    expect(existsSync(`${databaseFile(fresh)}.before-${migrations[0]!.name}`)).toBe(false);
    rmSync(fresh, { recursive: true, force: true });
  });
});
