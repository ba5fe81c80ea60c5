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
  const worker = started(program, given);
  try {
    yield* outcomesOf<Outcome>(worker);
  } finally {
    await worker.terminate();
  }
}

const started = (program: URL, workerData: object) =>
  new Worker(program, { workerData, resourceLimits: { maxOldGenerationSizeMb: mostMemoryMb } });

/** What a thread says of one piece of work, as fast as it is taken, until it says that it is done. */
async function* outcomesOf<Outcome>(worker: Worker): AsyncGenerator<Outcome> {
  const waiting: Said<Outcome>[] = [];
  let woken = () => {};
  const hear = (said: Said<Outcome>) => {
    waiting.push(said);
    woken();
  };
  const fail = (error?: NodeJS.ErrnoException) =>
    hear({
      failed: error?.stack ?? 'the thread ended before its work was done',
      code: error?.code ?? null,
    });
  const exit = () => fail();
  worker.on('message', hear).once('error', fail).once('exit', exit);
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
    worker.off('message', hear).off('error', fail).off('exit', exit);
  }
}

/**
 * A thread that stays for the next piece of work, one after another: what it has loaded it need not load again. It ends when
 * nothing came for a while, or when a piece of work did not come to its end.
 */
export class KeptThread {
  #worker: Worker | null = null;
  #idle: NodeJS.Timeout | undefined;

  constructor(
    readonly program: URL,
    readonly keptMs = 120_000,
  ) {}

  /** One piece of work; the next only when it is over. */
  async *work<Outcome>(given: object): AsyncGenerator<Outcome> {
    clearTimeout(this.#idle);
    const worker = this.#here();
    worker.ref();
    worker.postMessage({ given });
    let left = true;
    try {
      yield* outcomesOf<Outcome>(worker);
      left = false;
    } catch (error) {
      // What went wrong inside leaves the thread as it was.
      left = false;
      throw error;
    } finally {
      if (left) await this.#end(worker);
      else if (this.#worker === worker) this.#rest(worker);
    }
  }

  /** One piece of work that comes to one answer. */
  async answer<Answer>(given: object): Promise<Answer> {
    const answers: Answer[] = [];
    for await (const answer of this.work<Answer>(given)) answers.push(answer);
    if (answers.length === 0) throw new Error('a thread ended without an answer');
    return answers[0]!;
  }

  #here(): Worker {
    if (this.#worker) return this.#worker;
    const worker = started(this.program, { stays: true });
    this.#worker = worker;
    worker.once('exit', () => {
      if (this.#worker === worker) this.#worker = null;
    });
    return worker;
  }

  #rest(worker: Worker): void {
    worker.unref();
    this.#idle = setTimeout(() => void this.#end(worker), this.keptMs).unref();
  }

  async #end(worker: Worker): Promise<void> {
    if (this.#worker === worker) this.#worker = null;
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
