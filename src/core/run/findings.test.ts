import { describe, expect, it } from 'vitest';
import { examplePlan, type Plan } from '../practical';
import { measuredClass } from './testing/measured-class';
import { endAt, inMedium, withFactor, wordLevels } from '../practical/testing/plans';

/** The example with a factor that ends no step. */
const fixed = withFactor(examplePlan, { acts: { on: 'words', scale: 'number' } });

const ids = (findings: { id: string }[]) => findings.map((finding) => finding.id);

describe('what the data can tell', () => {
  it('a line that does not fit is said not to fit, where the spread is small enough to see it', () => {
    const curved = measuredClass({
      'level-140': [1, 1.1, 0.9],
      'level-145': [4, 4.1, 3.9],
      'level-150': [4.2, 4.3, 4.1],
      'level-155': [4.1, 4.2, 4.0],
    });
    const curve = curved.findings().find((finding) => finding.id === 'curve:snap')!;
    expect(curve.what).toBe('A straight line does not fit snap force');
    // By hand: the line through the means 1, 4, 4.2, 4.1 has slope 0.19 and reads 2.85 at 145: the stations lie 1.15 above.
    expect(curve.why).toContain('The stations at 145 °C lie 1.15 N above it');
    const straight = measuredClass({
      'level-140': [1, 1.4, 0.6],
      'level-145': [2, 2.4, 1.6],
      'level-150': [3, 3.4, 2.6],
      'level-155': [4, 4.4, 3.6],
    });
    expect(ids(straight.findings())).not.toContain('curve:snap');
  });

  it('one level has no trend, and the station that went differently is marked among its points', () => {
    const one = measuredClass({ 'level-140': [1, 1.2, 1.1] });
    expect(ids(one.findings()).filter((id) => /^(trend|curve|neighbours)/.test(id))).toEqual([]);
    one.note(2, { kind: 'deviation', text: 'dropped it' });
    expect(one.series().points.map((point) => point.deviated)).toEqual([false, true, false]);
  });

  it('one station a level: no interval, and it says why', () => {
    const single = measuredClass({
      'level-140': [1],
      'level-145': [2, 2.2],
      'level-150': [3],
      'level-155': [4],
    });
    expect(single.series().groups.map((group) => group.ci95 === null)).toEqual([true, false, true, true]);
    expect(single.findings().find((finding) => finding.id === 'single:snap')!.what).toBe(
      'One station only at 140 °C, 150 °C and 155 °C',
    );
  });

  it('one level alone is not called single, and levels with repeats are not', () => {
    expect(ids(measuredClass({ 'level-140': [1] }).findings())).not.toContain('single:snap');
    expect(ids(measuredClass({ 'level-140': [1, 2], 'level-150': [2, 3] }).findings())).not.toContain(
      'single:snap',
    );
    expect(ids(measuredClass({ 'level-140': [1, 2], 'level-150': [2] }).findings())).toContain('single:snap');
  });

  it('every finding has a name of its own and working that can be read', () => {
    for (const values of [
      { 'level-140': [1] },
      { 'level-140': [1, 1.3], 'level-150': [2, 2.2] },
      { 'level-140': [1, 1.3], 'level-145': [1, 1.2], 'level-150': [2] },
    ] as Record<string, number[]>[]) {
      const found = measuredClass(values).findings();
      expect(new Set(ids(found)).size).toBe(found.length);
      for (const { id, what, working } of found) {
        expect([typeof id, typeof what], id).toEqual(['string', 'string']);
        for (const line of working.lines) expect(line.text, id).toMatch(/\S/);
      }
    }
    // The prediction stands beside means with one digit more than the balance’s 0.1 N.
    const predicted = measuredClass({ 'level-140': [1, 1.1, 1.1], 'level-150': [2, 2.1] }).findings();
    expect(predicted.find((finding) => finding.id === 'prediction')!.working.lines.slice(0, 2)).toEqual([
      { text: 'snap force at 140 °C', value: 1.07, unit: 'N' },
      { text: 'snap force at 150 °C', value: 2.05, unit: 'N' },
    ]);
    const coarse = measuredClass({ 'level-140': [1, 1], 'level-150': [2, 2] }).findings();
    expect(coarse.find((finding) => finding.id === 'coarse:snap')!.working.lines).toEqual([
      { text: 'spread within levels (pooled SD)', value: 0, unit: 'N' },
      { text: 'half a division', value: 0.05, unit: 'N' },
    ]);
  });

  it('an instrument coarser than the spread is named', () => {
    const same = measuredClass({ 'level-140': [1, 1], 'level-150': [2, 2] });
    const coarse = same.findings().find((finding) => finding.id === 'coarse:snap')!;
    expect(coarse.what).toContain('Spring balance pulled at the middle is coarser than the spread');
  });

  it('a score is not held against its division, nor is a value without one; who went as planned is not named', () => {
    const plan = (patch: object): Plan => ({
      ...examplePlan,
      responses: [{ ...examplePlan.responses[0]!, ...patch }],
    });
    const same = { 'level-140': [1, 1], 'level-150': [2, 2] };
    const all = (patch: object) => ids(measuredClass(same, plan(patch)).findings());
    expect(all({})).toContain('coarse:snap');
    expect(all({ unit: 'points', smallestDivision: 1 })).not.toContain('coarse:snap');
    expect(all({ smallestDivision: null })).not.toContain('coarse:snap');
    expect(all({}).filter((id) => id.startsWith('deviation'))).toEqual([]);
    // Half a division is 0.05: repeats that differ by 0.1 have an SD of 0.0707.
    expect(
      ids(measuredClass({ 'level-140': [1, 1.1], 'level-150': [2, 2.1] }, plan({})).findings()),
    ).not.toContain('coarse:snap');
  });

  it('how many stations a doubtful effect would need', () => {
    const doubtful = measuredClass({ 'level-140': [2.0, 3.0, 2.4], 'level-155': [2.6, 3.4, 3.2] });
    const trend = doubtful.findings()[0]!;
    expect(trend.what).toBe('No trend in snap force can be told');
    expect(trend.why).toMatch(
      /If it is real, about \d+ stations a level would show a trend of this size in 8 of 10 classes/,
    );
  });

  it('a missing value is asked for, and a station over its target is named', () => {
    const late = measuredClass({ 'level-140': [2.0, 2.1], 'level-155': [4] });
    for (let s = 0; s < 20; s += 2) {
      late.note(1, { kind: 'reading', celsius: 130 + s, probe: 1, unit: 'C', source: 'probe' }, 100 + s);
    }
    const findings = late.findings();
    // Readings climb to 148 °C; the lone last one does not count, the one before does.
    expect(findings.find((finding) => finding.id === 'off-target:1')!.what).toBe('Station 1 was 6.0 °C over');
    expect(late.rows()[0]!.reached[0]!.celsius).toBeCloseTo(146, 9);
    expect(findings.some((finding) => finding.id === 'missing:bubble')).toBe(true);
  });
});

describe('targets and levels', () => {
  it('a station under its target is named like one over it, once its step is done', () => {
    const under = measuredClass({ 'level-140': [2.0, 2.1], 'level-155': [4] });
    for (let s = 0; s < 12; s += 2) {
      under.note(3, { kind: 'reading', celsius: 130 + s, probe: 1, unit: 'C', source: 'probe' }, 100 + s);
    }
    expect(ids(under.findings())).not.toContain('off-target:3');
    under.note(3, { kind: 'event', stepId: 'boil', text: 'off the heat' }, 113);
    // It got to 138 °C (the lone last reading, 140, does not count); its target is 155.
    expect(under.findings().find((finding) => finding.id === 'off-target:3')!.what).toBe(
      'Station 3 was 17.0 °C under',
    );
  });

  it('what was reached is the hottest of a syrup however late it was read, and the coldest of a soup', () => {
    const read = (plan: Plan, ...celsius: number[]) => {
      const late = measuredClass({ 'level-140': [2.0], 'level-155': [4] }, plan);
      celsius.forEach((one, i) =>
        late.note(1, { kind: 'reading', celsius: one, probe: 1, unit: 'C', source: 'probe' }, 100 + 2 * i),
      );
      return late.rows()[0]!.reached[0]!;
    };
    const syrup = read(examplePlan, 149, 150, 151, 151, 148);
    expect(syrup).toMatchObject({ cooled: false, celsius: 151 });
    const soup: Plan = {
      ...inMedium(fixed, 'food'),
      steps: [{ ...examplePlan.steps[1]!, ...endAt(21) }],
    };
    // A lone wild reading of 3 °C does not count.
    expect(read(soup, 60, 50, 3, 40, 24, 22, 22)).toMatchObject({ cooled: true, celsius: 22, targetC: 21 });
    // Within five degrees of its target it may have been heated as well.
    expect(read(soup, 25, 24, 26, 26)).toMatchObject({ cooled: false, celsius: 26 });
    expect(read(soup, 26, 25, 28, 28)).toMatchObject({ cooled: false });
    expect(read(soup, 27, 27, 27, 23, 23)).toMatchObject({ cooled: true, celsius: 23 });
  });

  it('several levels in words: one sentence for all before any pair', () => {
    const plan = withFactor(examplePlan, {
      name: 'dip',
      acts: { on: 'words', scale: 'words' },
      levels: wordLevels(['water', 'citric', 'ascorbic']),
    });
    const alike = measuredClass(
      { water: [3.1, 3.4], citric: [3.0, 3.5], ascorbic: [3.3, 3.2] },
      plan,
    ).findings();
    expect(alike[0]!.what).toBe('No difference in snap force can be told');
    const differ = measuredClass(
      { water: [3.1, 3.2], citric: [3.2, 3.1], ascorbic: [7.3, 7.4] },
      plan,
    ).findings();
    expect(differ.slice(0, 2).map((finding) => finding.what)).toEqual([
      'Ascorbic: snap force higher than water',
      'One pair can’t be told apart by snap force',
    ]);
    // Equal repeats still have an interval: the balance is read to 0.1 N.
    const equal = measuredClass({ water: [3, 3], citric: [3, 3], ascorbic: [3.1, 3.1] }, plan);
    for (const group of equal.series().groups) expect(group.ci95![1] - group.ci95![0]).toBeGreaterThan(0.3);
    expect(equal.findings()[0]!.what).toBe('No difference in snap force can be told');
  });
});

describe('how it is plotted', () => {
  it('repeats at one station are averaged, corrections counted', () => {
    const repeats = measuredClass({ 'level-140': [2.0], 'level-155': [4] });
    repeats.note(1, { kind: 'measurement', responseId: 'snap', name: 'snap force', value: 3, unit: 'N' }, 20);
    const cell = repeats.rows()[0]!.cells[0]!;
    expect(cell.values.map((one) => one.value)).toEqual([2, 3]);
    expect(cell.mean).toBe(2.5);
    repeats.note(1, {
      kind: 'correction',
      corrects: cell.values[1]!.id,
      to: { kind: 'measurement', responseId: 'snap', name: 'snap force', value: 2.2, unit: 'N' },
    });
    expect(repeats.rows()[0]!.cells[0]!.mean).toBeCloseTo(2.1, 12);
    expect(repeats.rows()[0]!.cells[0]!.values[1]!.corrected).toBe(true);
  });

  it('where a station stopped, as a sea-level temperature', () => {
    const over = measuredClass({ 'level-140': [2.0], 'level-155': [4] });
    for (const [second, celsius] of [
      [1, 141],
      [3, 143],
      [5, 143],
      [7, 142],
    ] as const) {
      over.note(1, { kind: 'reading', celsius, probe: 1, unit: 'C', source: 'probe' }, second);
    }
    expect(over.series('planned').points[0]!.x).toBe(140);
    expect(over.series('reached').points[0]!.x).toBeCloseTo(143, 9);
    expect(over.series('reached').points[1]!.x).toBe(155);
  });

  it('levels in words have no line, and are compared with their control', () => {
    const plan = withFactor(examplePlan, {
      name: 'dip',
      acts: { on: 'words', scale: 'words' },
      levels: wordLevels(['water', 'citric acid']),
    });
    const dips = measuredClass({ water: [8, 9, 8.5], 'citric acid': [3, 2, 2.5] }, plan);
    expect(dips.series().fit).toBeNull();
    expect(dips.findings()[0]).toMatchObject({ what: 'Citric acid: snap force lower than water' });
  });
});
