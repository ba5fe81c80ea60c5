import { validateSync } from 'class-validator';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { examplePlan, planShape } from '../core/practical';
import { check } from './check';
import { accepts, flag, later, optional, record, refusalsOf, text, whole } from '../core/shape';
import { entryShape } from '../core/run';
import { EntryBatch } from './entries';
import { classOf } from './class-of';
import { problemSentence } from './problem';
import { RoomInput } from './rooms';

const PlanDto = classOf(planShape);
const isSoundEntry = (value: unknown) => accepts(entryShape, value);
const errorsOf = (result: ReturnType<typeof check>) => ('errors' in result ? result.errors : []);
const entry = (body: object, more: object = {}) => ({
  id: '01890a5d-ac96-774b-bcce-b302099a8057',
  station: 4,
  at: Date.UTC(2026, 10, 24),
  offset: 60,
  body,
  ...more,
});
const reading = { kind: 'reading', celsius: 118.5, probe: 1, unit: 'C', source: 'typed' };

describe('the contract', () => {
  it('lets a sound plan through unchanged', () => {
    const checked = check(PlanDto, structuredClone(examplePlan));
    expect('value' in checked && JSON.parse(JSON.stringify(checked.value))).toEqual(examplePlan);
  });

  it.each<[string, object, string, string]>([
    ['an empty title', { title: '  ' }, '/title', 'text of 1 to 120 characters, not only blanks'],
    [
      'a level given twice',
      {
        factors: [
          {
            ...examplePlan.factors[0],
            levels: [examplePlan.factors[0]!.levels[0], { ...examplePlan.factors[0]!.levels[0], id: 'x' }],
          },
        ],
      },
      '/factors/0/levels',
      'each level once; “140” is there twice',
    ],
    ['a letter in a number', { stations: '1l' }, '/stations', 'a whole number from 1 to 40'],
    ['an unknown field', { colour: 'red' }, '/colour', 'nothing: this field is not known'],
    [
      'an unknown hazard',
      { steps: [{ ...examplePlan.steps[0], hazards: ['lava'] }] },
      '/steps/0/hazards/0',
      'one of hot-sugar',
    ],
    [
      'a wild endpoint',
      {
        steps: [
          { ...examplePlan.steps[0], ends: [{ kind: 'temperature', celsius: 1500, basis: 'as-read' }] },
        ],
      },
      '/steps/0/ends/0/celsius',
      'a number from -90 to 400 °C',
    ],
  ])('refuses %s, naming the place', (_, patch, pointer, allowed) => {
    const [error] = errorsOf(check(PlanDto, { ...examplePlan, ...patch }));
    expect(error?.pointer).toBe(pointer);
    expect(error?.allowed).toContain(allowed);
  });

  it('refuses an altitude of 90 km in a sentence', () => {
    const room = {
      name: 'Kitchen',
      kind: 'food-room',
      altitudeM: 90_000,
      measuredBoilingC: null,
      stations: 8,
      balanceG: 1,
    };
    expect(errorsOf(check(RoomInput, room)).map(problemSentence)).toEqual([
      'altitudeM is 90000; allowed: a number from -430 to 6000 m',
    ]);
  });

  it('blames every property that is wrong, and no other, whatever it is called', () => {
    const body: unknown = JSON.parse('{"title":"","stations":0,"__proto__":1,"a/b~c":2,"constructor":3}');
    const wrong = Object.defineProperties(
      structuredClone(examplePlan),
      Object.getOwnPropertyDescriptors(body as object),
    );
    expect(errorsOf(check(PlanDto, wrong)).map(({ pointer }) => pointer)).toEqual([
      '/title',
      '/stations',
      '/__proto__',
      '/a~1b~0c',
      '/constructor',
    ]);
    // “/steps” is not to blame for what begins like it.
    const near = { ...examplePlan, steps2: 1 };
    expect(errorsOf(check(PlanDto, near)).map(({ pointer }) => pointer)).toEqual(['/steps2']);
  });

  it('makes a class of a shape as class-validator has them: a property, its reason, what may be left out', () => {
    const shape = record('Pan', { name: text(9, 1), size: optional(whole(1, 9)), lid: later(false, flag()) });
    const Pan = classOf(shape);
    expect([Pan.name, Pan.shape]).toEqual(['Pan', shape]);
    const blamed = (pan: object) =>
      validateSync(Object.assign(new Pan(), pan), { whitelist: true, forbidNonWhitelisted: true }).map(
        ({ property, constraints }) => [property, Object.values(constraints ?? {})],
      );
    expect(blamed({ name: 'pot' })).toEqual([]);
    expect(blamed({ name: 'pot', size: 3, lid: true })).toEqual([]);
    expect(blamed({ name: ' ', size: 10, lid: 'on' })).toEqual([
      ['name', ['text of 1 to 9 characters, not only blanks']],
      ['size', ['a whole number from 1 to 9']],
      ['lid', ['true or false']],
    ]);
    expect(blamed({})).toEqual([['name', ['text of 1 to 9 characters, not only blanks']]]);
    expect(blamed({ name: 'pot', handle: 1 })).toEqual([['handle', ['property handle should not exist']]]);
  });

  it('never breaks on rubbish in any field: it is refused, or it is sound', () => {
    fc.assert(
      fc.property(fc.constantFrom(...Object.keys(examplePlan)), fc.anything(), (field, rubbish) => {
        const result = check(PlanDto, { ...examplePlan, [field]: rubbish });
        if ('value' in result) expect(JSON.parse(JSON.stringify(result.value))).toHaveProperty(field);
        else expect(result.errors[0]?.pointer.startsWith(`/${field}`)).toBe(true);
      }),
      { numRuns: 300 },
    );
  });

  const bodies = [
    reading,
    { kind: 'observation', text: 'golden', when: 'during', sense: 'colour' },
    { kind: 'event', text: 'soda in', stepId: null },
    { kind: 'measurement', responseId: null, name: 'mass', value: 86.2, unit: 'g' },
    { kind: 'measurement', responseId: 'height', name: 'height', value: 31, unit: 'mm', piece: 2 },
    { kind: 'noted', about: 'hob', name: 'which hob', text: 'back left', value: null, unit: '' },
    { kind: 'deviation', text: 'dropped an egg' },
    { kind: 'timer', label: '', minutes: 20, lookAt: 15 },
    { kind: 'correction', corrects: 'e1', to: reading },
    { kind: 'correction', corrects: 'e1', to: null },
  ];

  it('knows the entry kinds apart, corrections and what they put in place included', () => {
    expect(check(EntryBatch, { entries: bodies.map((body) => entry(body)) })).toHaveProperty('value');
  });

  it.each<[string, object, string]>([
    ['1500 °C', entry({ ...reading, celsius: 1500 }), '/entries/0/body/celsius'],
    ['−91 °C', entry({ ...reading, celsius: -91 }), '/entries/0/body/celsius'],
    ['a kind nobody knows', entry({ kind: 'rumour', text: 'x' }), '/entries/0/body'],
    ['no body', entry(undefined as never), '/entries/0/body'],
    [
      'a correction to nonsense',
      entry({ kind: 'correction', corrects: 'e1', to: { ...reading, celsius: 1500 } }),
      '/entries/0/body/to/celsius',
    ],
    [
      'a correction of a correction’s shape',
      entry({ kind: 'correction', corrects: 'e1', to: { kind: 'correction', corrects: 'a', to: null } }),
      '/entries/0/body/to',
    ],
    ['a station that is text', entry(reading, { station: '4' }), '/entries/0/station'],
    ['an extra field', entry({ ...reading, secret: 1 }), '/entries/0/body/secret'],
  ])('refuses an entry with %s', (_, wrong, pointer) => {
    expect(errorsOf(check(EntryBatch, { entries: [wrong] }))[0]?.pointer).toContain(pointer);
  });

  it('judges entries the same by their quick predicates as by the reasons it gives', () => {
    const values = fc.oneof(
      fc.anything({ maxDepth: 1 }),
      fc.constantFrom(
        0,
        1,
        9,
        10,
        -90,
        400,
        400.5,
        99,
        100,
        '',
        ' ',
        'x',
        'C',
        'before',
        null,
        Infinity,
        1e9,
        600,
        601,
      ),
      fc.constantFrom(...bodies),
    );
    const fields = ['id', 'station', 'at', 'offset', 'body', 'extra'];
    const bodyFields = [
      'kind',
      'celsius',
      'probe',
      'text',
      'when',
      'sense',
      'value',
      'unit',
      'minutes',
      'lookAt',
      'to',
      'corrects',
    ];
    let sound = 0;
    fc.assert(
      fc.property(
        fc.constantFrom(...bodies),
        fc.option(fc.tuple(fc.constantFrom(...fields), values)),
        fc.option(fc.tuple(fc.constantFrom(...bodyFields), values)),
        (body, change, bodyChange) => {
          const changed = entry(bodyChange ? { ...body, [bodyChange[0]]: bodyChange[1] } : body);
          const candidate = change ? { ...changed, [change[0]]: change[1] } : changed;
          const quick = isSoundEntry(candidate);
          expect(quick).toBe('value' in check(EntryBatch, { entries: [candidate] }));
          expect(refusalsOf(entryShape, candidate).length === 0).toBe(quick);
          if (quick) sound += 1;
        },
      ),
      { numRuns: 3000 },
    );
    // Enough of the candidates were sound for the comparison to mean something.
    expect(sound).toBeGreaterThan(100);
  });
});
