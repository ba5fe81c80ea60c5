import pLimit from 'p-limit';
import { v7 as uuid } from 'uuid';
import type { PaperState } from '../../contract/paper';
import { notFound, Problem } from '../problems/problem';
import { inThread } from '../threads/in-thread';
import type { PaperAsked, PaperTold } from './papers';

interface Printing {
  state: PaperState;
  pdf: Uint8Array | null;
}

/** Files that are made or were made lately. */
const mostKept = 6;
/** So many wait for their turn. */
const mostWaiting = 12;

/** Makes files of pages, one at a time, in threads of their own: others are served meanwhile. */
export class Press {
  readonly #program: URL | null;
  readonly #line = pLimit(1);
  readonly #printings = new Map<string, Printing>();

  /** @param program what a thread runs; without it pages are made where they are asked for */
  constructor(program: URL | null) {
    this.#program = program;
  }

  /** A file, as soon as it is made. */
  async print(asked: PaperAsked): Promise<Uint8Array> {
    if (this.#line.pendingCount >= mostWaiting) {
      throw new Problem(
        503,
        'Too many at once',
        'Many pages are being made just now. Try again in a minute.',
      );
    }
    return this.#line(async () => {
      for await (const told of this.#told(asked)) if ('pdf' in told) return told.pdf;
      throw new Error('no page came of it');
    });
  }

  /** Begins a file and says how it is asked for. */
  begin(ask: () => Promise<PaperAsked>): PaperState {
    const id = uuid();
    const printing: Printing = {
      state: { id, done: 0, of: 1, ready: false, failed: null, pages: null },
      pdf: null,
    };
    this.#printings.set(id, printing);
    for (const old of [...this.#printings.keys()].slice(0, -mostKept)) this.#printings.delete(old);
    void this.#line(async () => {
      try {
        for await (const told of this.#told(await ask())) {
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

  async *#told(asked: PaperAsked): AsyncGenerator<PaperTold> {
    if (this.#program) {
      yield* inThread<PaperTold>(this.#program, { papers: asked });
      return;
    }
    const { papersOf } = await import('./papers');
    yield* papersOf(asked);
  }
}
