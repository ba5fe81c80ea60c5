import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { logNext, logPage } from '../../contract/batch-size';
import type { LoggedEntry } from '../../contract/entries';
import type { Authors } from '../teachers/authors';
import { entryAt, readingOf, runningApp, startedRun, type RunningApp } from '../testing/running-app';
import { LogPages, textOf } from './log-pages';

let server: RunningApp;
let run: string;
const write = async (count: number, station: number | null) => {
  for (let left = count; left > 0; left -= 1000) {
    const entries = Array.from({ length: Math.min(left, 1000) }, () =>
      entryAt(Date.now(), station, readingOf(50)),
    );
    await server.send('POST', `/api/runs/${run}/log`, { entries });
  }
};
beforeAll(async () => {
  server = await runningApp();
  run = await startedRun(server);
  await write(logPage + 2, 1);
});
afterAll(() => server.stop());

const page = (query: string) => server.get(`/api/runs/${run}/${query}`);

describe('pages of a log', () => {
  it('say where the next begins while there is one, packed or not, and hold what the log holds', async () => {
    const first = await page('log?after=0');
    const plain = await page('log?after=0');
    expect(plain.body).toEqual(first.body);
    const identity = await server.get(`/api/runs/${run}/log?after=0`, { 'accept-encoding': 'identity' });
    expect([identity.headers.get('content-encoding'), identity.body]).toEqual([null, first.body]);
    const entries = first.body as LoggedEntry[];
    expect([entries.length, first.headers.get(logNext)]).toEqual([logPage, String(entries.at(-1)!.seq)]);
    const next = await page(`log?after=${first.headers.get(logNext)}`);
    expect([(next.body as LoggedEntry[]).length, next.headers.get(logNext)]).toEqual([2, null]);
    const rows = await server
      .knex('log')
      .orderBy('seq')
      .limit(1)
      .offset(logPage + 1);
    const { seq, id, station, at, offset } = (next.body as LoggedEntry[])[1]!;
    expect([{ seq, id, station, at, offset }]).toEqual(
      (rows as LoggedEntry[]).map((row) => ({
        ...{ seq: row.seq, id: row.id, station: row.station, at: row.at, offset: row.offset },
      })),
    );
  });

  it('that are not full grow with the log, for all and for each station', async () => {
    const lengths = async () =>
      Promise.all(
        ['log?after=0', 'stations/2/log?after=0', 'stations/3/log?after=0'].map(
          async (query) => ((await page(query)).body as LoggedEntry[]).length,
        ),
      );
    expect(await lengths()).toEqual([logPage, 0, 0]);
    await write(3, 2);
    expect(await lengths()).toEqual([logPage, 3, 0]);
    await write(1, null);
    expect(await lengths()).toEqual([logPage, 4, 1]);
    expect(await lengths()).toEqual([logPage, 4, 1]);
  });

  it('end early where entries are long, and together still hold every one of them', async () => {
    const other = await startedRun(server);
    const long = Array.from({ length: 2000 }, (_, i) =>
      entryAt(Date.now(), 1, { kind: 'deviation', text: `${i} ${'x'.repeat(480)}` }),
    );
    for (const entries of [long.slice(0, 1000), long.slice(1000)])
      expect((await server.send('POST', `/api/runs/${other}/log`, { entries })).status).toBeLessThan(300);
    const ids: string[] = [];
    let [next, asked]: [string | null, number] = ['0', 0];
    while (next !== null) {
      const got = await server.get(`/api/runs/${other}/log?after=${next}`);
      ids.push(...(got.body as LoggedEntry[]).map(({ id }) => id));
      next = got.headers.get(logNext);
      asked += 1;
    }
    expect([ids, asked > 1]).toEqual([long.map(({ id }) => id), true]);
  });

  it('are never older than the question: what was written while one is being made is in the next', async () => {
    const authors = { namer: () => Promise.resolve(() => 'A') } as unknown as Authors;
    const pages = new LogPages(server.knex, authors);
    const { until } = (await server.knex('log').max({ until: 'seq' }).first()) as { until: number };
    const asks = Array.from({ length: 60 }, async (_, i) => {
      if (i % 6 === 0) await write(1, 4);
      const rows = await server
        .knex('log')
        .where('run_id', run)
        .andWhere('seq', '>', until)
        .pluck<number[]>('seq');
      const { last, entries } = await pages.after(run, until);
      return last >= Math.max(until, ...rows) && entries >= rows.length;
    });
    expect(await Promise.all(asks)).not.toContain(false);
    // Asked for again and again while one is on its way.
    const first = pages.after(run, until);
    await write(1, 4);
    const [, later] = await Promise.all([first, pages.after(run, until)]);
    expect(later.entries).toBe(11);
  });

  it('are made once for all who ask at once, and anew when a teacher is called otherwise', async () => {
    let name = 'A. Name';
    const authors = { namer: () => Promise.resolve(() => name) };
    const pages = new LogPages(server.knex, authors as unknown as Authors);
    const [one, other] = await Promise.all([pages.after(run, 0), pages.after(run, 0)]);
    expect(one).toBe(other);
    expect(await pages.after(run, 0)).toBe(one);
    expect(JSON.parse(await textOf(one))).toHaveLength(logPage);
    name = 'B. "Name"';
    const renamed = JSON.parse(await textOf(await pages.after(run, 0))) as LoggedEntry[];
    expect(new Set(renamed.map(({ by }) => by))).toEqual(new Set(['B. "Name"']));
  });
});
