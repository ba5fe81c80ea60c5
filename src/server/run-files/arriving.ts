import { setTimeout as pause } from 'node:timers/promises';
import type { Knex } from 'knex';
import { patiently } from '../db/patience';

/** So many entries are taken back at once. */
const atOnce = 2000;

/**
 * Takes back what was read in of runs that never came to be here: their reading was broken off, or the program was killed
 * in the middle of it.
 */
export async function takeBack(knex: Knex): Promise<void> {
  const runs = await knex('arriving').pluck<string[]>('run_id');
  for (const runId of runs) {
    for (;;) {
      const began = performance.now();
      const seqs = knex('log').where('run_id', runId).limit(atOnce).select('seq');
      const gone = await patiently(() => knex('log').whereIn('seq', seqs).delete());
      if (gone < atOnce) break;
      await pause(performance.now() - began);
    }
    await patiently(() => knex('arriving').where({ run_id: runId }).delete());
  }
}
