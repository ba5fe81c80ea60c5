import { afterAll, beforeAll } from 'vitest';
import type { RunNow } from '../../contract/runs';
import { examplePlan } from '../../core/practical';
import { runningApp, startedRun, type RunningApp } from './running-app';

/*
 * Two practicals, rooms, classes and runs at once: what is done to one leaves the other alone, and each answer is
 * about the one that was asked for.
 */

export const day = 86_400_000;
export const noon = Date.UTC(2026, 10, 25, 12);

export let server: RunningApp;
export let honeycombRun: string;
export const scones = { ...examplePlan, title: 'Airy scones', question: 'Does soda lift?', roomId: null };

/** A school with two of everything, for all tests of a file. */
export function withTwoOfEverything(): void {
  beforeAll(async () => {
    server = await runningApp(() => noon);
    honeycombRun = await startedRun(server, 4, noon);
    await server.send('POST', '/api/rooms', {
      ...{ id: 'annexe', name: ' Annexe ', kind: 'laboratory', altitudeM: null, measuredBoilingC: 99.1 },
      ...{ stations: 6, balanceG: 1 },
    });
    await server.send('POST', '/api/classes', { id: '8a', name: ' 8A ', students: 25, unit: 'F' });
    await server.send('POST', '/api/practicals', { id: 'scones', plan: scones });
    await server.send('POST', '/api/practicals/scones/revisions', {
      basedOn: 1,
      plan: { ...scones, question: 'Does more soda lift more?' },
    });
  });
  afterAll(() => server.stop());
}

export const planned = (id: string, more: object = {}) => ({
  ...{ id, practicalId: 'scones', revision: 2, roomId: 'annexe', classId: '8a' },
  ...{ startsAt: noon + day, stations: 6, probes: 'none', seed: 8 },
  ...more,
});
export const runNow = async (id: string) => ((await server.get(`/api/runs/${id}`)).body as RunNow).run;
