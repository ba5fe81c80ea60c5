import { existsSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { Router, type Express } from 'express';
import helmet from 'helmet';
import type { Knex } from 'knex';
import { routes } from '../contract/routes';
import { calculatorRoutes } from './calculators/routes';
import { Classes } from './classes/classes';
import { classRoutes } from './classes/routes';
import { onlyOwnNames, onlyOwnWrites, ownNames } from './door/door';
import { exportRoutes } from './exports/routes';
import { RunFiles } from './exports/run-file';
import { Live } from './log/live';
import { Log } from './log/log';
import { logRoutes } from './log/routes';
import { openApiDocument } from './openapi/document';
import { Pictures } from './pictures/pictures';
import { pictureRoutes } from './pictures/routes';
import { Practicals } from './practicals/practicals';
import { practicalRoutes } from './practicals/routes';
import { problemHandler, unknownRoute } from './problems/problem';
import { Rooms } from './rooms/rooms';
import { roomRoutes } from './rooms/routes';
import { ProbeRunner, type ProbeSource } from './probes/probe-runner';
import { runRoutes } from './runs/routes';
import { Runs } from './runs/runs';
import { SchoolSettings } from './school/school';

export interface AppOptions {
  knex: Knex;
  /** Where pictures are kept, beside the database. */
  dataFolder: string;
  version: string;
  now?: () => number;
  /** Where simulated readings come from; without it no run can be simulated. */
  probes: ProbeSource;
  /** Names it answers to; those of this machine alone where they are left out. */
  names?: ReadonlySet<string>;
  /** Folder of the built interface; without it only the API is served. */
  webFolder?: string;
  /** Called when a run has finished: the moment for a backup. */
  onFinished?: () => Promise<void>;
  logger: { error(details: object, text: string): void };
}

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
  close(): void;
}

export function createApp(options: AppOptions): App {
  const { knex, dataFolder, version, logger, now = Date.now } = options;
  const rooms = new Rooms(knex);
  const classes = new Classes(knex);
  const runs = new Runs(knex, rooms, classes, now);
  const practicals = new Practicals(knex, runs, now);
  const log = new Log(knex, now);
  const live = new Live(now);
  const school = new SchoolSettings(knex, version);
  const pictures = new Pictures(knex, dataFolder, now);
  const files = new RunFiles(knex, { runs, rooms, classes, log, pictures });
  const probes = new ProbeRunner({ runs, log, live, source: options.probes, now, logger });

  const router = Router();
  router.get(routes.school, async (_request, response) => {
    response.json(await school.get());
  });
  roomRoutes(router, rooms);
  classRoutes(router, classes);
  practicalRoutes(router, practicals);
  const changed = (run: Parameters<Live['run']>[0]) => live.run(run);
  runRoutes(
    router,
    runs,
    {
      changed,
      started: (run) => probes.begin(run),
      async finished(run) {
        probes.end(run.id);
        await options.onFinished?.();
      },
    },
    now,
  );
  logRoutes(router, runs, log, live, (run, added) => probes.hear(run.id, added));
  pictureRoutes(router, pictures);
  exportRoutes(router, files, runs, log, now);
  calculatorRoutes(router);
  router.get(routes.openapi, (_request, response) => {
    response.json(openApiDocument(version));
  });

  const app = express();
  app.disable('x-powered-by');
  app.use(headers());
  app.use(onlyOwnNames(options.names ?? ownNames('127.0.0.1')), onlyOwnWrites);
  app.get('/healthz', async (_request, response) => {
    await knex.raw('SELECT 1');
    response.json({ ok: true });
  });
  // Live streams must not wait in a compressor's buffer.
  app.use(
    compression({
      filter: (request, response) => !request.path.endsWith('/live') && compression.filter(request, response),
    }),
  );
  app.use('/api/imports', express.json({ limit: '200mb' }));
  app.use('/api', express.json({ limit: '2mb', strict: false }));
  app.use(router);
  app.use('/api', unknownRoute);
  if (options.webFolder && existsSync(join(options.webFolder, 'index.html')))
    serveWeb(app, options.webFolder);
  app.use(problemHandler(logger));

  return {
    express: app,
    school,
    rooms,
    classes,
    practicals,
    runs,
    files,
    probes,
    close() {
      probes.stop();
      live.close();
    },
  };
}

/** What every answer says of itself to the browser. */
const headers = () =>
  helmet({
    contentSecurityPolicy: {
      useDefaults: true,
      directives: {
        'script-src': ["'self'"],
        // The styling library writes its rules into the page.
        'style-src': ["'self'", "'unsafe-inline'"],
        'frame-ancestors': ["'none'"],
        'img-src': ["'self'", 'data:', 'blob:'],
        'worker-src': ["'self'", 'blob:'],
        // Schools serve this over plain HTTP in their own network.
        'upgrade-insecure-requests': null,
      },
    },
    frameguard: { action: 'deny' },
    strictTransportSecurity: false,
    crossOriginOpenerPolicy: false,
    originAgentCluster: false,
  });

function serveWeb(app: Express, folder: string) {
  app.use('/assets', express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y' }));
  app.use(express.static(folder, { index: false, maxAge: 0 }));
  app.use((request, response, next) => {
    if (request.method !== 'GET') {
      next();
      return;
    }
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(join(folder, 'index.html'));
  });
}
