import type { Joined, StationsIn } from '../../contract/who';
import type { RunningApp } from './running-app';

/*
 * A school with its door shut, and everyone who may stand before it. What each carries is the header of their cookies.
 */

export type Carried = Record<string, string>;

/** The cookie an answer sets, as the next request carries it. */
export function cookieOf(headers: Headers): Carried {
  const set = headers.getSetCookie();
  return { cookie: set.map((one) => one.split(';')[0]).join('; ') };
}

export const words = 'copper kettle on tuesday';

/** Sets up the first teacher, who administers. */
export async function firstTeacher(server: RunningApp, name = 'R. Head'): Promise<Carried> {
  const code = server.app.teachers.firstCode;
  const { status, headers } = await server.send('POST', '/api/first', { code, name, passphrase: words });
  if (status !== 201) throw new Error(`first teacher: ${status}`);
  return cookieOf(headers);
}

export async function signIn(server: RunningApp, name: string, passphrase = words): Promise<Carried> {
  const { status, headers, body } = await server.send('POST', '/api/sign-in', { name, passphrase });
  if (status !== 200) throw new Error(`sign in: ${status} ${JSON.stringify(body)}`);
  return cookieOf(headers);
}

/** Joins a station by its code, as the teacher reads it out. */
export async function join(
  server: RunningApp,
  teacher: Carried,
  runId: string,
  station: number,
): Promise<Carried & { pass: string }> {
  const stations = async () => (await server.get(`/api/runs/${runId}/stations`, teacher)).body as StationsIn;
  const before = await stations();
  const { code } = before.codes.find((one) => one.station === station)!;
  const { status, headers, body } = await server.send('POST', '/api/join', { code });
  if (status !== 201) throw new Error(`join: ${status}`);
  const joined = body as Joined;
  if (joined.station !== station || joined.runId !== runId) throw new Error('led elsewhere');
  const known = new Set(before.passes.map(({ id }) => id));
  const pass = (await stations()).passes.find(({ id }) => !known.has(id))!.id;
  return { ...cookieOf(headers), pass };
}
