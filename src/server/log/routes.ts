import type { Response } from 'express';
import { EntryBatch, type BatchReceipt, type LoggedEntry } from '../../contract/entries';
import { routes } from '../../contract/routes';
import type { Run } from '../../contract/runs';
import type { Entry } from '../../core/run';
import type { Call, Gate } from '../actors/gate';
import type { Actor } from '../actors/actor';
import { refusedField } from '../problems/problem';
import type { Runs } from '../runs/runs';
import type { Writer } from './fits';
import type { Live, View } from './live';
import type { Log } from './log';
import { sendPage, tellsWeights, type LogPages } from './log-pages';

/** Keeps entries and tells everyone who watches the run. */
export async function keepAndTell(log: Log, live: Live, run: Run, entries: readonly Entry[], writer: Writer) {
  const { receipt, added } = await log.keep(run, entries, writer);
  live.entries(run.id, added);
  return { receipt, added };
}

export interface LogParts {
  runs: Runs;
  log: Log;
  pages: LogPages;
  live: Live;
  /** Something was written down: simulated hands may answer to it. */
  heard(run: Run, added: readonly LoggedEntry[]): void;
}

export function logRoutes(gate: Gate, parts: LogParts): void {
  const { runs, pages } = parts;
  gate.route(
    {
      ...{
        method: 'post',
        path: routes.log(':id'),
        may: 'teacher',
        body: EntryBatch,
        status: 201,
        signs: true,
      },
      says: 'Keeps a batch of entries, all or none; idempotent by entry id',
    },
    async (call) => take(parts, call, await runs.one(call.request.params.id as string)),
  );
  gate.route(
    {
      ...{ method: 'get', path: routes.log(':id'), may: 'teacher' },
      says: 'Entries after place `after` in the log, a page of them: ask for what follows the last until none come',
    },
    async ({ request, response }) => {
      const run = await runs.one(request.params.id as string);
      return sendPage(request, response, await pages.after(run.id, placeInLog(request.query.after)));
    },
  );
  gate.route(
    {
      ...{ method: 'get', path: routes.live(':id'), may: 'teacher', type: 'text/event-stream' },
      says: 'New entries and changes of the run as server-sent events; resumes by Last-Event-ID',
    },
    async (call) =>
      watch(parts, call, await runs.one(call.request.params.id as string), {
        station: null,
        show: (run) => run,
      }),
  );
}

/** Keeps what a request brings to a run. */
export async function take(
  { log, live, heard }: LogParts,
  { actor, body: { entries } }: Call<Actor, { entries: Entry[] }>,
  run: Run,
): Promise<BatchReceipt> {
  const { receipt, added } = await keepAndTell(log, live, run, entries, actor);
  heard(run, added);
  return receipt;
}

/** Opens a stream of a run. */
export function watch(
  { pages, live }: LogParts,
  { actor, request, response }: Call<Actor>,
  run: Run,
  { station, show, isBlind = () => false }: Pick<View, 'station' | 'show'> & { isBlind?: () => boolean },
): undefined {
  const since = placeInLog(request.get('Last-Event-ID') ?? request.query.after);
  if (request.method === 'HEAD') {
    endHead(response);
    return;
  }
  const after = (seq: number) => pages.after(run.id, seq, station, isBlind());
  const hides = (entry: Entry) => isBlind() && tellsWeights(entry);
  live.watch(response, { actor, station, show, after, hides }, run, since);
}

/** Whoever asks only for the head is told it and no more. */
function endHead(response: Response) {
  response.setHeader('Cache-Control', 'no-store');
  response.type('text/event-stream').end();
}

/** A place in the log out of an address or a header. */
export function placeInLog(value: unknown): number {
  if (value === undefined || value === '') return 0;
  const place = typeof value === 'string' ? Number(value) : NaN;
  if (!Number.isSafeInteger(place) || place < 0)
    throw refusedField('/after', value, 'a place in the log, 0 or more');
  return place;
}
