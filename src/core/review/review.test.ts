import { describe, expect, it } from 'vitest';
import { examplePlan, newPlan, type Plan, type Step } from '../practical';
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
import { endAt, endByTime, inMedium, numberLevels, withLevels } from '../practical/testing/plans';

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

  it('time: what the timetable says, the minutes over, and the last wait moved where that helps; nothing before it is laid out', () => {
    const over = remarkOf({ ...examplePlan, periodMinutes: 50 }, 'period-over');
    const lines = linesOf(over);
    const total = lines[0]![1] as number;
    expect(lines).toEqual([
      ['the last have cleared up, by the timetable', total, 'min'],
      ['from bell to bell', 50, 'min'],
      ['over', total - 50, 'min'],
    ]);
    expect(over.what).toBe(`${total - 50} min over the bell`);
    const unlaid = reviewPlan({ plan: { ...examplePlan, periodMinutes: 20 }, place: kitchen, rooms }).open;
    expect(unlaid.filter(({ at }) => at.section === 'time')).toEqual([]);
    const none = {
      plan: examplePlan,
      place: kitchen,
      rooms,
      laid: { endsMin: null, impossible: 'Two at once.' },
    };
    expect(reviewPlan(none).open[0]).toMatchObject({
      id: 'period-impossible',
      rank: 'stop',
      why: 'Two at once.',
    });
    const fits = (periodMinutes: number) =>
      open({ ...examplePlan, periodMinutes }).find((one) => one.at.section === 'time');
    expect(fits(total)?.what).toBe('The lesson fits with nothing to spare');
    expect(fits(total + 5)?.what).toBe('The lesson fits with 5 min to spare');
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
