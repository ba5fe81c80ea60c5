/** Draws a whole number from 0 up to below `most`. */
export type Draw = (most: number) => number;

const nest = (depth: number): unknown => {
  let value: unknown = 0;
  for (let i = 0; i < depth; i += 1) value = i % 2 ? [value] : { steps: value };
  return value;
};
/** So deep that no program builds it by a function that calls itself. */
export const deepText = (depth: number) => `${'['.repeat(depth)}${']'.repeat(depth)}`;
export const manyKeys = (count: number) =>
  Object.fromEntries(Array.from({ length: count }, (_, i) => [`k${i}`, i]));

/** What a field may be given that it does not expect. */
export const junk: readonly ((draw: Draw) => unknown)[] = [
  () => null,
  () => [],
  () => ({}),
  () => [[]],
  () => [{}],
  () => true,
  () => '',
  () => ' '.repeat(2000),
  () => 'a\0b',
  () => '\ud800',
  () => 'x\udc00y',
  () => '𝟙',
  () => '=1+1',
  () => '；＝cmd',
  () => 'x'.repeat(5000),
  () => '<script>alert(1)</script>',
  () => '../../etc/passwd',
  () => '__proto__',
  () => ({ __proto__: { admin: true }, constructor: 1 }),
  () => JSON.parse('{"__proto__":{"polluted":1}}') as unknown,
  () => 0,
  () => -0,
  () => -1,
  () => 1e308,
  () => 1e21,
  () => 0.1,
  () => 2 ** 53,
  () => -(2 ** 31),
  () => 4_102_444_800_001,
  () => '1',
  () => 'NaN',
  () => nest(1000),
  () => manyKeys(2000),
  (draw) => Array.from({ length: draw(3000) }, () => 0),
  (draw) => String.fromCodePoint(draw(0xd7ff)),
];

export const strangeIds = [
  '',
  '%00',
  '%E0%A4%A',
  '..%2f..',
  '😀',
  'a'.repeat(3000),
  "' OR 1=1 --",
  '-1',
  'null',
  '%2e%2e',
  'x;y',
  '{id}',
];
export const strangeHeaders: readonly (readonly [string, string])[] = [
  ['Expect', '200-ok'],
  ['Accept', '*/*;q=x,,'],
  ['Accept-Encoding', 'br;q=9, gzip;q=-1, *;q=0'],
  ['Range', 'bytes=0-,5-2,-'],
  ['If-None-Match', 'W/"x", *'],
  ['If-Modified-Since', 'yesterday'],
  ['Last-Event-ID', '-1e9'],
  ['Origin', 'null'],
  ['Sec-Fetch-Site', 'same-origin'],
  ['Cookie', 'tawny-teacher=%E0%A4%A; tawny-station="; a=b; ='],
  ['Cookie', 'x'.repeat(7000)],
  ['X-HTTP-Method-Override', 'DELETE'],
  ['X-Forwarded-For', '127.0.0.1'],
  ['Transfer-Encoding', 'chunked'],
  ['Content-Encoding', 'compress'],
  ['User-Agent', '=cmd|x'],
];
export const queries = [
  'after=1',
  'after=-1',
  'after=1e400',
  'after[]=1',
  'after[x]=1',
  'after=1&after=2',
  'before=0',
  'before=9999999999',
  'from=x',
  'from=&to=',
  'from=1e999',
  '%',
  '%00=%00',
  'a'.repeat(4000),
  '__proto__[x]=1',
];

export const otherMethods = ['HEAD', 'OPTIONS', 'DELETE', 'PATCH', 'PUT', 'POST', 'GET'];
export const otherTypes = [
  'text/plain',
  'application/x-www-form-urlencoded',
  'multipart/form-data',
  'application/json; charset=utf-7',
  'application/json; charset=x',
  '',
  'image/png',
  'application/json;;;',
];
