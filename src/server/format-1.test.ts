import { readFileSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliDecompressSync } from 'node:zlib';
import Database from 'better-sqlite3';
import type { Knex } from 'knex';
import Papa from 'papaparse';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readRunFile } from '../contract/run-file';
import { batchTables } from '../core/batch';
import {
  changesBetween,
  placeOf,
  readPlan,
  stationPlan,
  stepMinutes,
  treatmentsOf,
  type Plan,
} from '../core/practical';
import { reviewPlan } from '../core/review';
import {
  benchSetting,
  callsFor,
  classTable,
  findingsFor,
  Notebook,
  reachedByFactor,
  responseSeries,
  stationState,
  type BenchSetting,
  type Entry,
} from '../core/run';
import type { Run } from '../contract/runs';
import { createApp, type App } from './app';
import { openDatabase } from './db/open';
import { documentSource } from './run-files/document-source';
import expected from './testing/format-1/expected.json' with { type: 'json' };

/*
 * The folder holds a database and a run file as the first format of a plan was written, and what the program of that
 * day said of them: its remarks, its calls, its results. They open for ever, and say the same.
 */

const folder = join(import.meta.dirname, 'testing/format-1');
const unpacked = (name: string) => brotliDecompressSync(readFileSync(join(folder, `${name}.br`)));

const data = mkdtempSync(join(tmpdir(), 'tawny-format-1-'));
let knex: Knex;
let app: App;
let before: { practical_id: string; number: number; plan: string }[];

beforeAll(async () => {
  const file = join(data, 'tawny.sqlite');
  writeFileSync(file, unpacked('tawny.sqlite'));
  const old = new Database(file);
  before = old
    .prepare('SELECT practical_id, number, plan FROM revisions ORDER BY practical_id, number')
    .all() as typeof before;
  old.close();
  knex = await openDatabase(data);
  app = createApp({
    knex,
    dataFolder: data,
    version: 'test',
    epoch: 'this one',
    open: true,
    probes: () => ({ advance: () => [], hear: () => undefined }),
    logger: { error: () => undefined },
  });
});
afterAll(async () => {
  app.close();
  await knex.destroy();
  rmSync(data, { recursive: true, force: true });
});

const rounded = (value: unknown): unknown =>
  JSON.parse(
    JSON.stringify(value, (_, one: unknown) =>
      typeof one === 'number' && !Number.isInteger(one) ? Number(one.toPrecision(12)) : one,
    ),
  );

async function notebookOf(run: Run): Promise<Notebook> {
  const notebook = new Notebook(run.startedAt!, run.stations);
  const rows = await knex('log').where({ run_id: run.id }).orderBy('seq');
  notebook.add(
    (rows as (Omit<Entry, 'body'> & { body: string })[]).map((row) => ({
      id: row.id,
      station: row.station,
      at: row.at,
      offset: row.offset,
      body: JSON.parse(row.body) as Entry['body'],
    })),
  );
  return notebook;
}

const settingOf = ({ plan, place, allocation }: Run): BenchSetting =>
  benchSetting(
    plan,
    place,
    new Map(allocation.map(({ station, treatmentId }) => [station, treatmentId])),
    batchTables,
  );

/** Remarks that came after the first format. */
const newer = new Set([
  'soda-left',
  'dose',
  'ends-in-oven',
  'oven-not-heated',
  'oven-how-hot',
  'fat-soft',
  'lead-time',
  'vague',
  'confounder',
]);

/** Minutes of the station that takes longest, briefing and clearing up with it, as the first program added them. */
const inARow = (plan: Plan) =>
  plan.briefingMinutes +
  plan.clearUpMinutes +
  Math.max(
    ...[null, ...treatmentsOf(plan)].map((treatment) =>
      stationPlan(plan, null, treatment)
        .steps.filter(({ when }) => when === 'lesson')
        .reduce((sum, step) => sum + (stepMinutes(step)?.most ?? 0), 0),
    ),
  );

describe('what the first format wrote', () => {
  it('is still there byte for byte after the database was brought up to date', async () => {
    const after = await knex('revisions')
      .select('practical_id', 'number', 'plan')
      .orderBy(['practical_id', 'number']);
    expect(after).toEqual(before);
    await expect(knex.raw("UPDATE revisions SET title = 'x'")).rejects.toThrow('append-only');
    const shown = await app.practicals.all();
    expect(shown.map(({ id, title, revision }) => [id, title, revision])).toEqual([
      ['practical-custard', 'Custard: which starch?', 1],
      ['practical-honeycomb', 'Honeycomb: how hot is brittle?', 1],
      ['practical-bare', 'Only a thermometer', 1],
      ['practical-pears', 'Pear slices: what stops the browning?', 1],
      ['practical-scones', 'Soda scones: higher, or browner?', 3],
      ['practical-fixed', 'Syrup to one temperature', 1],
    ]);
  });

  it('draws the same remarks, and the lesson is as long as it was', async () => {
    const rooms = (await app.rooms.all()).map((room) => ({ id: room.id, place: placeOf(room) }));
    for (const was of expected.practicals) {
      const row = before.find((one) => one.practical_id === was.id && one.number === was.number)!;
      const plan = readPlan(JSON.parse(row.plan));
      const place = rooms.find((room) => room.id === plan.roomId)?.place ?? null;
      const { open, dismissed } = reviewPlan({ plan, place, rooms });
      // Whether it is over by the bell the timetable says now, not the margin by itself.
      const wasOpen = was.open.filter(({ id }: { id: string }) => !id.startsWith('period-'));
      // A remark about the thermometer stands beside its line, which now has an id like any other.
      // Rules that are newer than the file speak of it as well.
      const said = open
        .filter(({ id }) => !newer.has(id.split(':')[0]!))
        .map(({ id, rank, at, what, why }) => ({ id, rank, at, what, why }));
      expect(said, `${was.id} ${was.number}`).toEqual(wasOpen);
      expect(dismissed.map(({ remark, reason }) => [remark.id, reason])).toEqual(was.dismissed);
      expect(inARow(plan)).toBe(was.ends);
    }
  });

  it('tells its history, each change where it was', () => {
    for (const was of expected.history) {
      const [from, to] = [was.number - 1, was.number].map((number) =>
        readPlan(
          JSON.parse(before.find((one) => one.practical_id === was.id && one.number === number)!.plan),
        ),
      );
      const told = changesBetween(from!, to!);
      expect([...new Set(told.map((one) => one.section))]).toEqual([
        ...new Set(was.changes.map((one) => one.section)),
      ]);
      // What was once “edited” now says which field, from what, to what.
      for (const { what } of was.changes.filter((one) => !/ edited$|^set aside/.test(one.what)))
        expect(told.map((one) => one.what)).toContain(what);
    }
    const rows = before
      .filter((one) => one.practical_id === 'practical-scones')
      .map((one) => readPlan(JSON.parse(one.plan)));
    expect(changesBetween(rows[0]!, rows[1]!).map((one) => one.what)).toEqual([
      'title: “Soda scones: higher, or only browner?” → “Soda scones: higher, or browner?”',
      '“Bake 12 min on the middle shelf.” minutes: 12 min → 14 min',
      '“Bake 12 min on the middle shelf.” look at: 10 min → 11 min',
      'set aside: none → “held-without-how:held-oven” “one shelf only”',
    ]);
  });

  it('has the same board at every moment, and the same results', async () => {
    for (const was of expected.runs) {
      const run = await app.runs.one(was.id);
      expect(run.allocation.map(({ station, treatmentId }) => ({ station, levelId: treatmentId }))).toEqual(
        was.allocation,
      );
      const setting = settingOf(run);
      const notebook = await notebookOf(run);
      for (const moment of was.moments) {
        const states = run.stations.map((station) =>
          stationState(setting, notebook, station, run.startedAt! + moment.minute * 60_000),
        );
        const seen = states.map((state) => ({
          station: state.station,
          level: state.label,
          stepNumber: state.stepNumber,
          phase: state.phase,
          words: state.words,
          target: state.target,
          heating: state.heating,
          countdown: state.countdown && state.countdown.lengthS,
        }));
        expect(rounded(seen)).toEqual(moment.states);
        const calls = callsFor(setting, states, 'C').map(({ id, rank, what, why }) => ({
          id,
          rank,
          what,
          why,
        }));
        expect(calls).toEqual(moment.calls);
      }
      for (const result of was.results) {
        const plotAt = result.plotAt as 'planned' | 'reached';
        const rows = classTable(setting, notebook);
        const series = run.plan.responses.map((_, i) => responseSeries(run.plan, rows, i, plotAt));
        const table = rows.map((row) => {
          const reached = reachedByFactor(run.plan, row);
          return {
            station: row.station,
            level: row.label,
            cells: row.cells.map((cell) => cell.mean),
            reachedC: reached?.celsius ?? null,
            targetC: reached?.targetC ?? null,
            reachedSeaLevelC: reached?.seaLevelC ?? null,
            deviations: row.deviations,
          };
        });
        expect(rounded(table)).toEqual(result.rows);
        const groups = series.map((one) =>
          one.groups.map(({ label, mean, ci95 }) => ({ label, mean, ci95 })),
        );
        expect(rounded(groups)).toEqual(result.groups);
        const findings = findingsFor(run.plan, rows, series).map(({ id, rank, what, why, working }) => ({
          id,
          rank,
          what,
          why,
          lines: working.lines,
        }));
        // How surely something is told is judged by what is known today; what was measured is what it was.
        const isJudged = ({ id }: { id: string }) => /^(trend|curve|neighbours|not-apart):/.test(id);
        const others = <T extends { id: string }>(all: readonly T[]) => all.filter((one) => !isJudged(one));
        const today = rounded(findings) as typeof findings;
        expect(others(today)).toEqual(others(result.findings));
        const measured = ({ lines }: { lines: readonly { text: string }[] }) =>
          lines.filter(({ text }) => /^(slope|change along|spread about|median|r²)/.test(text));
        for (const told of result.findings.filter(({ id }) => id.startsWith('trend:'))) {
          const now = today.find(({ id }) => id === told.id)!;
          expect(now.what).toBe(told.what);
          expect(measured(now)).toEqual(measured(told));
          expect(measured(told).length).toBeGreaterThan(2);
        }
      }
    }
  });

  it('comes in again from its file, the same run in every entry, and its log reads as it did', async () => {
    const read = readRunFile(JSON.parse(unpacked('run.json').toString('utf8')));
    if ('errors' in read) throw new Error(JSON.stringify(read.errors.slice(0, 3)));
    writeFileSync(join(data, 'run.json'), unpacked('run.json'));
    const source = documentSource(join(data, 'run.json'));
    expect(await app.files.read(source)).toMatchObject({
      already: true,
      entries: read.value.entries.length,
    });
    const empty = mkdtempSync(join(tmpdir(), 'tawny-format-1-empty-'));
    const other = await openDatabase(empty);
    try {
      const fresh = createApp({
        knex: other,
        dataFolder: empty,
        version: 'test',
        epoch: 'this one',
        open: true,
        probes: () => ({ advance: () => [], hear: () => undefined }),
        logger: { error: () => undefined },
      });
      await fresh.files.read(source);
      const { bytes } = await fresh.files.write(read.value.run.id, 'csv', new Date());
      let csv = '';
      for await (const chunk of bytes) csv += chunk.toString();
      const parsed = (text: string) =>
        Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, '').trim(), { header: true }).data;
      const now = parsed(csv).map(({ piece, ...row }) => (expect(piece).toBe(''), row));
      expect(now).toEqual(parsed(unpacked('log.csv').toString('utf8')));
      const run = await fresh.runs.one(read.value.run.id);
      const notebook = new Notebook(run.startedAt!, run.stations);
      notebook.add(read.value.entries);
      const rows = classTable(settingOf(run), notebook);
      const was = expected.runs.find((one) => one.id === run.id)!.results[0]!.rows;
      expect(
        rounded(rows.map(({ station, cells }) => ({ station, cells: cells.map((cell) => cell.mean) }))),
      ).toEqual(was.map(({ station, cells }) => ({ station, cells })));
      fresh.close();
    } finally {
      await other.destroy();
      rmSync(empty, { recursive: true, force: true });
    }
  });
});
