import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Revision } from '../../contract/practicals';
import { examplePlan, type Plan } from '../../core/practical';
import { ProblemError, Unreachable } from '../api/request';
import { PlanKeeper } from './plan-keeper';

/** A server in a few lines: revisions, and 409 for an edit that began elsewhere. */
function fakeServer() {
  const revisions: Revision[] = [{ number: 1, savedAt: 0, plan: examplePlan }];
  const server = {
    revisions,
    away: false,
    send: (basedOn: number, plan: Plan): Promise<Revision> => {
      if (server.away) return Promise.reject(new Unreachable());
      const head = revisions.at(-1)!;
      if (head.number !== basedOn) {
        const problem = {
          type: '',
          title: '',
          status: 409,
          detail: 'stale',
          current: head,
          yours: plan,
          basedOn,
        };
        return Promise.reject(new ProblemError(problem));
      }
      const next = { number: head.number + 1, savedAt: 1, plan };
      revisions.push(next);
      return Promise.resolve(next);
    },
  };
  return server;
}

function memory() {
  let draft: { basedOn: number; plan: Plan } | null = null;
  return { read: () => draft, write: (next: typeof draft) => void (draft = next) };
}

const asking = (question: string) => (plan: Plan) => ({ ...plan, question });

describe('the keeper of a plan', () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => void vi.useRealTimers());
  const settle = () => vi.advanceTimersByTimeAsync(1000);

  it('keeps typing as one revision and one step of undo, and undo is a revision too', async () => {
    const server = fakeServer();
    const keeper = new PlanKeeper(server.revisions[0]!, { send: server.send, drafts: memory() });
    for (const text of ['D', 'Do', 'Does it snap?']) keeper.edit('question', asking(text));
    await settle();
    expect(server.revisions.map((one) => one.plan.question)).toEqual([examplePlan.question, 'Does it snap?']);
    expect(keeper.state().keeping.kind).toBe('kept');
    keeper.undo();
    await settle();
    expect(server.revisions).toHaveLength(3);
    expect(server.revisions[2]!.plan).toEqual(examplePlan);
    expect(keeper.state().canUndo).toBe(false);
  });

  it('waits for a server that is away, and a reload finds the draft', async () => {
    const server = fakeServer();
    const drafts = memory();
    const keeper = new PlanKeeper(server.revisions[0]!, { send: server.send, drafts });
    server.away = true;
    keeper.edit('question', asking('Does it snap?'));
    await settle();
    expect(keeper.state().keeping.kind).toBe('waiting');
    keeper.dispose();
    server.away = false;
    const reloaded = new PlanKeeper(server.revisions[0]!, { send: server.send, drafts });
    expect(reloaded.state().plan.question).toBe('Does it snap?');
    await settle();
    expect(server.revisions.at(-1)!.plan.question).toBe('Does it snap?');
    expect(drafts.read()).toBeNull();
  });

  it('loses neither version when two windows edit: either can go on, both are in the history', async () => {
    for (const choice of ['keepMine', 'takeTheirs'] as const) {
      const server = fakeServer();
      const [one, two] = [0, 1].map(
        () => new PlanKeeper(server.revisions[0]!, { send: server.send, drafts: memory() }),
      ) as [PlanKeeper, PlanKeeper];
      one.edit('question', asking('from one'));
      await settle();
      two.edit('question', asking('from two'));
      await settle();
      expect(two.state().keeping.kind).toBe('stale');
      expect(two.state().plan.question).toBe('from two');
      await two[choice]();
      await settle();
      expect(two.state().keeping.kind).toBe('kept');
      expect(two.state().plan.question).toBe(choice === 'keepMine' ? 'from two' : 'from one');
      const kept = server.revisions.map((revision) => revision.plan.question);
      expect(kept).toEqual(expect.arrayContaining(['from one', 'from two']));
    }
  });
});
