import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { batchTables } from '../batch';
import { examplePlan, stationPlan, type Place } from '../practical';
import { seededRandom } from '../random';
import { heatSyrup, smallPanLossWPerK } from '../sugar';
import {
  benchSetting,
  callsFor,
  classTable,
  completionsOf,
  findingsFor,
  Notebook,
  readQuickLine,
  responseSeries,
  runTime,
  stationState,
  withSpeed,
  type Entry,
  type EntryBody,
  type QuickLineContext,
} from '.';

const zero = Date.UTC(2026, 0, 12, 9, 0);
const place: Place = {
  name: 'Kitchen 1',
  kind: 'food-room',
  altitudeM: 1200,
  measuredBoilingC: null,
  stations: 12,
  balanceG: 0.1,
};
const asItStands = stationPlan(examplePlan, place, null);
let serial = 0;
const entry = (station: number | null, second: number, body: EntryBody): Entry => ({
  id: `e${(serial += 1)}`,
  station,
  at: zero + second * 1000,
  offset: 0,
  body,
});
const reading = (celsius: number, probe = 1): EntryBody => ({
  kind: 'reading',
  celsius,
  probe,
  unit: 'C',
  source: 'typed',
});

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

describe('the quick line', () => {
  const context: QuickLineContext = {
    plan: examplePlan,
    stations: [1, 2, 3, 4],
    unit: 'C',
    own: () => asItStands,
    currentStep: () => asItStands.steps[1],
    probe: () => 1,
    lastReading: (station) => (station === 4 ? { id: 'last', celsius: 118.5 } : null),
    lastMeasurement: () => null,
    lastWritten: (station) =>
      station === 4 ? { id: 'event', body: { kind: 'event', text: 'off the heat', stepId: 'boil' } } : null,
  };
  const read = (line: string, unit: 'C' | 'F' = 'C') => readQuickLine(line, { ...context, unit });

  it.each<[string, object]>([
    ['4 118.5', { station: 4, body: { kind: 'reading', celsius: 118.5, probe: 1, unit: 'C' } }],
    ['4 118,5', { station: 4, body: { kind: 'reading', celsius: 118.5 } }],
    ['4 244F', { station: 4, body: { kind: 'reading', celsius: 117.7778, unit: 'F' } }],
    ['4 t2 117', { station: 4, body: { kind: 'reading', celsius: 117, probe: 2 } }],
    ['4 -18', { station: 4, body: { kind: 'reading', celsius: -18 } }],
    ['4 golden, edges darker', { station: 4, body: { kind: 'observation', text: 'golden, edges darker' } }],
    ['4 soda in', { station: 4, body: { kind: 'event', stepId: 'soda-in' } }],
    ['4 done', { station: 4, body: { kind: 'event', stepId: 'boil', text: 'off the heat' } }],
    [
      'all oven door opened',
      { station: null, body: { kind: 'event', text: 'oven door opened', stepId: null } },
    ],
    [
      '4 m 86.2g',
      { station: 4, body: { kind: 'measurement', responseId: null, name: 'mass', value: 86.2, unit: 'g' } },
    ],
    ['4 snap 3.2', { station: 4, body: { kind: 'measurement', responseId: 'snap', value: 3.2, unit: 'N' } }],
    ['4 3.4 mm', { station: 4, body: { kind: 'measurement', responseId: 'bubble', value: 3.4 } }],
    ['4 ! dropped an egg', { station: 4, body: { kind: 'deviation', text: 'dropped an egg' } }],
    [
      '4 / 118.0',
      { station: 4, body: { kind: 'correction', corrects: 'last', to: { kind: 'reading', celsius: 118 } } },
    ],
    ['4 / strike', { station: 4, body: { kind: 'correction', corrects: 'event', to: null } }],
    ['4 timer 20 look 15', { station: 4, body: { kind: 'timer', minutes: 20, lookAt: 15 } }],
    ['4 3 big bubbles', { station: 4, body: { kind: 'observation', text: '3 big bubbles' } }],
  ])('understands “%s”', (line, expected) => {
    expect(read(line)).toMatchObject({ kind: 'entries', entries: [expected] });
  });

  it('a timer runs more than 0 and up to 600 minutes; the look comes before its end', () => {
    const refusal = (line: string) => {
      const answer = read(line);
      return answer.kind === 'refused' ? answer : null;
    };
    for (const line of ['4 timer 600', '4 timer 0,5', '4 timer 20 look 20'])
      expect(read(line).kind, line).toBe('entries');
    for (const line of ['4 timer 0', '4 timer 601', '4 timer 20 look 0']) {
      expect(JSON.stringify(refusal(line)), line).toContain('minutes, more than 0 and up to');
    }
  });

  it('a measurement is corrected where it was made, the last one of its name', () => {
    const measured: QuickLineContext = {
      ...context,
      lastMeasurement: (station, name) =>
        station === 4 && name === 'snap force' ? { id: 'm1', value: 3.2, unit: 'N' } : null,
    };
    expect(readQuickLine('4 / snap 3.4', measured)).toMatchObject({
      kind: 'entries',
      words: 'Station 4 · corrects 3.2 to snap force 3.4 N',
      entries: [
        {
          station: 4,
          body: {
            kind: 'correction',
            corrects: 'm1',
            to: { kind: 'measurement', responseId: 'snap', value: 3.4 },
          },
        },
      ],
    });
    expect(JSON.stringify(readQuickLine('3 / snap 3.4', measured))).toContain(
      'something that was measured here before',
    );
    expect(JSON.stringify(readQuickLine('3 / 118', context))).toContain(
      'a station with a reading to correct',
    );
    expect(JSON.stringify(readQuickLine('all / 118', context))).toContain('one station at a time');
    expect(readQuickLine('4 / 244F', context)).toMatchObject({
      words: 'Station 4 · corrects 245.3 °F to temperature 244.0 °F (117.8 °C)',
    });
  });

  it('reads bare numbers in the unit of the class and says both', () => {
    expect(read('4 244', 'F')).toMatchObject({ words: 'Station 4 · temperature 244.0 °F (117.8 °C)' });
    expect(read('4 / 118')).toMatchObject({
      words: 'Station 4 · corrects 118.5 °C to temperature 118.0 °C (244.4 °F)',
    });
  });

  it.each([
    ['9 118', 'station', 'a station from 1 to 4, or all'],
    ['4 1500', 'temperature', '−90 to 400 °C'],
    ['4 -91', 'temperature', '−90 to 400 °C'],
    ['4 11b8', 'temperature', 'a number, such as 118.5, 118.5C or 244F'],
    ['3 / 118', 'station', 'a station with a reading to correct'],
    ['3 / strike', 'station', 'a station with something written to strike out'],
    ['4 m heavy', 'measurement', 'a number with its unit, such as m 86.2g'],
    ['4 snap 3 mm', 'measurement', 'snap force in N'],
    ['4 timer 20 look 25', 'look', 'minutes, more than 0 and up to 20'],
  ])('refuses “%s” at the field', (line, field, allowed) => {
    expect(read(line)).toMatchObject({ kind: 'refused', field, allowed });
  });

  it('waits while a line is begun, and completes it from the method', () => {
    expect(read('4 ').kind).toBe('open');
    expect(read('4 t2').kind).toBe('open');
    expect(completionsOf('4 s', context)).toEqual(['4 soda in', '4 snap force ']);
    expect(completionsOf('4 11', context)).toEqual([]);
  });

  it('never throws on anything typed', () => {
    fc.assert(fc.property(fc.string({ maxLength: 30 }), (line) => void read(line)));
    fc.assert(fc.property(fc.string({ maxLength: 20 }), (rest) => void read(`4 ${rest}`)));
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

describe('the results', () => {
  const levels = new Map<number, string>(
    ['140', '140', '145', '145', '150', '150', '155', '155'].map((name, i) => [i + 1, `level-${name}`]),
  );
  const snap = [2.1, 2.5, 3.2, 3.0, 4.0, 4.3, 4.4, 4.1];
  const notebook = new Notebook(zero, [...levels.keys()]);
  const measured = (value: number): EntryBody => ({
    kind: 'measurement',
    responseId: 'snap',
    name: 'snap force',
    value,
    unit: 'N',
  });
  snap.forEach((value, i) => notebook.add([entry(i + 1, 3000 + i, measured(value))]));
  notebook.add([
    entry(3, 800, reading(141)),
    entry(3, 802, reading(144.2)),
    entry(3, 804, reading(144.3)),
    entry(3, 806, { kind: 'event', text: 'off the heat', stepId: 'boil' }),
    entry(3, 900, reading(180)),
    entry(3, 901, reading(180)),
    entry(3, 3600, { kind: 'deviation', text: 'stirred by mistake' }),
  ]);
  const rows = classTable(benchSetting(examplePlan, place, levels), notebook);

  it('stand station by station, levels together, and say where a station really stopped', () => {
    expect(rows.map((row) => row.station)).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);
    expect(rows[2]).toMatchObject({
      label: '145 °C',
      reached: [{ stepId: 'boil', celsius: 144.3, done: true }],
      deviations: ['stirred by mistake'],
    });
    expect(rows[2]!.reached[0]!.seaLevelC).toBeCloseTo(144.3 + 99.974 - setting1200(), 2);
    expect(rows[0]!.cells[0]!.mean).toBe(2.1);
    expect(rows[0]!.cells[1]!.mean).toBeNull();
  });

  const setting1200 = () => benchSetting(examplePlan, place, levels).boilingC;

  it('say by how much the response rose, and what cannot be told', () => {
    const series = [responseSeries(examplePlan, rows, 0, 'planned')];
    // By hand: x̄ = 147.5, Sxx = 250, Sxy = 34.5, so the slope is 0.138 N/°C and 2.07 N over 15 °C.
    expect(series[0]!.fit!.slope).toBeCloseTo(0.138, 9);
    const findings = findingsFor(examplePlan, rows, series);
    const trend = findings.find((one) => one.id === 'trend:snap')!;
    expect(trend.what).toBe('Snap force rose with final temperature');
    expect(trend.why).toContain('From 140 °C to 155 °C by 2.07 N');
    expect(findings.map((one) => one.id)).toEqual(
      expect.arrayContaining(['neighbours:snap', 'deviation:3', 'prediction', 'missing:bubble']),
    );
  });

  it('claim no trend where there is none', () => {
    const flat = new Notebook(zero, [...levels.keys()]);
    [3.1, 2.9, 3.3, 2.7, 3.0, 3.2, 2.8, 3.1].forEach((value, i) =>
      flat.add([entry(i + 1, i, measured(value))]),
    );
    const flatRows = classTable(benchSetting(examplePlan, place, levels), flat);
    const findings = findingsFor(examplePlan, flatRows, [
      responseSeries(examplePlan, flatRows, 0, 'planned'),
    ]);
    expect(findings[0]!.what).toBe('No trend in snap force can be told');
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

describe('a line that is begun', () => {
  it('waits for the right value after a stroke, and for its number after m', () => {
    const context: QuickLineContext = {
      plan: examplePlan,
      stations: [1, 4],
      unit: 'C',
      own: () => asItStands,
      currentStep: () => asItStands.steps[1],
      probe: () => 1,
      lastReading: () => ({ id: 'r', celsius: 118.5 }),
      lastMeasurement: () => ({ id: 'm', value: 3, unit: 'N' }),
      lastWritten: () => null,
    };
    const read = (line: string) => readQuickLine(line, context);
    expect(read('4 /')).toEqual({
      kind: 'open',
      hint: 'the right value for the last reading, such as / 118.0',
    });
    expect(read('4 m')).toMatchObject({
      kind: 'open',
      hint: expect.stringContaining('snap force 3.2 N') as string,
    });
    expect(read('4 !')).toEqual({ kind: 'open', hint: 'what went differently' });
    expect(read('4 t2')).toEqual({ kind: 'open', hint: 'what that thermometer shows' });
    expect(read('4 timer')).toMatchObject({ kind: 'open' });
    expect(read('4 / 119')).toMatchObject({
      words: 'Station 4 · corrects 118.5 °C to temperature 119.0 °C (246.2 °F)',
    });
    expect(read('4 / snap 3.4')).toMatchObject({ words: 'Station 4 · corrects 3 to snap force 3.4 N' });
    expect(read('4 / strike')).toMatchObject({ kind: 'refused', field: 'station' });
    expect(read('all / 3')).toMatchObject({ kind: 'refused', field: 'station', value: 'all' });
    // The thermometer’s range, its ends included: −90 to 400 °C.
    expect([read('4 400').kind, read('4 -90').kind, read('4 400.1').kind, read('4 -90.1').kind]).toEqual([
      'entries',
      'entries',
      'refused',
      'refused',
    ]);
    expect(read('4 m abc')).toMatchObject({ kind: 'refused', field: 'measurement', value: 'abc' });
    expect(read('4 m 3')).toMatchObject({ kind: 'refused', value: 'm 3' });
    expect(read('4 m 3 g')).toMatchObject({ words: 'Station 4 · mass 3 g' });
    expect(read('4 / golden')).toMatchObject({ kind: 'refused', field: 'correction' });
    expect(completionsOf('4 s', context)).toEqual(['4 soda in', '4 snap force ']);
    expect(completionsOf('4 off', context)).toEqual(['4 off the heat']);
    expect(completionsOf('4 off the heat', context)).toEqual([]);
    expect(completionsOf('4 1', context)).toEqual([]);
    expect(completionsOf('a', context)).toEqual(['all ']);
    expect(completionsOf('', context)).toEqual([]);
    expect(completionsOf('b', context)).toEqual([]);
    // The step a station is at comes first, whatever the order of the method.
    expect(completionsOf('4 ', context)[0]).toBe('4 off the heat');
    expect(completionsOf('9 ', context)[0]).toBe('9 weighed in');
    expect(completionsOf('4 ', context)).toHaveLength(5);
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
