import { describe, expect, it } from 'vitest';
import { newPlan, newStep, type Place, type Plan, type Step } from '../practical';
import { newEquipment, type Equipment } from '../room';
import {
  assumptionWords,
  bindingWords,
  impossibleWords,
  layOut,
  lessonOf,
  remediesOf,
  timetableOfLesson,
} from '.';

const planOf = (steps: Partial<Step>[], patch: Partial<Plan> = {}): Plan => ({
  ...{ ...newPlan('x', null), stations: 4, periodMinutes: 60, briefingMinutes: 8, clearUpMinutes: 5 },
  steps: steps.map((step, i) => newStep({ id: `s${i}`, text: `Do ${i}`, ...step })),
  ...patch,
});
const room = (equipment: Equipment[]): Place => ({
  ...{ name: 'Kitchen', kind: 'food-room', altitudeM: null, measuredBoilingC: null },
  ...{ stations: 12, balanceG: 1, equipment, tools: [] },
});
const why = (plan: Plan, place: Place | null = null) => {
  const laid = layOut(lessonOf(plan), place);
  if (!('impossible' in laid)) throw new Error('possible');
  return impossibleWords(plan, laid.made, laid.impossible);
};
const after = (stepId: string, most: number | null = null): Partial<Step> => ({
  after: [{ stepId, least: 0, most }],
});

describe('why there is no timetable', () => {
  it('names the steps and what would have to give', () => {
    expect(
      why(
        planOf([
          { minutes: 5, ...after('s1') },
          { minutes: 5, ...after('s0') },
        ]),
      ),
    ).toMatch(/step 1 .*step 2|step 2 .*step 1/i);
    // 12 min of chilling lie between two steps that may be 10 min apart.
    const batter = planOf([
      { text: 'Mix', minutes: 5 },
      { text: 'Chill', minutes: 12, hands: 'waiting' },
      {
        text: 'Fry',
        minutes: 5,
        after: [
          { stepId: 's1', least: 0, most: null },
          { stepId: 's0', least: 0, most: 10 },
        ],
      },
    ]);
    expect(why(batter)).toContain('takes 2 min longer');
    const baking = planOf([{ text: 'Bake at 180 °C', minutes: 10, hands: 'waiting' }]);
    expect(why(baking, room([newEquipment('sink', 'a', 1)]))).toBe(
      'Step 1 (“Bake at 180 °C”) is in an oven, and the room has none. Give the room an oven, or choose another room.',
    );
    const wide = planOf([
      { text: 'Bake at 180 °C', minutes: 10, needs: [{ resource: 'oven', count: 5, celsius: 180 }] },
    ]);
    expect(why(wide, room([newEquipment('oven', 'a', 1)]))).toContain('needs more places than any oven');
    const pinned = planOf([{ minutes: 5 }, { text: 'Rest', minutes: 5 }], {
      pins: [{ stepId: 's1', station: 2, startMin: 9 }],
    });
    expect(why(pinned)).toBe(
      'Step 2 (“Rest”) is held at 9 min and cannot begin before 13 min. Let it go, or hold it later.',
    );
    const mixers = planOf([
      { text: 'Whisk', minutes: 4, needs: [{ resource: 'mixer', count: 3, celsius: null }] },
    ]);
    expect(why(mixers, room([newEquipment('mixer', 'a', 1)]))).toContain('needs more than 1 mixer');
  });
});

describe('what binds a lesson that can be', () => {
  const plan = planOf([{ text: 'Fry', minutes: 10, needs: [{ resource: 'hob', count: 1, celsius: null }] }]);
  const timetable = (of: Plan, place: Place | null) => {
    const laid = layOut(lessonOf(of), place);
    if ('impossible' in laid) throw new Error('impossible');
    return timetableOfLesson(laid.made, laid.solved);
  };

  it('is said with its working: two hobs for four stations of ten minutes', () => {
    const two = timetable(plan, room([newEquipment('hob', 'a', 1), newEquipment('hob', 'b', 2)]));
    // 8 of briefing, two rounds of 10, 5 of clearing up.
    expect(two.endsMin).toBe(33);
    expect(bindingWords(two.bound.by, two.bound.endsMin)).toBe(
      '2 hobs are wanted for 40 min in all, 20 min each if none stands idle: with what comes before and after, no lesson ends before 33 min.',
    );
    expect(two.loads.find(({ kind }) => kind === 'hob')!.points).toEqual([
      { fromMin: 8, taken: 2 },
      { fromMin: 18, taken: 2 },
      { fromMin: 28, taken: 0 },
    ]);
    const alone = timetable(plan, null);
    expect(bindingWords(alone.bound.by, alone.bound.endsMin)).toBe(
      'The steps one after the other, with briefing and clearing up, take 23 min.',
    );
    expect(assumptionWords(plan, alone.assumptions)).toEqual([
      'The room says nothing of hobs: each station is taken to have its own.',
    ]);
  });

  it('is the ovens where all trays must pass through them: two places, four trays of 30 min', () => {
    const baking = planOf([{ text: 'Bake at 180 °C', minutes: 30, hands: 'waiting' }]);
    const oven = { ...newEquipment('oven', 'a', 1), shelves: 1, traysPerShelf: 2, heatMin: 1 } as Equipment;
    const { bound, endsMin } = timetable(baking, room([oven]));
    // 8 of briefing, two rounds, 5 of clearing up.
    expect(endsMin).toBe(73);
    expect(bound).toEqual({ endsMin: 73, by: { kind: 'ovens', ovens: 1, places: 2, minutes: 120 } });
  });

  it('of a cold oven: it is hot when the first tray goes in, and not before', () => {
    const baking = planOf([{ text: 'Bake at 180 °C', minutes: 10, hands: 'waiting' }]);
    // 12 min from cold; the briefing takes 8 of them.
    const sooner = (a: number, b: number) => a - b;
    const cold = timetable(baking, room([newEquipment('oven', 'a', 1)]));
    expect(
      cold.bars
        .filter(({ kind }) => kind === 'step')
        .map(({ startMin }) => startMin)
        .sort(sooner),
    ).toEqual([12, 12, 22, 22]);
    expect(cold.ovens[0]!.spans).toHaveLength(4);
    const [heat] = remediesOf(baking);
    expect(heat!.label).toBe('heat the ovens before the bell');
    const hot = timetable(heat!.apply(baking), room([newEquipment('oven', 'a', 1)]));
    expect(hot.endsMin).toBe(cold.endsMin - 4);
  });

  it('goes to the upper end of every range where it is slow, and says what has no minutes', () => {
    const ranged = planOf([
      { text: 'Chill', minutes: 10, minutesTo: 20, hands: 'waiting' },
      { text: 'Look', minutes: null },
    ]);
    const { endsMin, slowEndsMin, assumptions } = timetable(ranged, null);
    expect([endsMin, slowEndsMin]).toEqual([28, 33]);
    expect(assumptionWords(ranged, assumptions)).toEqual(['Step 2: no minutes yet, counted as none.']);
  });
});

describe('ways to make a lesson fit', () => {
  it('change the plan as they say', () => {
    const plan = planOf(
      [
        { text: 'Weigh the flour', minutes: 6 },
        { text: 'Knead', minutes: 10, safeStop: true },
        { text: 'Measure the height', minutes: 5 },
      ],
      { stations: 8 },
    );
    const by = (id: string) => remediesOf(plan).find((one) => one.id.startsWith(id))!;
    expect(by('weigh-before').apply(plan).steps[0]!.when).toBe('before');
    expect(by('shorter-briefing').apply(plan).briefingMinutes).toBe(4);
    expect(by('measure-after').apply(plan).steps[2]!.when).toBe('after');
    expect(by('fewer-stations:4').apply(plan).stations).toBe(4);
    expect(
      by('two-lessons')
        .apply(plan)
        .steps.map(({ when, day }) => [when, day]),
    ).toEqual([
      ['lesson', 0],
      ['lesson', 0],
      ['after', 1],
    ]);
    expect(remediesOf({ ...plan, briefingMinutes: 3 }).some(({ id }) => id === 'shorter-briefing')).toBe(
      false,
    );
  });
});
