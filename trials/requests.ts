import { createHash } from 'node:crypto';
import { brotliCompressSync, constants, deflateSync, gzipSync } from 'node:zlib';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { calculators } from '../src/core/calculators';
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
import { dot } from './dot';
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
  /** The route it is for, where it is sound. */
  soundly: string | null;
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

/** What is worked at beside the rest, one after another: whoever asks waits for those before. */
export const inLine =
  /paper|everything|timetable|jobs|calculators|\/order|imports|calendar|run\.(?:json|zip)|log\.csv/;

const papers = ['weigh-out', 'trays', 'pull-list', 'risk', 'sheets', 'timetable', 'x'];

const cutOf = (body: Buffer, sound: boolean, draw: Draw) =>
  !sound && draw(60) === 0 ? draw(body.length + 1) : null;

/** A picture of one dot, or, where it is not to be sound, something that begins like one. */
function pictureOf(draw: Draw, sound: boolean): Buffer {
  if (sound) return dot(draw(200), null);
  const whole = dot(draw(200), Buffer.from('taken at home'));
  const cut = whole.subarray(0, draw(whole.length));
  return [cut, Buffer.concat([whole, Buffer.alloc(draw(100_000), 7)]), Buffer.from('bytes'), Buffer.alloc(0)][
    draw(4)
  ]!;
}

const withHashOf = (body: Buffer, path: string, sound: boolean) =>
  sound ? path.replace(/[0-9a-f]{64}/, createHash('sha256').update(body).digest('hex')) : path;

/** What a page asks along with an address. */
function soundQuery(path: string, draw: Draw): string {
  const day = 86_400_000;
  const from = Math.floor(Date.now() / day) * day - draw(3) * day;
  const days = `from=${from}&to=${from + (1 + draw(8)) * day}`;
  if (/order|labels|everything|jobs|ticks/.test(path))
    return `${days}&paper=${draw(2) ? 'A4' : 'Letter'}&run=r`;
  if (path.includes('paper')) return `paper=${draw(2) ? 'A4' : 'Letter'}`;
  if (path.includes('library'))
    return ['search=snap', 'minutes=60', 'archived=yes', 'tag=sugar', ''][draw(5)]!;
  return ['', '', 'after=0'][draw(3)]!;
}

/** The address of a route, with ids that are there and, where it is not to be sound, now and then strange ones. */
function addressOf({ path }: Declared, sound: boolean, known: Known, draw: Draw): string {
  const ids: Record<string, string> = {
    id: path.includes('practicals')
      ? known.practical
      : path.includes('rooms')
        ? known.room
        : path.includes('calculators')
          ? calculators[draw(calculators.length)]!.id
          : path.includes('teachers')
            ? `t${draw(9)}`
            : path.includes('classes')
              ? 'c'
              : /layout|revision$/.test(path)
                ? known.planned
                : known.run,
    station: '1',
    hash: known.picture,
    pass: known.pass,
    paper: papers[draw(papers.length)]!,
    token: 'x'.repeat(32),
  };
  const filled = path.replace(/:(\w+)/g, (_, name: string) =>
    !sound && draw(6) === 0 ? strangeIds[draw(strangeIds.length)]! : (ids[name] ?? 'x'),
  );
  if (sound) {
    const query = soundQuery(path, draw);
    return query === '' ? filled : `${filled}?${query}`;
  }
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
  // What is printed, laid out or read in whole costs a thousand times another route: it comes less often.
  let route = routes[draw(routes.length)]!;
  if (inLine.test(route.path) && draw(20) > 0) route = routes[draw(routes.length)]!;
  // Every second request is sound: by whom it may come from, of what it takes.
  const sound = draw(2) === 0;
  const soundly = sound ? `${route.method} ${route.path}` : null;
  const usually = route.may === 'station' || route.path.includes('/stations/:station') ? 1 : 0;
  const headers: Record<string, string> = {
    cookie: cookies[sound || draw(10) > 1 ? usually : draw(cookies.length)]!,
  };
  const method =
    !sound && draw(15) === 0 ? otherMethods[draw(otherMethods.length)]! : route.method.toUpperCase();
  const path = addressOf(route, sound, known, draw);
  if (!sound && draw(6) === 0) {
    const [name, value] = strangeHeaders[draw(strangeHeaders.length)]!;
    headers[name.toLowerCase()] = value;
  }
  if (!sound && draw(60) === 0)
    headers.host = ['evil.example', '127.0.0.1:99999', '[::1', ' ', 'LOCALHOST'][draw(5)]!;
  if (method === 'GET' || method === 'HEAD')
    return { method, path, headers, body: null, cutAt: null, soundly };
  const picture = route.path.includes('picture');
  headers['content-type'] =
    !sound && draw(20) === 0
      ? otherTypes[draw(otherTypes.length)]!
      : picture
        ? 'image/png'
        : 'application/json';
  if (picture) {
    const body = pictureOf(draw, sound);
    return {
      method,
      path: withHashOf(body, path, sound),
      headers,
      body,
      cutAt: cutOf(body, sound, draw),
      soundly,
    };
  }
  let value = soundBody(route, known, draw);
  if (sound) return { method, path, headers, body: Buffer.from(JSON.stringify(value)), cutAt: null, soundly };
  for (let times = draw(3); times >= 0; times -= 1) value = mutated(value, draw);
  const body = encoded(Buffer.from(JSON.stringify(value) ?? ''), draw, headers);
  return { method, path, headers, body, cutAt: cutOf(body, sound, draw), soundly };
}
