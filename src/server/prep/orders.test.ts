import ExcelJS from 'exceljs';
import Papa from 'papaparse';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { OrderAnswer } from '../../contract/prep';
import type { Run } from '../../contract/runs';
import { newIngredient, newPlan, type Plan } from '../../core/practical';
import { numberLevels } from '../../core/practical/testing/plans';
import { fontsOf, textOf } from '../paper/testing/pdf';
import { runningApp, startedRun, type RunningApp } from '../testing/running-app';
import { evaluator } from './testing/evaluator';

const dayMs = 86_400_000;
const monday = Date.UTC(2027, 0, 11, 9, 0);

/** Scones: 0, 1, 2 and 4 % soda of 200 g flour. */
const scones: Plan = {
  ...newPlan('Soda scones', null),
  factors: [
    {
      ...{ id: 'dose', name: 'soda', unit: '' },
      acts: { on: 'amount', ingredientId: 'soda', as: 'percent-of', of: 'flour' },
      levels: numberLevels(0, 1, 2, 4),
    },
  ],
  formula: [
    newIngredient({ id: 'flour', name: 'Plain flour', amount: 200, unit: 'g' }),
    newIngredient({ id: 'soda', name: 'Bicarbonate of soda', amount: 2, unit: 'g' }),
    newIngredient({ id: 'butter', name: 'Butter', amount: 40, unit: 'g' }),
  ],
};
/** Creams: gelatine in grams, and a swap of the milk. */
const creams: Plan = {
  ...newPlan('Set creams', null),
  factors: [
    {
      ...{ id: 'g', name: 'gelatine', unit: '' },
      acts: { on: 'amount', ingredientId: 'gelatine', as: 'g', of: null },
      levels: numberLevels(1.5, 3),
    },
  ],
  formula: [
    newIngredient({ id: 'gelatine', name: 'Gelatine', amount: 2, unit: 'g' }),
    newIngredient({ id: 'sugar', name: 'Caster sugar', amount: 30, unit: 'g' }),
    newIngredient({ id: 'flour', name: 'plain flour', amount: 5, unit: 'g' }),
    // What a spreadsheet might take for a pattern of all the others.
    newIngredient({ id: 'star', name: '*', amount: 1, unit: 'g' }),
  ],
};

let server: RunningApp;
let runs: Run[];

beforeAll(async () => {
  server = await runningApp();
  await startedRun(server);
  await server.send('POST', '/api/practicals', { id: 'scones', plan: scones });
  await server.send('POST', '/api/practicals', { id: 'creams', plan: creams });
  const stations = [8, 6, 4, 10, 12];
  for (const [i, count] of stations.entries()) {
    const answer = await server.send('POST', '/api/runs', {
      ...{ id: `run-${i}`, practicalId: i % 2 === 0 ? 'scones' : 'creams', revision: 1, roomId: 'kitchen' },
      ...{ classId: '9b', startsAt: monday + i * dayMs, stations: count, probes: 'none', seed: i + 1 },
    });
    expect(answer.status).toBe(201);
  }
  await server.send('PUT', '/api/runs/run-0/prep', {
    version: 0,
    ways: { spares: 1, demonstration: true, lossPercent: 2, blind: false },
  });
  const priced = [
    ['plain flour', 1500, 1.2],
    ['plain flour', 500, 0.55],
    ['bicarbonate of soda', 200, 1],
    ['butter', 250, 2.1],
    ['gelatine', 12, 0.8],
  ] as const;
  for (const [i, [ingredient, packG, price]] of priced.entries()) {
    const product = { id: `p${i}`, ingredient, name: '', packG, price, supplier: 'Market', store: null };
    await server.send('POST', '/api/pantry/products', {
      product: { ...product, keepsDays: null, allergens: null },
    });
  }
  await server.send('PUT', '/api/pantry/stock', {
    stock: [
      { ingredient: 'soda', grams: 0.5 },
      { ingredient: 'castor sugar', grams: 5000 },
      { ingredient: 'butter', grams: 130 },
    ],
  });
  runs = await Promise.all(
    stations.map(async (_, i) => ((await server.get(`/api/runs/run-${i}`)).body as { run: Run }).run),
  );
});
afterAll(() => server.stop());

const days = `from=${monday - dayMs}&to=${monday + 6 * dayMs}`;
const raw = async (path: string) => {
  const response = await fetch(`${server.url}${path}`);
  expect(response.status).toBe(200);
  return Buffer.from(await response.arrayBuffer());
};

/**
 * What is needed, counted here from the layouts alone: a level of so many per cent of 200 g, or of so many grams, at each
 * station that has it; in the first run one more of each level, one of the control (the first level), and 2 % on top.
 */
function needed(): Record<string, number> {
  const percent: Record<string, number> = { l0: 0, l1: 1, l2: 2, l3: 4 };
  const gelatine: Record<string, number> = { l0: 1.5, l1: 3 };
  const sum = {
    'Plain flour': 0,
    'Bicarbonate of soda': 0,
    Butter: 0,
    Gelatine: 0,
    'Caster sugar': 0,
    '*': 0,
  };
  runs.forEach((run, i) => {
    const levels = run.allocation.map(({ treatmentId }) => treatmentId);
    if (i === 0) levels.push('l0', 'l1', 'l2', 'l3', 'l0');
    const more = i === 0 ? 1.02 : 1;
    for (const level of levels) {
      if (i % 2 === 0) {
        sum['Plain flour'] += 200 * more;
        sum.Butter += 40 * more;
        sum['Bicarbonate of soda'] += 2 * percent[level]! * more;
      } else {
        sum['Plain flour'] += 5;
        sum['Caster sugar'] += 30;
        sum['*'] += 1;
        sum.Gelatine += gelatine[level]!;
      }
    }
  });
  return sum;
}

describe('the order of a week of five runs', () => {
  it('as CSV is the sum over the stations, treatment by treatment', async () => {
    const csv = (await raw(`/api/order.csv?${days}`)).toString('utf8').replace(/^\uFEFF/, '');
    const rows = Papa.parse<Record<string, string>>(csv.trim(), { header: true }).data;
    const found = Object.fromEntries(
      rows
        .filter((row) => row.needed_g !== '')
        .map((row): [string, number] => [row.ingredient!, Number(row.needed_g)]),
    );
    for (const [name, grams] of Object.entries(needed())) expect(found[name], name).toBeCloseTo(grams, 1);
    expect(Object.keys(found)).toHaveLength(6);
    expect(rows.find((row) => row.ingredient === 'Caster sugar')!.packs).toBe('in stock');
  });

  it('as a workbook works out the same sums by its own formulas, and follows when a cell is changed', async () => {
    const book = new ExcelJS.Workbook();
    await book.xlsx.load((await raw(`/api/order.xlsx?${days}`)) as never);
    const valueOf = evaluator(book);
    const sheet = book.getWorksheet('Order')!;
    const rows = Array.from({ length: sheet.rowCount - 2 }, (_, i) => i + 2);
    const first = (name: string) => rows.find((row) => sheet.getCell(`B${row}`).value === name)!;
    for (const [name, grams] of Object.entries(needed())) {
      expect(valueOf('Order', 3, first(name)), name).toBeCloseTo(grams, 6);
      expect(sheet.getCell(`C${first(name)}`).result, `${name}, as it was saved`).toBeCloseTo(grams, 6);
    }
    const { toPay } = (await server.get(`/api/order?${days}`)).body as OrderAnswer;
    expect(valueOf('Order', 11, sheet.rowCount)).toBeCloseTo(toPay, 6);
    // Twice the soda of one treatment: what is left over follows.
    const needs = book.getWorksheet('Needs')!;
    const line = needs
      .getRows(2, needs.rowCount)!
      .find((row) => row.getCell(1).value === 'Bicarbonate of soda' && Number(row.getCell(7).value) === 8)!;
    const [left, was] = [
      valueOf('Order', 10, first('Bicarbonate of soda')),
      valueOf('Needs', 9, line.number),
    ];
    line.getCell(7).value = 16;
    expect(evaluator(book)('Order', 10, first('Bicarbonate of soda'))).toBeCloseTo(left - was, 6);
  });

  it('as PDF says the same, in text that can be selected and fonts that are embedded, with the packs that cost least', async () => {
    const pdf = await raw(`/api/paper/order.pdf?${days}`);
    const text = textOf(pdf);
    const shown = (grams: number) =>
      grams >= 1000
        ? `${Number((grams / 1000).toFixed(2))} kg`
        : `${Number(grams.toFixed(grams < 10 ? 1 : 0))} g`;
    for (const [name, grams] of Object.entries(needed())) {
      const line = text.split('\n').find((one) => one.includes(name))!;
      expect(line, name).toContain(shown(grams));
    }
    for (const font of fontsOf(pdf)) expect(font.embedded, font.name).toBe(true);
    // Flour by hand: 1.20 for 1500 g is 0.80 a kilo, 0.55 for 500 g is 1.10.
    const flour = needed()['Plain flour']!;
    let least = Infinity;
    for (let large = 0; large <= 10; large += 1) {
      const small = Math.max(0, Math.ceil((flour - 1500 * large) / 500));
      least = Math.min(least, 1.2 * large + 0.55 * small);
    }
    const { lines } = (await server.get(`/api/order?${days}`)).body as OrderAnswer;
    expect(lines.find(({ key }) => key === 'plain-flour')!.purchases[0]!.cost).toBeCloseTo(least, 9);
  });

  it('of one lesson is that lesson’s alone, though another begins at the same bell', async () => {
    await server.send('POST', '/api/runs', {
      ...{ id: 'same-bell', practicalId: 'scones', revision: 1, roomId: 'kitchen', classId: '9b' },
      ...{ startsAt: monday, stations: 4, probes: 'none', seed: 9 },
    });
    const alone = `/api/order?from=${monday}&to=${monday + 1}`;
    const runsOf = async (path: string) =>
      ((await server.get(path)).body as OrderAnswer).runs.map(({ id }) => id).sort();
    expect(await runsOf(alone)).toEqual(['run-0', 'same-bell']);
    expect(await runsOf(`${alone}&only=same-bell`)).toEqual(['same-bell']);
    await server.knex('runs').where({ id: 'same-bell' }).delete();
  });

  it('leaves out the runs it is told to, and refuses days that are none', async () => {
    const two = (await server.get(`/api/order?${days}&without=run-0,run-2,run-4`)).body as OrderAnswer;
    expect(two.runs.map(({ id }) => id)).toEqual(['run-1', 'run-3']);
    expect(two.lines.map(({ name }) => name)).not.toContain('Butter');
    for (const [query, field] of [
      ['from=1', 'to'],
      ['to=1', 'from'],
      ['from=5&to=5', 'to'],
      ['from=x&to=5', 'from'],
      [`from=0&to=${300 * dayMs}`, 'to'],
    ]) {
      expect((await server.get(`/api/order?${query}`)).body).toMatchObject({
        status: 422,
        errors: [{ field }],
      });
    }
    expect(((await server.get(`/api/order?from=1&to=${dayMs}`)).body as OrderAnswer).lines).toEqual([]);
  });

  it('holds a class’s cost against what it may cost in its term', async () => {
    const budget = { className: '9B', amount: 40, from: monday - dayMs, to: monday + 60 * dayMs };
    const set = (change: object = {}) =>
      server.send('PUT', '/api/budgets', { budget: { ...budget, ...change } });
    await set({ amount: 25, from: monday - 9 * dayMs });
    await set({ className: '8C', amount: 70 });
    // Another amount for some of its days takes the place of the first; the other class keeps its own.
    expect((await set()).body).toMatchObject({ budgets: [{ className: '8C', amount: 70 }, budget] });
    const { classes, costs } = (await server.get(`/api/order?${days}`)).body as OrderAnswer;
    const all = costs.reduce((sum, { cost }) => sum + cost, 0);
    expect(classes).toEqual([
      {
        className: '9B',
        cost: expect.closeTo(all, 2) as number,
        budget: 40,
        ofTerm: expect.closeTo(all, 2) as number,
      },
    ]);
    expect((await set({ amount: 0 })).body).toMatchObject({ errors: [{ field: 'amount' }] });
    expect((await set({ to: budget.from })).body).toMatchObject({ errors: [{ field: 'to' }] });
    expect((await set({ amount: null })).body).toMatchObject({ budgets: [{ className: '8C' }] });
  });

  it('counts a run whose room is no longer there', async () => {
    await server.knex.raw('PRAGMA foreign_keys = OFF');
    await server.knex('runs').where({ id: 'run-1' }).update({ room_id: 'gone' });
    const order = (await server.get(`/api/order?${days}`)).body as OrderAnswer;
    expect(order.runs.map(({ id }) => id)).toContain('run-1');
    expect(order.lines.find(({ name }) => name === 'Gelatine')!.neededG).toBeCloseTo(needed().Gelatine!, 9);
  });
});
