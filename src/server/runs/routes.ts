import type { Router } from 'express';
import { routes } from '../../contract/routes';
import { ClockSpeed, NewLayout, NewRun, OtherRevision, type Run, type RunNow } from '../../contract/runs';
import { bodyOf } from '../problems/body';
import { refusedField } from '../problems/problem';
import type { Runs } from './runs';

/** What else happens when a run changes: viewers are told, probes begin, a backup is made. */
export interface RunEvents {
  changed(run: Run): void;
  started(run: Run): Promise<void>;
  finished(run: Run): Promise<void>;
}

export function runRoutes(router: Router, runs: Runs, events: RunEvents, now: () => number): void {
  const told = (run: Run): RunNow => {
    events.changed(run);
    return { run, serverNow: now() };
  };

  router.get(routes.runs, async (request, response) => {
    response.json(
      await runs.summaries({ from: moment(request.query.from, 'from'), to: moment(request.query.to, 'to') }),
    );
  });
  router.post(routes.runs, async (request, response) => {
    response
      .status(201)
      .json({ run: await runs.add(bodyOf(NewRun, request)), serverNow: now() } satisfies RunNow);
  });
  router.get(routes.run(':id'), async (request, response) => {
    response.json({ run: await runs.one(request.params.id as string), serverNow: now() } satisfies RunNow);
  });
  router.get(routes.runRemarks(':id'), async (request, response) => {
    response.json(await runs.remarks(request.params.id as string));
  });
  router.post(routes.runLayout(':id'), async (request, response) => {
    const { seed } = bodyOf(NewLayout, request);
    response.json(told(await runs.redraw(request.params.id as string, seed)));
  });
  router.post(routes.runRevision(':id'), async (request, response) => {
    const { revision } = bodyOf(OtherRevision, request);
    response.json(told(await runs.takeRevision(request.params.id as string, revision)));
  });
  router.post(routes.runStart(':id'), async (request, response) => {
    const run = await runs.start(request.params.id as string);
    await events.started(run);
    response.json(told(run));
  });
  router.post(routes.runFinish(':id'), async (request, response) => {
    const run = await runs.finish(request.params.id as string);
    await events.finished(run);
    response.json(told(run));
  });
  router.post(routes.runClock(':id'), async (request, response) => {
    const { speed } = bodyOf(ClockSpeed, request);
    response.json(told(await runs.setSpeed(request.params.id as string, speed)));
  });
}

function moment(value: unknown, name: string): number | undefined {
  if (value === undefined) return undefined;
  const number = Number(value);
  if (!Number.isFinite(number)) throw refusedField(`/${name}`, value, 'a moment in ms since 1970');
  return number;
}
