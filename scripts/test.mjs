// `npm test`: types, lint, format, arrows, dead code, unit and end-to-end tests; ends with one line of counts.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { bin, ended, ensureBuild, ensurePackages, ensureTestTools, root } from './setup.mjs';

const counts = { passed: 0, failed: 0 };
const results = join(root, 'test-results');

const took = (started, fine) =>
  `   ${fine ? 'fine' : 'FAILED'} in ${((Date.now() - started) / 1000).toFixed(1)} s\n`;

async function step(name, command, args, env = {}) {
  process.stdout.write(`\n── ${name}\n`);
  const started = Date.now();
  const child = spawn(command, args, { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } });
  const fine = (await ended(child)) === 0;
  process.stdout.write(took(started, fine));
  return fine;
}

/** A check beside others: what it says comes out in one piece when it is done. */
async function check(name, tool, args) {
  const started = Date.now();
  const child = spawn(bin(tool), args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
  const said = [];
  for (const from of [child.stdout, child.stderr]) from.on('data', (bytes) => said.push(bytes));
  const fine = (await ended(child)) === 0;
  process.stdout.write(`\n── ${name}\n${Buffer.concat(said).toString()}${took(started, fine)}`);
  counts[fine ? 'passed' : 'failed'] += 1;
}

/** One after the other, beside others that do the same. */
async function lane(checks) {
  for (const one of checks) await check(...one);
}

const checks = [
  [['lint', 'eslint', ['.', '--max-warnings', '0']]],
  [
    ['types', 'tsc', ['--noEmit']],
    ['format', 'prettier', ['--check', '--log-level', 'warn', '.']],
    [
      'arrows between folders',
      'depcruise',
      ['src', 'e2e', 'bench', 'trials', '--config', '.dependency-cruiser.cjs'],
    ],
    ['dead code', 'knip', []],
  ],
];

function readJson(file) {
  return existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null;
}

/** Counts what a test runner reported; a runner that broke off counts as one failure. */
function tally(fine, passed, failed) {
  counts.passed += passed;
  counts.failed += failed === 0 && !fine ? 1 : failed;
}

try {
  // The browser comes while the packages are compiled.
  const tools = ensureTestTools();
  tools.catch(() => undefined);
  ensurePackages();
  const chromium = await tools;
  rmSync(results, { recursive: true, force: true });
  mkdirSync(results, { recursive: true });

  await Promise.all(checks.map(lane));

  const unitFile = join(results, 'unit.json');
  const unitFine = await step('unit tests', bin('vitest'), [
    'run',
    '--reporter=dot',
    '--reporter=json',
    `--outputFile.json=${unitFile}`,
  ]);
  const unit = readJson(unitFile);
  tally(unitFine, unit?.numPassedTests ?? 0, unit?.numFailedTests ?? 0);

  ensureBuild();
  const e2eFile = join(results, 'e2e.json');
  const e2eFine = await step('end-to-end tests', bin('playwright'), ['test'], {
    CHROMIUM_PATH: chromium,
    PLAYWRIGHT_JSON_OUTPUT_NAME: e2eFile,
  });
  const stats = readJson(e2eFile)?.stats;
  tally(e2eFine, (stats?.expected ?? 0) + (stats?.flaky ?? 0), stats?.unexpected ?? 0);
} catch (error) {
  process.stderr.write(`${error.stack ?? error}\n`);
  counts.failed += 1;
}

process.stdout.write(`\n${counts.passed} passed, ${counts.failed} failed\n`);
process.exit(counts.failed === 0 ? 0 : 1);
