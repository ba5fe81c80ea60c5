import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Declared } from '../server/actors/gate';
import { matrixTable } from '../server/actors/matrix';
import { createApp } from '../server/app';
import { openDatabase } from '../server/db/open';

const [from, to] = ['<!-- made by npm run docs -->', '<!-- until here -->'];

/** The page on security with the matrix of routes and actors as the routes declare it. */
export async function withMatrix(page: string): Promise<string> {
  const [before, after] = [page.indexOf(from), page.indexOf(to)];
  if (before < 0 || after < before) throw new Error(`docs/security.md has lost “${from}” or “${to}”.`);
  return `${page.slice(0, before)}${from}\n\n${matrixTable(await declaredRoutes())}\n\n${page.slice(after)}`;
}

/** Every route there is, as it is declared. */
export async function declaredRoutes(): Promise<readonly Declared[]> {
  const dataFolder = mkdtempSync(join(tmpdir(), 'tawny-docs-'));
  const knex = await openDatabase(dataFolder);
  try {
    const app = createApp({
      ...{ knex, dataFolder, version: '', epoch: '' },
      probes: () => ({ advance: () => [], hear: () => undefined }),
      logger: { error: () => undefined },
    });
    app.close();
    return app.gate.declared;
  } finally {
    await knex.destroy();
    rmSync(dataFolder, { recursive: true, force: true });
  }
}
