// Makes a plain clone ready: packages, browser, build. Plain Node, no dependencies.
import { spawnSync } from 'node:child_process';
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

/** Installs a package of Debian for the tests. */
function install(name, elseSay) {
  process.stderr.write(`Installing ${name} for the tests …\n`);
  const asRoot = process.getuid?.() === 0 ? [] : ['sudo'];
  const apt = (...args) => {
    const [command, ...rest] = [...asRoot, 'apt-get', ...args];
    run(command, rest, { quiet: true, env: { DEBIAN_FRONTEND: 'noninteractive' } });
  };
  try {
    apt('update', '-qq');
    apt('install', '-y', '-qq', name);
  } catch (error) {
    throw new Error(`${name} is missing and could not be installed (${error.message}). ${elseSay}`);
  }
}

/** Where Chromium is, installed through apt-get if need be. */
export function ensureChromium() {
  const places = [
    process.env.CHROMIUM_PATH,
    '/usr/bin/chromium',
    '/usr/bin/chromium-browser',
    '/usr/bin/google-chrome',
  ];
  const found = places.find((place) => place && existsSync(place));
  if (found) return found;
  install('chromium', 'Set CHROMIUM_PATH to one.');
  return '/usr/bin/chromium';
}

/** What turns printed pages into pictures and text, to be measured by the tests. */
export function ensurePoppler() {
  if (!existsSync('/usr/bin/pdftoppm')) install('poppler-utils', 'Install pdftoppm and pdftotext by hand.');
}

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
