// `npm run demo [-- --lan]`: installs what is missing, builds, loads the invented school on the first start, and serves.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { ensureBuild, ensurePackages, root } from './setup.mjs';

try {
  ensurePackages();
  ensureBuild();
} catch (error) {
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
}

const server = spawn(
  process.execPath,
  [join(root, 'dist/server/main.js'), '--demo', ...process.argv.slice(2)],
  {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, NODE_ENV: 'production' },
  },
);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
