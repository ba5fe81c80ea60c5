import { v7 as uuid } from 'uuid';
import { begunRunBy, schoolBy } from '../e2e/school';
import type { TestServer } from '../e2e/server';
import type { Entry } from '../src/core/run';

/** A reading as somebody typed it at a station. */
export const reading = (station: number, at = Date.now()): Entry => ({
  ...{ id: uuid(), station, at, offset: 0 },
  body: {
    kind: 'reading',
    celsius: 20 + Math.round(Math.random() * 900) / 10,
    probe: 1,
    unit: 'C',
    source: 'typed',
  },
});

/** A school with a run that has begun; answers with the run’s id. */
export async function schoolWithRun(server: TestServer, stations = 8): Promise<string> {
  const post = (path: string, body: object) => server.send('POST', path, body);
  await schoolBy(post);
  return begunRunBy(post, uuid(), stations);
}
