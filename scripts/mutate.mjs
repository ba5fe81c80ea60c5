// `npm run mutate -- <path>[,<path> …] [lines] [seed]`: changes the code of folders or files in small ways, on a seeded sample
// of their lines, and counts how many of the changes the unit tests notice. String literals are left alone except in the contract.
import { mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { bin, ensurePackages, root, run } from './setup.mjs';

const [path = 'src/core', lines = '120', seed = '1'] = process.argv.slice(2);

/** Tables, which other checks look at name by name, and what only tests use. */
const tables = /\/(ingredients\/shelf|tables|practical\/example-plan|simulation\/trade-facts|testing\/)/;

function filesIn(place) {
  if (statSync(place).isFile()) return [place];
  return readdirSync(place)
    .sort()
    .flatMap((name) => filesIn(join(place, name)));
}

const files = path
  .split(',')
  .flatMap((place) => filesIn(join(root, place)))
  .map((file) => relative(root, file))
  .filter((file) => /\.ts$/.test(file) && !/\.(test|d)\.ts$/.test(file) && !tables.test(`/${file}`));

/** Lines that hold code which could be changed: no imports, types, comments or lone brackets. */
const code = files.flatMap((file) =>
  readFileSync(join(root, file), 'utf8')
    .split('\n')
    .flatMap((text, i) =>
      /[=<>+*/?!&|(]|\breturn\b|\bif\b/.test(text) &&
      !/^\s*(\*|\/\/|\/\*|import\b|export (type|\{|\*)|type |interface )/.test(text)
        ? [`${file}:${i + 1}-${i + 1}`]
        : [],
    ),
);

// Fisher and Yates with a small generator of known steps, so that a seed is a sample.
let state = Number(seed) >>> 0;
const next = () => {
  state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
  return state / 4294967296;
};
for (let i = code.length - 1; i > 0; i -= 1) {
  const j = Math.floor(next() * (i + 1));
  [code[i], code[j]] = [code[j], code[i]];
}
const sample = code.slice(0, Number(lines));
process.stdout.write(
  `${files.length} files, ${code.length} lines of code, ${sample.length} of them changed (seed ${seed})\n`,
);

ensurePackages();
mkdirSync(join(root, 'test-results'), { recursive: true });
// Named by the process, so that two runs at once do not clear each other away.
const own = `stryker-${process.pid}`;
const settings = join(root, 'test-results', `${own}.json`);
writeFileSync(
  settings,
  JSON.stringify({
    mutate: sample,
    testRunner: 'vitest',
    vitest: { configFile: 'vite.config.ts', related: true },
    coverageAnalysis: 'perTest',
    mutator: { excludedMutations: path.includes('contract') ? [] : ['StringLiteral', 'Regex'] },
    reporters: ['clear-text', 'json'],
    jsonReporter: { fileName: 'test-results/mutation.json' },
    clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
    ignoreStatic: true,
    concurrency: 2,
    timeoutMS: 20_000,
    dryRunTimeoutMinutes: 20,
    tempDirName: `test-results/${own}`,
    ignorePatterns: ['dist', 'data', 'docs/screenshots', 'test-results'],
    allowEmpty: true,
  }),
);
try {
  run(bin('stryker'), ['run', settings], { env: { TAWNY_MUTATE: '1' } });
} finally {
  rmSync(settings, { force: true });
}
