// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { batchTables } from '../core/batch';
import { examplePlan } from '../core/practical';
import { benchSetting, Notebook } from '../core/run';
import { lineOf, useLevelTops } from './margin/use-level-tops';
import { useResults } from './results/use-results';
import { runSubtitle } from './run/run-subtitle';
import { useQuickContext } from './run/use-quick-context';
import { nameOf, typeInto, useFieldCameFrom } from './shelf/came-from';
import { inMedium } from '../core/practical/testing/plans';
import { zero, run, entry, reading, withFakeServer } from './testing/fake-server';

withFakeServer();
// What the results tell is worked out in a worker: nothing of it is looked at here.
vi.stubGlobal(
  'Worker',
  class {
    postMessage() {}
    terminate() {}
  },
);

const settingOf = ({ plan, place: where, allocation }: typeof run) =>
  benchSetting(plan, where, new Map(allocation.map((one) => [one.station, one.treatmentId])), batchTables);

describe('what a page reads from the notebook', () => {
  const notebook = new Notebook(zero, [1, 2]);
  const stepId = examplePlan.steps[0]!.id;
  notebook.add([
    ...Array.from({ length: 700 }, (_, i) => entry(1, i, reading(20 + i / 5))),
    entry(1, 500, { kind: 'event', text: 'off', stepId: 'boil' }),
    entry(2, 5, reading(30)),
    entry(null, 3, { kind: 'event', text: 'weighed', stepId }),
    entry(1, 600, { kind: 'measurement', responseId: 'snap', name: 'snap force', value: 4.2, unit: 'N' }),
    entry(1, 601, { kind: 'measurement', responseId: 'snap', name: 'snap force', value: 4.4, unit: 'N' }),
  ]);

  it('results: a trace that ends where the step did, thinned but with its ends; bands where they lie here', () => {
    const { result } = renderHook(() => useResults(run, settingOf(run), notebook, 1, 'planned'));
    const { rows, traces, bands, boilingC, series, colourOf } = result.current;
    // Levels in order, whatever the stations are called.
    expect(rows.map((row) => row.station)).toEqual([2, 1]);
    expect(traces).toHaveLength(1);
    const [trace] = traces;
    expect(trace).toMatchObject({ station: 1, label: '150', end: { seconds: 500, celsius: 120 } });
    expect(trace!.seconds.length).toBeLessThanOrEqual(602);
    expect([trace!.seconds[0], trace!.seconds.at(-1)]).toEqual([0, 699]);
    expect(trace!.colour).toBe(colourOf('level-150'));
    expect(colourOf('level-140')).not.toBe(colourOf('level-150'));
    expect(series.map((one) => one.response.id)).toEqual(['snap']);
    expect(boilingC).toBeCloseTo(96, 0);
    const softBall = bands.find((band) => band.name === 'soft ball')!;
    expect(softBall.lowC).toBeCloseTo(112 - (100 - boilingC!), 0);
    const food = {
      ...run,
      plan: inMedium(examplePlan, 'food'),
    };
    const plain = renderHook(() => useResults(food, settingOf(food), notebook, 1, 'planned')).result.current;
    expect([plain.bands, plain.boilingC]).toEqual([[], null]);
  });

  it('the quick line: the step a station is at, its last words, and the last of a measurement', () => {
    const { result } = renderHook(() => useQuickContext(settingOf(run), notebook, 'C'));
    const context = result.current;
    expect(context.currentStep(2)?.id).toBe(examplePlan.steps[1]!.id);
    expect(context.currentStep(1)?.id).toBe(examplePlan.steps[2]!.id);
    expect(context.lastReading(2, 1)?.celsius).toBe(30);
    expect(context.lastMeasurement(1, 'snap force')).toMatchObject({ value: 4.4, unit: 'N' });
    expect(context.lastMeasurement(2, 'snap force')).toBeNull();
    expect(context.lastWritten(1)).not.toBeNull();
  });

  it('the line under a run’s title, with the boiling point where syrup is boiled', () => {
    expect(runSubtitle(run)).toMatch(
      /^9B · Kitchen · \w{3} 1[123] Jan \d\d:\d\d · water boils at 96\.\d °C$/,
    );
    expect(runSubtitle({ ...run, unit: 'F' })).toMatch(/water boils at 204\.\d °F$/);
    const dry = {
      ...run,
      plan: inMedium(examplePlan, null),
    };
    expect(runSubtitle(dry)).toMatch(/^9B · Kitchen · \w{3} 1[123] Jan \d\d:\d\d$/);
  });
});

describe('remarks level with their lines', () => {
  it('in the order of the lines, pushed down where they would overlap', () => {
    vi.stubGlobal('CSS', { escape: (text: string) => text });
    vi.stubGlobal(
      'ResizeObserver',
      class {
        observe() {}
        disconnect() {}
      },
    );
    const sheet = document.createElement('div');
    const at = (element: HTMLElement, top: number) => {
      element.getBoundingClientRect = () => ({ top }) as DOMRect;
      return element;
    };
    at(sheet, 100);
    for (const [anchor, top] of [
      ['a', 300],
      ['b', 150],
      ['c', 160],
    ] as const) {
      const line = at(document.createElement('p'), top);
      line.dataset.anchor = anchor;
      sheet.append(line);
    }
    const items = [
      { id: 'first', beside: ['nowhere', 'a'] },
      { id: 'second', beside: ['b'] },
      { id: 'third', beside: ['c'] },
      { id: 'lost', beside: [] },
    ];
    const { result, rerender } = renderHook(({ list }) => useLevelTops(list, { current: sheet }), {
      initialProps: { list: items },
    });
    const card = (height: number) =>
      Object.defineProperty(document.createElement('div'), 'offsetHeight', { value: height });
    for (const { id } of items) result.current.register(id, card(40));
    act(() => rerender({ list: [...items] }));
    // Tops: the lost one 0; b at 150 − 100 − 6 = 44, pushed to 0 + 40 + 10 = 50; c after it at 100; a at 194.
    expect([...result.current.tops]).toEqual([
      ['lost', 0],
      ['second', 50],
      ['third', 100],
      ['first', 194],
    ]);
    expect(result.current.height).toBe(244);
    result.current.register('lost', null);
    act(() => rerender({ list: [...items] }));
    expect(result.current.tops.get('second')).toBe(44);
    expect(lineOf(sheet, ['nowhere'])).toBeNull();
    expect(lineOf(null, ['a'])).toBeNull();
  });
});

describe('the field a value goes back to', () => {
  it('is the last that was typed in, outside the shelf, and still there', () => {
    document.body.innerHTML = `
      <label>Mass <input id="mass"></label><input id="tick" type="checkbox">
      <textarea id="text" aria-label="Method"></textarea>
      <div data-shelf><input id="shelf"></div><input id="fixed" readonly>`;
    const field = (id: string) => document.getElementById(id) as HTMLInputElement;
    const { result } = renderHook(() => useFieldCameFrom());
    expect(result.current()).toBeNull();
    const focus = (id: string) => field(id).dispatchEvent(new FocusEvent('focusin', { bubbles: true }));
    focus('mass');
    focus('tick');
    focus('shelf');
    expect(result.current()).toBe(field('mass'));
    expect(nameOf(field('mass')).trim()).toBe('Mass');
    focus('text');
    expect(nameOf(result.current()!)).toBe('Method');
    expect(nameOf(field('shelf'))).toBe('the field');
    let heard = '';
    field('text').addEventListener('input', () => (heard = field('text').value));
    typeInto(field('text'), '12 g');
    typeInto(field('mass'), '7');
    expect([heard, field('mass').value]).toEqual(['12 g', '7']);
    expect(document.activeElement).toBe(field('mass'));
    focus('fixed');
    expect(result.current()).toBeNull();
    focus('mass');
    field('mass').remove();
    expect(result.current()).toBeNull();
  });
});
