import { brotliCompressSync, constants, deflateSync, gzipSync } from 'node:zlib';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import type { Declared } from '../src/server/actors/gate';
import {
  deepText,
  junk,
  manyKeys,
  otherMethods,
  otherTypes,
  queries,
  strangeHeaders,
  strangeIds,
  type Draw,
} from './junk';
import { soundBody, type Known } from './sound-bodies';

/** One request as it goes over the wire. */
export interface Wired {
  method: string;
  path: string;
  headers: Record<string, string>;
  /** What is sent as its body; null for none. */
  body: Buffer | null;
  /** It is broken off after so many bytes of its body. */
  cutAt: number | null;
}

/** Draws whole numbers from 0 up to below `most`; the same for the same seed and place. */
function drawsOf(seed: number, place: number): Draw {
  const generator = xoroshiro128plus(seed * 1_000_003 + place);
  return (most) => uniformInt(generator, 0, most - 1);
}

/** The value with one place in it changed, deep inside or at its top. */
function mutated(value: unknown, draw: Draw): unknown {
  const copy = structuredClone(value) as Record<string, unknown>;
  let at: Record<string, unknown> = copy;
  for (;;) {
    if (typeof at !== 'object' || at === null) return junk[draw(junk.length)]!(draw);
    const keys = Object.keys(at);
    if (keys.length === 0) return copy;
    const key = keys[draw(keys.length)]!;
    const inner = at[key];
    if (typeof inner === 'object' && inner !== null && draw(4) > 0) {
      at = inner as Record<string, unknown>;
      continue;
    }
    switch (draw(8)) {
      case 0:
        delete at[key];
        break;
      case 1:
        at[`${key}x`] = inner;
        break;
      case 2:
        if (Array.isArray(at)) at.push(inner);
        else at[key] = [inner];
        break;
      default:
        at[key] = junk[draw(junk.length)]!(draw);
    }
    return copy;
  }
}

/** The address of a route, with ids that are there and, now and then, strange ones. */
function addressOf(path: string, known: Known, draw: Draw): string {
  const ids: Record<string, string> = {
    id: path.includes('practicals')
      ? known.practical
      : path.includes('rooms')
        ? known.room
        : path.includes('teachers')
          ? known.teacher
          : known.run,
    station: '1',
    hash: known.picture,
    pass: known.pass,
  };
  const filled = path.replace(/:(\w+)/g, (_, name: string) =>
    draw(8) === 0 ? strangeIds[draw(strangeIds.length)]! : (ids[name] ?? 'x'),
  );
  return draw(4) === 0 ? `${filled}?${queries[draw(queries.length)]!}` : filled;
}

/** Small on the wire, large once unpacked or read. */
const bombs = {
  gzip: gzipSync(Buffer.alloc(50_000_000)),
  brotli: brotliCompressSync(Buffer.alloc(20_000_000, '['), {
    params: { [constants.BROTLI_PARAM_QUALITY]: 4 },
  }),
  deep: Buffer.from(deepText(100_000)),
  wide: Buffer.from(JSON.stringify(manyKeys(100_000))),
};

function encoded(body: Buffer, draw: Draw, headers: Record<string, string>): Buffer {
  switch (draw(40)) {
    case 0:
      headers['content-encoding'] = 'gzip';
      return bombs.gzip;
    case 1:
      headers['content-encoding'] = 'br';
      return bombs.brotli;
    case 2:
      headers['content-encoding'] = 'deflate';
      return deflateSync(body);
    case 3:
      return Buffer.from([0xff, 0xfe, 0x7b, 0x00]);
    case 4:
      return body.subarray(0, draw(body.length + 1));
    case 5:
      return draw(2) ? bombs.deep : bombs.wide;
    default:
      return body;
  }
}

/** The request at a place of a seed: the same whenever it is asked for, as far as the ids are. */
export function requestAt(
  seed: number,
  place: number,
  routes: readonly Declared[],
  known: Known,
  cookies: readonly string[],
): Wired {
  const draw = drawsOf(seed, place);
  // Imports and whole logs cost a thousand times another route: they come less often.
  let route = routes[draw(routes.length)]!;
  if (route.path.endsWith('imports') && draw(5) > 0) route = routes[draw(routes.length)]!;
  const headers: Record<string, string> = { cookie: cookies[draw(10) > 1 ? 0 : draw(cookies.length)]! };
  const method = draw(15) === 0 ? otherMethods[draw(otherMethods.length)]! : route.method.toUpperCase();
  const path = addressOf(route.path, known, draw);
  if (draw(6) === 0) {
    const [name, value] = strangeHeaders[draw(strangeHeaders.length)]!;
    headers[name.toLowerCase()] = value;
  }
  if (draw(60) === 0) headers.host = ['evil.example', '127.0.0.1:99999', '[::1', ' ', 'LOCALHOST'][draw(5)]!;
  if (method === 'GET' || method === 'HEAD') return { method, path, headers, body: null, cutAt: null };
  const picture = route.path.includes('picture');
  headers['content-type'] =
    draw(20) === 0 ? otherTypes[draw(otherTypes.length)]! : picture ? 'image/png' : 'application/json';
  let value = picture ? 'bytes' : soundBody(route.path, known, draw);
  for (let times = draw(4); times > 0; times -= 1) value = mutated(value, draw);
  const body = encoded(Buffer.from(JSON.stringify(value) ?? ''), draw, headers);
  return { method, path, headers, body, cutAt: draw(60) === 0 ? draw(body.length + 1) : null };
}
