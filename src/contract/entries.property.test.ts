import { Ajv2020 } from 'ajv/dist/2020.js';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { accepts, jsonSchemaOf, refusalsOf, type JsonSchema } from '../core/shape';
import { check } from './check';
import { EntryBatch } from './entries';
import { entryInFileShape } from './run-file';

const reading = { kind: 'reading', celsius: 20.5, probe: 1, unit: 'C', source: 'typed' };
/** A body of every kind, with all it may have. */
const bodies: Record<string, object> = {
  reading,
  observation: { kind: 'observation', text: 'golden', when: 'during', sense: 'colour' },
  event: { kind: 'event', text: 'oven on', stepId: 'heat' },
  measurement: {
    kind: 'measurement',
    responseId: 'snap',
    name: 'snap force',
    value: 2.5,
    unit: 'N',
    piece: 3,
  },
  noted: { kind: 'noted', about: 'hob', name: 'hob', text: 'gas 4', value: 4, unit: 'mark' },
  photo: { kind: 'photo', responseId: null, name: 'crust', picture: 'a'.repeat(64), piece: 1 },
  deviation: { kind: 'deviation', text: 'dropped the spoon' },
  timer: { kind: 'timer', label: 'egg', minutes: 4, lookAt: 3 },
  correction: { kind: 'correction', corrects: 'e1', to: reading },
};

const entryOf = (body: object) => ({
  ...{ id: '018f-1', station: 3, at: 1.79e12, offset: -300, arrivedAt: 1.79e12, body },
});

type Path = string[];
const pathsOf = (value: unknown, at: Path = []): Path[] =>
  typeof value !== 'object' || value === null
    ? [at]
    : [
        ...(at.length > 0 ? [at] : []),
        ...Object.entries(value).flatMap(([key, inner]) => pathsOf(inner, [...at, key])),
      ];

/** What can go wrong with a value: another in its place, its field gone, one too many, another name. */
const damage = fc.oneof(
  fc.record({
    how: fc.constant('put' as const),
    value: fc.oneof(
      fc.constantFrom<unknown>(
        null,
        '',
        ' ',
        '\t',
        '\0',
        '\ud800',
        -1,
        0,
        1,
        0.5,
        99,
        100,
        1e9,
        1e300,
        true,
        [],
        {},
        reading,
      ),
      fc.constantFrom<unknown>(
        946_684_800_000,
        4_102_444_800_000,
        4_102_444_800_001,
        900,
        901,
        -900.5,
        'a'.repeat(500),
      ),
      fc.string({ maxLength: 90, unit: 'binary' }),
      fc.double({ noNaN: true, noDefaultInfinity: true }),
      fc.integer(),
    ),
  }),
  fc.record({ how: fc.constant('drop' as const) }),
  fc.record({
    how: fc.constant('add' as const),
    name: fc.constantFrom('x', '__proto__', 'constructor', 'piece', 'kind '),
  }),
);

describe('the quick check of an entry', () => {
  const named: Record<string, JsonSchema> = {};
  const root = jsonSchemaOf(entryInFileShape, named);
  const byAjv = new Ajv2020({ strict: false, discriminator: true }).compile({
    ...root,
    components: { schemas: named },
  });

  it.each(Object.entries(bodies))('of %s agrees with the strict ones, whatever is done to it', (_, body) => {
    const whole = entryOf(body);
    expect([accepts(entryInFileShape, whole), byAjv(whole)]).toEqual([true, true]);
    const paths = pathsOf(whole);
    let refused = 0;
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...paths), damage), { minLength: 1, maxLength: 2 }),
        (done) => {
          const entry = structuredClone(whole);
          for (const [path, one] of done) hurt(entry, path, one);
          // As it would come over the wire.
          const came = JSON.parse(JSON.stringify(entry)) as typeof entry;
          const quick = accepts(entryInFileShape, came);
          if (!quick) refused += 1;
          expect(refusalsOf(entryInFileShape, came).length === 0, JSON.stringify(came)).toBe(quick);
          // A schema has no words for half a character, NUL and what a hash is.
          const beyond = /\\u0000|\\ud[89a-f]|"picture"/i.test(JSON.stringify(came));
          if (quick || !beyond) expect(byAjv(came), JSON.stringify(came)).toBe(quick);
          const { arrivedAt, ...logged } = came;
          const posted = check(EntryBatch, { entries: [logged] });
          if (quick) expect(posted).toHaveProperty('value');
          else if (typeof arrivedAt === 'number' && arrivedAt === whole.arrivedAt)
            expect(posted).toHaveProperty('errors');
        },
      ),
      { numRuns: 600 },
    );
    // Neither all nor none of what was tried is sound.
    expect(refused).toBeGreaterThan(100);
    expect(refused).toBeLessThan(600);
  });
});

function hurt(
  entry: object,
  path: Path,
  one: { how: 'put'; value: unknown } | { how: 'drop' } | { how: 'add'; name: string },
) {
  let at = entry as Record<string, unknown>;
  for (const key of path.slice(0, -1)) {
    const next = at[key];
    if (typeof next !== 'object' || next === null) return;
    at = next as Record<string, unknown>;
  }
  const last = path.at(-1)!;
  if (one.how === 'drop') delete at[last];
  // A copy: what is hurt next must not be what all others are made of.
  else if (one.how === 'put') at[last] = structuredClone(one.value);
  else
    Object.defineProperty(at, one.name, { value: 1, enumerable: true, configurable: true, writable: true });
}
