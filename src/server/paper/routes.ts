import type { Request, Response } from 'express';
import { Everything } from '../../contract/paper';
import { routes } from '../../contract/routes';
import type { Gate } from '../actors/gate';
import type { Timetables } from '../days/timetables';
import { orderAskedIn } from '../prep/routes';
import type { PantryShelf } from '../pantry/pantry';
import type { Orders } from '../prep/orders';
import type { Preps } from '../prep/preps';
import type { Runs } from '../runs/runs';
import { labelKindIn, labelsIn, labelTexts, paperIn, partIn } from './ask';
import type { PaperAsked, PartAsked } from './papers';
import type { Press } from './press';
import type { PaperRun } from './run-of-paper';

export interface PaperParts {
  runs: Runs;
  preps: Preps;
  orders: Orders;
  timetables: Timetables;
  pantry: PantryShelf;
  press: Press;
  addresses(): string[];
}

const pdf = 'application/pdf';
const named = (name: string) => ({
  'Content-Disposition': `inline; filename="${name}"`,
  'Cache-Control': 'no-store',
});

async function send(response: Response, name: string, file: Uint8Array | Promise<Uint8Array>) {
  const made = await file;
  response.type(pdf).set(named(name)).send(Buffer.from(made));
}

const waits = (response: Response) => () => !response.destroyed;

/** Where tablets reach this server: another machine of the network, else as the teacher does. */
const originOf = (request: Request, addresses: string[]) =>
  addresses[0] ?? `${request.protocol}://${request.get('host') ?? 'localhost'}`;

export function paperRoutes(gate: Gate, parts: PaperParts): void {
  const { runs, preps, orders, timetables, pantry, press, addresses } = parts;
  const paperRun = async (id: string): Promise<PaperRun> => {
    const run = await runs.one(id);
    return { run, ways: (await preps.of(id)).ways, products: (await pantry.all()).products };
  };
  gate.route(
    {
      ...{ method: 'get', path: routes.runPaper(':id', ':paper'), may: 'teacher', type: pdf },
      says: 'Pages of a run: weigh-out, trays, pull-list, risk, sheets or timetable, on `paper` A4 or Letter',
    },
    async ({ request, response }) => {
      const { id, paper: name } = request.params as { id: string; paper: string };
      const of = await paperRun(id);
      const part = await partIn(name, of, () => timetables.of(id));
      const asked = { title: of.run.plan.title, paper: paperIn(request.query), parts: [part] };
      await send(response, `${name}.pdf`, press.print(asked, waits(response)));
    },
  );
  gate.route(
    {
      method: 'get',
      path: routes.orderPaper,
      may: 'teacher',
      type: pdf,
      says: 'An order as pages; asked for as the order is',
    },
    async ({ request, response }) => {
      const order = await orders.of(orderAskedIn(request.query));
      const asked: PaperAsked = {
        title: 'Order',
        paper: paperIn(request.query),
        parts: [{ is: 'order', order }],
      };
      await send(response, 'order.pdf', press.print(asked, waits(response)));
    },
  );
  gate.route(
    {
      ...{ method: 'get', path: routes.labelPaper, may: 'teacher', type: pdf },
      says: 'Labels of a `run`, of a `kind` (stations, dishes, storage, parcels), on a `sheet`, from its label `startAt` on; `borders=yes` draws where they end',
    },
    async ({ request, response }) => {
      const labels = labelsIn(request.query);
      const kind = labelKindIn(request.query);
      const of = await paperRun(typeof request.query.run === 'string' ? request.query.run : '');
      const texts = labelTexts(of, kind, originOf(request, addresses()));
      const part: PartAsked = { is: 'labels', texts, labels };
      await send(
        response,
        'labels.pdf',
        press.print({ title: 'Labels', paper: labels.sheet.paper, parts: [part] }, waits(response)),
      );
    },
  );
  everythingRoutes(gate, parts);
}

function everythingRoutes(
  gate: Gate,
  { runs, preps, orders, timetables, pantry, press, addresses }: PaperParts,
): void {
  gate.route(
    {
      ...{ method: 'post', path: routes.everything, may: 'teacher', body: Everything, status: 202 },
      says: 'Begins one file with all pages for the runs of some days: order, and for each weigh-out, trays, pull list, labels, risk assessment, timetable and sheets',
    },
    ({ actor, body, request }) => {
      const asked = orderAskedIn({
        from: String(body.from),
        to: String(body.to),
        without: body.without.join(','),
      });
      const origin = originOf(request, addresses());
      // Where nobody signs in, each machine is somebody.
      const owner = actor.id === 'open' ? (request.socket.remoteAddress ?? '') : actor.id;
      return press.begin(owner, async () => {
        const order = await orders.of(asked);
        const all: PartAsked[] = [{ is: 'order', order }];
        const { products } = await pantry.all();
        // All at once: the timetables wait in a line of their own.
        const laid = await Promise.all(order.runs.map(({ id }) => timetables.of(id)));
        for (const [i, { id }] of order.runs.entries()) {
          const of: PaperRun = { run: await runs.one(id), ways: (await preps.of(id)).ways, products };
          const timetable = laid[i]!;
          const labels = labelsIn({ sheet: body.paper === 'A4' ? 'a4-21' : 'letter-30' });
          all.push({ is: 'timetable', of, timetable }, { is: 'weigh-out', of }, { is: 'pull-list', of });
          all.push({ is: 'trays', of }, { is: 'risk', of }, { is: 'level-sheets', of });
          all.push({ is: 'labels', texts: labelTexts(of, 'stations', origin), labels });
        }
        return { title: 'Everything', paper: body.paper, parts: all };
      });
    },
  );
  gate.route(
    {
      ...{ method: 'get', path: routes.everythingState(':id'), may: 'teacher' },
      says: 'How far a file has come',
    },
    ({ request }) => press.state(request.params.id as string),
  );
  gate.route(
    {
      ...{ method: 'get', path: routes.everythingFile(':id'), may: 'teacher', type: pdf },
      says: 'The file, once it is ready',
    },
    ({ request, response }) => send(response, 'everything.pdf', press.file(request.params.id as string)),
  );
}
