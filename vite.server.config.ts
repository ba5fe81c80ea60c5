import { defineConfig } from 'vite';

/**
 * The server as one file, and beside it what its threads run. Express and the validator, hundreds of small files, come into it so that it starts fast. What
 * is compiled, looks for its own files at run time or must be there only once stays in node_modules.
 */
export default defineConfig({
  publicDir: false,
  ssr: {
    noExternal: true,
    external: [
      'better-sqlite3',
      'knex',
      'pino',
      'class-transformer',
      'class-validator-jsonschema',
      'reflect-metadata',
      'sharp',
      '@node-rs/argon2',
      'exceljs',
      'fontkit',
      'pdfmake',
    ],
  },
  build: {
    ssr: true,
    outDir: 'dist/server',
    emptyOutDir: true,
    target: 'node20',
    rolldownOptions: {
      input: { main: 'src/server/main.ts', thread: 'src/server/thread-main.ts' },
      output: { entryFileNames: '[name].js', chunkFileNames: '[name].js' },
    },
  },
});
