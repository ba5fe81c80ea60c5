// `npm test`: types, lint, format, arrows, dead code, unit and end-to-end tests; ends with one line of counts. `--all` looks
// at everything where `npm test` looks at samples.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join, relative } from 'node:path';
import { slowness } from './machine-speed.mjs';
import { bin, ended, ensureBuild, ensurePackages, ensureTestTools, root } from './setup.mjs';

if (process.argv.includes('--all')) process.env.TAWNY_TESTS = 'all';
const counts = { passed: 0, failed: 0 };
const results = join(root, 'test-results');
/** A test file that takes longer than this on a quiet machine is named at the end, s. */
const longFileS = 20;
/** What each part took, s. */
const parts = [];
const longFiles = [];

function took(name, started, fine) {
  const seconds = (Date.now() - started) / 1000;
  parts.push([name, seconds]);
  return `   ${fine ? 'fine' : 'FAILED'} in ${seconds.toFixed(1)} s\n`;
}

async function step(name, command, args, env = {}) {
  process.stdout.write(`\n── ${name}\n`);
  const started = Date.now();
  const child = spawn(command, args, { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } });
  const fine = (await ended(child)) === 0;
  process.stdout.write(took(name, started, fine));
  return fine;
}

/** A check beside others: what it says comes out in one piece when it is done. */
async function check(name, command, args) {
  const started = Date.now();
  const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
  const said = [];
  for (const from of [child.stdout, child.stderr]) from.on('data', (bytes) => said.push(bytes));
  const fine = (await ended(child)) === 0;
  process.stdout.write(`\n── ${name}\n${Buffer.concat(said).toString()}${took(name, started, fine)}`);
  counts[fine ? 'passed' : 'failed'] += 1;
}

/** One after the other, beside others that do the same. */
async function lane(checks) {
  for (const one of checks) await check(...one);
}

const checks = [
  [
    ['lint', bin('oxlint'), ['--type-aware', '--deny-warnings']],
    ['format', bin('oxfmt'), ['--check']],
  ],
  [
    // Its checker is the compiler’s own of the next generation: a few seconds instead of minutes.
    ['types', process.execPath, [join(root, 'node_modules/typescript-native/bin/tsc'), '--noEmit']],
    [
      'arrows between folders',
      bin('depcruise'),
      ['src', 'e2e', 'bench', 'trials', '--config', '.dependency-cruiser.cjs'],
    ],
    ['dead code', bin('knip'), []],
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

/** Seconds of each end-to-end file, from the report of its tests. */
function endToEndFiles(report) {
  const durations = (suite) => [
    ...(suite.specs ?? []).flatMap((spec) =>
      spec.tests.flatMap((one) => one.results.map(({ duration }) => duration)),
    ),
    ...(suite.suites ?? []).flatMap(durations),
  ];
  return (report?.suites ?? []).map((suite) => [
    `e2e/${suite.file}`,
    durations(suite).reduce((sum, one) => sum + one, 0) / 1000,
  ]);
}

function noteLong(files) {
  longFiles.push(...files.filter(([, seconds]) => seconds / slowness() > longFileS));
}

/** Where the time went: each part, and every file that takes long. */
function sayTimes(started) {
  const line = ([name, seconds]) => `${seconds.toFixed(0).padStart(6)} s  ${name}\n`;
  process.stdout.write(`\n── times (this machine is ${slowness().toFixed(1)} times slower than usual)\n`);
  process.stdout.write(parts.map(line).join(''));
  process.stdout.write(line(['in all', (Date.now() - started) / 1000]));
  longFiles.sort((a, b) => b[1] - a[1]);
  if (longFiles.length > 0)
    process.stdout.write(`   test files over ${longFileS} s:\n${longFiles.map(line).join('')}`);
}

const started = Date.now();
try {
  // The browser comes while the packages are compiled.
  const tools = ensureTestTools();
  tools.catch(() => undefined);
  ensurePackages();
  const chromium = await tools;
  took('installing', started, true);
  slowness();
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
  noteLong(
    (unit?.testResults ?? []).map((one) => [relative(root, one.name), (one.endTime - one.startTime) / 1000]),
  );

  const building = Date.now();
  ensureBuild();
  took('build', building, true);
  const e2eFile = join(results, 'e2e.json');
  const e2eFine = await step('end-to-end tests', bin('playwright'), ['test'], {
    CHROMIUM_PATH: chromium,
    PLAYWRIGHT_JSON_OUTPUT_NAME: e2eFile,
  });
  const e2e = readJson(e2eFile);
  tally(e2eFine, (e2e?.stats?.expected ?? 0) + (e2e?.stats?.flaky ?? 0), e2e?.stats?.unexpected ?? 0);
  noteLong(endToEndFiles(e2e));
} catch (error) {
  process.stderr.write(`${error.stack ?? error}\n`);
  counts.failed += 1;
}

sayTimes(started);
process.stdout.write(`\n${counts.passed} passed, ${counts.failed} failed\n`);
process.exit(counts.failed === 0 ? 0 : 1);
