import express from 'express';
import { routes } from '../../contract/routes';
import { readRunFile, runFileShape } from '../../contract/run-file';
import { authorOf } from '../actors/actor';
import type { Gate } from '../actors/gate';
import type { Log } from '../log/log';
import { refusedFields } from '../problems/problem';
import type { Runs } from '../runs/runs';
import { logAsCsv } from './log-csv';
import type { RunFiles } from './run-file';

const wholeFile = express.json({ limit: '200mb', inflate: false });

export function exportRoutes(gate: Gate, files: RunFiles, runs: Runs, log: Log, now: () => number): void {
  gate.route(
    { method: 'get', path: routes.runFile(':id'), may: 'teacher', says: 'The run as one file' },
    async ({ request, response }) => {
      const file = await files.write(request.params.id as string, new Date(now()));
      response.attachment(`${fileName(file.practical.plan.title, file.class.name)}.json`).json(file);
    },
  );
  gate.route(
    { method: 'get', path: routes.logCsv(':id'), may: 'teacher', says: 'The log as CSV', type: 'text/csv' },
    async ({ request, response }) => {
      const run = await runs.one(request.params.id as string);
      const csv = logAsCsv(run, await log.whole(run.id));
      // The mark at the start lets spreadsheets see that it is UTF-8.
      response
        .attachment(`${fileName(run.plan.title, run.className)} log.csv`)
        .type('text/csv; charset=utf-8')
        .send(`\uFEFF${csv}`);
    },
  );
  gate.route(
    {
      ...{
        method: 'post',
        path: routes.imports,
        may: 'teacher',
        status: 201,
        reads: wholeFile,
        takes: runFileShape,
      },
      says: 'Reads such a file in',
    },
    ({ actor, request }) => {
      const checked = readRunFile(request.body);
      if ('errors' in checked) throw refusedFields(checked.errors);
      return files.read(checked.value, authorOf(actor).replace(/^teacher/, 'import'));
    },
  );
}

function fileName(title: string, className: string): string {
  return (
    `${title} ${className}`
      .replace(/[^\p{L}\p{N} .-]+/gu, '')
      .trim()
      .slice(0, 80) || 'run'
  );
}
