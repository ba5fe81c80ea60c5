import { createWriteStream, readFileSync, statSync } from 'node:fs';
import { openAsBlob } from 'node:fs';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { setTimeout as pause } from 'node:timers/promises';
import type { Imported } from '../src/contract/run-file';
import { TestServer } from '../e2e/server';
import { fillRun } from '../trials/long-run';
import { reading, schoolWithRun } from '../trials/school';

const stations = 15;
const sizes = [108_000, 324_000];

/** Most memory the process had so far, MB. */
const peakMb = ({ pid }: TestServer) =>
  Number(/VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

/** What others wait while `work` is done: one that reads, one that logs, ms at most. */
async function othersDuring(program: TestServer, run: string, work: () => Promise<void>) {
  let going = true;
  const longest = { read: 0, log: 0 };
  const ask = async (which: keyof typeof longest, call: () => Promise<unknown>) => {
    while (going) {
      const began = performance.now();
      await call();
      longest[which] = Math.max(longest[which], performance.now() - began);
      await pause(25);
    }
  };
  const others = [
    ask('read', () => program.json(`/api/runs/${run}`)),
    ask('log', () => program.send('POST', `/api/runs/${run}/log`, { entries: [reading(1)] })),
  ];
  const began = performance.now();
  const ms = await work()
    .then(() => performance.now() - began)
    .finally(() => (going = false));
  await Promise.all(others);
  return { ms: Math.round(ms), read: Math.round(longest.read), log: Math.round(longest.log) };
}

async function fetchTo(url: string, file: string) {
  const response = await fetch(url);
  if (!response.ok) throw new Error(await response.text());
  await pipeline(Readable.fromWeb(response.body as never), createWriteStream(file));
}

async function bring(program: TestServer, file: string, type: string): Promise<Imported> {
  const body = await openAsBlob(file, { type });
  const response = await fetch(`${program.url}/api/imports`, {
    method: 'POST',
    headers: { 'content-type': type },
    body,
  });
  if (!response.ok) throw new Error(await response.text());
  return (await response.json()) as Imported;
}

/** What is fetched, and of what type it is sent to another program; null where it is not read in again. */
const layouts = [
  ['run.zip', 'application/zip'],
  ['run.json', 'application/json'],
  ['log.csv', null],
] as const;

/** Long runs out of the program and into another, while others are served. */
export async function files() {
  const figures: object[] = [];
  for (const size of sizes) {
    const program = await TestServer.start();
    try {
      const run = await schoolWithRun(program, stations);
      await fillRun(program, run, stations, size / stations);
      for (const [name, type] of layouts) {
        const file = join(program.data, name);
        const out = await othersDuring(program, run, () =>
          fetchTo(`${program.url}/api/runs/${run}/${name}`, file),
        );
        const mb = Number((statSync(file).size / 1e6).toFixed(1));
        figures.push(figureOf(`export-${name}`, size, out, program, { mb }));
        if (type) figures.push(await importInto(size, name, file, type));
      }
    } finally {
      await program.remove();
    }
  }
  return figures;
}

async function importInto(size: number, name: string, file: string, type: string) {
  const program = await TestServer.start();
  try {
    const other = await schoolWithRun(program, stations);
    let added = 0;
    const into = await othersDuring(program, other, async () => {
      ({ added } = await bring(program, file, type));
    });
    return figureOf(`import-${name}`, size, into, program, { added });
  } finally {
    await program.remove();
  }
}

const figureOf = (
  figure: string,
  size: number,
  { ms, read, log }: { ms: number; read: number; log: number },
  program: TestServer,
  more: object,
) => ({
  ...{ figure: `${figure}-${size}`, value: Math.max(read, log), unit: 'ms that others wait at most' },
  ...{ expected: 'under 100', read, log, took: ms, memoryMb: Math.round(peakMb(program)), ...more },
});
