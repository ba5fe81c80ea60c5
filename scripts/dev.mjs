// `npm run dev`: the server restarting on change, and the interface with hot reload on http://127.0.0.1:5173.
import { spawn } from 'node:child_process';
import { bin, ensurePackages, root } from './setup.mjs';

ensurePackages();
const children = [
  spawn(bin('tsx'), ['watch', 'src/server/main.ts', '--demo'], { cwd: root, stdio: 'inherit' }),
  spawn(bin('vite'), [], { cwd: root, stdio: 'inherit' }),
];
const stop = () => children.forEach((child) => child.kill('SIGTERM'));
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
children.forEach((child) => child.on('exit', stop));
