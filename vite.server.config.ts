import { defineConfig } from 'vite';

/** The server as one file; what comes from node_modules stays there. */
export default defineConfig({
  publicDir: false,
  build: {
    ssr: 'src/server/main.ts',
    outDir: 'dist/server',
    emptyOutDir: true,
    target: 'node20',
    rolldownOptions: { output: { entryFileNames: 'main.js' } },
  },
});
