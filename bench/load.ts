import { readFileSync } from 'node:fs';
import { get } from 'node:http';
import { setTimeout as pause } from 'node:timers/promises';
import { TestServer } from '../e2e/server';
import { reading, schoolWithRun } from '../trials/school';
import type { LoggedEntry } from '../src/contract/entries';

const stations = 30;
const boards = 5;
/** The goal is over ten minutes (`TAWNY_LOAD_SECONDS=600`); one shows as much. */
const seconds = Number(process.env.TAWNY_LOAD_SECONDS ?? 60);

const quantile = (sorted: readonly number[], q: number) =>
  sorted[Math.min(sorted.length - 1, Math.floor(q * sorted.length))] ?? NaN;

/** Listens to a run; calls with the ids of entries as they come. */
function board(program: TestServer, run: string, heard: (id: string) => void) {
  return new Promise<() => void>((resolve) => {
    const request = get(`${program.url}/api/runs/${run}/live`, (response) => {
      let text = '';
      response.setEncoding('utf8');
      response.on('data', (chunk: string) => {
        text += chunk;
        for (let end = text.indexOf('\n\n'); end >= 0; end = text.indexOf('\n\n')) {
          const event = text.slice(0, end);
          text = text.slice(end + 2);
          if (!event.includes('event: entries')) continue;
          (JSON.parse(/data: (.*)/.exec(event)![1]!) as LoggedEntry[]).forEach(({ id }) => heard(id));
        }
      });
      resolve(() => request.destroy());
    });
    request.on('error', () => undefined);
  });
}

/** Thirty stations that each post once a second, five boards that watch: from the post to the event, on the disk in between. */
export async function load() {
  const program = await TestServer.start();
  try {
    const run = await schoolWithRun(program, stations);
    const sent = new Map<string, number>();
    const delays: number[] = [];
    const close = await Promise.all(
      Array.from({ length: boards }, () =>
        board(program, run, (id) => delays.push(performance.now() - (sent.get(id) ?? NaN))),
      ),
    );
    const until = performance.now() + seconds * 1000;
    const others: number[] = [];
    let memory = 0;
    const station = async (number: number) => {
      await pause((number * 1000) / stations);
      while (performance.now() < until) {
        const began = performance.now();
        const entry = reading(number);
        sent.set(entry.id, began);
        await program.send('POST', `/api/runs/${run}/log`, { entries: [entry] });
        await pause(Math.max(0, 1000 - (performance.now() - began)));
      }
    };
    const asker = async () => {
      while (performance.now() < until) {
        const began = performance.now();
        await program.json('/healthz');
        others.push(performance.now() - began);
        memory = Math.max(
          memory,
          Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${program.pid}/status`, 'utf8'))?.[1] ?? 0) / 1024,
        );
        await pause(100);
      }
    };
    await Promise.all([asker(), ...Array.from({ length: stations }, (_, i) => station(i + 1))]);
    await pause(500);
    close.forEach((one) => one());
    delays.sort((a, b) => a - b);
    others.sort((a, b) => a - b);
    return [
      {
        figure: 'post-to-event-p99',
        value: Math.round(quantile(delays, 0.99)),
        unit: 'ms',
        median: Math.round(quantile(delays, 0.5)),
        longest: Math.round(delays.at(-1)!),
        events: delays.length,
        missing: sent.size * boards - delays.length,
        seconds,
        expected: 'under 250 ms, none missing',
      },
      {
        figure: 'others-wait-p99',
        value: Math.round(quantile(others, 0.99)),
        unit: 'ms',
        longest: Math.round(others.at(-1)!),
        expected: 'under 100 ms',
      },
      { figure: 'server-memory-under-load', value: Math.round(memory), unit: 'MB', expected: 'under 200 MB' },
    ];
  } finally {
    await program.remove();
  }
}
