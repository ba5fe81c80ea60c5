import type { Router } from 'express';
import { routes } from '../../contract/routes';
import { readRunFile } from '../../contract/run-file';
import type { Log } from '../log/log';
import { refusedFields } from '../problems/problem';
import type { Runs } from '../runs/runs';
import { logAsCsv } from './log-csv';
import type { RunFiles } from './run-file';

export function exportRoutes(router: Router, files: RunFiles, runs: Runs, log: Log, now: () => number): void {
  router.get(routes.runFile(':id'), async (request, response) => {
    const file = await files.write(request.params.id as string, new Date(now()));
    response.attachment(`${fileName(file.practical.plan.title, file.class.name)}.json`).json(file);
  });
  router.get(routes.logCsv(':id'), async (request, response) => {
    const run = await runs.one(request.params.id as string);
    const csv = logAsCsv(run, await log.after(run.id, 0, Number.MAX_SAFE_INTEGER));
    // The mark at the start lets spreadsheets see that it is UTF-8.
    response
      .attachment(`${fileName(run.plan.title, run.className)} log.csv`)
      .type('text/csv; charset=utf-8')
      .send(`\uFEFF${csv}`);
  });
  router.post(routes.imports, async (request, response) => {
    const checked = readRunFile(request.body);
    if ('errors' in checked) throw refusedFields(checked.errors);
    response.status(201).json(await files.read(checked.value));
  });
}

function fileName(title: string, className: string): string {
  return (
    `${title} ${className}`
      .replace(/[^\p{L}\p{N} .-]+/gu, '')
      .trim()
      .slice(0, 80) || 'run'
  );
}
