// `npm run fuzz -- 100000 [--seed 7] [--from 0]`: hostile requests against the built server; see trials/fuzz.ts.
import { ensureBuild, ensurePackages, run } from './setup.mjs';

ensurePackages({ quiet: true });
ensureBuild();
try {
  run(process.execPath, ['--import', 'tsx', 'trials/fuzz.ts', ...process.argv.slice(2)]);
} catch {
  process.exit(1);
}
