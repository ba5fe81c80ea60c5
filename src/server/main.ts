import { existsSync } from 'node:fs';
import { createServer } from 'node:http';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import pino from 'pino';
import packageJson from '../../package.json' with { type: 'json' };
import { demoSchool, SimulatedClass } from '../demo';
import { createApp, type App } from './app';
import { ownNames } from './door/door';
import { backUp } from './db/backup';
import { NewerFile, openDatabase } from './db/open';

const logger = pino({ level: process.env.TAWNY_LOG ?? 'warn' });

/** Where the program listens and keeps its data. */
const settings = {
  data: resolve(process.env.TAWNY_DATA ?? 'data'),
  host: process.env.TAWNY_HOST ?? '127.0.0.1',
  port: Number(process.env.TAWNY_PORT ?? 4173),
  /** Names a school has given this machine, with commas between. */
  names: (process.env.TAWNY_NAMES ?? '').split(','),
  demo: process.argv.includes('--demo'),
};

async function main() {
  const knex = await openDatabase(settings.data);
  const web = join(dirname(fileURLToPath(import.meta.url)), '..', 'web');
  const copy = async () => {
    await backUp(knex, settings.data, new Date()).catch((error: unknown) =>
      logger.error({ err: error }, 'backup failed'),
    );
  };
  const app = createApp({
    knex,
    dataFolder: settings.data,
    version: packageJson.version,
    names: ownNames(settings.host, settings.names),
    probes: (run, past, resumeMs) => new SimulatedClass(run, past, resumeMs),
    ...(existsSync(web) && { webFolder: web }),
    onFinished: copy,
    logger,
  });
  if (settings.demo) await loadDemo(app);
  await app.probes.resume();

  const server = createServer(app.express);
  server.keepAliveTimeout = 30_000;
  server.listen(settings.port, settings.host, () => {
    const address = server.address();
    const port = typeof address === 'object' && address ? address.port : settings.port;
    process.stdout.write(`Tawny Beaker is at http://${settings.host}:${port}\n`);
  });
  server.on('error', (error: NodeJS.ErrnoException) => {
    const why =
      error.code === 'EADDRINUSE'
        ? `Port ${settings.port} is taken. Stop the other program, or choose another with TAWNY_PORT.`
        : error.message;
    process.stderr.write(`${why}\n`);
    process.exit(1);
  });
  const daily = setInterval(() => void copy(), 24 * 3_600_000);
  daily.unref();

  let closing = false;
  const close = () => {
    if (closing) return;
    closing = true;
    clearInterval(daily);
    app.close();
    server.close(() => void knex.destroy().then(() => process.exit(0)));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), 3000).unref();
  };
  process.on('SIGINT', close);
  process.on('SIGTERM', close);
}

/** Loads the invented school into an empty database; one with practicals in it is left alone. */
async function loadDemo({ school, rooms, classes, practicals, files }: App) {
  if ((await practicals.all()).length > 0) return;
  const demo = demoSchool(Date.now());
  for (const room of demo.rooms) await rooms.add(room);
  for (const group of demo.classes) await classes.add(group);
  for (const practical of demo.practicals) await practicals.add(practical);
  for (const run of demo.runs) await files.read(run);
  await school.set(demo.settings);
}

main().catch((error: unknown) => {
  process.stderr.write(
    `${error instanceof NewerFile ? error.message : String((error as Error).stack ?? error)}\n`,
  );
  process.exit(1);
});
