// `npm run passphrase [-- "Name"]`: a fresh passphrase for a teacher who forgot theirs, at the server's own console.
import { ensurePackages, run } from './setup.mjs';

ensurePackages({ quiet: true });
try {
  run(process.execPath, ['--import', 'tsx', 'src/server/passphrase.ts', ...process.argv.slice(2)]);
} catch {
  process.exit(1);
}
