import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { Knex } from 'knex';
import pino from 'pino';
import packageJson from '../../package.json' with { type: 'json' };
import { demoSchool, SimulatedClass } from '../demo';
import { createApp, type App } from './app';
import { insertClass } from './classes/classes';
import { Backups } from './db/backups';
import { keepBallast, withBallast } from './db/ballast';
import { settleEpoch } from './db/epoch';
import { NewerFile, openDatabase } from './db/open';
import { ownNames } from './door/door';
import { serverFor } from './listen';
import { insertProducts, insertStock } from './pantry/pantry';
import { insertPractical, insertRevision } from './practicals/revisions';
import { insertRoom } from './rooms/rooms';
import { sayWhere } from './say-where';
import { setSchool } from './school/school';
import type { Given } from './thread-main';
import { inThread } from './threads/in-thread';
import { lanAddresses, NotPossible, settingsFrom, type Settings } from './settings';

/** What no entry names is taken away daily, ms. */
const dayMs = 24 * 3_600_000;
const logger = pino({ level: process.env.TAWNY_LOG ?? 'warn' });

async function main(settings: Settings) {
  // A full disk keeps nobody from what is there: a start finds room that was laid aside.
  const knex = await withBallast(settings.data, () => openDatabase(settings.data));
  keepBallast(settings.data);
  const { epoch, locked } = await settleEpoch(knex, settings.data);
  if (locked) sayPutBack(locked);
  const web = join(dirname(fileURLToPath(import.meta.url)), '..', 'web');
  const thread = new URL('./thread.js', import.meta.url);
  const backups = new Backups(settings.data, (now) => copyInThread(thread, settings.data, now), logger);
  let port = settings.port;
  const app = createApp({
    knex,
    dataFolder: settings.data,
    version: packageJson.version,
    epoch,
    open: settings.open,
    addresses: () => lanAddresses(settings, port),
    names: ownNames(settings.host, settings.names),
    probes: (run, past, resumeMs) => new SimulatedClass(run, past, resumeMs),
    ...(existsSync(web) && { webFolder: web }),
    fileThread: thread,
    backups,
    logger,
  });
  await app.tidy();
  if (settings.demo) await loadDemo(knex, app);
  await app.probes.resume();

  const server = serverFor(app.express, settings.identity);
  server.listen(settings.port, settings.host, () => {
    const address = server.address();
    port = typeof address === 'object' && address ? address.port : settings.port;
    void sayWhere(app, settings, port);
  });
  server.on('error', (error: NodeJS.ErrnoException) => {
    const why =
      error.code === 'EADDRINUSE'
        ? `Port ${settings.port} is taken. Stop the other program, or choose another with TAWNY_PORT.`
        : error.message;
    process.stderr.write(`${why}\n`);
    process.exit(1);
  });
  backups.daily();
  setInterval(() => void app.tidyPictures(), dayMs).unref();
  app.lookAhead();

  let closing = false;
  const close = () => {
    if (closing) return;
    closing = true;
    backups.stop();
    app.close();
    server.close(() => void knex.destroy().then(() => process.exit(0)));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), 3000).unref();
  };
  process.on('SIGINT', close);
  process.on('SIGTERM', close);
}

async function copyInThread(thread: URL, dataFolder: string, now: Date) {
  const given: Given = { dataFolder, copyAt: now.getTime() };
  for await (const outcome of inThread<never>(thread, given)) void outcome;
}

/** Says on the console what was shut of a database that was put back. */
function sayPutBack(locked: readonly string[]) {
  const words = locked.map((name) => `    npm run passphrase -- "${name}"\n`).join('');
  process.stdout.write(
    `This database was put back from a copy: everybody signs in again, and tablets join again.\n${
      locked.length > 0 ? `These changed their passphrase since; give them another:\n${words}` : ''
    }`,
  );
}

/** Loads the invented school into an empty database: the whole of it or nothing, whenever it is killed. */
async function loadDemo(knex: Knex, { practicals, files }: App) {
  if ((await practicals.all()).length > 0) return;
  const demo = demoSchool(Date.now());
  await knex.transaction(async (transaction) => {
    for (const room of demo.rooms) await insertRoom(transaction, room);
    for (const group of demo.classes) await insertClass(transaction, group);
    for (const { id, plan } of demo.practicals) {
      const savedAt = Date.now();
      await insertPractical(transaction, id, savedAt);
      await insertRevision(transaction, { practicalId: id, number: 1, savedAt, plan, author: 'demo' });
    }
    for (const run of demo.runs) await files.add(transaction, run, 'demo');
    await insertProducts(transaction, demo.products);
    await insertStock(transaction, demo.stock);
    await setSchool(transaction, demo.settings);
  });
}

try {
  await main(settingsFrom(process.argv.slice(2), process.env));
} catch (error) {
  const inWords = error instanceof NewerFile || error instanceof NotPossible;
  process.stderr.write(`${inWords ? error.message : String((error as Error).stack ?? error)}\n`);
  process.exit(1);
}
