import { v7 as uuid } from 'uuid';
import { examplePlan } from '../src/core/practical';
import type { Entry } from '../src/core/run';
import type { Program } from './program';

/** A room, a class, the example practical and a run that has begun; answers with the run’s id. */
export async function schoolIn(program: Program, stations = 8): Promise<string> {
  const id = uuid();
  const room = { altitudeM: 0, measuredBoilingC: null, stations: 30, balanceG: 1 };
  await program.send('/api/rooms', { id: 'k', name: 'Kitchen', kind: 'food-room', ...room });
  await program.send('/api/classes', { id: 'c', name: '9B', students: 20, unit: 'C' });
  await program.send('/api/practicals', { id: 'p', plan: examplePlan });
  await runIn(program, id, stations);
  return id;
}

async function runIn(program: Program, id: string, stations = 8): Promise<void> {
  const run = { id, practicalId: 'p', revision: 1, roomId: 'k', classId: 'c', stations, probes: 'none' };
  await program.send('/api/runs', { ...run, startsAt: Date.now() });
  await program.send(`/api/runs/${id}/start`, {});
}

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
