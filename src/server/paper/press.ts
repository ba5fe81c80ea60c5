import pLimit from 'p-limit';
import { v7 as uuid } from 'uuid';
import type { PaperState } from '../../contract/paper';
import { notFound, Problem } from '../problems/problem';
import { KeptThread } from '../threads/in-thread';
import type { PaperAsked, PaperTold } from './papers';

interface Printing {
  /** Who asked for it. */
  owner: string;
  state: PaperState;
  pdf: Uint8Array | null;
}

/** Of one person so many that were made are kept, and so many may be being made at once. */
const mostOf = { kept: 3, making: 4 };
/** So many are kept of all together, and so many wait for their turn. */
const mostKept = 24;
const mostWaiting = 16;

const isMaking = ({ ready, failed }: PaperState) => !ready && failed === null;

/** One file at a time, in a thread that stays. */
class Line {
  readonly run = pLimit(1);
  readonly #thread: KeptThread | null;

  constructor(program: URL | null) {
    this.#thread = program && new KeptThread(program);
  }

  async *told(asked: PaperAsked): AsyncGenerator<PaperTold> {
    if (this.#thread) {
      yield* this.#thread.work<PaperTold>({ papers: asked });
      return;
    }
    const { papersOf } = await import('./papers');
    yield* papersOf(asked);
  }
}

/**
 * Makes files of pages in threads of their own: others are served meanwhile. Pages that somebody waits for never wait for
 * the long files that are begun and fetched later.
 */
export class Press {
  readonly #pages: Line;
  readonly #files: Line;
  readonly #printings = new Map<string, Printing>();

  /** @param program what a thread runs; without it pages are made where they are asked for */
  constructor(program: URL | null) {
    this.#pages = new Line(program);
    this.#files = new Line(program);
  }

  /**
   * A file, as soon as it is made.
   *
   * @param isWanted whether whoever asked still waits when its turn comes
   */
  async print(asked: PaperAsked, isWanted: () => boolean = () => true): Promise<Uint8Array> {
    if (this.#pages.run.pendingCount >= mostWaiting) {
      throw new Problem(
        503,
        'Too many at once',
        'Many pages are being made just now. Try again in a minute.',
      );
    }
    return this.#pages.run(async () => {
      if (!isWanted()) throw new Problem(503, 'Nobody waits', 'Whoever asked for this has gone.');
      let pdf: Uint8Array | null = null;
      for await (const told of this.#pages.told(asked)) if ('pdf' in told) pdf = told.pdf;
      if (!pdf) throw new Error('no page came of it');
      return pdf;
    });
  }

  /**
   * Begins a file and says how it is asked for. One that is not made yet is never dropped for another.
   *
   * @throws Problem 503 where its owner, or all together, have too many begun
   */
  begin(owner: string, ask: () => Promise<PaperAsked>): PaperState {
    const making = [...this.#printings.values()].filter(({ state }) => isMaking(state));
    const own = making.filter((one) => one.owner === owner);
    if (own.length >= mostOf.making || making.length >= mostWaiting) {
      throw new Problem(
        503,
        'Too many at once',
        own.length >= mostOf.making
          ? `${own.length} files of yours are being made. Ask again when one of them is ready.`
          : 'Many files are being made just now. Try again in a minute.',
      );
    }
    const id = uuid();
    const printing: Printing = {
      owner,
      state: { id, done: 0, of: 1, ready: false, failed: null, pages: null },
      pdf: null,
    };
    this.#printings.set(id, printing);
    this.#dropOld(owner);
    void this.#files.run(async () => {
      try {
        for await (const told of this.#files.told(await ask())) {
          if ('pdf' in told) printing.pdf = told.pdf;
          else printing.state = { ...printing.state, ...told };
        }
        printing.state = { ...printing.state, done: printing.state.of, ready: true };
      } catch (error) {
        const why =
          error instanceof Problem
            ? (error.document.detail ?? error.message)
            : 'The pages could not be made.';
        printing.state = { ...printing.state, failed: why };
      }
    });
    return printing.state;
  }

  /** Of those that are made the oldest go: of their owner, and of all. */
  #dropOld(owner: string) {
    const made = [...this.#printings].filter(([, { state }]) => !isMaking(state));
    const own = made.filter(([, one]) => one.owner === owner);
    for (const [id] of [...own.slice(0, -mostOf.kept), ...made.slice(0, -mostKept)])
      this.#printings.delete(id);
  }

  state(id: string): PaperState {
    return this.#of(id).state;
  }

  file(id: string): Uint8Array {
    const { pdf } = this.#of(id);
    if (!pdf) throw notFound('finished file', id);
    return pdf;
  }

  #of(id: string): Printing {
    const printing = this.#printings.get(id);
    if (!printing) throw notFound('file', id);
    return printing;
  }
}
