import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { PantryAnswer, ProductsImported } from '../../contract/pantry';
import type { ProblemDocument } from '../../contract/problem';
import type { Run } from '../../contract/runs';
import { tablesOf } from '../../core/batch';
import { newIngredient } from '../../core/practical';
import { runningApp, startedRun, type RunningApp } from '../testing/running-app';
import { csvOfProducts, readProducts } from './product-csv';

let server: RunningApp;
beforeAll(async () => {
  server = await runningApp();
});
afterAll(() => server.stop());

const all = async () => (await server.get('/api/pantry')).body as PantryAnswer;
const file = (csv: string, how = 'add') => server.send('POST', '/api/pantry/products/file', { csv, how });
const told = (answer: { body: never }) =>
  ((answer.body as ProblemDocument).errors ?? []).map(
    ({ field, value, allowed }) => `${field}: ${String(value)}: ${allowed}`,
  );

const flour = {
  ...{ id: 'p1', ingredient: 'plain flour', name: '', packG: 1500, price: 1.2, supplier: 'Market' },
  ...{ store: null, keepsDays: null, allergens: null },
};

describe('a school’s own packs', () => {
  it('are kept, replaced by their id, and taken away', async () => {
    const keep = (product: object) => server.send('POST', '/api/pantry/products', { product });
    expect((await keep(flour)).status).toBe(201);
    await keep({ ...flour, price: 1.3 });
    expect((await all()).products).toEqual([{ ...flour, price: 1.3 }]);
    for (const [field, value] of [
      ['price', 0],
      ['price', -1],
      ['packG', 0],
      ['ingredient', '  '],
    ] as const) {
      const { status, body } = await keep({ ...flour, [field]: value });
      expect([status, (body as ProblemDocument).errors![0]]).toMatchObject([
        422,
        { pointer: `/product/${field}`, value },
      ]);
    }
    await server.send('POST', '/api/pantry/products/p1/remove', {});
    expect((await all()).products).toEqual([]);
  });

  it('come from a file with semicolons, commas as decimals and the mark some programs put first', async () => {
    const csv =
      '\uFEFFIngredient;Pack (g);Price;Keeps days;Allergens\r\nButtermilk;500 g;1,10;7;milk\r\nPlain flour;1,5 kg;0,95;;gluten wheat\r\n';
    const { status, body } = await file(csv);
    expect([status, (body as ProductsImported).added]).toEqual([201, 2]);
    expect((await all()).products).toMatchObject([
      { ingredient: 'Buttermilk', packG: 500, price: 1.1, keepsDays: 7, allergens: ['milk'] },
      {
        ingredient: 'Plain flour',
        packG: 1500,
        price: 0.95,
        keepsDays: null,
        allergens: ['gluten', 'wheat'],
      },
    ]);
    // The same once more, dearer: replaced, not doubled.
    const again = (await file(csv.replace('1,10', '1,25'))).body as ProductsImported;
    expect([again.added, again.replaced, again.products[0]!.price]).toEqual([0, 2, 1.25]);
  });

  it('of a file with one bad line nothing is taken, and the line is named', async () => {
    const before = await all();
    const bad = await file(
      'ingredient,pack_g,price\nSalt,750,0.60\nSugar,0,1\nFlour,1500,-1\n=HYPERLINK("x"),5,1\nYeast,"1,500",1\n',
    );
    expect(bad.status).toBe(422);
    expect(told(bad)).toEqual([
      'line 3, pack_g: 0: a number from 0.1 to 50000 g',
      'line 4, price: -1: a number from 0.01 to 100000',
      'line 5, ingredient: =HYPERLINK("x"): words, not a formula',
      'line 6, pack_g: 1,500: a number that reads one way only: 1500 or 1.500',
    ]);
    expect(await all()).toEqual(before);
  });

  it('refuses what is no table, too long, or has an unknown store or allergen', async () => {
    expect(told(await file('hello'))[0]).toContain('a column ingredient and one pack_g');
    const many = `ingredient,pack_g\n${'salt,5\n'.repeat(10_000)}`;
    expect(told(await file(many))[0]).toContain('10000 lines: at most 2000 packs');
    expect(told(await file('ingredient;pack_g;store;allergens\nx;1.500;attic;gluten plutonium\n'))).toEqual([
      'line 2, store: attic: one of dry, cold, frozen, fresh, or nothing',
      expect.stringContaining('line 2, allergens: plutonium') as string,
      'line 2, pack_g: 1.500: a number that reads one way only: 1500 or 1,500',
    ]);
  });

  it('go out as a file that comes in again the same, with nothing a spreadsheet would run', () => {
    const products = [
      { ...flour, name: '=1+1', supplier: 'Mill; “Old”', allergens: ['gluten' as const] },
      { ...flour, id: 'p2', packG: 2.5, price: null, allergens: [] },
    ];
    const csv = csvOfProducts(products);
    expect(csv).toContain(`'=1+1`);
    const back = readProducts(csv.replace(`'=1+1`, 'one'));
    const plain = (one: object) => ({ ...one, id: '' });
    expect('products' in back && back.products.map(plain)).toEqual(
      products.map((one) => ({ ...plain(one), name: one.name && 'one' })),
    );
  });
});

describe('what is there, and what measures weigh', () => {
  it('stock is by ingredient however it is written; nothing takes it off the list', async () => {
    await server.send('PUT', '/api/pantry/stock', { stock: [{ ingredient: 'caster sugar', grams: 400 }] });
    await server.send('PUT', '/api/pantry/stock', { stock: [{ ingredient: 'castor sugar', grams: 250 }] });
    expect((await all()).stock).toEqual([{ ingredient: 'castor sugar', grams: 250 }]);
    await server.send('PUT', '/api/pantry/stock', { stock: [{ ingredient: 'Caster Sugar', grams: 0 }] });
    expect((await all()).stock).toEqual([]);
    const { body } = await server.send('PUT', '/api/pantry/stock', {
      stock: [{ ingredient: 'salt', grams: -1 }],
    });
    expect(body).toMatchObject({ errors: [{ pointer: '/stock/0/grams' }] });
  });

  it('six cups of flour make the run’s own density; a run that has begun keeps what it had', async () => {
    const running = await startedRun(server);
    const cup = newIngredient({ id: 'c', name: 'Plain flour', amount: 1, unit: 'cup' });
    const plan = async (id: string) => (await server.get(`/api/runs/${id}`)).body as { run: Run };
    const { run } = await plan(running);
    const edit = { ...run.plan, formula: [...run.plan.formula, cup] };
    await server.send('POST', '/api/practicals/honeycomb/revisions', { basedOn: 1, plan: edit });
    await server.send('POST', '/api/runs', {
      ...{ id: 'next', practicalId: 'honeycomb', revision: 2, roomId: 'kitchen', classId: '9b' },
      ...{ startsAt: Date.now() + 86_400_000, stations: 4, probes: 'none', seed: 1 },
    });
    const weighs = async () => {
      const next = (await plan('next')).run;
      return tablesOf(next.batch).gramsOf(next.plan.formula.find(({ id }) => id === 'c')!);
    };
    const table = await weighs();
    for (const [i, grams] of [126, 130, 128, 127, 129, 128].entries()) {
      const weighing = { id: `w${i}`, ingredient: 'flour', ml: 250, grams, at: Date.now() };
      await server.send('POST', '/api/pantry/weighings', { weighing });
    }
    expect(table).not.toBeCloseTo(128, 3);
    expect(await weighs()).toBeCloseTo(128, 9);
    await server.send('POST', '/api/runs/next/start', {});
    await server.send('POST', '/api/pantry/weighings/w0/remove', {});
    expect(await weighs()).toBeCloseTo(128, 9);
    expect((await all()).weighings).toHaveLength(5);
  });
});
