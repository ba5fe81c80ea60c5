import react from '@vitejs/plugin-react';
import { offline } from './vite.offline.ts';
import { configDefaults, defineConfig } from 'vitest/config';
import { slowness } from './scripts/machine-speed.mjs';

// Tests tell days and clock times of a school whose clocks go back in October, wherever they run.
if (process.env.VITEST !== undefined || process.env.TAWNY_MUTATE !== undefined)
  process.env.TZ = 'Europe/London';

export default defineConfig({
  root: 'src/web',
  publicDir: 'public',
  plugins: [react(), offline()],
  build: {
    outDir: '../../dist/web',
    emptyOutDir: true,
    // Tells which parts the page of a station is made of.
    manifest: true,
    target: 'es2022',
    chunkSizeWarningLimit: 900,
  },
  worker: { format: 'es' },
  server: {
    port: 5173,
    // The name stays as the browser said it: the server compares it with where a write comes from.
    proxy: { '/api': { target: 'http://127.0.0.1:4173', changeOrigin: false } },
  },
  test: {
    root: '.',
    include: ['src/**/*.test.{ts,tsx}'],
    setupFiles: ['src/patient-tests.ts'],
    // A page made from the code would notice every change of it, and say nothing of whether it was right.
    exclude: [
      ...configDefaults.exclude,
      ...(process.env.TAWNY_MUTATE ? ['src/cli/science.test.ts', 'src/cli/formats.test.ts'] : []),
    ],
    // Guards against hanging: no test takes a tenth of them on a quiet machine.
    testTimeout: 300_000 * slowness(),
    hookTimeout: 300_000 * slowness(),
    // Modules are read once for all tests of a process: most of the time went there.
    isolate: false,
    maxWorkers: '100%',
  },
});
