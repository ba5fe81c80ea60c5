import { routes } from '../../contract/routes';
import { ClockSpeed, NewLayout, NewRun, OtherRevision, type Run, type RunNow } from '../../contract/runs';
import { Nothing } from '../../contract/who';
import type { LaidOut } from '../../core/review';
import type { Gate } from '../actors/gate';
import { momentIn } from '../problems/moment';
import type { Runs } from './runs';

/** What else happens when a run is planned or changes: viewers are told, probes begin, a backup is made. */
export interface RunEvents {
  changed(run: Run): void;
  started(run: Run): Promise<void>;
  finished(run: Run): Promise<void>;
}

export interface RunParts {
  runs: Runs;
  /** What the timetable of a run says of its end. */
  laidOut(id: string): Promise<LaidOut>;
  events: RunEvents;
  epoch: string;
  now(): number;
}

const idIn = (params: Record<string, string | string[]>) => params.id as string;

export function runRoutes(gate: Gate, parts: RunParts): void {
  const { runs, laidOut, events, epoch, now } = parts;
  const fresh = (run: Run): RunNow => ({ run, serverNow: now(), epoch });
  const told = (run: Run): RunNow => {
    events.changed(run);
    return fresh(run);
  };
  gate.route(
    {
      ...{ method: 'get', path: routes.runs, may: 'teacher' },
      says: 'Runs that begin from `from` up to `to` (ms since 1970)',
    },
    ({ request }) =>
      runs.summaries({ from: momentIn(request.query.from, 'from'), to: momentIn(request.query.to, 'to') }),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.runs, may: 'teacher', body: NewRun, status: 201 },
      says: 'Plans a run and draws its layout',
    },
    async ({ body }) => told(await runs.add(body)),
  );
  gate.route(
    {
      ...{ method: 'get', path: routes.run(':id'), may: 'teacher' },
      says: 'A run with its plan, place, layout and clock',
    },
    async ({ request }) => fresh(await runs.one(idIn(request.params))),
  );
  gate.route(
    {
      ...{ method: 'get', path: routes.runRemarks(':id'), may: 'teacher' },
      says: 'What the margin of its plan still says, in short',
    },
    async ({ request }) => {
      const id = idIn(request.params);
      return runs.remarks(id, await laidOut(id));
    },
  );
  changes(gate, parts, told);
}

/** What is done to a run that is there. */
function changes(gate: Gate, { runs, events }: RunParts, told: (run: Run) => RunNow): void {
  gate.route(
    {
      ...{ method: 'post', path: routes.runLayout(':id'), may: 'teacher', body: NewLayout },
      says: 'Draws the layout anew, before the start',
    },
    async ({ body, request }) => told(await runs.redraw(idIn(request.params), body.seed)),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.runRevision(':id'), may: 'teacher', body: OtherRevision },
      says: 'Takes it to another revision of its plan, before the start',
    },
    async ({ body, request }) => told(await runs.takeRevision(idIn(request.params), body.revision)),
  );
  gate.route(
    { method: 'post', path: routes.runStart(':id'), may: 'teacher', body: Nothing, says: 'Starts it' },
    async ({ request }) => {
      const run = await runs.start(idIn(request.params));
      await events.started(run);
      return told(run);
    },
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.runFinish(':id'), may: 'teacher', body: Nothing },
      says: 'Finishes it; the tablets of its stations are in no longer',
    },
    async ({ request }) => {
      const run = await runs.finish(idIn(request.params));
      const answer = told(run);
      await events.finished(run);
      return answer;
    },
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.runClock(':id'), may: 'teacher', body: ClockSpeed },
      says: 'Sets the speed of a simulated run',
    },
    async ({ body, request }) => told(await runs.setSpeed(idIn(request.params), body.speed)),
  );
}
