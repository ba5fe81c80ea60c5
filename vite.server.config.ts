import { defineConfig } from 'vite';

/**
 * The server as one file. Express and the validator, hundreds of small files, come into it so that it starts fast. What
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
    ],
  },
  build: {
    ssr: 'src/server/main.ts',
    outDir: 'dist/server',
    emptyOutDir: true,
    target: 'node20',
    rolldownOptions: { output: { entryFileNames: 'main.js' } },
  },
});
