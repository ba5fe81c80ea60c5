import { cpSync, mkdirSync, rmSync } from 'node:fs';
import type { RunSummary } from '../src/contract/practicals';
import { routes } from '../src/contract/routes';
import { demoData, TestServer } from './server';

/** Makes the school that every demo server of the tests begins with, timetables laid out, each with a copy of its own. */
export default async function makeDemoSchool(): Promise<void> {
  const server = await TestServer.unstarted(['--demo']);
  try {
    await server.up();
    const runs = await server.json<RunSummary[]>(routes.runs);
    for (const { id } of runs.filter(({ status }) => status === 'planned'))
      await server.json(routes.runTimetable(id));
    await server.down();
    rmSync(demoData, { recursive: true, force: true });
    mkdirSync(demoData, { recursive: true });
    cpSync(server.data, demoData, { recursive: true });
  } finally {
    await server.remove();
  }
}
