// `npm test`: types, lint, format, arrows, dead code, unit and end-to-end tests; ends with one line of counts.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { bin, ensureBuild, ensureChromium, ensurePackages, ensurePoppler, root } from './setup.mjs';

const counts = { passed: 0, failed: 0 };
const results = join(root, 'test-results');

function step(name, command, args, env = {}) {
  process.stdout.write(`\n── ${name}\n`);
  const started = Date.now();
  const { status } = spawnSync(command, args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  process.stdout.write(
    `   ${status === 0 ? 'fine' : 'FAILED'} in ${((Date.now() - started) / 1000).toFixed(1)} s\n`,
  );
  return status === 0;
}

function check(name, tool, args) {
  if (step(name, bin(tool), args)) counts.passed += 1;
  else counts.failed += 1;
}

function readJson(file) {
  return existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null;
}

/** Counts what a test runner reported; a runner that broke off counts as one failure. */
function tally(fine, passed, failed) {
  counts.passed += passed;
  counts.failed += failed === 0 && !fine ? 1 : failed;
}

try {
  ensurePackages();
  const chromium = ensureChromium();
  ensurePoppler();
  rmSync(results, { recursive: true, force: true });
  mkdirSync(results, { recursive: true });

  check('types', 'tsc', ['--noEmit']);
  check('lint', 'eslint', ['.', '--max-warnings', '0']);
  check('format', 'prettier', ['--check', '--log-level', 'warn', '.']);
  check('arrows between folders', 'depcruise', [
    'src',
    'e2e',
    'bench',
    'trials',
    '--config',
    '.dependency-cruiser.cjs',
  ]);
  check('dead code', 'knip', []);

  const unitFile = join(results, 'unit.json');
  const unitFine = step('unit tests', bin('vitest'), [
    'run',
    '--reporter=dot',
    '--reporter=json',
    `--outputFile.json=${unitFile}`,
  ]);
  const unit = readJson(unitFile);
  tally(unitFine, unit?.numPassedTests ?? 0, unit?.numFailedTests ?? 0);

  ensureBuild();
  const e2eFile = join(results, 'e2e.json');
  const e2eFine = step('end-to-end tests', bin('playwright'), ['test'], {
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
