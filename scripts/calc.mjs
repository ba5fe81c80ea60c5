// `npm run --silent calc -- <id> '<json>'`: the calculators on the command line.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ensurePackages, root } from './setup.mjs';

ensurePackages({ quiet: true });
const { status } = spawnSync(
  process.execPath,
  ['--import', 'tsx', join(root, 'src/cli/run-calc.ts'), ...process.argv.slice(2)],
  { cwd: root, stdio: 'inherit' },
);
process.exit(status ?? 1);
