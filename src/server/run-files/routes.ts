import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { RequestHandler, Response } from 'express';
import { routes } from '../../contract/routes';
import { runFileShape } from '../../contract/run-file';
import { authorOf } from '../actors/actor';
import type { Gate } from '../actors/gate';
import { Problem } from '../problems/problem';
import type { Workshop } from './workshop';
import type { Layout } from './write-run';

/** A client that takes nothing of a file for so long is let go, ms. */
const patienceMs = 20_000;

/** The body is read as it comes, by the workshop. */
const asItComes: RequestHandler = (request, _response, next) => {
  const packed = request.headers['content-encoding'] ?? 'identity';
  if (packed !== 'identity') {
    throw new Problem(
      415,
      'Not readable here',
      `The content encoding is “${packed}”; allowed: none. Nothing was changed.`,
    );
  }
  next();
};

interface FileRoute {
  layout: Layout;
  path: (id: string) => string;
  says: string;
  type: string;
  name(run: string): string;
}

const fileRoutes: FileRoute[] = [
  {
    ...{ layout: 'archive', path: routes.runArchive, type: 'application/zip' },
    says: 'The run as an archive: run.json, log.jsonl and its pictures',
    name: (run) => `${run}.zip`,
  },
  {
    ...{ layout: 'document', path: routes.runFile, type: 'application/json' },
    says: 'The run as one JSON document',
    name: (run) => `${run}.json`,
  },
  {
    ...{ layout: 'csv', path: routes.logCsv, type: 'text/csv' },
    says: 'The log as CSV',
    name: (run) => `${run} log.csv`,
  },
];

export function runFileRoutes(gate: Gate, workshop: Workshop, now: () => number): void {
  for (const { layout, path, says, type, name } of fileRoutes) {
    gate.route(
      { method: 'get', path: path(':id'), may: 'teacher', says, type },
      async ({ request, response }) => {
        await workshop.write(
          { is: 'write', runId: request.params.id as string, layout, at: now() },
          (run) => response.attachment(name(fileName(run.title, run.className))).type(type),
          (bytes) => sent(response, bytes),
        );
      },
    );
  }
  gate.route(
    {
      ...{ method: 'post', path: routes.imports, may: 'teacher', status: 201 },
      ...{ reads: asItComes, takes: runFileShape },
      says: 'Reads such a file in, an archive (application/zip) or a document',
    },
    ({ actor, request }) => workshop.read(request, authorOf(actor).replace(/^teacher/, 'import')),
  );
}

/** Sends bytes as fast as they are taken. */
async function sent(response: Response, bytes: AsyncGenerator<Uint8Array>) {
  response.setTimeout(patienceMs, () => response.destroy());
  try {
    await pipeline(Readable.from(bytes, { objectMode: false }), response);
  } catch (error) {
    // Whoever asked went away.
    if (response.destroyed && !(error instanceof Problem)) return;
    throw error;
  }
}

function fileName(title: string, className: string): string {
  return (
    `${title} ${className}`
      .replace(/[^\p{L}\p{N} .-]+/gu, '')
      .trim()
      .slice(0, 80) || 'run'
  );
}
