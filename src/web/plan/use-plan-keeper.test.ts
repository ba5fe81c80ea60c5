// @vitest-environment jsdom
import { act, renderHook, waitFor } from '@testing-library/react';
import { createElement, type ReactNode } from 'react';
import { describe, expect, it } from 'vitest';
import { examplePlan } from '../../core/practical';
import { PlanContext, usePlan } from './edit-context';
import { withItem, without } from '../ui/lists';
import { usePlanKeeper } from './use-plan-keeper';
import { served, place, inApp, type Call, withFakeServer } from '../testing/fake-server';

withFakeServer();

/** A plan as the program of the first format wrote it. */
const formatOneDraft = {
  ...{ title: 'Soda and height', question: '', prediction: '', reason: '' },
  factor: {
    name: 'soda',
    kind: 'number',
    unit: 'g',
    levels: [{ id: 'a', value: 2, words: '', control: true }],
  },
  ...{ responses: [], held: [], noted: [{ id: 'n', what: 'which oven' }] },
  formula: [{ id: 'f', name: 'Flour', amount: 200, unit: 'g', job: '' }],
  steps: [
    {
      ...{ id: 'b', text: 'Bake.', hands: 'waiting', when: 'lesson', minutes: 12, lookAt: null },
      ...{ endpoint: { kind: 'appearance', look: 'golden' }, hazards: [], event: '' },
    },
  ],
  thermometer: { in: 'none', smallestDivisionC: 1 },
  ...{
    roomId: null,
    stations: 8,
    order: 'shuffled',
    periodMinutes: 60,
    briefingMinutes: 5,
    clearUpMinutes: 8,
  },
  ...{ studentQuestions: [], dismissed: [] },
};

describe('the keeper of a plan in the browser', () => {
  const practical = { id: 'p', number: 1, savedAt: 0, plan: examplePlan, runs: [] };
  const other = { ...examplePlan, title: 'Another' };
  const keptRevision = ({ body }: Call) => {
    const { basedOn, plan } = body as { basedOn: number; plan: object };
    return { number: basedOn + 1, savedAt: 5, plan };
  };

  it('of a page that goes away sends with keepalive, tells the lists, and keeps a draft of this window until it is there', async () => {
    served.answers['POST /api/practicals/p/revisions'] = keptRevision;
    const { client, wrapper } = inApp();
    client.setQueryData(['practical', 'p'], practical);
    const { result } = renderHook(() => usePlanKeeper(practical), { wrapper });
    expect(result.current).toMatchObject({ revision: 1, keeping: { kind: 'kept' } });
    act(() => result.current.keeper.edit('title', () => other));
    const drafts = () => Object.keys(localStorage).filter((key) => key.startsWith('tawny-plan-p-'));
    expect(drafts()).toHaveLength(1);
    expect(JSON.parse(localStorage.getItem(drafts()[0]!)!)).toMatchObject({
      basedOn: 1,
      plan: { title: 'Another' },
    });
    act(() => void window.dispatchEvent(new Event('pagehide')));
    await waitFor(() => expect(result.current.keeping.kind).toBe('kept'));
    expect(served.calls).toMatchObject([{ method: 'POST', keepalive: true, body: { basedOn: 1 } }]);
    expect(drafts()).toEqual([]);
    expect(client.getQueryData(['practical', 'p'])).toMatchObject({
      id: 'p',
      number: 2,
      plan: { title: 'Another' },
    });
  });

  it('takes up its own draft, or one an hour-old window left behind, but not that of a window in use', async () => {
    served.answers['POST /api/practicals/p/revisions'] = keptRevision;
    const put = (window: string, agoS: number, title: string) =>
      localStorage.setItem(
        `tawny-plan-p-${window}`,
        JSON.stringify({ basedOn: 1, plan: { ...examplePlan, title }, at: Date.now() - 1000 * agoS }),
      );
    const titled = () => {
      const { result, unmount } = renderHook(() => usePlanKeeper(practical), inApp());
      const { title } = result.current.plan;
      unmount();
      return title;
    };
    put('elsewhere', 10, 'in use');
    localStorage.setItem('tawny-plan-q-elsewhere', 'another practical’s');
    expect(titled()).toBe(examplePlan.title);
    put('gone', 3600, 'left behind');
    expect(titled()).toBe('left behind');
    expect(localStorage.getItem('tawny-plan-p-gone')).toBeNull();
    await waitFor(() => expect(served.calls.length).toBeGreaterThan(0));
    sessionStorage.setItem('tawny-window', 'mine');
    put('mine', 0, 'my own');
    expect(titled()).toBe('my own');
    expect(localStorage.getItem('tawny-plan-p-elsewhere')).not.toBeNull();
  });

  it('asks for keepalive only where the page goes away and a browser takes it: never over 64 KiB', async () => {
    served.answers['POST /api/practicals/p/revisions'] = keptRevision;
    const { result } = renderHook(() => usePlanKeeper(practical), inApp());
    const leave = async (plan: typeof other) => {
      act(() => result.current.keeper.edit('all', () => plan));
      act(() => void window.dispatchEvent(new Event('pagehide')));
      await waitFor(() => expect(result.current.keeping.kind).toBe('kept'));
      return served.calls.at(-1)!.keepalive;
    };
    expect(await leave({ ...other, title: 'Short' })).toBe(true);
    const long = examplePlan.steps.map((step, i) => ({ ...step, id: `s${i}`, text: 'é'.repeat(1200) }));
    const steps = Array.from({ length: 12 }, (_, j) =>
      long.map((step) => ({ ...step, id: `${j}-${step.id}` })),
    );
    expect(await leave({ ...other, steps: steps.flat() })).toBe(false);
    act(() => result.current.keeper.edit('title', (was) => ({ ...was, title: 'Stays open' })));
    await act(() => result.current.keeper.flush());
    expect(served.calls.at(-1)).toMatchObject({ keepalive: false, body: { plan: { title: 'Stays open' } } });
  });

  it('reads a draft of the first format from a browser that was closed for a year, and leaves one it cannot read', () => {
    served.answers['POST /api/practicals/p/revisions'] = keptRevision;
    const year = Date.now() - 365 * 86_400_000;
    const put = (name: string, plan: object, at = year) =>
      localStorage.setItem(`tawny-plan-p-${name}`, JSON.stringify({ basedOn: 1, plan, at }));
    const opened = () => {
      const { result, unmount } = renderHook(() => usePlanKeeper(practical), inApp());
      const { plan, trouble } = result.current;
      unmount();
      return { plan, trouble };
    };
    put('newer', { ...examplePlan, format: 3 });
    expect(opened()).toMatchObject({
      plan: { title: examplePlan.title },
      trouble: expect.stringContaining('its format is 3, this one reads up to 2') as string,
    });
    localStorage.setItem('tawny-plan-p-torn', '{"basedOn":1,"pl');
    expect(opened().trouble).toContain('It is damaged.');
    expect(Object.keys(localStorage).filter((key) => key.startsWith('tawny-plan-p-'))).toHaveLength(2);
    localStorage.removeItem('tawny-plan-p-torn');
    put('old', formatOneDraft);
    const { plan } = opened();
    expect(plan).toMatchObject({
      format: 2,
      title: 'Soda and height',
      factors: [{ name: 'soda', unit: 'g' }],
    });
    expect(plan.steps[0]).toMatchObject({
      text: 'Bake.',
      minutes: 12,
      ends: [{ kind: 'sign', words: 'golden' }],
    });
    // Taken up, it is this window’s; the one that cannot be read is still there.
    expect(localStorage.getItem('tawny-plan-p-old')).toBeNull();
    expect(localStorage.getItem('tawny-plan-p-newer')).not.toBeNull();
  });

  it('a plan’s sections need a plan around them; lists change one item or leave one out', () => {
    expect(() => renderHook(() => usePlan())).toThrow('usePlan outside of a plan');
    const editing = { plan: examplePlan, place, edit: () => undefined };
    const wrapper = ({ children }: { children: ReactNode }) =>
      createElement(PlanContext, { value: editing }, children);
    expect(renderHook(() => usePlan(), { wrapper }).result.current).toBe(editing);
    const list = [
      { id: 'a', n: 1 },
      { id: 'b', n: 2 },
    ];
    expect(withItem(list, 'b', { n: 3 })).toEqual([
      { id: 'a', n: 1 },
      { id: 'b', n: 3 },
    ]);
    expect(without(list, 'a')).toEqual([{ id: 'b', n: 2 }]);
  });
});
