// `npm run restore -- <backup file>` puts a backup in the place of the database, `-- --undo` takes that back. The server
// must not be running.
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ensurePackages, root } from './setup.mjs';

ensurePackages({ quiet: true });
const { status } = spawnSync(
  process.execPath,
  ['--import', 'tsx', join(root, 'src/server/restore.ts'), ...process.argv.slice(2)],
  { cwd: root, stdio: 'inherit' },
);
process.exit(status ?? 1);
