import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Class } from '../../contract/classes';
import type { Library } from '../../contract/library';
import type { PracticalSummary, Revision } from '../../contract/practicals';
import type { ProblemDocument } from '../../contract/problem';
import type { RunFile } from '../../contract/run-file';
import { newIngredient, newPlan, newStep, type Plan } from '../../core/practical';
import { migrations } from '../db/migrations';
import { openDatabase } from '../db/open';
import { runningApp, startedRun, type RunningApp } from '../testing/running-app';
import { refreshIndex } from './refresh-index';

let server: RunningApp;
const rice: Plan = {
  ...newPlan('Rice pudding, slow or quick', null),
  question: 'Does a crème brûlée lid crack like ice?',
  tags: ['year 8'],
  periodMinutes: 45,
  formula: [newIngredient({ id: 'r', name: 'Pudding rice', amount: 50, note: 'washed twice' })],
  steps: [newStep({ id: 's', text: 'Simmer in the small saucepan until it thickens, stirring.' })],
};

beforeAll(async () => {
  server = await runningApp();
  await startedRun(server);
  await server.send('POST', '/api/practicals', { id: 'rice', plan: rice });
});
afterAll(() => server.stop());

const library = async (query: string) => (await server.get(`/api/library?${query}`)).body as Library;
const titles = async (query: string) => (await library(query)).entries.map(({ id }) => id);

describe('the library', () => {
  it.each([
    ['search=puddings', ['rice'], 'by the stem of a word'],
    ['search=creme+BRULEE', ['rice'], 'whatever its accents and letters'],
    ['search=saucepan', ['rice'], 'by the method'],
    ['search=washed', ['rice'], 'by a note of the formula'],
    ['search=year+8', ['rice'], 'by a tag'],
    ['search=honeycomb+pudding', [], 'only where every word stands'],
    ['search=thicken+rice', ['rice'], 'words in any order, from any part'],
    ['search=%22+OR+NEAR(*)+%27--', [], 'with signs of the index as nothing but text'],
    ['search=%F0%9F%8D%9A', ['honeycomb', 'rice'], 'with nothing but a picture: all'],
    ['equipment=spring+balance', ['honeycomb'], 'by what it needs'],
    ['phenomenon=sugar+stages', ['honeycomb'], 'by what happens'],
    ['minutes=45', ['rice'], 'by its length'],
    ['tag=year+8&minutes=44', [], 'by all of them together'],
  ])('finds %s: %j (%s)', async (query, ids) => {
    expect(await titles(query)).toEqual(ids);
  });

  it('tells how often each has run, and shows where the words stand', async () => {
    const { entries, phenomena } = await library('search=rice');
    expect(entries[0]).toMatchObject({ runs: 0, lastRunAt: null, archived: false });
    expect(entries[0]!.found.filter(({ hit }) => hit).map(({ text }) => text.toLowerCase())).toContain(
      'rice',
    );
    expect(phenomena).toContainEqual(['thickening by starch', 1]);
    const [honeycomb] = (await library('search=honeycomb')).entries;
    expect(honeycomb!.runs).toBe(1);
    expect(honeycomb!.lastRunAt).not.toBeNull();
  });

  it('follows an edit at once, and no word of the old plan stays', async () => {
    const edited = { ...rice, title: 'Semolina pudding' };
    const { number } = (
      await server.send('POST', '/api/practicals/rice/revisions', { basedOn: 1, plan: edited })
    ).body as Revision;
    expect(await titles('search=semolina')).toEqual(['rice']);
    expect(await titles('search=slow')).toEqual([]);
    await server.send('POST', '/api/practicals/rice/revisions', { basedOn: number, plan: rice });
  });

  it('puts a practical away and brings it back; its page, its runs and its revisions stay', async () => {
    const put = (archived: boolean) => server.send('POST', '/api/practicals/honeycomb/archive', { archived });
    expect((await put(true)).body).toEqual({ id: 'honeycomb', archived: true });
    expect(await titles('')).toEqual(['rice']);
    expect(await titles('archived=yes')).toEqual(['honeycomb']);
    expect((await server.get('/api/practicals/honeycomb')).status).toBe(200);
    const summaries = (await server.get('/api/practicals')).body as PracticalSummary[];
    expect(summaries.find(({ id }) => id === 'honeycomb')?.archived).toBe(true);
    await put(false);
    expect(await titles('')).toEqual(['honeycomb', 'rice']);
    expect((await server.send('POST', '/api/practicals/none/archive', { archived: true })).status).toBe(404);
  });

  it.each([
    ['minutes=soon', 'minutes'],
    ['archived=perhaps', 'archived'],
    [`search=${'a'.repeat(201)}`, 'search'],
    ['tag=a&tag=b', 'tag'],
  ])('refuses %s, the field named', async (query, field) => {
    const { status, body } = await server.get(`/api/library?${query}`);
    expect([status, (body as ProblemDocument).errors?.[0]?.field]).toEqual([422, field]);
  });

  it('is made anew from the plans where it was lost, or where the program knows more', async () => {
    await server.knex('library').delete();
    await server.knex('library_text').delete();
    await refreshIndex(server.knex, 1);
    expect(await titles('search=pudding')).toEqual(['rice']);
    await server.knex('library_text').delete();
    await refreshIndex(server.knex, 2);
    // The same program does not do it twice.
    expect(await titles('search=pudding')).toEqual([]);
    await server.knex('settings').where({ key: 'library-facts' }).delete();
    await refreshIndex(server.knex, 3);
    expect(await titles('search=pudding')).toEqual(['rice']);
  });

  it('comes into a database from before it, with the plans that are there', async () => {
    const data = mkdtempSync(join(tmpdir(), 'tawny-'));
    const old = await openDatabase(data, migrations.slice(0, 4));
    await old('practicals').insert({ id: 'p', created_at: 1 });
    await old('revisions').insert({
      ...{ practical_id: 'p', number: 3, saved_at: 5, format: 2, title: rice.title, question: '' },
      ...{ period_minutes: 45, plan: JSON.stringify(rice) },
    });
    await old.destroy();
    const knex = await openDatabase(data);
    await refreshIndex(knex, 1);
    expect(await knex('library').select('practical_id', 'revision', 'saved_at', 'title')).toEqual([
      { practical_id: 'p', revision: 3, saved_at: 5, title: rice.title },
    ]);
    const found: { n: number }[] = await knex.raw(
      "SELECT count(*) AS n FROM library_text WHERE library_text MATCH 'saucepan'",
    );
    expect(found).toEqual([{ n: 1 }]);
    await knex.destroy();
    rmSync(data, { recursive: true });
  });
});

describe('what a class has declared', () => {
  it('is kept with the class, refused with the field named, and leaves with no file', async () => {
    const put = (needs: unknown) => server.send('PUT', '/api/classes/9b/needs', { needs });
    const needs = [{ what: 'milk', count: 2, seats: '4, 11' }];
    expect(((await put(needs)).body as Class).needs).toEqual(needs);
    const { status, body } = await put([{ what: 'cheese', count: 2, seats: '' }]);
    expect([status, (body as ProblemDocument).errors?.[0]?.pointer]).toEqual([422, '/needs/0/what']);
    expect((await put([...needs, ...needs])).status).toBe(422);
    expect((await server.get('/api/classes')).body).toMatchObject([{ id: '9b', needs }]);
    const [run] = (await server.knex('runs').pluck('id')) as [string];
    const file = (await server.get(`/api/runs/${run}/run.json`)).body as RunFile;
    expect(JSON.stringify(file)).not.toContain('"needs":[{"what"');
    expect(file.class).toEqual({ id: '9b', name: '9B', students: 20, unit: 'C' });
  });
});
