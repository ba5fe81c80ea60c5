import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { batchTables } from '../batch';
import { examplePlan } from '../practical';
import { seededRandom } from '../random';
import { heatSyrup, smallPanLossWPerK } from '../sugar';
import { benchSetting, callsFor, Notebook, runTime, stationState, withSpeed } from '.';
import { zero, place, entry, reading } from './testing/entries';

describe('the notebook', () => {
  it('reads the same whatever the order of arrival, repeats included', () => {
    const first = entry(4, 10, reading(118.5));
    const fixed = entry(4, 20, { kind: 'correction', corrects: first.id, to: reading(118) as never });
    const struck = entry(4, 12, reading(400));
    const out = entry(4, 30, { kind: 'correction', corrects: struck.id, to: null });
    const seen = entry(4, 15, { kind: 'observation', text: 'golden', when: 'during', sense: null });
    const again = entry(4, 40, { kind: 'correction', corrects: fixed.id, to: reading(117.5) as never });
    const all = [first, fixed, struck, out, seen, again, entry(4, 5, reading(110))];
    fc.assert(
      fc.property(
        fc.shuffledSubarray([...all, ...all], { minLength: all.length * 2, maxLength: all.length * 2 }),
        (arrival) => {
          const notebook = new Notebook(zero, [4]);
          expect(notebook.add(arrival)).toBe(all.length);
          const notes = notebook.station(4);
          expect(notes.readings.get(1)).toMatchObject({ seconds: [5, 10], celsius: [110, 117.5] });
          expect(notes.observations.map((noted) => noted.body.text)).toEqual(['golden']);
          expect(notebook.bodyOf(struck.id)).toBeUndefined();
        },
      ),
    );
  });
});

describe('notes of a station', () => {
  it('stand in the order they happened, whatever the order they came in; of one moment, as they came', () => {
    const notebook = new Notebook(zero, [4]);
    const saw = (second: number, text: string) =>
      entry(4, second, { kind: 'observation', text, when: 'during', sense: null });
    notebook.add([saw(30, 'c'), saw(10, 'a'), saw(20, 'b'), saw(20, 'b again'), saw(40, 'd')]);
    const notes = notebook.station(4);
    expect(notes.observations.map((noted) => noted.body.text)).toEqual(['a', 'b', 'b again', 'c', 'd']);
    expect(notes.lastAt).toBe(zero + 40_000);
    notebook.add([saw(35, 'late')]);
    expect(notebook.station(4).lastAt).toBe(zero + 40_000);
    expect(notebook.lastWritten(4)?.body).toMatchObject({ text: 'd' });
  });
});

describe('the state of a station', () => {
  const setting = benchSetting(examplePlan, place, new Map([[4, 'level-150']]), batchTables);
  const syrup = setting.own(4).syrup!;
  const random = seededRandom(8);

  /** A pan heated from 21 °C, read each 2 s, until `untilC`. */
  function heatedTo(untilC: number) {
    const notebook = new Notebook(zero, [4]);
    notebook.add([entry(4, 0, { kind: 'event', text: 'weighed in', stepId: 'weigh' })]);
    let state = { seconds: 0, celsius: 21, waterG: syrup.waterG };
    while (state.celsius < untilC) {
      state = heatSyrup(state, syrup, { powerW: 300, lossWPerK: smallPanLossWPerK, roomC: 21 }, 2);
      notebook.add([entry(4, state.seconds, reading(state.celsius + 0.1 * random.normal()))]);
    }
    return { notebook, now: zero + state.seconds * 1000 };
  }

  it('says water boiling off on the plateau, with a forecast and a note to the class', () => {
    const { notebook, now } = heatedTo(99.8);
    const state = stationState(setting, notebook, 4, now);
    expect(state).toMatchObject({ words: 'water boiling off', phase: 'working', stepNumber: 2 });
    expect(state.plateau?.levelC).toBeCloseTo(99.5, 0);
    expect(state.forecast?.kind).toBe('reaching');
    expect(callsFor(setting, [state], 'C').map((call) => call.id)).toEqual(['plateau']);
  });

  it('has no hole between the boil and the first stage: a syrup there is not warming up', () => {
    for (let celsius = setting.boilingC - 1; celsius < setting.boilingC + 7; celsius += 0.01) {
      const notebook = new Notebook(zero, [4]);
      notebook.add([entry(4, 10, reading(celsius))]);
      expect(stationState(setting, notebook, 4, zero + 11_000).words).toMatch(/water boiling off|thread/);
    }
  });

  it('calls the station soon, then at target, then past it', () => {
    const target = 150 - (99.974 - setting.boilingC);
    const at = (celsius: number) => {
      const { notebook, now } = heatedTo(celsius);
      const state = stationState(setting, notebook, 4, now);
      return { state, calls: callsFor(setting, [state], 'C') };
    };
    const soon = at(target - 4);
    expect(soon.state.phase).toBe('soon');
    expect(soon.calls[0]).toMatchObject({ rank: 'check', action: { line: '4 off the heat' } });
    expect(soon.calls[0]!.what).toMatch(/^Station 4: ready in \d+ s$/);
    expect(at(target).calls[0]).toMatchObject({ rank: 'stop', what: 'Station 4: at target now' });
    expect(at(target + 3).calls[0]!.what).toMatch(/^Station 4: 3\.\d °C past target$/);
  });

  it('moves on with the event of the step, and counts the next step with its early look', () => {
    const { notebook, now } = heatedTo(146);
    notebook.add([
      entry(4, (now - zero) / 1000, { kind: 'event', text: 'off the heat', stepId: 'boil' }),
      entry(4, (now - zero) / 1000 + 10, { kind: 'event', text: 'soda in', stepId: 'soda-in' }),
    ]);
    const state = stationState(setting, notebook, 4, now + 13 * 60_000);
    expect(state).toMatchObject({ heating: false, phase: 'working', stepNumber: 4 });
    expect(state.countdown!.lookInS).toBeLessThan(0);
    expect(callsFor(setting, [state], 'C')[0]!.what).toBe('Station 4: look now');
  });

  it('keeps a jump of 40 °C in a second and remarks on it, and on 200 °C with water in the formula', () => {
    const notebook = new Notebook(zero, [4]);
    for (let s = 0; s < 60; s += 1) notebook.add([entry(4, s, reading(90 + 0.05 * s + (s >= 59 ? 110 : 0)))]);
    const calls = callsFor(setting, [stationState(setting, notebook, 4, zero + 59_000)], 'C');
    expect(notebook.lastReading(4)!.celsius).toBeGreaterThan(200);
    expect(calls.map((call) => call.id)).toEqual(expect.arrayContaining(['jump:4', 'dry:4']));
  });
});

describe('the clock of a run', () => {
  it('goes sixty times as fast from the moment it is told to, without a jump', () => {
    const real = { anchorRunMs: zero, anchorWallMs: zero, speed: 1 };
    const fast = withSpeed(real, 60, zero + 10_000);
    expect(runTime(fast, zero + 10_000)).toBe(zero + 10_000);
    expect(runTime(fast, zero + 11_000)).toBe(zero + 70_000);
    expect(runTime(withSpeed(fast, 1, zero + 11_000), zero + 12_000)).toBe(zero + 71_000);
  });
});

describe('corrections', () => {
  const notebook = () => {
    const book = new Notebook(zero, [4]);
    book.add([
      entry(4, 10, { kind: 'observation', text: 'golden', when: 'during', sense: null }),
      entry(4, 20, { kind: 'timer', label: 'proof', minutes: 10, lookAt: null }),
    ]);
    return book;
  };

  it('a timer can be the last thing that was written; first words are not marked as corrected', () => {
    const book = notebook();
    expect(book.lastWritten(4)?.body).toMatchObject({ kind: 'timer', label: 'proof' });
    expect(book.station(4).observations[0]!.corrected).toBe(false);
    const id = book.station(4).observations[0]!.id;
    book.add([
      entry(4, 30, {
        kind: 'correction',
        corrects: id,
        to: { kind: 'observation', text: 'brown', when: 'during', sense: null },
      }),
    ]);
    expect(book.station(4).observations.map(({ body, corrected }) => [body.text, corrected])).toEqual([
      ['brown', true],
    ]);
    expect(book.bodyOf(id)).toMatchObject({ text: 'brown' });
  });

  it('a measurement can be the last thing that was written as well', () => {
    const book = notebook();
    book.add([
      entry(4, 25, { kind: 'measurement', responseId: 'snap', name: 'snap force', value: 3, unit: 'N' }),
    ]);
    expect(book.lastWritten(4)?.body).toMatchObject({ kind: 'measurement', value: 3 });
  });

  it('a thermometer whose only reading is struck out has shown nothing', () => {
    const book = new Notebook(zero, [4]);
    expect(book.lastReading(4)).toBeNull();
    book.add([entry(4, 10, { kind: 'reading', celsius: 99, probe: 1, unit: 'C', source: 'typed' })]);
    expect(book.lastReading(4)).toMatchObject({ celsius: 99, at: zero + 10_000 });
    expect(book.lastReading(4, 2)).toBeNull();
    book.add([entry(4, 20, { kind: 'correction', corrects: book.lastReading(4)!.id, to: null })]);
    expect(book.lastReading(4)).toBeNull();
    const setting = benchSetting(examplePlan, place, new Map([[4, 'level-150']]));
    expect(stationState(setting, book, 4, zero + 30_000)).toMatchObject({
      reading: null,
      words: 'no reading yet',
      second: null,
    });
  });

  it('what is struck out twice is gone once, and can be put back', () => {
    const book = notebook();
    const id = book.station(4).timers[0]!.id;
    book.add([
      entry(4, 30, { kind: 'correction', corrects: id, to: null }),
      entry(4, 40, { kind: 'correction', corrects: id, to: null }),
    ]);
    expect(book.station(4).timers).toEqual([]);
    expect(book.bodyOf(id)).toBeUndefined();
    expect(book.lastWritten(4)?.body.kind).toBe('observation');
    book.add([
      entry(4, 50, {
        kind: 'correction',
        corrects: id,
        to: { kind: 'timer', label: 'proof', minutes: 12, lookAt: null },
      }),
    ]);
    expect(book.station(4).timers[0]).toMatchObject({ at: zero + 20_000, corrected: true });
  });
});
