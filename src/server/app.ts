import { existsSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { Router, type Express, type Request } from 'express';
import type { Knex } from 'knex';
import { ownAnswer } from '../contract/problem';
import { routes } from '../contract/routes';
import type { Actor } from './actors/actor';
import { Authors } from './teachers/authors';
import { Deeds } from './actors/deeds';
import { Gate } from './actors/gate';
import { tokensIn } from './actors/tokens';
import { calculatorRoutes } from './calculators/routes';
import { Classes } from './classes/classes';
import { classRoutes } from './classes/routes';
import type { Backups } from './db/backups';
import { noteDoorsOf } from './db/doors';
import { isOutOfRoom } from './db/patience';
import { daysRoutes } from './days/routes';
import { SharedCalendar } from './days/shared-calendar';
import { LaidLessons, programIn } from './days/laid-lessons';
import { Timetables } from './days/timetables';
import { onlyOwnNames, onlyOwnWrites, ownNames } from './door/door';
import { refreshIndex } from './library/refresh-index';
import { libraryRoutes } from './library/routes';
import { Shelves } from './library/shelves';
import { Live } from './log/live';
import { Log } from './log/log';
import { LogPages } from './log/log-pages';
import { logRoutes } from './log/routes';
import { OwnMeasureShelf } from './measures/own-measures';
import { measureRoutes } from './measures/routes';
import { openApiDocument } from './openapi/document';
import { PantryShelf } from './pantry/pantry';
import { pantryRoutes } from './pantry/routes';
import { Press } from './paper/press';
import { paperRoutes } from './paper/routes';
import { Pictures } from './pictures/pictures';
import { pictureRoutes } from './pictures/routes';
import { Practicals } from './practicals/practicals';
import { practicalRoutes } from './practicals/routes';
import { Orders } from './prep/orders';
import { Preps } from './prep/preps';
import { prepRoutes } from './prep/routes';
import { ThermometerChecks } from './prep/thermometer-checks';
import { TickList } from './prep/tick-list';
import { problemHandler, unknownRoute } from './problems/problem';
import { Rooms } from './rooms/rooms';
import { roomRoutes } from './rooms/routes';
import { ProbeRunner, type ProbeSource } from './probes/probe-runner';
import { takeBack } from './run-files/arriving';
import { runFileRoutes } from './run-files/routes';
import { RunFiles } from './run-files/run-files';
import { Workshop } from './run-files/workshop';
import { runRoutes } from './runs/routes';
import { Runs } from './runs/runs';
import { schoolRoutes } from './school/routes';
import { SchoolSettings } from './school/school';
import { headers, serveWeb } from './serve-web';
import { Codes } from './stations/codes';
import { Passes } from './stations/passes';
import { stationRoutes } from './stations/routes';
import { Attempts } from './teachers/attempts';
import { teacherRoutes } from './teachers/routes';
import { Sessions } from './teachers/sessions';
import { Teachers } from './teachers/teachers';

export interface AppOptions {
  knex: Knex;
  /** Where pictures are kept, beside the database. */
  dataFolder: string;
  version: string;
  /** Which database it is. */
  epoch: string;
  /** Nobody need sign in until a teacher is set: for a program that this machine alone can reach. */
  open?: boolean;
  /** Where it is reached from other machines of the network. */
  addresses?: () => string[];
  now?: () => number;
  /** Where simulated readings come from; without it no run can be simulated. */
  probes: ProbeSource;
  /** Names it answers to; those of this machine alone where they are left out. */
  names?: ReadonlySet<string>;
  /** Folder of the built interface; without it only the API is served. */
  webFolder?: string;
  /** What threads run that read and write files of runs; without it that is done where it is asked for. */
  fileThread?: URL;
  /** Copies of the database: one is made when a run has finished. */
  backups?: Pick<Backups, 'make' | 'state'>;
  logger: { error(details: object, text: string): void };
}

/** What will be asked for soon is worked out when nothing has changed for so long, ms. */
const quietMs = 10_000;

/** The program's parts, put together. */
export interface App {
  express: Express;
  school: SchoolSettings;
  rooms: Rooms;
  classes: Classes;
  practicals: Practicals;
  runs: Runs;
  files: RunFiles;
  probes: ProbeRunner;
  teachers: Teachers;
  /** Every route there is, as it was declared. */
  gate: Gate;
  /** Takes back what a killed program left half-way. */
  tidy(): Promise<void>;
  /** Takes away pictures that no entry names. */
  tidyPictures(): Promise<void>;
  /** Works out in the background what will be asked for soon, once nothing changes for a while. */
  lookAhead(): void;
  close(): void;
}

export function createApp(options: AppOptions): App {
  const parts = partsOf(options);
  const router = Router();
  const gate = new Gate(router, recogniser(parts), new Deeds(options.knex, parts.now).write);
  const { timetables, now } = parts;
  let soon: NodeJS.Timeout | undefined;
  const lookAhead = () => {
    // Without threads it would be in the way of whoever asks.
    if (!options.fileThread) return;
    clearTimeout(soon);
    soon = setTimeout(() => {
      timetables.ahead(now()).catch((err: unknown) => options.logger.error({ err }, 'looking ahead failed'));
    }, quietMs);
    soon.unref();
  };
  putUp(gate, { ...parts, lookAhead }, options);

  const app = express();
  app.disable('x-powered-by');
  app.set('query parser', 'simple');
  app.use(headers());
  app.use((_request, response, next) => {
    response.setHeader(ownAnswer, options.version);
    next();
  });
  app.use(onlyOwnNames(options.names ?? ownNames('127.0.0.1')), onlyOwnWrites);
  // Live streams must not wait in a compressor's buffer.
  app.use(
    compression({
      filter: (request, response) => !request.path.endsWith('/live') && compression.filter(request, response),
    }),
  );
  app.use(router);
  app.use('/api', unknownRoute);
  if (options.webFolder && existsSync(join(options.webFolder, 'index.html')))
    serveWeb(app, options.webFolder);
  app.use(unknownRoute);
  app.use(problemHandler(options.logger));

  const { live, probes, school, rooms, classes, practicals, runs, files, teachers } = parts;
  return {
    ...{ express: app, school, rooms, classes, practicals, runs, files, probes, teachers, gate },
    async tidy() {
      const jobs = [
        () => parts.workshop.tidy(),
        () => takeBack(options.knex),
        () => refreshIndex(options.knex, parts.now()),
        () => parts.pictures.removeHalves(),
        () => parts.pictures.sweep(),
      ];
      for (const job of jobs) {
        try {
          await job();
        } catch (error) {
          // A full disk keeps nobody from reading what is there; it is tidied at the next start.
          if (!isOutOfRoom(error)) throw error;
          options.logger.error({ err: error }, 'no room to tidy up');
        }
      }
    },
    tidyPictures: () =>
      parts.pictures.sweep().catch((err: unknown) => options.logger.error({ err }, 'no picture swept')),
    lookAhead,
    close() {
      clearTimeout(soon);
      probes.stop();
      live.close();
    },
  };
}

type Parts = ReturnType<typeof partsOf>;
type PutUp = Parts & Pick<App, 'lookAhead'>;

function partsOf({ knex, dataFolder, version, epoch, open = false, now = Date.now, ...options }: AppOptions) {
  const thread = options.fileThread ?? null;
  const rooms = new Rooms(knex);
  const classes = new Classes(knex);
  const pantry = new PantryShelf(knex, now, thread);
  const preps = new Preps(knex);
  const runs = new Runs(knex, rooms, classes, pantry, now);
  const practicals = new Practicals(knex, runs, now);
  const teachers = new Teachers(knex, now, () => noteDoorsOf(knex, dataFolder));
  const authors = new Authors(teachers);
  const log = new Log(knex, authors, epoch, now);
  const pages = new LogPages(knex, authors);
  const live = new Live(epoch, now);
  const pictures = new Pictures(knex, dataFolder, now);
  const files = new RunFiles(knex, { runs, rooms, classes, log, pictures });
  const school = new SchoolSettings(knex, version);
  const { probes: source, logger } = options;
  return {
    ...{ now, epoch, rooms, classes, runs, practicals, teachers, log, pages, live, pictures, files },
    workshop: new Workshop(files, dataFolder, thread),
    sessions: new Sessions(knex, now),
    attempts: new Attempts(),
    joins: new Attempts(),
    codes: new Codes(knex, now),
    passes: new Passes(knex, now),
    shelves: new Shelves(knex, now),
    measures: new OwnMeasureShelf(knex, now),
    ...{ school, pantry, preps },
    orders: new Orders({ runs, preps, pantry, school }),
    ticks: new TickList(knex, authors, now),
    checks: new ThermometerChecks(rooms),
    ...{ thread, press: new Press(thread) },
    timetables: new Timetables(runs, school, new LaidLessons(knex, programIn(thread), now), thread),
    sharedCalendar: new SharedCalendar(knex),
    probes: new ProbeRunner({ runs, log, live, source, now, logger }),
    isOpen: async () => open && !(await teachers.any()),
  };
}

/** Who asks: a teacher by their session, a tablet by its pass; where the program is open, anyone is the teacher. */
function recogniser({ sessions, passes, school, isOpen }: Parts) {
  return async (request: Request): Promise<Actor> => {
    const tokens = tokensIn(request);
    const teacher = tokens.teacher ? await sessions.teacherOf(tokens.teacher) : null;
    if (teacher) return teacher;
    if (await isOpen()) {
      const { teacher: name } = await school.get();
      return { kind: 'teacher', id: 'open', name, admin: false, session: null };
    }
    return (tokens.station ? await passes.stationOf(tokens.station) : null) ?? { kind: 'nobody' };
  };
}

/** Every route of the program. */
function putUp(gate: Gate, parts: PutUp, options: AppOptions) {
  const { runs, log, pages, live, pictures, probes, now } = parts;
  schoolRoutes(gate, { ...parts, knex: options.knex, backups: () => options.backups?.state ?? null });
  const ended = (isGone: (actor: Actor) => boolean) => live.end(isGone);
  teacherRoutes(gate, { ...parts, ended });
  roomRoutes(gate, parts.rooms);
  classRoutes(gate, parts.classes);
  practicalRoutes(gate, parts.practicals);
  libraryRoutes(gate, parts.shelves);
  measureRoutes(gate, parts.measures);
  pantryRoutes(gate, parts.pantry);
  prepRoutes(gate, parts);
  paperRoutes(gate, { ...parts, addresses: options.addresses ?? (() => []) });
  daysRoutes(gate, parts);
  runRoutes(gate, {
    ...parts,
    async laidOut(id) {
      const { timetable, impossible } = await parts.timetables.of(id);
      return { endsMin: timetable?.endsMin ?? null, impossible: impossible ?? '' };
    },
    events: {
      changed(run) {
        live.run(run);
        parts.lookAhead();
      },
      started: (run) => probes.begin(run),
      async finished(run) {
        probes.end(run.id);
        parts.passes.forget();
        live.end((actor) => actor.kind === 'station' && actor.runId === run.id);
        await options.backups?.make();
      },
    },
  });
  const logParts = {
    ...{ runs, log, pages, live },
    heard: (run: Parameters<typeof live.run>[0], added: Parameters<typeof probes.hear>[1]) =>
      probes.hear(run.id, added),
  };
  logRoutes(gate, logParts);
  stationRoutes(gate, { ...parts, ...logParts, addresses: options.addresses ?? (() => []) });
  pictureRoutes(gate, pictures);
  runFileRoutes(gate, parts.workshop, now);
  calculatorRoutes(gate, options.fileThread ?? null);
  gate.route({ method: 'get', path: routes.openapi, may: 'anyone', says: 'This description' }, () =>
    openApiDocument(options.version, gate.declared),
  );
}
