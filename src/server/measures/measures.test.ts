import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { OwnMeasures } from '../../contract/measures';
import type { ProblemDocument } from '../../contract/problem';
import { newResponse } from '../../core/practical';
import { runningApp, type RunningApp } from '../testing/running-app';

let server: RunningApp;
beforeAll(async () => {
  server = await runningApp();
});
afterAll(() => server.stop());

const wobble = newResponse({
  id: 'w',
  name: 'Wobble',
  unit: 'points',
  how: 'tap the plate once',
  repeatSd: 0.7,
});
const keep = (measure: object) => server.send('POST', '/api/measures', { measure });
const kept = async () => (await server.get('/api/measures')).body as OwnMeasures;

describe('the school’s own measures', () => {
  it('are kept by name, replaced by one of the same name, and taken away', async () => {
    expect(await kept()).toEqual([]);
    await keep(wobble);
    await keep(newResponse({ id: 'a', name: 'Ash', unit: 'g' }));
    expect((await kept()).map(({ name }) => name)).toEqual(['Ash', 'Wobble']);
    await keep({ ...wobble, id: 'w2', name: ' wobble ', repeatSd: 0.9 });
    expect((await kept()).map(({ id, repeatSd }) => [id, repeatSd])).toEqual([
      ['a', null],
      ['w2', 0.9],
    ]);
    await server.send('POST', '/api/measures/a/remove', {});
    expect((await kept()).map(({ id }) => id)).toEqual(['w2']);
    await server.send('POST', '/api/measures/none/remove', {});
    expect(await kept()).toHaveLength(1);
  });

  it('of an older program get what came later', async () => {
    const older: Record<string, unknown> = { ...wobble };
    delete older.how;
    delete older.repeatSd;
    await server
      .knex('settings')
      .where({ key: 'measures' })
      .update({ value: JSON.stringify([older]) });
    expect(await kept()).toMatchObject([{ how: '', repeatSd: null, name: 'Wobble' }]);
  });

  it('are refused with the field named, and no more than two hundred are kept', async () => {
    const { status, body } = await keep({ ...wobble, repeatSd: -1 });
    expect([status, (body as ProblemDocument).errors?.[0]?.pointer]).toEqual([422, '/measure/repeatSd']);
    const many = Array.from({ length: 200 }, (_, i) => ({ ...wobble, id: `m${i}`, name: `m${i}` }));
    await server
      .knex('settings')
      .where({ key: 'measures' })
      .update({ value: JSON.stringify(many) });
    expect((await keep({ ...wobble, name: 'one more' })).status).toBe(409);
    expect(await kept()).toHaveLength(200);
    expect((await keep({ ...wobble, name: 'M7' })).status).toBe(201);
  });
});

describe('the school’s words for what risk remains', () => {
  it('are three, and stand for every plan', async () => {
    const put = (words: unknown) => server.send('PUT', '/api/school/risk-scale', { words });
    expect((await put(['a', 'b'])).status).toBe(422);
    expect((await put(['small', 'some', 'much'])).body).toMatchObject({
      riskScale: ['small', 'some', 'much'],
    });
    expect((await server.get('/api/school')).body).toMatchObject({ riskScale: ['small', 'some', 'much'] });
  });
});
