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
  return {
    unread: null,
    read: () => draft,
    write(next: typeof draft) {
      draft = next;
      return true;
    },
  };
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

  it('one line within two seconds is one step of undo; another line, or a pause, begins the next', () => {
    let now = 0;
    const server = fakeServer();
    const keeper = new PlanKeeper(server.revisions[0]!, {
      send: server.send,
      drafts: memory(),
      now: () => now,
    });
    const steps = () => {
      let count = 0;
      while (keeper.state().canUndo) {
        keeper.undo();
        count += 1;
      }
      return count;
    };
    const edit = (at: number, line: string, text: string) => {
      now = at;
      keeper.edit(line, asking(text));
    };
    edit(0, 'question', 'a');
    edit(2000, 'question', 'b');
    expect(steps()).toBe(1);
    edit(10_000, 'question', 'c');
    edit(12_001, 'question', 'd');
    expect(steps()).toBe(2);
    edit(20_000, 'question', 'e');
    edit(20_001, 'title', 'f');
    edit(20_002, 'title', 'g');
    expect(steps()).toBe(2);
    expect(keeper.state().plan).toEqual(examplePlan);
    keeper.undo();
    expect(keeper.state().plan).toEqual(examplePlan);
    // What was taken back begins a new step.
    edit(30_000, 'question', 'h');
    keeper.undo();
    edit(30_001, 'question', 'i');
    expect(steps()).toBe(1);
    for (let i = 0; i < 205; i += 1) edit(40_000 + 3000 * i, 'question', `n${i}`);
    expect(steps()).toBe(200);
  });

  it('a change that changes nothing is none; those who listen hear of every other, until they stop', async () => {
    const server = fakeServer();
    const drafts = memory();
    const keeper = new PlanKeeper(server.revisions[0]!, { send: server.send, drafts });
    const heard: string[] = [];
    const stop = keeper.subscribe(() => void heard.push(keeper.state().keeping.kind));
    keeper.edit('question', (plan) => plan);
    keeper.undo();
    await keeper.flush();
    await settle();
    expect([heard, drafts.read(), server.revisions.length]).toEqual([[], null, 1]);
    keeper.edit('question', asking('x'));
    expect(drafts.read()).toMatchObject({ basedOn: 1, plan: { question: 'x' } });
    await vi.advanceTimersByTimeAsync(499);
    expect(server.revisions).toHaveLength(1);
    await vi.advanceTimersByTimeAsync(2);
    expect(server.revisions).toHaveLength(2);
    expect(heard).toEqual(['keeping', 'keeping', 'kept']);
    expect(keeper.state()).toMatchObject({ revision: 2, savedAt: 1 });
    stop();
    keeper.edit('question', asking('y'));
    expect(heard).toHaveLength(3);
    keeper.dispose();
    await settle();
    expect(server.revisions).toHaveLength(2);
  });

  it('what is typed while a change is on its way is kept next, on top of it', async () => {
    const server = fakeServer();
    const drafts = memory();
    let answer: (() => void) | null = null;
    const slow = (basedOn: number, plan: Plan) =>
      new Promise<Revision>((resolve, reject) => {
        answer = () => void server.send(basedOn, plan).then(resolve, reject);
      });
    const keeper = new PlanKeeper(server.revisions[0]!, { send: slow, drafts });
    keeper.edit('question', asking('first'));
    await vi.advanceTimersByTimeAsync(600);
    keeper.edit('question', asking('second'));
    await keeper.flush();
    answer!();
    await vi.advanceTimersByTimeAsync(0);
    expect(keeper.state()).toMatchObject({ revision: 2, keeping: { kind: 'keeping' } });
    expect(drafts.read()).toMatchObject({ basedOn: 2, plan: { question: 'second' } });
    await vi.advanceTimersByTimeAsync(600);
    answer!();
    await settle();
    expect(server.revisions.map((one) => one.plan.question).slice(1)).toEqual(['first', 'second']);
    expect([keeper.state().keeping.kind, drafts.read()]).toEqual(['kept', null]);
  });

  it('tries again after 2, 4, 8 s and so on while the server is away, and says why; a refusal is not tried again', async () => {
    const server = fakeServer();
    let tries = 0;
    const send = (basedOn: number, plan: Plan) => {
      tries += 1;
      return server.send(basedOn, plan);
    };
    const keeper = new PlanKeeper(server.revisions[0]!, { send, drafts: memory() });
    server.away = true;
    keeper.edit('question', asking('x'));
    const at: number[] = [];
    for (let tenth = 0; tenth < 1300; tenth += 1) {
      const before = tries;
      await vi.advanceTimersByTimeAsync(100);
      if (tries > before) at.push(tenth + 1);
    }
    expect(at.map((tenth, i) => (i === 0 ? tenth : tenth - at[i - 1]!))).toEqual([
      5, 20, 40, 80, 160, 300, 300, 300,
    ]);
    expect(keeper.state().keeping).toEqual({
      kind: 'waiting',
      why: 'The server cannot be reached just now.',
    });
    server.away = false;
    await vi.advanceTimersByTimeAsync(30_000);
    expect(keeper.state().keeping.kind).toBe('kept');
    server.away = true;
    keeper.edit('question', asking('y'));
    await vi.advanceTimersByTimeAsync(600);
    const again = tries;
    await vi.advanceTimersByTimeAsync(2100);
    expect(tries).toBe(again + 1);
    keeper.dispose();

    let refusals = 0;
    const refusing = new PlanKeeper(server.revisions[0]!, {
      send: () => {
        refusals += 1;
        return Promise.reject(
          new ProblemError({ type: '', title: '', status: 422, detail: 'title is missing' }),
        );
      },
      drafts: memory(),
    });
    refusing.edit('title', asking('z'));
    await vi.advanceTimersByTimeAsync(120_000);
    expect([refusals, refusing.state().keeping]).toEqual([1, { kind: 'refused', why: 'title is missing' }]);
    expect(refusing.state().plan.question).toBe('z');
  });

  it('while another window’s change waits for a choice, typing goes on and is not sent', async () => {
    const server = fakeServer();
    const drafts = memory();
    const keeper = new PlanKeeper(server.revisions[0]!, { send: server.send, drafts });
    await server.send(1, { ...examplePlan, question: 'theirs' });
    keeper.edit('question', asking('mine'));
    await settle();
    keeper.edit('question', asking('mine, longer'));
    await settle();
    expect(keeper.state()).toMatchObject({ keeping: { kind: 'stale', theirs: { number: 2 } }, revision: 1 });
    expect(drafts.read()).toMatchObject({ plan: { question: 'mine, longer' } });
    expect(server.revisions).toHaveLength(2);
    await keeper.takeTheirs();
    await settle();
    expect(server.revisions.map((one) => one.plan.question).slice(1)).toEqual([
      'theirs',
      'mine, longer',
      'theirs',
    ]);
    expect(keeper.state().canUndo).toBe(true);
    keeper.undo();
    expect(keeper.state().plan.question).toBe('mine, longer');
    const calm = new PlanKeeper(server.revisions[0]!, { send: server.send, drafts: memory() });
    calm.keepMine();
    await calm.takeTheirs();
    expect([calm.state().keeping.kind, server.revisions.length]).toEqual(['kept', 4]);
    calm.dispose();
    keeper.dispose();
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

  it('the other version cannot be taken while the server is away: it says so, and both are still there', async () => {
    const server = fakeServer();
    const keeper = new PlanKeeper(server.revisions[0]!, {
      send: (basedOn, plan) => (away ? Promise.reject(new Unreachable()) : server.send(basedOn, plan)),
      drafts: memory(),
    });
    let away = false;
    await server.send(1, asking('theirs')(examplePlan));
    keeper.edit('question', asking('mine'));
    await settle();
    expect(keeper.state().keeping).toMatchObject({ kind: 'stale', theirs: { plan: { question: 'theirs' } } });
    away = true;
    await keeper.takeTheirs();
    expect(keeper.state()).toMatchObject({
      plan: { question: 'mine' },
      keeping: { kind: 'stale', why: 'The server cannot be reached just now.' },
    });
    away = false;
    await keeper.takeTheirs();
    expect(keeper.state().plan.question).toBe('theirs');
    expect(server.revisions.map((one) => one.plan.question)).toContain('mine');
  });

  it('a browser without room still sends what is typed, and says what that means', async () => {
    const server = fakeServer();
    const full = { ...memory(), write: (draft: object | null) => draft === null };
    const keeper = new PlanKeeper(server.revisions[0]!, { send: server.send, drafts: full });
    keeper.edit('question', asking('typed'));
    expect(keeper.state().trouble).toContain('no room left');
    await settle();
    expect(server.revisions.at(-1)!.plan.question).toBe('typed');
    expect(keeper.state()).toMatchObject({ keeping: { kind: 'kept' }, trouble: null });
  });
});
