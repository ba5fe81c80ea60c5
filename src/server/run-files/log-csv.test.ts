import Papa from 'papaparse';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { entryAt, readingOf, runningApp, startedRun, type RunningApp } from '../testing/running-app';

let server: RunningApp;
let run: string;
beforeAll(async () => {
  server = await runningApp();
  run = await startedRun(server);
  const first = entryAt(Date.now(), 1, readingOf(118.5));
  const entries = [
    first,
    entryAt(Date.now() - 5000, 2, {
      ...{ kind: 'observation', text: 'läuft – 50 %, "zäh"', when: 'during', sense: null },
    }),
    entryAt(Date.now(), 1, { kind: 'correction', corrects: first.id, to: readingOf(118) as never }),
    entryAt(Date.now(), null, { kind: 'event', text: '=window', stepId: null }),
  ];
  await server.send('POST', `/api/runs/${run}/log`, { entries });
});
afterAll(() => server.stop());

describe('the log as CSV', () => {
  it('has an entry a line in the order they happened, text quoted as text', async () => {
    const text = await (await fetch(`${server.url}/api/runs/${run}/log.csv`)).text();
    const { data } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, '').trim(), { header: true });
    expect(data.map(({ kind, station }) => `${kind} ${station}`)).toEqual([
      ...['observation 2', 'reading 1', 'correction 1', 'event all'],
    ]);
    expect(data[0]).toMatchObject({ text: 'läuft – 50 %, "zäh"' });
    expect(data[3]).toMatchObject({ text: "'=window" });
    expect(text.split('\r\n')).toHaveLength(6);
  });

  it('of a run that is not here is 404, and so are its files', async () => {
    for (const name of ['log.csv', 'run.json', 'run.zip'])
      expect((await server.get(`/api/runs/nowhere/${name}`)).status).toBe(404);
  });
});
