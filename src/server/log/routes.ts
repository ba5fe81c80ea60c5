import type { Router } from 'express';
import { EntryBatch, type LoggedEntry } from '../../contract/entries';
import { routes } from '../../contract/routes';
import type { Run } from '../../contract/runs';
import type { Entry } from '../../core/run';
import { bodyOf } from '../problems/body';
import { refusedField } from '../problems/problem';
import type { Runs } from '../runs/runs';
import type { Live } from './live';
import type { Log } from './log';

/** Keeps entries and tells everyone who watches the run. */
export async function keepAndTell(log: Log, live: Live, run: Run, entries: readonly Entry[]) {
  const { receipt, added } = await log.keep(run, entries);
  live.entries(run.id, added);
  return { receipt, added };
}

export function logRoutes(
  router: Router,
  runs: Runs,
  log: Log,
  live: Live,
  heard: (run: Run, added: readonly LoggedEntry[]) => void,
): void {
  router.post(routes.log(':id'), async (request, response) => {
    const { entries } = bodyOf(EntryBatch, request);
    const run = await runs.one(request.params.id as string);
    const { receipt, added } = await keepAndTell(log, live, run, entries);
    heard(run, added);
    response.status(201).json(receipt);
  });

  router.get(routes.log(':id'), async (request, response) => {
    const run = await runs.one(request.params.id as string);
    response.json(await log.after(run.id, placeInLog(request.query.after)));
  });

  router.get(routes.live(':id'), async (request, response) => {
    const run = await runs.one(request.params.id as string);
    const since = placeInLog(request.get('Last-Event-ID') ?? request.query.after);
    const missed = await log.after(run.id, since);
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store',
      Connection: 'keep-alive',
      'X-Accel-Buffering': 'no',
    });
    live.watch(run.id, response, missed);
    // Entries written between the question and the answer would fall through: ask once more.
    const late = await log.after(run.id, missed.at(-1)?.seq ?? since);
    if (late.length > 0) live.entries(run.id, late);
    live.run(run);
  });
}

function placeInLog(value: unknown): number {
  if (value === undefined || value === '') return 0;
  const place = Number(value);
  if (!Number.isInteger(place) || place < 0)
    throw refusedField('/after', value, 'a place in the log, 0 or more');
  return place;
}
