import pLimit from 'p-limit';
import { v7 as uuid } from 'uuid';
import type { PaperState } from '../../contract/paper';
import { notFound, Problem } from '../problems/problem';
import { inThread } from '../threads/in-thread';
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

  async *#told(asked: PaperAsked): AsyncGenerator<PaperTold> {
    if (this.#program) {
      yield* inThread<PaperTold>(this.#program, { papers: asked });
      return;
    }
    const { papersOf } = await import('./papers');
    yield* papersOf(asked);
  }
}
