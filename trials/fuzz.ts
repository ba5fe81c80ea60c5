import { createHash } from 'node:crypto';
import { begunRunBy, runBy, schoolBy } from '../e2e/school';
import { TestServer } from '../e2e/server';
import { problemType, type ProblemDocument } from '../src/contract/problem';
import type { StationsIn } from '../src/contract/who';
import { declaredRoutes } from '../src/cli/security';
import { inLine, requestAt, type Wired } from './requests';
import { send, slowed, type Answer } from './send';
import { dot } from './dot';
import type { Known } from './sound-bodies';

/*
 * `npm run fuzz -- 100000 [--seed 7] [--from 0] [--at-once 12]`: hostile requests, the same for the same seed, every second one sound. None
 * may bring an answer of 500 or none at all, or take over 2 s; every refusal is a problem document. Time in which the machine
 * itself was without a processor does not count, and is told. Prints the seed, what was answered, and of each kind of failure
 * the smallest request found.
 */

const words = 'copper kettle on tuesday';

const flag = (name: string, otherwise: number) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? otherwise : Number(process.argv[at + 1]);
};
const count = Number(process.argv.slice(2).find((one) => /^\d+$/.test(one)) ?? 10_000);
const seed = flag('seed', Date.now() % 1_000_000);
const from = flag('from', 0);
const atOnce = flag('at-once', 12);

/** What is wrong with an answer; null where nothing is. */
function wrongWith(wired: Wired, answer: Answer | 'late' | 'broken off'): string | null {
  if (answer === 'late') return 'no answer';
  if (answer === 'broken off') return wired.cutAt !== null || wired.body !== null ? null : 'broken off';
  // 503 as a problem document is “all hands are busy, come again”.
  if (answer.status >= 500 && answer.status !== 503) return `status ${answer.status}`;
  if (answer.status < 400 || wired.method === 'HEAD') return null;
  if (!answer.type.startsWith(problemType)) return `status ${answer.status} as ${answer.type || 'nothing'}`;
  try {
    const document = JSON.parse(answer.text.slice(0, 100_000)) as ProblemDocument;
    return document.status === answer.status && document.title && document.detail
      ? null
      : 'a problem that says nothing';
  } catch {
    return answer.text.length < 100_000 ? 'a problem that is no JSON' : 'a problem of more than 100 kB';
  }
}

/** The same with less in it, as long as it still goes wrong the same way. */
async function smallest(port: number, wired: Wired, wrong: string): Promise<Wired> {
  let best = wired;
  const stillWrong = async (one: Wired) => wrongWith(one, await send(port, one)) === wrong;
  for (const name of Object.keys(best.headers)) {
    const headers = without(best.headers, name);
    if (await stillWrong({ ...best, headers })) best = { ...best, headers };
  }
  for (let tries = 0; tries < 60 && best.body; tries += 1) {
    const value = parsed(best.body);
    if (typeof value !== 'object' || value === null) break;
    let smaller: Wired | null = null;
    for (const key of Object.keys(value)) {
      const rest = without(value as Record<string, unknown>, key);
      const one = {
        ...best,
        body: Buffer.from(JSON.stringify(Array.isArray(value) ? Object.values(rest) : rest)),
      };
      if (await stillWrong(one)) {
        smaller = one;
        break;
      }
    }
    if (!smaller) break;
    best = smaller;
  }
  return best;
}

const without = <V>(object: Record<string, V>, name: string): Record<string, V> =>
  Object.fromEntries(Object.entries(object).filter(([key]) => key !== name));

function parsed(body: Buffer): unknown {
  try {
    return JSON.parse(body.toString());
  } catch {
    return null;
  }
}

/** A school to knock at: a teacher who administers, a run with a tablet at station 1. */
async function school(server: TestServer): Promise<{ known: Known; cookies: string[] }> {
  const code = /asks for this code:\s+(\S+)/.exec(server.said)![1]!;
  const answer = await fetch(`${server.url}/api/first`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ code, name: 'M. Ashdown', passphrase: words }),
  });
  const teacher = answer.headers.getSetCookie()[0]!.split(';')[0]!;
  const post = async (path: string, body: object, cookie = teacher) => {
    const got = await fetch(server.url + path, {
      method: 'POST',
      headers: { 'content-type': 'application/json', cookie },
      body: JSON.stringify(body),
    });
    if (!got.ok) throw new Error(`${path}: ${got.status} ${await got.text()}`);
    return { body: (await got.json()) as never, headers: got.headers };
  };
  const get = async <T>(path: string) =>
    (await (await fetch(server.url + path, { headers: { cookie: teacher } })).json()) as T;
  await schoolBy(post);
  await begunRunBy(post);
  await runBy(post, 'planned');
  const entry = { id: 'e', station: 1, at: Date.now(), offset: 0, body: { kind: 'deviation', text: 'x' } };
  await post('/api/runs/r/log', { entries: [entry] });
  const { codes } = await get<StationsIn>('/api/runs/r/stations');
  const joined = await post('/api/join', { code: codes[0]!.code }, '');
  const { passes } = await get<StationsIn>('/api/runs/r/stations');
  // Laid out before anybody asks, as the server does by itself once nothing changes for a while.
  for (const run of ['r', 'planned']) await get(`/api/runs/${run}/timetable`);
  const file = await get<object>('/api/runs/r/run.json');
  const image = dot(7, null);
  const picture = createHash('sha256').update(image).digest('hex');
  await fetch(`${server.url}/api/pictures/${picture}`, {
    method: 'PUT',
    headers: { 'content-type': 'image/png', cookie: teacher },
    body: new Uint8Array(image),
  });
  return {
    known: {
      run: 'r',
      practical: 'p',
      room: 'k',
      entry: 'e',
      pass: 'nobody',
      picture,
      teacher: 'nobody',
      planned: 'planned',
      file,
    },
    cookies: [
      teacher,
      joined.headers.getSetCookie()[0]!.split(';')[0]!,
      '',
      `tawny-station=${passes[0]!.id}`,
    ],
  };
}

async function main() {
  console.log(`seed ${seed}, requests ${from} to ${from + count - 1}`);
  const server = await TestServer.start({ lan: true });
  try {
    const { known, cookies } = await school(server);
    // Signing out would end the teacher’s part of the play.
    const routes = (await declaredRoutes()).filter(({ path }) => !/sign-out|passphrase|finish/.test(path));
    const answers = new Map<string, number>();
    const failures = new Map<string, { place: number; wired: Wired; times: number }>();
    const takenOf = new Map<string, { asked: number; taken: number; said: string }>();
    const slowest = new Map<string, number>();
    let next = from;
    const worker = async () => {
      while (next < from + count) {
        const place = next;
        next += 1;
        const wired = requestAt(seed, place, routes, known, cookies);
        const answer = await send(server.port, wired);
        const name = typeof answer === 'string' ? answer : String(answer.status);
        answers.set(name, (answers.get(name) ?? 0) + 1);
        if (typeof answer !== 'string' && !inLine.test(wired.path)) {
          const of = `${wired.method} ${wired.path.split('?')[0]!.slice(0, 60)}`;
          slowest.set(of, Math.max(slowest.get(of) ?? 0, answer.ms));
        }
        if (wired.soundly !== null) {
          const good = typeof answer !== 'string' && answer.status < 300;
          const of = takenOf.get(wired.soundly) ?? { asked: 0, taken: 0, said: '' };
          takenOf.set(wired.soundly, {
            asked: of.asked + 1,
            taken: of.taken + (good ? 1 : 0),
            said: good || typeof answer === 'string' ? of.said : answer.text.slice(0, 300),
          });
        }
        const wrong = wrongWith(wired, answer);
        if (wrong === null) continue;
        const kind = `${wrong} · ${wired.method} ${wired.path
          .split('?')[0]!
          .replace(/[^/\w.-]+/g, '…')
          .slice(0, 60)}`;
        const before = failures.get(kind);
        if (before) before.times += 1;
        else failures.set(kind, { place, wired, times: 1 });
      }
    };
    await Promise.all(Array.from({ length: atOnce }, worker));
    const health = await fetch(`${server.url}/healthz`).then(
      (one) => one.ok,
      () => false,
    );
    console.log(
      [...answers]
        .sort()
        .map(([name, times]) => `${name}: ${times}`)
        .join('  '),
    );
    console.log(
      `slowest answers ${[...slowest]
        .sort((a, b) => b[1] - a[1])
        .slice(0, 4)
        .map(([of, ms]) => `${of} ${Math.round(ms)} ms`)
        .join(', ')}; the server ${health ? 'answers' : 'DOES NOT ANSWER'} at the end`,
    );
    console.log(
      `${slowed.size} answers took over 2 s because the machine was away for the rest (steal of /proc/stat)`,
    );
    const never = [...takenOf].filter(([, { asked, taken }]) => asked >= 10 && taken === 0);
    console.log(`${takenOf.size} routes asked soundly, ${takenOf.size - never.length} of them took it`);
    for (const [route, { asked, said }] of never) console.log(`  never taken of ${asked}: ${route} ${said}`);
    for (const [kind, { place, times }] of failures) console.log(`${times} × ${kind} (request ${place})`);
    for (const [kind, { place, wired, times }] of failures) {
      const small = await smallest(server.port, wired, kind.split(' · ')[0]!);
      console.log(`\n${times} × ${kind} (request ${place} of seed ${seed})`);
      console.log(`  ${small.method} ${small.path.slice(0, 300)}`);
      console.log(`  ${JSON.stringify(small.headers).slice(0, 300)}`);
      if (small.body)
        console.log(
          `  ${small.body.toString().slice(0, 400)} (${small.body.length} bytes${small.cutAt === null ? '' : `, cut at ${small.cutAt}`})`,
        );
    }
    const failed = [...failures.values()].reduce((sum, { times }) => sum + times, 0) + (health ? 0 : 1);
    console.log(`\n${count} requests, ${failed} failures`);
    process.exitCode = failed === 0 ? 0 : 1;
  } finally {
    await server.remove();
  }
}

await main();
