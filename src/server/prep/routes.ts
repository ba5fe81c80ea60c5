import pLimit from 'p-limit';
import { PrepEdit, Ticks } from '../../contract/prep';
import { routes } from '../../contract/routes';
import { BudgetSet } from '../../contract/school';
import type { Gate } from '../actors/gate';
import { momentIn } from '../problems/moment';
import { refusedField } from '../problems/problem';
import type { Live } from '../log/live';
import type { Runs } from '../runs/runs';
import type { SchoolSettings } from '../school/school';
import type { ThermometerChecks } from './thermometer-checks';
import { ThermometerCheck } from '../../contract/rooms';
import { KeptThread } from '../threads/in-thread';
import { csvOfOrder } from './order-csv';
import type { OrderTables } from './order-xlsx';
import type { OrderAsked, Orders } from './orders';
import type { Preps } from './preps';
import type { TickList } from './tick-list';

export interface PrepParts {
  runs: Runs;
  preps: Preps;
  live: Live;
  orders: Orders;
  ticks: TickList;
  checks: ThermometerChecks;
  school: SchoolSettings;
  /** What a thread runs; without it workbooks are written where they are asked for. */
  thread: URL | null;
}

/** Longest span of days an order takes, ms. */
const longestMs = 200 * 24 * 3_600_000;

/** Which days and which runs are asked for. */
export function orderAskedIn(query: Record<string, unknown>): OrderAsked {
  const from = momentIn(query.from, 'from');
  const to = momentIn(query.to, 'to');
  if (from === undefined) throw refusedField('/from', undefined, 'a moment in ms since 1970');
  if (to === undefined) throw refusedField('/to', undefined, 'a moment in ms since 1970');
  if (!(to > from && to - from <= longestMs))
    throw refusedField('/to', to, 'after `from`, by at most 200 days');
  const without = typeof query.without === 'string' ? query.without.split(',').filter(Boolean) : [];
  const only = typeof query.only === 'string' && query.only !== '' ? query.only : null;
  return { from, to, without: new Set(without), only };
}

export function prepRoutes(gate: Gate, parts: PrepParts): void {
  const { runs, preps, live, checks, school } = parts;
  gate.route(
    { method: 'get', path: routes.runPrep(':id'), may: 'teacher', says: 'How a run is prepared' },
    async ({ request }) => preps.of((await runs.one(request.params.id as string)).id),
  );
  gate.route(
    {
      ...{ method: 'put', path: routes.runPrep(':id'), may: 'teacher', body: PrepEdit },
      says: 'Changes how a run is prepared from the version it was read at',
    },
    async ({ request, body }) => {
      const run = await runs.one(request.params.id as string);
      const prep = await preps.change(run.id, body);
      // Open tablets see themselves otherwise from now on.
      live.run(run);
      return prep;
    },
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.thermometerCheck(':id'), may: 'teacher', body: ThermometerCheck },
      says: 'Keeps what a thermometer of a room showed in ice and in boiling water; its readings in runs are put right by it',
    },
    ({ request, body }) => checks.keep(request.params.id as string, body),
  );
  gate.route(
    {
      ...{ method: 'put', path: routes.budgets, may: 'teacher', body: BudgetSet },
      says: 'Sets what a class may cost in a term, in place of what was set for any day of it',
    },
    ({ body }) => school.setBudget(body.budget),
  );
  orderRoutes(gate, parts);
  tickRoutes(gate, parts);
}

function orderRoutes(gate: Gate, { orders, thread }: PrepParts): void {
  const workbooks = workbooksBy(thread);
  const says =
    'What all runs that begin from `from` up to `to` take together, but for those `without` names; `only` asks for one';
  gate.route({ method: 'get', path: routes.order, may: 'teacher', says }, ({ request }) =>
    orders.of(orderAskedIn(request.query)),
  );
  gate.route(
    {
      method: 'get',
      path: routes.orderCsv,
      may: 'teacher',
      type: 'text/csv',
      says: 'The same as a CSV file',
    },
    async ({ request, response }) => {
      response
        .type('text/csv; charset=utf-8')
        .setHeader('Content-Disposition', 'attachment; filename="order.csv"')
        .send(csvOfOrder(await orders.make(orderAskedIn(request.query))));
    },
  );
  const spreadsheet = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';
  gate.route(
    {
      ...{ method: 'get', path: routes.orderXlsx, may: 'teacher', type: spreadsheet },
      says: 'The same as a workbook whose sums are live',
    },
    async ({ request, response }) => {
      const { order, ordered } = await orders.make(orderAskedIn(request.query));
      const workbook = await workbooks({ order, ordered });
      response
        .type(spreadsheet)
        .setHeader('Content-Disposition', 'attachment; filename="order.xlsx"')
        .send(Buffer.from(workbook));
    },
  );
}

/** Writes workbooks, one at a time; what it takes is loaded with the first, which would keep everybody else waiting. */
function workbooksBy(program: URL | null): (tables: OrderTables) => Promise<Uint8Array> {
  const thread = program && new KeptThread(program);
  const line = pLimit(1);
  return async (tables) => {
    if (thread) return line(() => thread.answer<Uint8Array>({ workbook: tables }));
    const { xlsxOfOrder } = await import('./order-xlsx');
    return xlsxOfOrder(tables);
  };
}

function tickRoutes(gate: Gate, { ticks }: PrepParts): void {
  gate.route(
    {
      ...{ method: 'get', path: routes.ticks, may: 'teacher' },
      says: 'What is ticked off, of lines that begin with `begins`',
    },
    ({ request }) => ticks.all(typeof request.query.begins === 'string' ? request.query.begins : ''),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.ticks, may: 'teacher', body: Ticks, signs: true },
      says: 'Ticks lines off, or no longer; the last word that arrives counts',
    },
    async ({ body, actor }) => {
      await ticks.keep(body.ticks, actor);
      return { kept: body.ticks.length };
    },
  );
}
