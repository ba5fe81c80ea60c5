import { describe, expect, it } from 'vitest';
import { examplePlan, newPlan, type Place, type Plan, type Step } from '../practical';
import { reviewPlan, type PlanRemark } from '.';
import { faults, kindOf, kinds, kitchen, laboratory, open, rooms, withStep } from './testing/faults';
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

describe('the margin', () => {
  it('has nothing but a note on time to say about a finished plan', () => {
    expect(kinds({ ...examplePlan, periodMinutes: 65 })).toEqual(['period-tight']);
    expect(kinds({ ...examplePlan, periodMinutes: 80 })).toEqual([]);
  });

  it.each(Object.keys(faults))('finds %s, gives a reason and working', (kind) => {
    const remark = open(faults[kind]!).find((one) => kindOf(one) === kind);
    expect(remark).toBeDefined();
    expect(remark!.why.length).toBeGreaterThan(20);
    expect(remark!.working.lines.length).toBeGreaterThan(0);
    expect(remark!.working.sources.length).toBeGreaterThan(0);
    expect(kinds(examplePlan)).not.toContain(kind);
  });

  it('clears a remark when its remedy is taken, and never touches the plan it was given', () => {
    let taken = 0;
    for (const [kind, plan] of Object.entries(faults)) {
      const before = JSON.stringify(plan);
      const remark = open(plan).find((one) => kindOf(one) === kind)!;
      if (!remark.remedy) continue;
      taken += 1;
      expect(
        open(remark.remedy.apply(plan)).map((one) => one.id),
        kind,
      ).not.toContain(remark.id);
      expect(JSON.stringify(plan)).toBe(before);
    }
    expect(taken).toBeGreaterThanOrEqual(15);
  });

  it('finds hot sugar by what is done, wherever the thermometer is said to be', () => {
    const bare = withStep(examplePlan, 'boil', { hazards: [] });
    for (const dip of ['food', null] as const) {
      const plan = inMedium(bare, dip);
      expect(open(plan)[0], String(dip)).toMatchObject({ id: 'hot-sugar-cautions', rank: 'stop' });
    }
    const worded: Plan = {
      ...newPlan('Caramel', null),
      steps: [{ ...bare.steps[1]!, text: 'Melt and boil the sugar.', ...endByTime }],
    };
    expect(kinds(worded)).toContain('hot-sugar-cautions');
    const dough: Plan = { ...withLevels(bare, numberLevels(35)), steps: bare.steps.slice(0, 2) };
    expect(kinds(dough)).not.toContain('hot-sugar-cautions');
  });

  it('stops tasting in a laboratory, and only there', () => {
    const tasting = withStep(examplePlan, 'test', { text: 'Taste a piece and note the crunch.' });
    expect(open(tasting, laboratory)[0]).toMatchObject({ id: 'tasting-in-laboratory', rank: 'stop' });
    expect(open(tasting, laboratory)[0]!.remedy!.apply(tasting).roomId).toBe('kitchen');
    expect(kinds(tasting)).not.toContain('tasting-in-laboratory');
    expect(kinds(withStep(examplePlan, 'test', { text: 'Do not taste it.' }), laboratory)).not.toContain(
      'tasting-in-laboratory',
    );
  });

  it('corrects a typed temperature for the altitude: 150 °C at sea level is 146.0 °C where water boils at 96.0', () => {
    const typed = withStep(examplePlan, 'boil', {
      text: 'Heat to 150 °C without stirring.',
      ...endByTime,
    });
    const remark = open(typed).find((one) => kindOf(one) === 'endpoint-not-local')!;
    expect(remark.remedy!.label).toBe('stop at 146.0 °C here');
    expect(remark.remedy!.apply(typed).steps[1]).toMatchObject({
      text: 'Heat without stirring.',
      ...endAt(150, 'sea-level'),
    });
    expect(kinds(typed, { ...kitchen, measuredBoilingC: 99.9 })).not.toContain('endpoint-not-local');
  });

  const remarkOf = (plan: Plan, kind: string, where: Place | null = kitchen) =>
    open(plan, where).find((one) => kindOf(one) === kind)!;
  const linesOf = (remark: PlanRemark) =>
    remark.working.lines.map(({ text, value, unit }) =>
      [text, value, unit].filter((one) => one !== undefined),
    );

  it('stations: twice the levels where the room has them, else fewer levels, the ends and the control kept', () => {
    const plan: Plan = { ...examplePlan, stations: 7 };
    const at = (stations: number) => remarkOf(plan, 'replicates-too-few', { ...kitchen, stations });
    expect(remarkOf(plan, 'replicates-too-few', null).remedy!.label).toBe('use 8 stations');
    expect(at(8).remedy!.label).toBe('use 8 stations');
    expect(at(8).remedy!.apply(plan).stations).toBe(8);
    expect(at(7).remedy!.label).toBe('keep 3 levels');
    expect(
      at(7)
        .remedy!.apply(plan)
        .factors[0]!.levels.map((level) => level.id),
    ).toEqual(['level-140', 'level-150', 'level-155']);
    expect(linesOf(at(7))).toEqual([
      ['stations a level = stations / levels', 1.75],
      ['wanted, at least', 2],
    ]);
    expect(
      remarkOf({ ...plan, stations: 3 }, 'replicates-too-few', { ...kitchen, stations: 3 }).remedy,
    ).toBeUndefined();
    expect(kinds({ ...examplePlan, stations: 8 })).not.toContain('replicates-too-few');
    // Room for two levels: one end, and the control in the other’s place.
    const five: Plan = { ...examplePlan, stations: 5 };
    const two = remarkOf(five, 'replicates-too-few', { ...kitchen, stations: 5 });
    expect(two.remedy!.label).toBe('keep 2 levels');
    expect(two.remedy!.apply(five).factors[0]!.levels.map((level) => level.id)).toEqual([
      'level-140',
      'level-150',
    ]);
  });

  it('time: every step in the working, the minutes over, and the last wait moved where that helps', () => {
    const over = remarkOf({ ...examplePlan, periodMinutes: 50 }, 'period-over');
    const lines = linesOf(over);
    expect(lines[0]).toEqual(['briefing', examplePlan.briefingMinutes, 'min']);
    expect(lines[1]).toEqual(['step 1', 5, 'min']);
    expect(lines[2]).toEqual(['step 2', 20, 'min']);
    const total = lines.at(-1)![1] as number;
    expect(lines.at(-1)![0]).toBe('together, of 50 min from bell to bell');
    expect(over.what).toBe(`${total - 50} min over the bell`);
    const fits = (periodMinutes: number) =>
      open({ ...examplePlan, periodMinutes }).find((one) => one.at.section === 'time');
    expect(fits(total)?.what).toBe('Fits with nothing to spare');
    expect(fits(total + 5)?.what).toBe('Fits with 5 min to spare');
    expect(fits(total + 6)).toBeUndefined();
    // A step whose minutes nobody said makes “fits” a guess: nothing is promised. Counted as none, 20 min fall away.
    const unsaid = (when: Step['when']) =>
      kinds(withStep({ ...examplePlan, periodMinutes: total - 20 }, 'boil', { minutes: null, when }));
    expect(unsaid('lesson')).not.toContain('period-tight');
    expect(unsaid('before')).toContain('period-tight');
    const lateWait: Plan = {
      ...examplePlan,
      periodMinutes: total + 2,
      steps: [
        ...examplePlan.steps,
        {
          ...examplePlan.steps[1]!,
          id: 'set',
          minutes: 12,
          text: 'Leave it to set.',
          ...endByTime,
        },
      ],
    };
    const moved = remarkOf(lateWait, 'period-over').remedy!.apply(lateWait);
    expect(moved.steps.map((step) => step.when)).toEqual([
      ...examplePlan.steps.map((step) => step.when),
      'after',
    ]);
  });

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
      text: 'Take it to 140 °C.',
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

  it('keeps a dismissed remark apart, with its reason', () => {
    const plan: Plan = {
      ...examplePlan,
      order: 'as-listed',
      dismissed: [{ remark: 'order-as-listed', reason: 'one bench only' }],
    };
    const review = reviewPlan({ plan, place: kitchen, rooms });
    expect(review.open.map((one) => one.id)).not.toContain('order-as-listed');
    expect(review.dismissed).toMatchObject([{ remark: { id: 'order-as-listed' }, reason: 'one bench only' }]);
  });

  it('puts stops first, and speaks about an empty plan without breaking', () => {
    const ranks = open({ ...faults['hot-sugar-cautions']!, order: 'as-listed', prediction: '' }).map(
      (one) => one.rank,
    );
    expect(ranks).toEqual([...ranks].sort((a, b) => 'scn'.indexOf(a[0]!) - 'scn'.indexOf(b[0]!)));
    expect(kinds(newPlan('Something new', null), null)).toContain('question-missing');
  });
});
