// Makes a plain clone ready: packages, browser, build. Plain Node, no dependencies.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = join(dirname(fileURLToPath(import.meta.url)), '..');

/** Runs a command to its end; throws when it fails. `quiet` sends its output to standard error. */
export function run(command, args, { quiet = false, env = {} } = {}) {
  const { status, error } = spawnSync(command, args, {
    cwd: root,
    stdio: ['inherit', quiet ? 2 : 'inherit', 'inherit'],
    env: { ...process.env, ...env },
  });
  if (error) throw error;
  if (status !== 0) throw new Error(`${command} ${args.join(' ')} ended with ${status}`);
}

/** A program of node_modules. */
export const bin = (name) => join(root, 'node_modules', '.bin', name);

/** Installs the packages of package-lock.json, unless these very ones are there. */
export function ensurePackages({ quiet = false } = {}) {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19)) {
    throw new Error(`Node 20.19 or newer is needed; this is ${process.versions.node}.`);
  }
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  const mark = join(root, 'node_modules', '.tawny-lock');
  if (existsSync(mark) && readFileSync(mark, 'utf8') === lock) return;
  process.stderr.write(
    'Installing packages (a few minutes the first time: the database is compiled here) …\n',
  );
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    quiet,
    env: { PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1' },
  });
  writeFileSync(mark, lock);
}

const chromiumAt = () =>
  [
    process.env.CHROMIUM_PATH,
    // The same browser without its own windows: half the work, and all of the pages.
    '/usr/bin/chromium-headless-shell',
    '/usr/bin/chromium',
    '/usr/bin/chromium-browser',
    '/usr/bin/google-chrome',
  ].find((place) => place && existsSync(place));

/**
 * Begins to install what the tests need of Debian: a browser, and what turns printed pages into pictures and text. It goes
 * on beside whatever else is done; the promise is kept when it is there, with where Chromium is.
 */
export async function ensureTestTools() {
  const shell = '/usr/bin/chromium-headless-shell';
  // Where a browser is there already, nobody is asked for rights to install a lighter one.
  const mayInstall = process.getuid?.() === 0;
  const light = process.env.CHROMIUM_PATH || existsSync(shell) || (chromiumAt() && !mayInstall);
  if (!light || !existsSync('/usr/bin/pdftoppm')) {
    process.stderr.write('Installing a browser and poppler for the tests …\n');
    await apt('update');
    // Some distributions have only the whole browser.
    if (!light && !(await apt('install', '-y', 'chromium-headless-shell')) && !chromiumAt())
      await apt('install', '-y', 'chromium');
    if (!existsSync('/usr/bin/pdftoppm')) await apt('install', '-y', 'poppler-utils');
  }
  const chromium = chromiumAt();
  if (!chromium || !existsSync('/usr/bin/pdftoppm'))
    throw new Error(
      'A browser and pdftoppm could not be installed. Set CHROMIUM_PATH to a browser, and put pdftoppm into /usr/bin.',
    );
  return chromium;
}

/** Has Debian’s packages do something; whether it went well. */
async function apt(...args) {
  const command = [...(process.getuid?.() === 0 ? [] : ['sudo']), 'apt-get', '-qq', ...args];
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  return (await ended(spawn(command[0], command.slice(1), { stdio: ['ignore', 2, 2], env }))) === 0;
}

/** How a process ended: its status, or what kept it from running. */
export const ended = (child) =>
  new Promise((resolve) => {
    child.once('error', (error) => resolve(error.message));
    child.once('exit', (status, signal) => resolve(status ?? signal));
  });

function newest(path) {
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return Math.max(stat.mtimeMs, ...readdirSync(path).map((name) => newest(join(path, name))));
}

/** Builds server and interface, unless the build is newer than everything it is made from. */
export function ensureBuild() {
  const built = [join(root, 'dist/server/main.js'), join(root, 'dist/web/index.html')];
  const sources = [
    'src',
    'package-lock.json',
    'package.json',
    'vite.config.ts',
    'vite.offline.ts',
    'vite.server.config.ts',
    'tsconfig.json',
  ];
  const changed = Math.max(...sources.map((source) => newest(join(root, source))));
  if (built.every((file) => existsSync(file) && statSync(file).mtimeMs > changed)) return;
  process.stderr.write('Building …\n');
  run(bin('vite'), ['build', '--logLevel', 'warn'], { quiet: true });
  run(bin('vite'), ['build', '--config', 'vite.server.config.ts', '--logLevel', 'warn'], { quiet: true });
}
