import { batchTables } from '../batch';
import { describe, expect, it } from 'vitest';
import { examplePlan, type Plan } from '../practical';
import { benchSetting, Notebook, stationState, type EntryBody } from '.';
import { bench, done, level, levels, place, reading, zero } from './testing/bench';
import { endAt, inMedium, withFactor } from '../practical/testing/plans';

/** The example with a factor that ends no step. */
const fixed = withFactor(examplePlan, { acts: { on: 'words', scale: 'number' } });

describe('thermometers', () => {
  it('that differ in one pan are called, compared at the same moment and not across a climb', () => {
    const climb = Array.from({ length: 60 }, (_, i): [number, number, EntryBody] => [
      1,
      2 * i,
      reading(100 + 0.4 * i),
    ]);
    const agree = bench([...climb, [1, 60, reading(112, 2)]]);
    expect(agree.calls(118).map((call) => call.id)).not.toContain('disagree:1');
    const differ = bench([...climb, [1, 60, reading(114.2, 2)]]);
    const call = differ.calls(118).find((one) => one.id === 'disagree:1')!;
    expect(call.why).toContain('112.0 °C and 114.2 °C');
    expect(call.working.lines[0]).toMatchObject({ text: 'difference', unit: '°C' });
    expect(call.working.lines[0]!.value).toBeCloseTo(2.2, 6);
    expect(differ.calls(118, 'F').find((one) => one.id === 'disagree:1')!.why).toContain(
      '233.6 °F and 237.6 °F',
    );
  });

  it('that fall silent are called after three minutes, with what was last known', () => {
    const quiet = bench(level(2, 118, 0, 60));
    expect(quiet.calls(200).map((call) => call.id)).not.toContain('silent:2');
    expect(quiet.calls(300).find((call) => call.id === 'silent:2')).toMatchObject({
      what: 'Station 2: nothing for 4 min',
      why: 'It was at 118.0 °C, hard ball.',
    });
    expect(quiet.calls(300).map((call) => call.id)).not.toContain('silent:3');
  });
});

describe('the plateau', () => {
  it('is one note for all the stations on it, and only near the local boil', () => {
    const both = bench([...level(1, 97), ...level(3, 98.2), ...level(4, 60), ...level(5, 125)]);
    const note = both.calls(199).find((call) => call.id === 'plateau')!;
    expect(note).toMatchObject({
      rank: 'note',
      stations: [1, 3],
      what: 'Stations 1 and 3 have levelled off',
    });
    expect(note.why).toContain('Near 98 °C');
    const many = bench([1, 2, 3, 4, 5, 6].flatMap((station) => level(station, 97)));
    expect(many.calls(199).find((call) => call.id === 'plateau')!.what).toBe('6 stations have levelled off');
  });

  it('is not spoken of where no syrup boils', () => {
    const soup: Plan = inMedium(examplePlan, 'food');
    // Long enough to be a level of food.
    const calls = bench(level(1, 97, 0, 600), soup).calls(599);
    expect(calls.map((call) => call.id)).not.toContain('plateau');
  });
});

describe('timers', () => {
  it('call the early look and the end of a step, each once it is due', () => {
    const cooling = bench([
      [1, 0, done('weigh')],
      [1, 10, done('boil')],
      [1, 20, done('soda-in')],
    ]);
    const ids = (second: number) => cooling.calls(second).map((call) => call.id);
    // The step takes 15 min with a look at 12, from second 20 on.
    expect(ids(20 + 11 * 60)).not.toContain('look:1');
    expect(ids(20 + 12 * 60 + 5)).toContain('look:1');
    expect(ids(20 + 15 * 60 + 5)).toContain('timer:1');
    expect(cooling.state(1, 20 + 12 * 60 + 5).countdown).toMatchObject({ lengthS: 900, lookInS: -5 });
  });

  it('set by hand stand before those of the steps, for one station or for all', () => {
    const timer: EntryBody = { kind: 'timer', label: 'proof', minutes: 10, lookAt: 8 };
    const one = bench([[2, 100, timer]]);
    expect(one.state(2, 160).countdown).toMatchObject({ label: 'proof', elapsedS: 60, lookInS: 420 });
    expect(one.state(3, 160).countdown?.label).not.toBe('proof');
    expect(bench([[null, 100, timer]]).state(3, 160).countdown?.label).toBe('proof');
  });
});

describe('progress', () => {
  it('goes with the steps that were done, for one station or for all, and back when one is struck out', () => {
    const setting = benchSetting(examplePlan, place, levels, batchTables);
    const notebook = new Notebook(zero, [1, 2]);
    const at = (station: number) => stationState(setting, notebook, station, zero + 60_000).stepNumber;
    notebook.add([
      { id: 'all', station: null, at: zero + 1000, offset: 0, body: done('weigh') },
      { id: 'one', station: 1, at: zero + 2000, offset: 0, body: done('boil') },
    ]);
    expect([at(1), at(2)]).toEqual([3, 2]);
    notebook.add([
      {
        id: 'oops',
        station: 1,
        at: zero + 3000,
        offset: 0,
        body: { kind: 'correction', corrects: 'one', to: null },
      },
    ]);
    expect([at(1), at(2)]).toEqual([2, 2]);
    notebook.add(
      examplePlan.steps.map((step, i) => ({
        id: step.id,
        station: 2,
        at: zero + 5000 + i,
        offset: 0,
        body: done(step.id),
      })),
    );
    expect(stationState(setting, notebook, 2, zero + 60_000)).toMatchObject({
      phase: 'finished',
      step: null,
    });
  });
});

describe('finished stations', () => {
  it('are called for what they have not written down, and no longer once it is', () => {
    const finished = examplePlan.steps.map((step, i): [number, number, EntryBody] => [
      2,
      10 + i,
      done(step.id),
    ]);
    const snap: EntryBody = {
      kind: 'measurement',
      responseId: 'snap',
      name: 'snap force',
      value: 3.4,
      unit: 'N',
    };
    const missing = (entries: [number, number, EntryBody][]) =>
      bench(entries)
        .calls(100)
        .find((call) => call.id === 'unmeasured');
    expect(missing(finished)).toMatchObject({ rank: 'note', stations: [2] });
    expect(missing(finished)!.why).toMatch(
      /^Snap force of station 2, bubble size of station 2 and colour of station 2\./,
    );
    expect(missing([...finished, [2, 50, snap]])!.why).toMatch(/^Bubble size of station 2 and colour/);
    expect(missing([])).toBeUndefined();
    expect(bench([...finished, [2, 50, snap]]).state(2, 100).measured[0]).toMatchObject({
      cell: { mean: 3.4 },
    });
  });
});

describe('a target that is approached from above', () => {
  it('is reached by cooling: 57 °C soup on its way to 21 °C', () => {
    const soup: Plan = {
      ...inMedium(fixed, 'food'),
      steps: [
        {
          ...examplePlan.steps[1]!,
          ...endAt(21),
          event: 'cold',
        },
      ],
    };
    const cooling = bench(
      Array.from({ length: 100 }, (_, i): [number, number, EntryBody] => [1, 10 * i, reading(57 - 0.3 * i)]),
      soup,
    );
    const state = cooling.state(1, 990);
    // 57 − 29.7 = 27.3 °C, falling by 0.03 °C a second: 210 s to go.
    expect(state.forecast).toMatchObject({ kind: 'reaching' });
    expect(state.forecast?.kind === 'reaching' && state.forecast.seconds).toBeCloseTo(210, 0);
    expect(state.words).toBe('cooling');
    expect(state.phase).toBe('working');
  });
});
