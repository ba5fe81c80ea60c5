import { describe, expect, it } from 'vitest';
import { examplePlan, planShape } from '../core/practical';
import { check } from './check';
import { classOf } from './class-of';
import { NewClass } from './classes';
import { EntryBatch } from './entries';
import { NewPractical, PlanEdit } from './practicals';
import { problemSentence } from './problem';
import { NewRoom, RoomEdit } from './rooms';
import { runFileShape } from './run-file';
import { ClockSpeed, NewLayout, NewRun } from './runs';
import { long, withAt, holdsLimits } from './testing/limits';

const PlanDto = classOf(planShape);

const plan = {
  ...structuredClone(examplePlan),
  dismissed: [{ remark: 'r', reason: 's' }],
  studentQuestions: ['Why?'],
};

/** Lists of things with an id hold each once. */
const numbered = (one: object) => (i: number) => ({ ...structuredClone(one), id: `n${i}` });

const room = {
  name: 'Room',
  kind: 'food-room',
  altitudeM: 50,
  measuredBoilingC: 99,
  stations: 8,
  balanceG: 1,
};

const newClass = { id: 'c', name: '9B', students: 24, unit: 'C' };

describe('limits of a plan', () => {
  holdsLimits(PlanDto, plan, {
    '/title': { text: [1, 120] },
    '/question': { text: [0, 400] },
    '/prediction': { text: [0, 400] },
    '/reason': { text: [0, 400] },
    '/format': { oneOf: [2] },
    '/factors/0/name': { text: [0, 80] },
    '/factors/0/unit': { text: [0, 20] },
    '/factors/0/levels/1/id': { id: true },
    '/factors/0/levels/1/value': { number: [-1e6, 1e6], orNull: true },
    '/factors/0/levels/1/words': { text: [0, 60] },
    '/factors/0/levels/1/control': { flag: true },
    '/factors/0/levels/1/open': { flag: true },
    '/factors': { list: [0, 2, numbered(plan.factors[0]!)] },
    '/responses/0/id': { id: true },
    '/responses/0/name': { text: [1, 80] },
    '/responses/0/unit': { text: [0, 20] },
    '/responses/0/instrument': { text: [0, 120] },
    '/responses/0/smallestDivision': { number: [1e-6, 1e6], orNull: true },
    '/responses': { list: [0, 20, numbered(plan.responses[0]!)] },
    '/held/0/what': { text: [1, 120] },
    '/held/0/how': { text: [0, 200] },
    '/held': { list: [0, 30, numbered(plan.held[0]!)] },
    '/noted/0/what': { text: [1, 120] },
    '/noted': { list: [0, 20, numbered(plan.noted[0]!)] },
    '/formula/0/name': { text: [1, 80] },
    '/formula/0/amount': { number: [0, 100_000], orNull: true },
    '/formula/0/job': { text: [0, 120] },
    '/formula': { list: [0, 100, numbered(plan.formula[0]!)] },
    '/steps/0/text': { text: [1, 1200] },
    '/steps/0/hands': { oneOf: ['hands-on', 'waiting'] },
    '/steps/0/when': { oneOf: ['before', 'lesson', 'after'] },
    '/steps/0/minutes': { number: [0, 10_080, 'min'], orNull: true },
    '/steps/0/lookAt': { number: [0, 10_080, 'min'], orNull: true },
    '/steps/0/event': { text: [0, 60] },
    '/steps': { list: [0, 100, numbered(plan.steps[0]!)] },
    '/steps/0/day': { whole: [-14, 14] },
    '/steps/0/minutesTo': { number: [0, 10_080, 'min'], orNull: true },
    '/steps/0/people': { whole: [1, 6] },
    '/steps/0/stayBelowC': { number: [-90, 400, '°C'], orNull: true },
    '/responses/0/pieces': { whole: [1, 40] },
    '/formula/0/typed': { text: [0, 200] },
    '/formula/0/by': { oneOf: ['staff', 'students', 'shared'] },
    '/thermometers/0/in': { oneOf: ['syrup', 'food', 'core', 'oven', 'water', 'oil', 'dough'] },
    '/thermometers/0/smallestDivisionC': { number: [0.01, 10, '°C'] },
    '/roomId': { id: true, orNull: true },
    '/stations': { whole: [1, 40] },
    '/order': { oneOf: ['shuffled', 'in-blocks', 'as-listed'] },
    '/periodMinutes': { whole: [5, 480, 'min'] },
    '/briefingMinutes': { whole: [0, 240, 'min'] },
    '/clearUpMinutes': { whole: [0, 240, 'min'] },
    '/studentQuestions': { list: [0, 30, long(400)] },
    '/dismissed/0/remark': { text: [1, 200] },
    '/dismissed/0/reason': { text: [1, 300] },
    '/dismissed': { list: [0, 200, plan.dismissed[0]] },
  });

  it('an end of a step: each of its three shapes, and nothing between', () => {
    const ends = (end: unknown) => 'value' in check(PlanDto, withAt(plan, '/steps/0/ends', [end]));
    const at = (celsius: unknown, basis: unknown = 'as-read') => ({ kind: 'temperature', celsius, basis });
    const sign = (words: unknown, sense: unknown = 'look') => ({ kind: 'sign', sense, words });
    for (const sound of [
      { kind: 'time' },
      sign(''),
      sign(long(200), 'feel'),
      at(-90),
      at(400),
      at(null),
      at(63, 'sea-level'),
    ]) {
      expect(ends(sound), JSON.stringify(sound)).toBe(true);
    }
    for (const wrong of [
      null,
      'time',
      undefined,
      {},
      { kind: 'bell' },
      { kind: 'time', minutes: 5 },
      { kind: 'sign' },
      sign(7),
      sign(long(201)),
      sign('golden', 'hunch'),
      { ...sign('golden'), more: 1 },
      at(-90.1),
      at(400.1),
      at('120'),
      at(120, 'at home'),
      { kind: 'temperature', celsius: 120 },
      { ...at(120), more: 1 },
      { kind: 'toString' },
    ]) {
      expect(ends(wrong), JSON.stringify(wrong)).toBe(false);
    }
    expect('value' in check(PlanDto, withAt(plan, '/steps/0/ends', []))).toBe(false);
  });

  it('levels: up to twelve, none twice however it is written; each id once in a list', () => {
    const level = (id: number, words: string) => ({
      ...{ id: `l${id}`, value: null, words, control: false, open: false },
    });
    const factor = { id: 'f', name: 'flour', acts: { on: 'words', scale: 'words' }, unit: '' };
    const many = (n: number) => Array.from({ length: n }, (_, i) => level(i, `kind ${i}`));
    const result = (levels: unknown) => check(PlanDto, { ...plan, factors: [{ ...factor, levels }] });
    expect(result(many(12))).toHaveProperty('value');
    expect(result(many(13))).toHaveProperty('errors');
    const twice = result([level(1, 'Rye '), level(2, 'rye')]);
    expect('errors' in twice && twice.errors.map(problemSentence)[0]).toMatch(
      /allowed: each level once; “rye” is there twice$/,
    );
    for (const odd of [[null], ['rye'], [7], 'rye']) expect(result(odd)).toHaveProperty('errors');
    const same = check(PlanDto, { ...plan, steps: [plan.steps[0], plan.steps[0]] });
    expect('errors' in same && same.errors[0]).toMatchObject({
      pointer: '/steps',
      allowed: 'each id once; “weigh” is there twice',
    });
  });

  it('what a factor acts on: each of its shapes, and nothing between', () => {
    const bare = withAt(plan, '/factors/0/levels', []);
    const acts = (value: unknown) => 'value' in check(PlanDto, withAt(bare, '/factors/0/acts', value));
    for (const sound of [
      { on: 'minutes', stepId: 'boil' },
      { on: 'end-temperature', stepId: null },
      { on: 'amount', ingredientId: 'soda', as: 'percent-of', of: 'sugar' },
      { on: 'swap', ingredientId: 'gone' },
      { on: 'setting', stepId: 'boil', what: 'hob', scale: 'number' },
      { on: 'size', what: 'mass' },
      { on: 'start-temperature', ingredientId: null },
      { on: 'method' },
      { on: 'words', scale: 'words' },
    ]) {
      expect(acts(sound), JSON.stringify(sound)).toBe(true);
    }
    for (const wrong of [
      {},
      { on: 'magic' },
      { on: 'minutes' },
      { on: 'size', what: 'girth' },
      { on: 'method', x: 1 },
    ]) {
      expect(acts(wrong), JSON.stringify(wrong)).toBe(false);
    }
  });
});

describe('limits of rooms, classes, practicals and runs', () => {
  holdsLimits(
    RoomEdit,
    { ...room, version: 1 },
    {
      '/name': { text: [1, 60] },
      '/kind': { oneOf: ['food-room', 'laboratory'] },
      '/altitudeM': { number: [-430, 6000, 'm'], orNull: true },
      '/measuredBoilingC': { number: [80, 102, '°C'], orNull: true },
      '/stations': { whole: [1, 40] },
      '/balanceG': { number: [0.001, 50, 'g'] },
      '/version': { whole: [1, 1e9] },
    },
  );
  holdsLimits(NewRoom, { ...room, id: 'r' }, { '/id': { id: true } });
  holdsLimits(NewClass, newClass, {
    '/id': { id: true },
    '/name': { text: [1, 40] },
    '/students': { whole: [1, 60] },
    '/unit': { oneOf: ['C', 'F'] },
  });
  holdsLimits(NewPractical, { id: 'p', plan }, { '/id': { id: true }, '/plan/title': { text: [1, 120] } });
  holdsLimits(PlanEdit, { basedOn: 3, plan }, { '/basedOn': { whole: [1, 1e9] } });
  const run = {
    ...{ id: 'r', practicalId: 'p', revision: 1, roomId: 'm', classId: 'c', startsAt: 1e12, stations: 8 },
    ...{ probes: 'none', seed: 7 },
  };
  holdsLimits(NewRun, run, {
    '/practicalId': { id: true },
    '/revision': { whole: [1, 1e9] },
    // The years 2000 to 2100.
    '/startsAt': { whole: [Date.UTC(2000, 0, 1), Date.UTC(2100, 0, 1)] },
    '/stations': { whole: [1, 40] },
    '/probes': { oneOf: ['none', 'simulated'] },
  });
  holdsLimits(NewLayout, { seed: 0 }, { '/seed': { whole: [0, 2 ** 32 - 1] } });
  holdsLimits(ClockSpeed, { speed: 1 }, { '/speed': { oneOf: [1, 10, 60] } });

  it('a run may leave its seed out', () => {
    expect(check(NewRun, { ...run, seed: undefined })).toHaveProperty('value');
    expect(check(NewRun, { ...run, seed: -1 })).toHaveProperty('errors');
  });
});

describe('what cannot be read at all', () => {
  it.each([null, undefined, 7, 'plan', [[]]])('%s is no JSON object, and is quoted', (wrong) => {
    expect(check(PlanDto, wrong)).toEqual({
      errors: [{ pointer: '', field: 'body', value: wrong ?? null, allowed: 'a JSON object' }],
    });
  });

  it('what is long or nested a hundred thousand deep is refused too, and quoted in short', () => {
    let deep: unknown = [];
    for (let i = 0; i < 100_000; i += 1) deep = [deep];
    for (const [wrong, field] of [
      [[plan], 'body'],
      [deep, 'body'],
      [{ ...plan, steps: deep }, '0'],
      [{ ...plan, title: deep }, 'title'],
      [{ ...plan, deep }, 'deep'],
    ] as const) {
      const result = check<unknown>(PlanDto, wrong);
      const errors = 'errors' in result ? result.errors : [];
      expect(errors[0]!.field).toBe(field);
      expect(JSON.stringify(errors[0]!.value).length).toBeLessThan(160);
    }
  });

  it('the NUL and half a character are no text; whole characters of any script are', () => {
    const title = (text: string) => 'value' in check(PlanDto, { ...plan, title: text });
    expect(['a\0b', '\ud800', 'x\udc00y', '\udc00\ud800'].map(title)).toEqual([false, false, false, false]);
    expect(['😀', 'Größe 5 µm', '蜂窝', 'é'].map(title)).toEqual([true, true, true, true]);
  });

  it('null in a list of parts is refused, naming the place or the document', () => {
    for (const [type, document] of [
      [PlanDto, { ...plan, steps: [null] }],
      [EntryBatch, { entries: [null] }],
      [classOf(runFileShape), { entries: [null], format: long(200) }],
    ] as const) {
      const result = check<unknown>(type, document);
      const [problem] = 'errors' in result ? result.errors : [];
      expect(problem!.allowed).toMatch(/object|one of/);
      expect(JSON.stringify(problem!.value).length).toBeLessThan(160);
    }
  });

  it('a long value is quoted to 117 characters and an ellipsis, a short one whole', () => {
    const quoted = (title: string) => {
      const result = check(PlanDto, { ...plan, title });
      return 'errors' in result ? result.errors[0]!.value : undefined;
    };
    expect(quoted(long(121))).toBe(`"${long(116)}…`);
    const short = check(PlanDto, { ...plan, stations: long(118) });
    expect('errors' in short && short.errors[0]!.value).toBe(long(118));
  });

  it('a field’s name with a slash is written as JSON pointers write it (RFC 6901)', () => {
    const result = check(PlanDto, { ...plan, 'a/b~c': 1 });
    expect('errors' in result && result.errors[0]!.pointer).toBe('/a~1b~0c');
  });
});
