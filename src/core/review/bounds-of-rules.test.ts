import { describe, expect, it } from 'vitest';
import { examplePlan, type Plan, type Step } from '../practical';
import { reviewPlan } from '.';
import {
  faults,
  kindOf,
  kinds,
  kitchen,
  laboratory,
  linesOf,
  open,
  remarkOf,
  rooms,
  withStep,
} from './testing/faults';
import {
  endAt,
  endByTime,
  inMedium,
  levelsOf,
  numberLevels,
  withFactor,
  withLevels,
  wordLevels,
} from '../practical/testing/plans';

describe('what the margin speaks of, and what not', () => {
  it('burnt levels are looked for in syrup only, and a response without anything to measure it with is asked for', () => {
    const burnt = withLevels(examplePlan, numberLevels(195));
    const says = (plan: Plan) => kinds(plan).includes('level-burnt');
    expect(says(burnt)).toBe(true);
    expect(says(inMedium(burnt, 'food'))).toBe(false);
    expect(says(withFactor(burnt, { acts: { on: 'words', scale: 'number' }, unit: 'g' }))).toBe(false);
    const asked = (instrument: string, smallestDivision: number | null) =>
      remarkOf(
        { ...examplePlan, responses: [{ ...examplePlan.responses[0]!, instrument, smallestDivision }] },
        'response-without-instrument',
      )?.what;
    expect(asked('  ', 0.1)).toBe('What is “snap force” measured with?');
    expect(asked('a hook', null)).toBe('Smallest division for “snap force”?');
    expect(asked('a hook', 0.1)).toBeUndefined();
    const first = (levels: number, stations: number) =>
      kinds({ ...withLevels(examplePlan, levelsOf(examplePlan).slice(0, levels)), stations });
    expect(first(2, 3)).toContain('replicates-too-few');
    expect(first(2, 4)).not.toContain('replicates-too-few');
    expect(first(1, 1)).not.toContain('replicates-too-few');
  });

  it('only the last step of the lesson, a wait as long as what is over, can be moved behind the bell', () => {
    const boil = examplePlan.steps[1]!;
    const wait = { ...boil, id: 'set', text: 'Leave it.', ...endByTime };
    const remedyWith = (last: Partial<Step>, over: number) => {
      const steps = [...examplePlan.steps, { ...wait, minutes: 12, lookAt: null, ...last }];
      const plan: Plan = { ...examplePlan, steps };
      const total =
        plan.briefingMinutes + plan.clearUpMinutes + steps.reduce((sum, one) => sum + (one.minutes ?? 0), 0);
      return remarkOf({ ...plan, periodMinutes: total - over }, 'period-over')?.remedy;
    };
    expect(remedyWith({}, 12)).toBeDefined();
    expect(remedyWith({}, 13)).toBeUndefined();
    expect(remedyWith({ hands: 'hands-on' }, 5)).toBeUndefined();
    const before: Plan = {
      ...examplePlan,
      periodMinutes: 50,
      steps: [...examplePlan.steps, { ...wait, minutes: 60, lookAt: null, when: 'before' }],
    };
    expect(remarkOf(before, 'period-over').remedy).toBeUndefined();
  });

  it('looks and levels are asked about only where there are some', () => {
    const looks = (lookAt: number | null, minutes: number | null) =>
      kinds(withStep(examplePlan, 'boil', { lookAt, minutes })).includes('look-too-late');
    expect([looks(null, 20), looks(20, null), looks(null, null), looks(5, 20), looks(25, 20)]).toEqual([
      false,
      false,
      false,
      false,
      true,
    ]);
    const fault = faults['levels-unused']!;
    const unused = (plan: Plan) => kinds(plan).includes('levels-unused');
    expect(unused(fault)).toBe(true);
    expect(unused({ ...fault, steps: [] })).toBe(false);
    expect(unused(withLevels(fault, []))).toBe(false);
    expect(unused(withFactor(fault, { acts: { on: 'words', scale: 'number' } }))).toBe(false);
  });

  it('what a level is made of need not stand in the formula; what nobody weighed out must', () => {
    const asks = (words: string) =>
      kinds({
        ...withFactor(examplePlan, { acts: { on: 'words', scale: 'words' }, levels: wordLevels([words]) }),
        steps: examplePlan.steps.map((step) =>
          step.id === 'weigh' ? { ...step, text: 'Weigh sugar, golden syrup, water and butter.' } : step,
        ),
      }).includes('ingredient-unlisted');
    expect([asks('with butter'), asks('with nothing')]).toEqual([false, true]);
    const coarse = remarkOf(faults['balance-too-coarse']!, 'balance-too-coarse', { ...kitchen, balanceG: 1 });
    expect(coarse.what).toBe('0.5 g of bicarbonate of soda on a 1 g balance');
    expect(coarse.why).toContain('Half a division is ±100 % of it.');
    expect(
      linesOf(
        remarkOf(
          {
            ...examplePlan,
            responses: [{ ...examplePlan.responses[0]!, instrument: '', smallestDivision: null }],
          },
          'response-without-instrument',
        ),
      ),
    ).toEqual([['instrument: empty'], ['smallest division: empty']]);
    expect(
      linesOf(
        remarkOf(
          { ...examplePlan, responses: [{ ...examplePlan.responses[0]!, instrument: '' }] },
          'response-without-instrument',
        ),
      ),
    ).toEqual([['instrument: empty'], ['smallest division: 0.1']]);
    expect(
      linesOf(
        remarkOf(
          {
            ...examplePlan,
            responses: [{ ...examplePlan.responses[0]!, instrument: 'a hook', smallestDivision: null }],
          },
          'response-without-instrument',
        ),
      )[0],
    ).toEqual(['instrument: a hook']);
  });

  it('hot sugar has its own remark; a caution that stands on the step is not asked for again', () => {
    const unnamed = (patch: Partial<Step>) =>
      open(withStep(examplePlan, 'test', patch))
        .filter((one) => kindOf(one) === 'hazard-unnamed')
        .map((one) => one.id);
    expect(unnamed({ text: 'Slice it and measure five bubbles.' })).toEqual(['hazard-unnamed:test:knife']);
    expect(unnamed({ text: 'Slice it and measure five bubbles.', hazards: ['knife'] })).toEqual([]);
    expect(
      open(withStep(examplePlan, 'boil', { hazards: [] }))
        .map((one) => one.id)
        .filter((id) => id.endsWith('hot-sugar')),
    ).toEqual([]);
    const asRead = withStep(examplePlan, 'cool', {
      text: 'Take it to 140 °C.',
      ...endAt(140),
    });
    const mended = remarkOf(asRead, 'endpoint-not-local').remedy!.apply(asRead);
    expect(mended.steps.find((step) => step.id === 'cool')).toMatchObject({
      text: 'Take it to the target.',
      ...endAt(140, 'sea-level'),
    });
  });

  it('an early look is put at three quarters of its own step, where it comes at the end or after', () => {
    const late = withStep(examplePlan, 'boil', { lookAt: 20 });
    const remark = remarkOf(late, 'look-too-late');
    expect(remark.what).toBe('Look at 20 min in a step of 20 min');
    expect(linesOf(remark)).toEqual([
      ['look at', 20, 'min'],
      ['step ends at', 20, 'min'],
      ['three quarters of the step', 15, 'min'],
    ]);
    expect(remark.remedy!.apply(late).steps.map((step) => step.lookAt)).toEqual(
      examplePlan.steps.map((step) => (step.id === 'boil' ? 15 : step.lookAt)),
    );
    expect(
      remarkOf(withStep(examplePlan, 'boil', { lookAt: 1, minutes: 1 }), 'look-too-late').remedy,
    ).toBeUndefined();
    expect(kinds(withStep(examplePlan, 'boil', { lookAt: 19 }))).not.toContain('look-too-late');
  });

  it('levels that no step ends at: the step that ends by temperature is the one to change, and only it', () => {
    const typed = faults['levels-unused']!;
    const remark = remarkOf(typed, 'levels-unused');
    expect(remark.at).toEqual({ section: 'method', item: 'boil' });
    expect(linesOf(remark)).toEqual([['steps that end at the level'], ['found', 0]]);
    const mended = remark.remedy!.apply(typed);
    expect(mended.steps).toEqual(examplePlan.steps.map((step) => ({ ...step })));
    expect(mended.factors).toEqual(examplePlan.factors);
    const none = withFactor(withStep(examplePlan, 'boil', endByTime), {
      acts: { on: 'end-temperature', stepId: null },
    });
    expect(remarkOf(none, 'levels-unused')).toMatchObject({ at: { section: 'method' } });
    expect(remarkOf(none, 'levels-unused').remedy).toBeUndefined();
  });

  it('thermometers are held against levels of temperature only, and one that is there', () => {
    const coarse = inMedium(examplePlan, 'syrup', 2);
    const remark = remarkOf(coarse, 'thermometer-too-coarse');
    expect(remark.what).toBe('A 2 °C thermometer for levels 5 °C apart');
    expect(remark.remedy!.label).toBe('use one that reads to 1 °C');
    expect(linesOf(remark).map((line) => line[1])).toEqual([5, 2, 1]);
    for (const plan of [
      withFactor(coarse, { acts: { on: 'words', scale: 'number' }, unit: 'g' }),
      inMedium(coarse, null),
      withLevels(coarse, levelsOf(coarse).slice(0, 1)),
    ]) {
      expect(kinds(plan)).not.toContain('thermometer-too-coarse');
    }
  });

  it('tasting is moved to the first food room, wherever that stands in the list', () => {
    const tasting = withStep(examplePlan, 'test', { text: 'Taste a piece.' });
    const reviewed = (list: typeof rooms) =>
      reviewPlan({ plan: tasting, place: laboratory, rooms: list }).open.find(
        (one) => one.id === 'tasting-in-laboratory',
      )!;
    expect(reviewed([...rooms].reverse()).remedy).toMatchObject({ label: 'move it to Kitchen 1' });
    expect(reviewed([rooms[1]!]).remedy).toBeUndefined();
    expect(reviewed(rooms).working.lines[0]).toEqual({ text: 'step: Taste a piece.' });
  });

  it('a temperature that is corrected for the place is so in its own step alone', () => {
    const typed = withStep(examplePlan, 'boil', {
      text: 'Heat to 150 °C without stirring.',
      ...endByTime,
    });
    const mended = remarkOf(typed, 'endpoint-not-local').remedy!.apply(typed);
    mended.steps.forEach((step, i) => {
      if (step.id !== 'boil') expect(step).toEqual(typed.steps[i]);
    });
  });
});
