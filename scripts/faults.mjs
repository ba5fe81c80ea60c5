// `npm run faults [-- 1000] [--write]`: SIGKILLs and bad weather; see trials/faults.ts.
import { ensureBuild, ensurePackages, run } from './setup.mjs';

ensurePackages({ quiet: true });
ensureBuild();
try {
  run(process.execPath, ['--import', 'tsx', 'trials/faults.ts', ...process.argv.slice(2)]);
} catch {
  process.exit(1);
}
