import { describe, expect, it } from 'vitest';
import {
  boilingIn,
  changesBetween,
  examplePlan,
  levelLabel,
  levelsInOrder,
  newPlan,
  stationPlan,
  targetOf,
  treatmentOf,
  watchedSteps,
  workingOfTarget,
  type Factor,
  type Place,
  type Plan,
} from '.';
import { endAt, endByTime, inMedium, withFactor, withLevels, levelsOf } from './testing/plans';

const place: Place = {
  name: 'Food room 2',
  kind: 'food-room',
  altitudeM: 1200,
  measuredBoilingC: null,
  stations: 12,
  balanceG: 0.1,
  equipment: [],
  tools: [],
};
/** Where a station at 150 °C ends its boil. */
const boilTarget = (where: Place | null, plan = examplePlan, treatment: string | undefined = 'level-150') =>
  stationPlan(plan, where, treatmentOf(plan, treatment) ?? null).steps.find((step) => step.id === 'boil')!
    .target;

describe('targets', () => {
  it('follow the local boiling point in syrup, and only there', () => {
    const here = boilTarget(place)!;
    // 1200 m: water boils at 95.98 °C (ISO 2533, IAPWS-IF97), 3.99 below 99.97.
    expect(here).toMatchObject({ seaLevelC: 150, shifted: true });
    expect(here.localC).toBeCloseTo(146.01, 2);
    const core = inMedium(examplePlan, 'core', 0.1);
    const cooked = targetOf(core, endAt(74, 'sea-level'), place);
    expect(cooked).toEqual({ seaLevelC: 74, localC: 74, shifted: false });
    expect(targetOf(examplePlan, endByTime, place)).toBeNull();
    expect(boilTarget(place, examplePlan, 'nobody')).toBeNull();
    // Two grams of soda are no temperature.
    const grams = withFactor(examplePlan, {
      acts: { on: 'amount', ingredientId: 'soda', as: 'g', of: null },
    });
    expect(boilTarget(place, grams)).toBeNull();
  });

  it('rest on the measured boiling point when there is one', () => {
    const measured = { ...place, measuredBoilingC: 95.5 };
    expect(boilingIn(measured).basis).toBe('measured');
    expect(boilTarget(measured)!.localC).toBeCloseTo(150 - 4.474, 2);
    expect(boilTarget(null)!.localC).toBeCloseTo(150, 9);
  });

  it('show their working: boiling points, shift, both units and the rule of thumb', () => {
    const { lines, sources } = workingOfTarget(boilTarget(place)!, place);
    const valueOf = (part: string) => lines.find((line) => line.text.includes(part))?.value;
    expect(valueOf('target here')).toBeCloseTo(146.01, 2);
    expect(valueOf('Fahrenheit')).toBeCloseTo(294.82, 2);
    // 1200 m is 3937 ft: 7.874 °F, 4.374 °C less.
    expect(valueOf('rule of thumb')).toBeCloseTo(145.63, 2);
    expect(sources.length).toBeGreaterThan(2);
    // Weather, against a thermometer’s own doubt.
    expect(valueOf('Weather moves boiling points')).toBeGreaterThan(0.5);
    const measured = { ...place, measuredBoilingC: 95.5 };
    const own = workingOfTarget(boilTarget(measured)!, measured).lines;
    expect(own.map((line) => line.text)).toContain('A boiling point read here holds to about');
    expect(own.some((line) => line.text.startsWith('Weather'))).toBe(false);
  });

  it('belong to every step that a thermometer ends, each in its own medium', () => {
    const dipped: Plan = {
      ...examplePlan,
      thermometers: [...examplePlan.thermometers, { id: 'in-chocolate', in: 'food', smallestDivisionC: 0.5 }],
      steps: examplePlan.steps.map((step) =>
        step.id === 'cool' ? { ...step, ...endAt(32), thermometerId: 'in-chocolate' } : step,
      ),
    };
    const watched = watchedSteps(dipped, stationPlan(dipped, place, treatmentOf(dipped, 'level-140')!));
    expect(watched.map(({ id, target }) => [id, Number(target!.localC.toFixed(2))])).toEqual([
      ['boil', 136.01],
      ['cool', 32],
    ]);
    expect(watchedSteps(examplePlan, stationPlan(examplePlan, place, null))).toEqual([]);
  });
});

describe('levels', () => {
  const words: Factor = {
    id: 'dip',
    name: 'dip',
    acts: { on: 'words', scale: 'words' },
    unit: '',
    levels: [
      { id: 'b', value: null, words: 'citric acid', control: false, open: false },
      { id: 'a', value: null, words: 'water', control: true, open: false },
    ],
  };

  it('are read with their unit, numbers upwards and words as listed', () => {
    const [temperature] = examplePlan.factors;
    expect(levelLabel(examplePlan, temperature!, temperature!.levels[2]!)).toBe('150 °C');
    expect(levelLabel(examplePlan, words, words.levels[0]!)).toBe('citric acid');
    const percent: Factor = { ...words, acts: { on: 'words', scale: 'number' }, unit: '%' };
    expect(levelLabel(examplePlan, percent, { ...words.levels[0]!, value: -0.5 })).toBe('−0.5 %');
    expect(levelsInOrder(words).map((one) => one.id)).toEqual(['b', 'a']);
    const reversed = withLevels(examplePlan, [...levelsOf(examplePlan)].reverse());
    expect(levelsInOrder(reversed.factors[0]!).map((one) => one.value)).toEqual([140, 145, 150, 155]);
  });
});

describe('changes in words', () => {
  it('name the section and both values, and nothing that stayed', () => {
    const after: Plan = {
      ...examplePlan,
      question: 'Does it snap?',
      factors: withLevels(examplePlan, levelsOf(examplePlan).slice(0, 2)).factors,
      formula: examplePlan.formula.map((one) => (one.id === 'water' ? { ...one, amount: 100 } : one)),
      steps: [examplePlan.steps[1]!, examplePlan.steps[0]!, ...examplePlan.steps.slice(2)],
      noted: [],
    };
    const said = changesBetween(examplePlan, after).map(({ section, what }) => `${section}: ${what}`);
    expect(said).toContain('Fair test: changed: “final temperature” levels: 150 °C removed');
    expect(said).toContain('Formula: “80 ml Water” → “100 ml Water”');
    expect(said).toContain('Method: put in another order');
    expect(said).toContain('Fair test: noted: “which hob” removed');
    expect(said.some((line) => line.startsWith('Question: question:'))).toBe(true);
    expect(said).toHaveLength(7);
    expect(changesBetween(examplePlan, structuredClone(examplePlan))).toEqual([]);
    const said60 = (question: string) =>
      changesBetween({ ...examplePlan, question: '' }, { ...examplePlan, question })[0]?.what;
    expect(said60('Why?')).toBe('question: empty → “Why?”');
    expect(said60('x'.repeat(60))).toBe(`question: empty → “${'x'.repeat(60)}”`);
    expect(said60('x'.repeat(61))).toBe(`question: empty → “${'x'.repeat(57)}…”`);
  });

  it('see every field of a plan: whatever differs is said', () => {
    const empty = newPlan('Something else', null);
    const said = changesBetween(examplePlan, empty).map((change) => change.section);
    expect(new Set(said)).toEqual(
      new Set(['Question', 'Fair test', 'Formula', 'Method', 'Time', 'Student questions']),
    );
  });
});
