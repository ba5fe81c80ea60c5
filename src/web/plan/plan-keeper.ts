import type { Revision, StaleEdit } from '../../contract/practicals';
import type { Plan } from '../../core/practical';
import { ProblemError } from '../api/request';

/** Where the plan stands: kept, on its way, waiting for the server, refused, or changed elsewhere as well. */
export type Keeping =
  | { kind: 'kept' }
  | { kind: 'keeping' }
  | { kind: 'waiting'; why: string }
  | { kind: 'refused'; why: string }
  | { kind: 'stale'; theirs: Revision };

export interface KeeperState {
  plan: Plan;
  revision: number;
  savedAt: number;
  keeping: Keeping;
  canUndo: boolean;
}

export interface KeeperOptions {
  send(basedOn: number, plan: Plan): Promise<Revision>;
  /** Where a draft waits until the server has it; survives a reload. */
  drafts: {
    read(): { basedOn: number; plan: Plan } | null;
    write(draft: { basedOn: number; plan: Plan } | null): void;
  };
  now?(): number;
}

/** Edits to one line within this time are one step of undo, ms. */
const togetherMs = 2000;
/** Quiet time before a change is sent, ms. */
const pauseMs = 500;
const mostUndo = 200;

/** Holds a plan while it is edited: keeps every change as a revision, takes changes back, never loses one. */
export class PlanKeeper {
  readonly #options: KeeperOptions;
  readonly #listeners = new Set<() => void>();
  readonly #undo: Plan[] = [];
  #state: KeeperState;
  #lastEdit = { line: '', at: 0 };
  #timer: ReturnType<typeof setTimeout> | null = null;
  #sending = false;
  #failures = 0;

  constructor(head: Revision, options: KeeperOptions) {
    this.#options = options;
    const draft = options.drafts.read();
    this.#state = {
      plan: draft?.plan ?? head.plan,
      revision: draft?.basedOn ?? head.number,
      savedAt: head.savedAt,
      keeping: { kind: draft ? 'keeping' : 'kept' },
      canUndo: false,
    };
    if (draft) this.#soon();
  }

  readonly subscribe = (listener: () => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  readonly state = () => this.#state;

  /** Changes the plan. `line` names what is edited, so that typing a word is one step of undo. */
  edit(line: string, change: (plan: Plan) => Plan): void {
    const plan = change(this.#state.plan);
    if (plan === this.#state.plan) return;
    const now = this.#options.now?.() ?? Date.now();
    if (line !== this.#lastEdit.line || now - this.#lastEdit.at > togetherMs) {
      this.#undo.push(this.#state.plan);
      if (this.#undo.length > mostUndo) this.#undo.shift();
    }
    this.#lastEdit = { line, at: now };
    this.#change(plan);
  }

  /** Takes the last change back. That is a change too, and kept. */
  undo(): void {
    const plan = this.#undo.pop();
    if (!plan) return;
    this.#lastEdit = { line: '', at: 0 };
    this.#change(plan);
  }

  /** Both versions stay in the history; this one goes on top of theirs. */
  keepMine(): void {
    if (this.#state.keeping.kind !== 'stale') return;
    this.#set({ revision: this.#state.keeping.theirs.number, keeping: { kind: 'keeping' } });
    void this.flush();
  }

  /** Keeps this version in the history first, then goes on with theirs. */
  async takeTheirs(): Promise<void> {
    if (this.#state.keeping.kind !== 'stale') return;
    const { theirs } = this.#state.keeping;
    const mine = await this.#options.send(theirs.number, this.#state.plan);
    this.#undo.push(this.#state.plan);
    this.#set({ plan: theirs.plan, revision: mine.number, keeping: { kind: 'keeping' }, canUndo: true });
    await this.flush();
  }

  /** Sends what is not kept yet, now. */
  async flush(): Promise<void> {
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = null;
    if (this.#sending || this.#state.keeping.kind === 'kept' || this.#state.keeping.kind === 'stale') return;
    this.#sending = true;
    const { plan, revision } = this.#state;
    this.#set({ keeping: { kind: 'keeping' } });
    try {
      const kept = await this.#options.send(revision, plan);
      this.#failures = 0;
      this.#sending = false;
      const changedSince = this.#state.plan !== plan;
      this.#set({
        revision: kept.number,
        savedAt: kept.savedAt,
        keeping: { kind: changedSince ? 'keeping' : 'kept' },
      });
      this.#options.drafts.write(changedSince ? { basedOn: kept.number, plan: this.#state.plan } : null);
      if (changedSince) this.#soon();
    } catch (error) {
      this.#sending = false;
      this.#failed(error);
    }
  }

  dispose(): void {
    if (this.#timer) clearTimeout(this.#timer);
  }

  #change(plan: Plan) {
    const stale = this.#state.keeping.kind === 'stale';
    this.#set({ plan, canUndo: this.#undo.length > 0, ...(!stale && { keeping: { kind: 'keeping' } }) });
    this.#options.drafts.write({ basedOn: this.#state.revision, plan });
    if (!stale) this.#soon();
  }

  #failed(error: unknown) {
    if (error instanceof ProblemError && error.problem.status === 409) {
      const { current } = error.problem as unknown as StaleEdit;
      this.#set({ keeping: { kind: 'stale', theirs: current } });
      return;
    }
    const why = error instanceof Error ? error.message : String(error);
    if (error instanceof ProblemError) {
      this.#set({ keeping: { kind: 'refused', why } });
      return;
    }
    this.#failures += 1;
    this.#set({ keeping: { kind: 'waiting', why } });
    this.#soon(Math.min(30_000, 1000 * 2 ** this.#failures));
  }

  #soon(after = pauseMs) {
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.flush(), after);
  }

  #set(change: Partial<KeeperState>) {
    this.#state = { ...this.#state, ...change };
    this.#listeners.forEach((listener) => listener());
  }
}
