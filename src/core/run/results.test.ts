import { describe, expect, it } from 'vitest';
import { examplePlan } from '../practical';
import { benchSetting, classTable, findingsFor, Notebook, responseSeries, type EntryBody } from '.';
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
