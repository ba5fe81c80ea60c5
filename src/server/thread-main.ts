import { parentPort, workerData } from 'node:worker_threads';
import { runCalculator, type CalculatorAnswer } from '../core/calculators';
import { RefusedValue } from '../core/bounds';
import { layLesson, type LessonAsked, type LessonLaid } from './days/lay-lesson';
import { backUp } from './db/backup';
import { connectTo } from './db/open';
import { readProducts, type ProductsRead } from './pantry/product-csv';
import type { PaperAsked, PaperTold } from './paper/papers';
import type { OrderTables } from './prep/order-xlsx';
import { Problem, refusedField } from './problems/problem';
import { doJob, type Job, type Outcome } from './run-files/job';
import { runFilesOn } from './run-files/on-database';
import type { Said } from './threads/in-thread';

/** What a thread of the server is to do. */
export type Given =
  | ({ dataFolder: string } & ({ job: Job } | { copyAt: number }))
  | { lesson: LessonAsked }
  | { papers: PaperAsked }
  | { calculator: string; inputs: unknown }
  | { workbook: OrderTables }
  | { products: string };

type Told = Outcome | LessonLaid | CalculatorAnswer | PaperTold | ProductsRead | Uint8Array;

/** So much may be on its way and not yet taken. */
const mostAhead = 8;

/** Waits so long inside the database, ms: nobody else is served by this thread. */
const waitMs = 10_000;

async function* outcomesOf(given: Given): AsyncGenerator<Told> {
  if ('calculator' in given) {
    yield runCalculator(given.calculator, given.inputs);
    return;
  }
  if ('products' in given) {
    yield readProducts(given.products);
    return;
  }
  if ('papers' in given) {
    // Heavy, and wanted by no other thread.
    const { papersOf } = await import('./paper/papers');
    yield* papersOf(given.papers);
    return;
  }
  if ('workbook' in given) {
    const { xlsxOfOrder } = await import('./prep/order-xlsx');
    yield await xlsxOfOrder(given.workbook);
    return;
  }
  if ('lesson' in given) {
    yield layLesson(given.lesson);
    return;
  }
  if ('copyAt' in given) {
    await backUp(given.dataFolder, new Date(given.copyAt));
    return;
  }
  const knex = connectTo(given.dataFolder, waitMs);
  try {
    yield* doJob(runFilesOn(knex, given.dataFolder), given.job);
  } finally {
    await knex.destroy();
  }
}

const port = parentPort!;
const say = (said: Said<Told>) => port.postMessage(said);
let ahead = 0;
let taken = () => {};

async function work(given: Given): Promise<void> {
  ahead = 0;
  try {
    for await (const outcome of outcomesOf(given)) {
      say({ outcome });
      ahead += 1;
      while (ahead >= mostAhead) await new Promise<void>((resolve) => (taken = resolve));
    }
    say({ done: true });
  } catch (error) {
    if (error instanceof Problem) say({ problem: error.document });
    else if (error instanceof RefusedValue)
      say({ problem: refusedField(error.pointer, error.value, error.allowed).document });
    else {
      const { stack, code } = error as NodeJS.ErrnoException;
      say({ failed: stack ?? String(error), code: code ?? null });
    }
  }
}

port.on('message', (said: 'taken' | { given: Given }) => {
  if (said === 'taken') {
    ahead -= 1;
    taken();
  } else void work(said.given);
});
// One that stays is told what to do piece by piece; any other does the one thing it was begun for.
const begun = workerData as Given | { stays: true };
if (!('stays' in begun)) {
  await work(begun);
  port.close();
}
