import { Ajv2020 } from 'ajv/dist/2020.js';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { examplePlan, planShape } from '../core/practical';
import { entryShape } from '../core/run';
import {
  about,
  accepts,
  flag,
  id,
  jsonSchemaOf,
  later,
  list,
  number,
  oneOf,
  optional,
  orNull,
  record,
  refined,
  text,
  union,
  whole,
  type JsonSchema,
  type Spec,
} from '../core/shape';

/** What Ajv, which knows JSON Schema and nothing of us, says of a value by the schema we give out. */
function byAjv(spec: Spec): (value: unknown) => boolean {
  const named: Record<string, JsonSchema> = {};
  const root = jsonSchemaOf(spec, named);
  const ajv = new Ajv2020({ strict: false, discriminator: true });
  const validate = ajv.compile({ ...root, components: { schemas: named } });
  return (value) => validate(value);
}

const pan = record('Pan', {
  name: about('what it is called', text(5, 1)),
  note: text(3),
  id: id(),
  mm: number(0.5, 40, 'mm'),
  count: whole(1, 3),
  kind: oneOf(['wok', 'pot', 7]),
  lid: flag(),
  heat: orNull(whole(0, 9)),
  marks: list(whole(0, 9), 3, 1),
  by: optional(text(4)),
  old: later(true, flag()),
  inner: refined(record('Rim', { w: whole(1, 2) }), () => null),
  end: union('End', 'is', { open: { at: whole(1, 2) }, shut: {} }),
});
const sound = {
  ...{ name: 'a', note: '', id: 'p-1', mm: 0.5, count: 3, kind: 'wok', lid: false, heat: null, marks: [1] },
  ...{ inner: { w: 1 }, end: { is: 'open', at: 1 } },
};

describe('the JSON schema of a shape', () => {
  const valid = byAjv(pan);
  it.each<[object, boolean]>([
    [{}, true],
    [{ by: 'you', old: false, heat: 9, end: { is: 'shut' } }, true],
    [{ kind: 7, marks: [1, 2, 3], id: 'x'.repeat(80) }, true],
    [{ name: '' }, false],
    [{ name: '  ' }, false],
    [{ name: 'abcdef' }, false],
    [{ name: 1 }, false],
    [{ note: 'abcd' }, false],
    [{ id: 'a b' }, false],
    [{ id: '' }, false],
    [{ id: 'x'.repeat(81) }, false],
    [{ mm: 0.49 }, false],
    [{ mm: 40.1 }, false],
    [{ mm: '1' }, false],
    [{ count: 1.5 }, false],
    [{ count: 0 }, false],
    [{ count: 4 }, false],
    [{ kind: 'pan' }, false],
    [{ lid: 0 }, false],
    [{ lid: null }, false],
    [{ heat: 10 }, false],
    [{ heat: 'x' }, false],
    [{ marks: [] }, false],
    [{ marks: [1, 2, 3, 4] }, false],
    [{ marks: [10] }, false],
    [{ marks: 1 }, false],
    [{ by: 'abcde' }, false],
    [{ old: null }, false],
    [{ inner: { w: 3 } }, false],
    [{ inner: {} }, false],
    [{ end: { is: 'open' } }, false],
    [{ end: { is: 'shut', at: 1 } }, false],
    [{ end: { is: 'else' } }, false],
    [{ more: 1 }, false],
  ])('%j: %s', (patch, expected) => {
    const value = { ...sound, ...patch };
    expect([valid(value), accepts(pan, value)]).toEqual([expected, expected]);
  });

  it('needs every field but what may be missing, and says what a field is and what it was before', () => {
    for (const name of Object.keys(sound)) {
      const rest = Object.fromEntries(Object.entries(sound).filter(([one]) => one !== name));
      expect([name, valid(rest), accepts(pan, rest)]).toEqual([name, false, false]);
    }
    const named: Record<string, JsonSchema> = {};
    jsonSchemaOf(pan, named);
    jsonSchemaOf(pan, named);
    expect(Object.keys(named)).toEqual(['Pan', 'Rim', 'End']);
    const { name, note, old } = named.Pan!.properties as Record<string, JsonSchema>;
    expect([name!.description, note!.description, old!.default]).toEqual([
      'what it is called',
      undefined,
      true,
    ]);
  });

  it('says of plans and entries what the program says, wherever something is put in the place of something', () => {
    const plan = byAjv(planShape);
    expect(plan(examplePlan)).toBe(true);
    const leaves = pathsOf(examplePlan);
    fc.assert(
      fc.property(
        fc.constantFrom(...leaves),
        fc.oneof(
          fc.constantFrom(null, '', ' ', -1, 0, 1, 0.5, 41, 1e9, true, 'x', [], {}),
          fc.string({ maxLength: 3 }),
          fc.double({ noNaN: true, noDefaultInfinity: true }),
        ),
        (path, value) => {
          const changed = structuredClone(examplePlan) as never;
          put(changed, path, value);
          const mine = accepts(planShape, changed);
          // That each level stands once, and each id, is beyond a schema.
          if (mine) expect([path, value, plan(changed)]).toEqual([path, value, true]);
          else if (!path.includes('id') && !path.includes('value') && !path.includes('words'))
            expect([path, value, plan(changed)]).toEqual([path, value, false]);
        },
      ),
      { numRuns: 1500 },
    );
    const entry = byAjv(entryShape);
    const reading = { kind: 'reading', celsius: 1, probe: 1, unit: 'C', source: 'typed' };
    const of = (body: object) => ({ id: 'a', station: null, at: 1.7e12, offset: 60, body });
    expect(entry(of(reading))).toBe(true);
    expect(entry(of({ kind: 'correction', corrects: 'a', to: reading }))).toBe(true);
    expect(entry(of({ ...reading, celsius: 'hot' }))).toBe(false);
  });
});

type Path = (string | number)[];
function pathsOf(value: unknown, at: Path = []): Path[] {
  if (typeof value !== 'object' || value === null) return [at];
  return Object.entries(value).flatMap(([key, inner]) =>
    pathsOf(inner, [...at, Array.isArray(value) ? Number(key) : key]),
  );
}
function put(into: Record<string | number, never>, [key, ...rest]: Path, value: unknown) {
  if (rest.length === 0) into[key!] = value as never;
  else put(into[key!]!, rest, value);
}
