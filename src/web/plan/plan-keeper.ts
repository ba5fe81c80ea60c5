import type { Revision, StaleEdit } from '../../contract/practicals';
import type { Plan } from '../../core/practical';
import { Tries } from '../watched/tries';
import { Watched } from '../watched/watched';
import { ProblemError } from '../api/request';
import type { Draft, Drafts } from './plan-drafts';

/** Where the plan stands: kept, on its way, waiting for the server, refused, or changed elsewhere as well. */
export type Keeping =
  | { kind: 'kept' }
  | { kind: 'keeping' }
  | { kind: 'waiting'; why: string }
  | { kind: 'refused'; why: string }
  | { kind: 'stale'; theirs: Revision; why?: string };

export interface KeeperState {
  plan: Plan;
  revision: number;
  savedAt: number;
  keeping: Keeping;
  canUndo: boolean;
  /** What this browser could not do for the draft; null for nothing. */
  trouble: string | null;
}

export interface KeeperOptions {
  /** @param leaving the page is going away: there is no time to wait for an answer */
  send(basedOn: number, plan: Plan, leaving: boolean): Promise<Revision>;
  /** Where a draft waits until the server has it; survives a reload. */
  drafts: Drafts;
  now?(): number;
}

/** Edits to one line within this time are one step of undo, ms. */
const togetherMs = 2000;
/** Quiet time before a change is sent, ms. */
const pauseMs = 500;
const mostUndo = 200;

/** Holds a plan while it is edited: keeps every change as a revision, takes changes back, never loses one. */
export class PlanKeeper extends Watched<KeeperState> {
  readonly #options: KeeperOptions;
  readonly #undo: Plan[] = [];
  #lastEdit = { line: '', at: 0 };
  readonly #tries: Tries;
  #sending = false;

  constructor(head: Revision, options: KeeperOptions) {
    const draft = options.drafts.read();
    super({
      plan: draft?.plan ?? head.plan,
      revision: draft?.basedOn ?? head.number,
      savedAt: head.savedAt,
      keeping: { kind: draft ? 'keeping' : 'kept' },
      canUndo: false,
      trouble: options.drafts.unread,
    });
    this.#options = options;
    this.#tries = new Tries(() => void this.flush(), { firstMs: 2000, longestMs: 30_000 });
    if (draft) this.#tries.soon(pauseMs);
  }

  /** Changes the plan. `line` names what is edited, so that typing a word is one step of undo. */
  edit(line: string, change: (plan: Plan) => Plan): void {
    const plan = change(this.state().plan);
    if (plan === this.state().plan) return;
    const now = this.#options.now?.() ?? Date.now();
    if (line !== this.#lastEdit.line || now - this.#lastEdit.at > togetherMs) {
      this.#undo.push(this.state().plan);
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
    const { keeping } = this.state();
    if (keeping.kind !== 'stale') return;
    this.set({ revision: keeping.theirs.number, keeping: { kind: 'keeping' } });
    void this.flush();
  }

  /** Keeps this version in the history first, then goes on with theirs. */
  async takeTheirs(): Promise<void> {
    const { keeping } = this.state();
    if (keeping.kind !== 'stale') return;
    const { theirs } = keeping;
    try {
      const mine = await this.#options.send(theirs.number, this.state().plan, false);
      this.#undo.push(this.state().plan);
      this.set({ plan: theirs.plan, revision: mine.number, keeping: { kind: 'keeping' }, canUndo: true });
    } catch (error) {
      if (error instanceof ProblemError && error.problem.status === 409) this.#failed(error);
      else this.set({ keeping: { kind: 'stale', theirs, why: whyOf(error) } });
      return;
    }
    await this.flush();
  }

  /** Sends what is not kept yet, now. */
  async flush(leaving = false): Promise<void> {
    this.#tries.cancel();
    const { plan, revision, keeping } = this.state();
    if (this.#sending || keeping.kind === 'kept' || keeping.kind === 'stale') return;
    this.#sending = true;
    this.set({ keeping: { kind: 'keeping' } });
    try {
      const kept = await this.#options.send(revision, plan, leaving);
      this.#tries.succeeded();
      this.#sending = false;
      const changedSince = this.state().plan !== plan;
      this.set({
        revision: kept.number,
        savedAt: kept.savedAt,
        keeping: { kind: changedSince ? 'keeping' : 'kept' },
      });
      this.#keepDraft(changedSince ? { basedOn: kept.number, plan: this.state().plan } : null);
      if (changedSince) this.#tries.soon(pauseMs);
    } catch (error) {
      this.#sending = false;
      this.#failed(error);
    }
  }

  dispose(): void {
    this.#tries.cancel();
  }

  #change(plan: Plan) {
    const stale = this.state().keeping.kind === 'stale';
    this.set({ plan, canUndo: this.#undo.length > 0, ...(!stale && { keeping: { kind: 'keeping' } }) });
    this.#keepDraft({ basedOn: this.state().revision, plan });
    if (!stale) this.#tries.soon(pauseMs);
  }

  /** A browser without room for the draft still sends the plan; that it is not kept here is said. */
  #keepDraft(draft: Draft | null) {
    const kept = this.#options.drafts.write(draft);
    const trouble = kept
      ? this.#options.drafts.unread
      : 'This browser has no room left to keep a copy of what you type. It is sent to the server; leave the page only when it says “Kept”.';
    if (trouble !== this.state().trouble) this.set({ trouble });
  }

  #failed(error: unknown) {
    if (error instanceof ProblemError && error.problem.status === 409) {
      const { current } = error.problem as unknown as StaleEdit;
      this.set({ keeping: { kind: 'stale', theirs: current } });
      return;
    }
    const why = whyOf(error);
    if (error instanceof ProblemError && error.problem.status < 500 && error.problem.status !== 429) {
      this.set({ keeping: { kind: 'refused', why } });
      return;
    }
    this.set({ keeping: { kind: 'waiting', why } });
    this.#tries.later();
  }
}

const whyOf = (error: unknown) => (error instanceof Error ? error.message : String(error));
