import { randomUUID } from 'node:crypto';
import { existsSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { noteDoorsOf, shutDoors } from './doors';
import { isOutOfRoom } from './patience';

const markFile = (dataFolder: string) => join(dataFolder, 'last-start');

async function read(knex: Knex, key: string): Promise<string | null> {
  const row = await knex('settings').where({ key }).first<{ value: string } | undefined>('value');
  return row?.value ?? null;
}

async function write(knex: Knex, key: string, value: string): Promise<void> {
  await knex('settings').insert({ key, value, changed_at: Date.now() }).onConflict('key').merge();
}

/** Which database this is; where it is another than was last started here, who needs a new passphrase. */
interface Epoch {
  epoch: string;
  locked: string[] | null;
}

/**
 * Which database this is, for pages that are open: one put back from a copy, by `npm run restore` or by hand, is another.
 * Each start leaves a mark in the database and one beside it; where the two differ, the database is not the one that was
 * last started here, and its doors are shut before anything else. A start that was killed between the two marks makes a new
 * epoch for nothing, which does no harm. On a full disk the marks of the last start stand.
 */
export async function settleEpoch(knex: Knex, dataFolder: string): Promise<Epoch> {
  const file = markFile(dataFolder);
  const beside = existsSync(file) ? readFileSync(file, 'utf8') : null;
  const known = await read(knex, 'epoch');
  const same = known !== null && beside !== null && beside === (await read(knex, 'last-start'));
  const epoch = same ? known : randomUUID();
  const locked = known !== null && !same ? await shutDoors(knex, dataFolder, Date.now()) : null;
  const mark = randomUUID();
  try {
    writeFileSync(`${file}.part`, mark, { flush: true });
    await knex.transaction(async (transaction) => {
      await write(transaction, 'epoch', epoch);
      await write(transaction, 'last-start', mark);
    });
    renameSync(`${file}.part`, file);
    await noteDoorsOf(knex, dataFolder);
  } catch (error) {
    rmSync(`${file}.part`, { force: true });
    if (!same || !isOutOfRoom(error)) throw error;
  }
  return { epoch, locked };
}
