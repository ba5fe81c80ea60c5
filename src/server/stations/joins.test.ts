import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { routes } from '../../contract/routes';
import type { StationsIn } from '../../contract/who';
import { firstTeacher, join, type Carried } from '../testing/people';
import { runningApp, startedRun, type RunningApp } from '../testing/running-app';

let server: RunningApp;
let teacher: Carried;
let run: string;
beforeAll(async () => {
  server = await runningApp(Date.now, false);
  teacher = await firstTeacher(server);
  run = await startedRun(server, 4, Date.now(), teacher);
});
afterAll(() => server.stop());

const inNow = async () =>
  ((await server.get(routes.stationsIn(run), teacher)).body as StationsIn).passes.map(({ id }) => id);

/** Holds the stream of a tablet open: it is here. */
async function stay({ cookie }: Carried) {
  const leaves = new AbortController();
  const response = await fetch(server.url + routes.stationLive(run, 1), {
    headers: { cookie: cookie! },
    signal: leaves.signal,
  });
  expect(response.status).toBe(200);
  return () => leaves.abort();
}

describe('tablets at one station', () => {
  it('sixteen may be in: one more takes the place of one that is away, and none of one that is here', async () => {
    const tablets: (Carried & { pass: string })[] = [];
    for (let i = 0; i < 16; i += 1) tablets.push(await join(server, teacher, run, 1));
    const leave = await Promise.all(tablets.slice(0, 15).map(stay));
    const late = await join(server, teacher, run, 1);
    const passes = await inNow();
    expect(passes).toHaveLength(16);
    expect(passes).not.toContain(tablets[15]!.pass);
    leave.push(await stay(late));

    await expect(join(server, teacher, run, 1)).rejects.toThrow('429');
    expect(await inNow()).toEqual(passes);
    // Another station is another matter.
    await join(server, teacher, run, 2);

    leave[3]!();
    await expect
      .poll(() => join(server, teacher, run, 1).then(({ pass }) => pass, String), { timeout: 60_000 })
      .not.toContain('429');
    const after = await inNow();
    expect(after).not.toContain(tablets[3]!.pass);
    for (const one of leave) one();
  });
});
