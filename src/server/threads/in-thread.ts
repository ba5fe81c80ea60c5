import { Worker } from 'node:worker_threads';
import { Problem } from '../problems/problem';
import type { ProblemDocument } from '../../contract/problem';

/** What a thread says: an outcome; `done`; or why it failed. */
export type Said<Outcome> =
  | { outcome: Outcome }
  | { done: true }
  | { problem: ProblemDocument }
  | { failed: string; code: string | null };

/**
 * Memory a thread may take, MB; more than it ever needs. One that runs out of it may take the program with it: what it
 * reads is bounded before.
 */
const mostMemoryMb = 1500;

/**
 * Has a thread of its own do what takes long; what comes of it comes as fast as it is taken. The thread ends with it, or
 * when nobody wants more.
 *
 * @param given goes to the thread as its `workerData`
 * @throws Problem where the thread threw one; 413 where its memory did not do
 */
export async function* inThread<Outcome>(program: URL, given: object): AsyncGenerator<Outcome> {
  const worker = new Worker(program, {
    workerData: given,
    resourceLimits: { maxOldGenerationSizeMb: mostMemoryMb },
  });
  const waiting: Said<Outcome>[] = [];
  let woken = () => {};
  const hear = (said: Said<Outcome>) => {
    waiting.push(said);
    woken();
  };
  const ended = (error?: NodeJS.ErrnoException) =>
    hear({
      failed: error?.stack ?? 'the thread ended before its work was done',
      code: error?.code ?? null,
    });
  worker.on('message', hear);
  worker.once('error', ended);
  worker.once('exit', () => ended());
  try {
    for (;;) {
      const said = waiting.shift();
      if (!said) {
        await new Promise<void>((resolve) => (woken = resolve));
        continue;
      }
      if ('done' in said) return;
      if (!('outcome' in said)) throw reasonOf(said);
      yield said.outcome;
      worker.postMessage('taken');
    }
  } finally {
    await worker.terminate();
  }
}

/** Has a thread of its own do what comes to one answer. */
export async function answerFromThread<Answer>(program: URL, given: object): Promise<Answer> {
  for await (const answer of inThread<Answer>(program, given)) return answer;
  throw new Error('a thread ended without an answer');
}

function reasonOf(said: { problem: ProblemDocument } | { failed: string; code: string | null }): Error {
  if ('problem' in said) return Problem.from(said.problem);
  if (said.code === 'ERR_WORKER_OUT_OF_MEMORY') {
    return new Problem(
      413,
      'Too large',
      'Something in this is longer than anything a run has. Nothing was changed.',
    );
  }
  return Object.assign(new Error(said.failed), { code: said.code });
}
