// `npm run bench [-- name …]`: figures as JSON lines, one a figure. Never a timed test.
import { ensureBuild, ensurePackages, run } from './setup.mjs';

ensurePackages({ quiet: true });
ensureBuild();
run(process.execPath, ['--import', 'tsx', 'bench/main.ts', ...process.argv.slice(2)]);
