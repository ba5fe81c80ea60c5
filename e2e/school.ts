import { examplePlan } from '../src/core/practical';

/** Posts as whoever is to own it. */
type Post = (path: string, body: object) => Promise<unknown>;

/** A room, a class and the example practical: what a run needs. */
export async function schoolBy(post: Post): Promise<void> {
  const room = { altitudeM: 0, measuredBoilingC: null, stations: 30, balanceG: 1 };
  await post('/api/rooms', { id: 'k', name: 'Kitchen', kind: 'food-room', ...room });
  await post('/api/classes', { id: 'c', name: '9B', students: 20, unit: 'C' });
  await post('/api/practicals', { id: 'p', plan: examplePlan });
}

/** A run in that school, planned; nothing is measured in it but what is typed. */
export async function runBy(post: Post, id = 'r', stations = 4): Promise<string> {
  const run = { id, practicalId: 'p', revision: 1, roomId: 'k', classId: 'c', stations, probes: 'none' };
  await post('/api/runs', { ...run, startsAt: Date.now() });
  return id;
}

/** The same, begun. */
export async function begunRunBy(post: Post, id = 'r', stations = 4): Promise<string> {
  await runBy(post, id, stations);
  await post(`/api/runs/${id}/start`, {});
  return id;
}
