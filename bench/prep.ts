import { performance } from 'node:perf_hooks';
import { setTimeout as pause } from 'node:timers/promises';
import { readFileSync } from 'node:fs';
import type { PaperState } from '../src/contract/paper';
import { TestServer } from '../e2e/server';

const practicals = ['practical-scones', 'practical-koftas', 'practical-panna-cotta', 'practical-pretzels'];

/** Memory a process takes at most, MB, as the system counts it. */
const peakMb = (pid: number) =>
  Number(/VmHWM:\s+(\d+) kB/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024;

/** The order of 40 runs of 15 stations, and everything on paper for eight of them. */
export async function prep() {
  const server = await TestServer.start({ demo: true });
  try {
    const monday = new Date(Date.now() + 30 * 86_400_000).setHours(9, 0, 0, 0);
    for (let i = 0; i < 40; i += 1) {
      await server.send('POST', '/api/runs', {
        ...{ id: `bench-${i}`, practicalId: practicals[i % 4], revision: 1, roomId: 'room-kitchen' },
        ...{ classId: 'class-9b', startsAt: monday + Math.floor(i / 8) * 86_400_000 + (i % 8) * 3_600_000 },
        ...{ stations: 15, probes: 'none', seed: i + 1 },
      });
    }
    const days = (count: number) =>
      `from=${monday - 3_600_000}&to=${monday - 3_600_000 + count * 86_400_000}`;
    const order: number[] = [];
    for (let i = 0; i < 9; i += 1) {
      const began = performance.now();
      await server.json(`/api/order?${days(6)}`);
      order.push(performance.now() - began);
    }
    // Today and the jobs of a day have asked for these long before anybody prints.
    const lay = performance.now();
    for (let i = 0; i < 8; i += 1) await server.json(`/api/runs/bench-${i}/timetable`);
    const layMs = performance.now() - lay;
    const before = peakMb(server.pid);
    const began = performance.now();
    const body = { from: monday - 3_600_000, to: monday + 23 * 3_600_000, without: [], paper: 'A4' };
    let state = await server.send<PaperState>('POST', '/api/paper/everything', body);
    let told = 0;
    while (!state.ready && state.failed === null) {
      await pause(50);
      const next = await server.json<PaperState>(`/api/paper/everything/${state.id}`);
      if (next.done !== state.done) told += 1;
      state = next;
    }
    const ms = performance.now() - began;
    const file = Buffer.from(
      await (await fetch(`${server.url}/api/paper/everything/${state.id}/everything.pdf`)).arrayBuffer(),
    );
    const pages = file.toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0;
    const sorted = [...order].sort((a, b) => a - b);
    const what = `everything for a day, 8 runs × 15 stations, ${pages} pages${state.failed ? `: ${state.failed}` : ''}`;
    return [
      { figure: 'order of 40 runs × 15 stations, first', value: order[0]!, unit: 'ms', goal: 'under 200' },
      { figure: 'the same, median of 9', value: sorted[4]!, unit: 'ms', goal: 'under 200' },
      { figure: 'eight timetables laid out before, one after the other', value: layMs / 1000, unit: 's' },
      { figure: what, value: ms / 1000, unit: 's', goal: 'under 8' },
      {
        figure: 'memory of the server at most',
        value: peakMb(server.pid),
        unit: 'MB',
        goal: 'under 250 more',
      },
      { figure: 'of it before', value: before, unit: 'MB' },
      { figure: 'times it was said how far it had come', value: told, unit: '' },
    ];
  } finally {
    await server.remove();
  }
}
