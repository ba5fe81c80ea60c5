import { v7 as uuid } from 'uuid';
import type { BatchReceipt } from '../src/contract/entries';
import { tries } from '../src/core/random/testing/sampled';
import { begunRunBy, schoolBy } from './school';
import { TestServer } from './server';
import { expect, test } from './test';

const kills = tries(12, 6);

test(`${kills} times SIGKILL while entries stream in: none that was acknowledged is lost, none is there twice`, async () => {
  const server = await TestServer.start();
  try {
    const post = (path: string, body: object) => server.send('POST', path, body);
    await schoolBy(post);
    const run = await begunRunBy(post, uuid(), 8);

    const acknowledged = new Set<string>();
    const sent = new Set<string>();
    let interrupted = 0;
    for (let round = 0; round < kills; round += 1) {
      let alive = true;
      const writer = async (station: number) => {
        while (alive) {
          const entries = Array.from({ length: 20 }, (_, i) => ({
            id: uuid(),
            station,
            at: Date.now(),
            offset: 0,
            body: { kind: 'reading', celsius: 90 + i / 10, probe: 1, unit: 'C', source: 'typed' },
          }));
          entries.forEach((entry) => sent.add(entry.id));
          try {
            const { kept } = await server.send<BatchReceipt>('POST', `/api/runs/${run}/log`, { entries });
            kept.forEach((id) => acknowledged.add(id));
          } catch {
            interrupted += 1;
            return;
          }
        }
      };
      const writers = [1, 2, 3, 4].map(writer);
      const enough = acknowledged.size + 40 * (1 + (round % 5));
      await expect.poll(() => acknowledged.size, { intervals: [5] }).toBeGreaterThan(enough);
      await server.down('SIGKILL');
      alive = false;
      await Promise.all(writers);
      await server.up();
    }

    const stored = server.query<{ id: string }>('SELECT id FROM log').map((row) => row.id);
    expect(interrupted).toBeGreaterThan(kills);
    expect(acknowledged.size).toBeGreaterThan(40 * kills);
    expect(stored.length).toBe(new Set(stored).size);
    expect([...acknowledged].filter((id) => !stored.includes(id))).toEqual([]);
    expect(stored.filter((id) => !sent.has(id))).toEqual([]);
    expect(server.query('PRAGMA integrity_check')).toEqual([{ integrity_check: 'ok' }]);
  } finally {
    await server.remove();
  }
});
