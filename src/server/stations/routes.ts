import type { Request } from 'express';
import { EntryBatch } from '../../contract/entries';
import { routes } from '../../contract/routes';
import type { Run, RunNow } from '../../contract/runs';
import { JoinStation, Nothing, type Joined, type StationsIn } from '../../contract/who';
import { stationRange } from '../../core/run';
import { authorOf } from '../actors/actor';
import type { Gate } from '../actors/gate';
import { cookieOptions, stationCookie } from '../actors/tokens';
import { sendPage } from '../log/log-pages';
import { placeInLog, take, watch, type LogParts } from '../log/routes';
import { pictureBytes, hashIn, sendPicture } from '../pictures/routes';
import type { Pictures } from '../pictures/pictures';
import { notFound, Problem, refusedField } from '../problems/problem';
import type { Attempts } from '../teachers/attempts';
import type { Preps } from '../prep/preps';
import type { Codes } from './codes';
import { deviceIn } from './device';
import type { Passes } from './passes';
import { stationRun } from './station-run';

export interface StationParts extends LogParts {
  codes: Codes;
  passes: Passes;
  pictures: Pictures;
  joins: Attempts;
  preps: Preps;
  epoch: string;
  now(): number;
  isOpen(): Promise<boolean>;
  /** Where the program is reached from other machines. */
  addresses(): string[];
}

/** A browser keeps a pass so long, ms, for what is measured weeks later; the server ends it with the run. */
const passLastsMs = 30 * 24 * 3_600_000;

export function stationRoutes(gate: Gate, parts: StationParts): void {
  joinRoute(gate, parts);
  whoIsInRoutes(gate, parts);
  ownRoutes(gate, parts);
  ownPictureRoutes(gate, parts);
}

/** So many tablets may be in at one station; a class moves some about. */
const mostTablets = 16;

function joinRoute(gate: Gate, { live, codes, passes, joins }: StationParts): void {
  /** Of too many the one that was seen last longest ago and is not here goes; where all are here, no other comes. */
  const makeRoom = async (runId: string, station: number) => {
    const own = (await passes.of(runId, (pass) => live.isHere(pass))).filter(
      (one) => one.station === station,
    );
    if (own.length < mostTablets) return;
    const away = own.filter(({ here }) => !here).sort((a, b) => a.seenAt - b.seenAt)[0];
    if (!away) {
      throw new Problem(
        429,
        'Too many tablets',
        `${mostTablets} tablets are in at this station. Your teacher can sign one out.`,
      );
    }
    await passes.close(runId, away.id);
  };
  gate.route(
    {
      ...{ method: 'post', path: routes.join, may: 'anyone', body: JoinStation, status: 201, signs: true },
      says: 'Lets a tablet in at a station by its code, until the run ends',
    },
    async ({ body, request, response }): Promise<Joined> => {
      const { code } = body;
      const found = await joins.make(request.socket.remoteAddress ?? '', '', () => codes.find(code));
      if (!found) throw refusedField('/code', code, 'a code that is on a station’s label today');
      const { run_id: runId, station } = found;
      await makeRoom(runId, station);
      const token = await passes.add(runId, station, deviceIn(request.get('user-agent')));
      response.cookie(stationCookie, token, {
        ...cookieOptions(request, routes.station(runId, station)),
        maxAge: passLastsMs,
      });
      return { runId, station };
    },
  );
}

/** What the teacher sees of the tablets. */
function whoIsInRoutes(gate: Gate, { runs, live, codes, passes, isOpen, addresses }: StationParts): void {
  const told = async (run: Run): Promise<StationsIn> => ({
    codes: await codes.of(run),
    passes: await passes.of(run.id, (pass) => live.isHere(pass)),
    addresses: addresses(),
    open: await isOpen(),
  });
  gate.route(
    {
      ...{ method: 'get', path: routes.stationsIn(':id'), may: 'teacher' },
      says: 'The codes of the stations, and the tablets that are in',
    },
    async ({ request }) => told(await runs.one(request.params.id as string)),
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.stationCodes(':id'), may: 'teacher', body: Nothing },
      says: 'Makes new codes: the old ones lead nowhere. After the end of a run, lets its stations in again',
    },
    async ({ request }) => {
      const run = await runs.one(request.params.id as string);
      await codes.renew(run);
      return told(run);
    },
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.passClose(':id', ':pass'), may: 'teacher', body: Nothing },
      says: 'Lets one tablet in no longer; what it wrote stays',
    },
    async ({ request }) => {
      const run = await runs.one(request.params.id as string);
      const pass = request.params.pass as string;
      await passes.close(run.id, pass);
      live.end((actor) => actor.kind === 'station' && actor.pass === pass);
      return told(run);
    },
  );
}

/** What a station reads and writes: its own. */
function ownRoutes(gate: Gate, parts: StationParts): void {
  const { runs, preps, pages, epoch, now } = parts;
  const own = async ({ params }: Request) =>
    placed(await runs.one(params.id as string), params.station as string);
  gate.route(
    {
      ...{ method: 'get', path: routes.station(':id', ':station'), may: 'station' },
      says: 'The run as one station has it: its own treatment, nothing of the others',
    },
    async ({ request }): Promise<RunNow> => {
      const { run, station } = await own(request);
      const { ways } = await preps.of(run.id);
      return { run: stationRun(run, station, ways.blind), serverNow: now(), epoch };
    },
  );
  gate.route(
    {
      ...{ method: 'get', path: routes.stationLog(':id', ':station'), may: 'station' },
      says: 'Entries of this station, and those for all, after place `after`, a page of them',
    },
    async ({ request, response }) => {
      const { run, station } = await own(request);
      const { ways } = await preps.of(run.id);
      const after = placeInLog(request.query.after);
      return sendPage(request, response, await pages.after(run.id, after, station, ways.blind));
    },
  );
  gate.route(
    {
      ...{ method: 'post', path: routes.stationLog(':id', ':station'), may: 'station' },
      ...{ body: EntryBatch, status: 201, signs: true },
      says: 'Keeps entries of this station; a tablet corrects only what its station wrote',
    },
    async (call) => take(parts, call, (await own(call.request)).run),
  );
  gate.route(
    {
      ...{
        method: 'get',
        path: routes.stationLive(':id', ':station'),
        may: 'station',
        type: 'text/event-stream',
      },
      says: 'The same as it happens, as server-sent events; resumes by Last-Event-ID',
    },
    async (call) => {
      const { run, station } = await own(call.request);
      // Read once, so that it is known whenever the run changes.
      await preps.of(run.id);
      const isBlind = () => preps.known(run.id).ways.blind;
      return watch(parts, call, run, {
        station,
        isBlind,
        show: (one) => stationRun(one, station, isBlind()),
      });
    },
  );
}

/** Pictures a station takes, and those its own entries name. */
function ownPictureRoutes(gate: Gate, { runs, log, pictures }: StationParts): void {
  const own = async ({ params }: Request) => {
    const { run, station } = placed(await runs.one(params.id as string), params.station as string);
    return { run, station, hash: hashIn(params.hash as string) };
  };
  gate.route(
    {
      ...{
        method: 'put',
        path: routes.stationPicture(':id', ':station', ':hash'),
        may: 'station',
        status: 201,
      },
      ...{ reads: pictureBytes },
      says: 'Keeps a picture taken at this station',
    },
    async ({ actor, request }) => {
      const { run, hash } = await own(request);
      if (run.status === 'planned')
        throw new Problem(409, 'Not started', 'This run has not started. Nothing was kept.');
      return pictures.keepBody(hash, request.body, { runId: run.id, author: authorOf(actor) });
    },
  );
  for (const size of ['whole', 'small'] as const) {
    const path = size === 'whole' ? routes.stationPicture : routes.stationSmallPicture;
    gate.route(
      {
        ...{ method: 'get', path: path(':id', ':station', ':hash'), may: 'station', type: 'image/jpeg' },
        says: `A picture that an entry of this station names${size === 'small' ? ', small' : ''}`,
      },
      async ({ request, response }) => {
        const { run, station, hash } = await own(request);
        if (!(await log.names(run.id, station, hash))) throw notFound('picture', hash);
        sendPicture(response, await pictures.read(hash, size));
      },
    );
  }
}

/** A run with one of its stations. */
function placed(run: Run, text: string): { run: Run; station: number } {
  const station = run.stations.find((one) => String(one) === text);
  if (station === undefined) {
    throw new Problem(
      404,
      'Not found',
      `There is no station ${text} in this run; choose ${stationRange(run.stations)}.`,
    );
  }
  return { run, station };
}
