import { describe, expect, it } from 'vitest';
import { examplePlan, type Plan, type Response } from '../practical';
import {
  benchSetting,
  classTable,
  findingsFor,
  Notebook,
  reachedByFactor,
  responseSeries,
  type EntryBody,
} from '.';
import { endAt } from '../practical/testing/plans';
import { zero, place, entry, reading } from './testing/entries';

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

  it('by a thermometer that is to fall: the lowest, where two readings agree', () => {
    // Chocolate tempered to 32 °C: read from 60 down; of any three in a row the middle one: 31.
    const dipped: Plan = {
      ...examplePlan,
      thermometers: [{ id: 'in-the-syrup', in: 'food', smallestDivisionC: 0.5 }],
      factors: [],
      steps: examplePlan.steps.map((step) => (step.id === 'boil' ? { ...step, ...endAt(32) } : step)),
    };
    const cooling = new Notebook(zero, [1]);
    [60, 45, 33, 32.5, 31, 31.5, 20, 34, 36, 40].forEach((celsius, i) =>
      cooling.add([entry(1, 10 * i, reading(celsius))]),
    );
    const [row] = classTable(benchSetting(dipped, place, new Map([[1, '']])), cooling);
    expect(row!.reached[0]).toMatchObject({ cooled: true, celsius: 31, targetC: 32 });
    expect(row!.label).toBe('');
    expect(reachedByFactor(dipped, row!)).toBeNull();
  });

  it('by one thermometer in two steps: each has the readings of its own step, a little past its end', () => {
    const both: Plan = {
      ...examplePlan,
      factors: [],
      steps: examplePlan.steps.flatMap((step) =>
        step.id === 'boil'
          ? [
              { ...step, ...endAt(112) },
              { ...step, id: 'again', ...endAt(130) },
            ]
          : [step],
      ),
    };
    const twice = new Notebook(zero, [1]);
    const run = (from: number, ...celsius: number[]) =>
      celsius.forEach((one, i) => twice.add([entry(1, from + 10 * i, reading(one))]));
    const over = (second: number, stepId: string) =>
      twice.add([entry(1, second, { kind: 'event', text: 'x', stepId })]);
    run(0, 105, 109, 111, 112, 112);
    over(40, 'boil');
    // Carried over for 20 s, then on to the second target; taken off at 200 s, and still climbing much later.
    run(50, 113, 113);
    run(100, 118, 124, 129, 130, 130);
    over(150, 'again');
    run(160, 131, 131);
    run(400, 150, 150, 150);
    const reached = classTable(benchSetting(both, place, new Map([[1, '']])), twice)[0]!.reached;
    expect(reached.map(({ stepId, celsius, targetC, done }) => [stepId, celsius, targetC, done])).toEqual([
      ['boil', 113, 112, true],
      ['again', 131, 130, true],
    ]);
  });

  it('are an order without a measure for scores, words and senses, else numbers with an interval', () => {
    const series = (kind: Response['kind']) => {
      const plan = { ...examplePlan, responses: [{ ...examplePlan.responses[0]!, kind, unit: 'N' }] };
      const one = responseSeries(plan, classTable(benchSetting(plan, place, levels), notebook), 0, 'planned');
      return [one.ordinal, one.groups[0]!.ci95 !== null, one.fit !== null];
    };
    for (const kind of ['score', 'ordered-words', 'sensory'] as const)
      expect(series(kind), kind).toEqual([true, false, false]);
    for (const kind of ['number', 'count', 'time', 'temperature', 'mass-difference'] as const)
      expect(series(kind), kind).toEqual([false, true, true]);
    const unchanged = { ...examplePlan, factors: [] };
    expect(responseSeries(unchanged, rows, 0, 'planned').numeric).toBe(false);
  });

  it('say which stations a value is missing from, or that nobody has one yet', () => {
    const some = new Notebook(zero, [...levels.keys()]);
    snap.slice(0, 6).forEach((value, i) => some.add([entry(i + 1, i, measured(value))]));
    const setting = benchSetting(examplePlan, place, levels);
    const missing = (of: Notebook) =>
      findingsFor(examplePlan, classTable(setting, of), []).find(({ id }) => id === 'missing:snap')?.what;
    expect(missing(some)).toBe('No snap force from stations 7 and 8');
    // Up to four by their numbers, more by how many.
    const few = (stations: number) => {
      const some = new Notebook(zero, [...levels.keys()]);
      snap.slice(0, stations).forEach((value, i) => some.add([entry(i + 1, i, measured(value))]));
      return missing(some);
    };
    expect(few(4)).toBe('No snap force from stations 5, 6, 7 and 8');
    expect(few(3)).toBe('No snap force from 5 stations');
    expect(missing(new Notebook(zero, [...levels.keys()]))).toBe('No snap force logged yet');
    expect(missing(notebook)).toBeUndefined();
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
