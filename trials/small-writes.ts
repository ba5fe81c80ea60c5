import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { v7 as uuid } from 'uuid';
import { TestServer } from '../e2e/server';
import { dot } from './dot';
import type { Toll } from './kills';
import { schoolWithRun } from './school';

const inPacks = 40;
const random = (low: number, high: number) => low + Math.random() * (high - low);

/** Pictures, ticks, packs with their prices, and whole files of packs are written while the program is killed. */
export async function smallWrites(kills: number): Promise<Toll[]> {
  const program = await TestServer.start();
  await schoolWithRun(program);
  const acknowledged = { pictures: new Set<string>(), ticks: new Set<string>(), packs: new Set<string>() };
  const batches = { ticks: [] as string[][], packs: [] as string[][] };
  const write: readonly (() => Promise<void>)[] = [
    async () => {
      const image = dot(Math.floor(random(0, 255)), null, Math.floor(random(1, 4000)));
      const hash = createHash('sha256').update(image).digest('hex');
      const answer = await fetch(`${program.url}/api/pictures/${hash}`, {
        ...{ method: 'PUT', headers: { 'content-type': 'image/png' }, body: new Uint8Array(image) },
      });
      if (!answer.ok) throw new Error(await answer.text());
      acknowledged.pictures.add(hash);
    },
    async () => {
      const ticks = Array.from({ length: 20 }, () => ({ what: `job:${uuid()}`, done: true, at: Date.now() }));
      batches.ticks.push(ticks.map(({ what }) => what));
      await program.send('POST', '/api/ticks', { ticks });
      ticks.forEach(({ what }) => acknowledged.ticks.add(what));
    },
    async () => {
      const id = uuid();
      const pack = { ...{ id, ingredient: 'flour', name: id, packG: 1500, price: 1.2 } };
      await program.send('POST', '/api/pantry/products', {
        product: { ...pack, supplier: '', store: null, keepsDays: null, allergens: null },
      });
      acknowledged.packs.add(id);
    },
    async () => {
      const names = Array.from({ length: inPacks }, () => uuid());
      batches.packs.push(names);
      const csv = `ingredient,name,pack_g,price\n${names.map((name) => `sugar,${name},1000,0.95`).join('\n')}`;
      await program.send('POST', '/api/pantry/products/file', { csv, how: 'add' });
      names.forEach((name) => acknowledged.packs.add(name));
    },
  ];
  for (let kill = 0; kill < kills; kill += 1) {
    let alive = true;
    const writers = write.map(async (one) => {
      while (alive) {
        try {
          await one();
        } catch (reason) {
          // A school keeps two thousand packs: then there is nothing more to write of them.
          if (!(reason instanceof Error && reason.message.startsWith('409'))) return;
          await pause(50);
        }
      }
    });
    await pause(random(10, 1000));
    await program.down('SIGKILL');
    alive = false;
    await Promise.all(writers);
    await program.up();
  }
  const tolls = [
    tollOf(
      'ticks',
      kills,
      acknowledged.ticks,
      batches.ticks,
      timesOf(program, 'SELECT what AS name FROM ticks'),
    ),
    tollOf(
      ...(['packs and prices', kills, acknowledged.packs, batches.packs] as const),
      timesOf(program, `SELECT json_extract(body, '$.name') AS name FROM products`),
    ),
    pictures(program, kills, acknowledged.pictures),
  ];
  await program.remove();
  return tolls;
}

function timesOf(program: TestServer, statement: string): Map<string, number> {
  const times = new Map<string, number>();
  for (const { name } of program.query<{ name: string }>(statement))
    times.set(name, (times.get(name) ?? 0) + 1);
  return times;
}

const tollOf = (
  what: string,
  kills: number,
  acknowledged: ReadonlySet<string>,
  batches: readonly string[][],
  there: ReadonlyMap<string, number>,
): Toll => ({
  ...{ what, kills, acknowledged: acknowledged.size },
  lost: [...acknowledged].filter((name) => !there.has(name)).length,
  doubled: [...there.values()].filter((times) => times > 1).length,
  halfDone: batches.filter(
    (batch) => batch.some((name) => there.has(name)) && !batch.every((name) => there.has(name)),
  ).length,
});

/** Each picture that was acknowledged is there whole, and no half file is left once the program has come up again. */
function pictures(program: TestServer, kills: number, acknowledged: ReadonlySet<string>): Toll {
  const folder = join(program.data, 'pictures');
  const files = existsSync(folder) ? (readdirSync(folder, { recursive: true }) as string[]) : [];
  const whole = (hash: string) => {
    const file = files.find((one) => one.includes(hash) && !one.includes('small') && !one.endsWith('.part'));
    return (
      file !== undefined &&
      createHash('sha256')
        .update(readFileSync(join(folder, file)))
        .digest('hex') === hash
    );
  };
  return {
    ...{ what: 'pictures', kills, acknowledged: acknowledged.size, doubled: 0 },
    lost: [...acknowledged].filter((hash) => !whole(hash)).length,
    halfDone: files.filter((one) => one.endsWith('.part')).length,
  };
}
