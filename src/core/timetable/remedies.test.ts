import { describe, expect, it } from 'vitest';
import { newIngredient, newPlan, newStep, noPortions, type Place, type Plan, type Step } from '../practical';
import { factor, wordLevels } from '../practical/testing/plans';
import { newEquipment } from '../room';
import { layOut, lessonOf, remediesInPairs, remediesOf, timetableOfLesson, type OtherRoom } from '.';

const kitchen = (places: number): Place => ({
  ...{
    name: 'Kitchen',
    kind: 'food-room',
    altitudeM: null,
    measuredBoilingC: null,
    stations: 12,
    balanceG: 1,
  },
  tools: [],
  equipment: [
    { ...newEquipment('oven', 'o', 1), shelves: 1, traysPerShelf: places } as Place['equipment'][number],
  ],
});
const heat = newStep({ id: 'heat', text: 'Heat the oven to 180 °C.', when: 'before', minutes: 20 });
const plan = (steps: Partial<Step>[], patch: Partial<Plan> = {}): Plan => ({
  ...{ ...newPlan('x', 'kitchen'), periodMinutes: 60, briefingMinutes: 0, clearUpMinutes: 0, stations: 4 },
  steps: [heat, ...steps.map((step, i) => newStep({ id: `s${i}`, text: `Do ${i}`, ...step }))],
  ...patch,
});
const cake = (patch: Partial<Step> = {}) => ({
  text: 'Bake 40 min at 180 °C.',
  hands: 'waiting' as const,
  minutes: 40,
  ...patch,
});
const tins = (vesselMl: number, vessels = 1) => ({ portions: { ...noPortions, vesselMl, vessels } });
const by = (of: Plan, id: string, rooms: OtherRoom[] = []) =>
  remediesOf(of, rooms).find((one) => one.id.startsWith(id));
const endsIn = (of: Plan, place: Place) => {
  const laid = layOut(lessonOf(of), place);
  if ('impossible' in laid) throw new Error(JSON.stringify(laid.impossible));
  return timetableOfLesson(laid.made, laid.solved);
};

describe('smaller tins and pieces, by the size model', () => {
  it('six small tins and one big one: 12 to 22 min for 40, and two places for one', () => {
    // A sixth of the volume is 6^(−1/3) = 0.550 of the thickness: 40 × 0.550 = 22.0 min, 40 × 0.550² = 12.1 min.
    const big = plan([cake({ lookAt: 35 })], tins(1800));
    const remedy = by(big, 'smaller-tins:6')!;
    expect(remedy.label).toBe('6 small tins instead of one (step 2: 12–22 min)');
    const small = remedy.apply(big);
    expect(small.portions).toMatchObject({ vessels: 6, vesselMl: 300 });
    const [, step] = small.steps;
    expect(step).toMatchObject({
      minutes: 12,
      minutesTo: 22,
      lookAt: null,
      text: 'Bake 12–22 min at 180 °C.',
    });
    // Six tins of the same batch cover 6^(1/3) = 1.8 times its floor.
    expect(step!.needs).toEqual([{ resource: 'oven', count: 2, celsius: null }]);
    // Laid out: 17 min as is likely, 22 where it is slow; in a small oven they have to go in by rounds.
    expect(endsIn(big, kitchen(4)).endsMin).toBe(40);
    expect(endsIn(small, kitchen(8))).toMatchObject({ endsMin: 17, slowEndsMin: 22 });
    expect(endsIn(small, kitchen(4))).toMatchObject({ endsMin: 34, slowEndsMin: 44 });
    const halves = by(big, 'smaller-tins:2')!;
    // 2^(−1/3) = 0.794: 31.7 and 25.2 min.
    expect(halves.label).toBe('2 small tins instead of one (step 2: 25–31.5 min)');
    expect(by(plan([cake()], tins(900, 3)), 'smaller-tins:2')!.label).toMatch(/^6 small tins instead of 3 /);
    expect(by(plan([cake()], tins(900, 3)), 'smaller-tins:6')).toBeUndefined();
  });

  it('a thinner sheet: 15 for 20 mm, three quarters of the minutes at most and nine sixteenths at least', () => {
    const scones = plan([cake({ text: 'Bake 12 to 16 min', minutes: 12, minutesTo: 16 })], {
      portions: { ...noPortions, sheetMm: 20, pieces: 4 },
    });
    const remedy = by(scones, 'thinner')!;
    // 12 × 0.5625 = 6.75, 16 × 0.75 = 12.
    expect(remedy.label).toBe('roll to 15 mm, not 20 (step 2: 7–12 min)');
    expect(remedy.apply(scones).portions.sheetMm).toBe(15);
    expect(remedy.apply(scones).steps[1]!.needs).toEqual([]);
    expect(by(scones, 'smaller-pieces')).toBeUndefined();
  });

  it('twice as many pieces of half the size', () => {
    const buns = plan([cake({ minutes: 20, needs: [{ resource: 'oven', count: 1, celsius: 180 }] })], {
      portions: { ...noPortions, pieces: 6, pieceG: 80 },
    });
    const halved = by(buns, 'smaller-pieces')!.apply(buns);
    expect(halved.portions).toMatchObject({ pieces: 12, pieceG: 40, pieceMl: null });
    expect(halved.steps[1]).toMatchObject({ minutes: 12.5, minutesTo: 16 });
    expect(halved.steps[1]!.needs).toEqual([{ resource: 'oven', count: 2, celsius: 180 }]);
  });

  it('is not offered where the size or the minutes are what is changed, nothing is baked, or no size is said', () => {
    const big = plan([cake()], tins(1800));
    const sized = { ...factor({ on: 'size', what: 'mass' }, wordLevels([]), 'size') };
    expect(by({ ...big, factors: [sized] }, 'smaller')).toBeUndefined();
    const timed = factor({ on: 'minutes', stepId: 's0' }, wordLevels([]), 'time');
    expect(by({ ...big, factors: [timed] }, 'smaller')).toBeUndefined();
    expect(
      by(plan([{ text: 'Chill', minutes: 40, hands: 'waiting' }], tins(1800)), 'smaller'),
    ).toBeUndefined();
    expect(by(plan([cake()]), 'smaller')).toBeUndefined();
    expect(by(plan([cake({ when: 'after' })], tins(1800)), 'smaller')).toBeUndefined();
  });
});

describe('half the batch', () => {
  const sauce = { text: 'Reduce the sauce for 20 min.', minutes: 20, minutesTo: 25, lookAt: 15 };
  const formula = [
    newIngredient({ id: 'm', name: 'Milk', typed: '1/2 L milk', amount: 500, unit: 'ml' }),
    newIngredient({ id: 'e', name: 'Egg', amount: 2, unit: 'each' }),
  ];

  it('boils down in half the time: everything halved, the sentence too', () => {
    const own = plan([sauce, { text: 'Whisk', minutes: 4 }], {
      formula,
      portions: { ...noPortions, pieces: 4 },
    });
    const remedy = by(own, 'half-batch')!;
    expect(remedy.label).toBe('half the batch (step 2: 10–12.5 min)');
    const less = remedy.apply(own);
    expect(less.formula.map(({ amount, typed }) => [amount, typed])).toEqual([
      [250, ''],
      [1, ''],
    ]);
    expect(less.portions.pieces).toBe(2);
    expect(less.steps[1]).toMatchObject({
      minutes: 10,
      minutesTo: 12.5,
      lookAt: 7.5,
      text: 'Reduce the sauce for 10–12.5 min.',
    });
    expect(less.steps[2]).toMatchObject({ minutes: 4 });
  });

  it('is not offered where an amount is what is changed, an egg would be halved or nothing boils down', () => {
    const three = [{ ...formula[1]!, amount: 3 }];
    expect(by(plan([sauce], { formula: three }), 'half-batch')).toBeUndefined();
    expect(by(plan([{ text: 'Simmer', minutes: 20 }], { formula }), 'half-batch')).toBeUndefined();
    const dosed = factor({ on: 'amount', ingredientId: 'm' } as never, wordLevels([]), 'dose');
    expect(by(plan([sauce], { formula, factors: [dosed] }), 'half-batch')).toBeUndefined();
    expect(by(plan([sauce]), 'half-batch')).toBeUndefined();
  });

  it('two ways at once keep what each changed of the same step', () => {
    const own = plan([{ text: 'Mix', minutes: 5, safeStop: true }, cake()], tins(1800));
    const both = remediesInPairs(remediesOf(own)).find(({ id }) => id === 'smaller-tins:6+two-lessons:s0')!;
    expect(both.apply(own).steps[2]).toMatchObject({ when: 'after', day: 1, minutes: 12, minutesTo: 22 });
    const other = remediesOf(own);
    const [tin, later] = [
      other.find(({ id }) => id === 'smaller-tins:6')!,
      other.find(({ id }) => id === 'two-lessons:s0')!,
    ];
    expect(tin.apply(later.apply(own)).steps[2]).toMatchObject({
      when: 'after',
      day: 1,
      minutes: 12,
      minutesTo: 22,
    });
  });
});

describe('one batch for all, ahead, another room', () => {
  const jam: Partial<Step>[] = [
    { text: 'Make the syrup.', minutes: 7, minutesTo: 9 },
    { text: 'Stir in the pectin.', minutes: 3, safeStop: true },
    { text: 'Pour and measure.', minutes: 5 },
  ];
  const dosed = (ingredientId: string) =>
    factor({ on: 'amount', ingredientId, as: 'g', of: null } as never, wordLevels([]), 'dose');

  it('a step that is the same everywhere is done once by the teacher, in twice its minutes', () => {
    const formula = [newIngredient({ id: 'p', name: 'Pectin', amount: 5, unit: 'g' })];
    const own = plan(jam, { formula, factors: [dosed('p')] });
    const shared = by(own, 'shared-batch')!;
    expect(shared.label).toBe('one batch for all (step 2, 14 min)');
    expect(shared.apply(own).steps[1]).toMatchObject({ lane: 'class', minutes: 14, minutesTo: null });
    // What is changed comes into it: no.
    const syrup = plan(jam, {
      formula: [newIngredient({ id: 'p', name: 'Syrup', amount: 5, unit: 'g' })],
      factors: [dosed('p')],
    });
    expect(by(syrup, 'shared-batch')).toBeUndefined();
    expect(
      by(plan(jam.map((step, i) => (i === 0 ? { ...step, only: ['a'] } : step))), 'shared-batch'),
    ).toBeUndefined();
    expect(by(plan([{ ...jam[0], minutes: 3, minutesTo: null }]), 'shared-batch')).toBeUndefined();
    expect(by(plan([{ ...jam[0], hands: 'waiting' }]), 'shared-batch')).toBeUndefined();
  });

  it('up to a safe stop the day before, or the rest the day after', () => {
    const own = plan(jam);
    const when = (id: string) =>
      by(own, id)!
        .apply(own)
        .steps.slice(1)
        .map((step) => [step.when, step.day]);
    expect(when('ahead')).toEqual([
      ['before', -1],
      ['before', -1],
      ['lesson', 0],
    ]);
    expect(when('two-lessons')).toEqual([
      ['lesson', 0],
      ['lesson', 0],
      ['after', 1],
    ]);
    expect(by(plan(jam.map((step) => ({ ...step, safeStop: false }))), 'ahead')).toBeUndefined();
  });

  it('another room of its kind, where something is known of it', () => {
    const rooms: OtherRoom[] = [
      { id: 'kitchen', place: kitchen(1) },
      { id: 'big', place: { ...kitchen(9), name: 'Food room 1' } },
      { id: 'lab', place: { ...kitchen(9), kind: 'laboratory' } },
      { id: 'bare', place: { ...kitchen(9), equipment: [] } },
    ];
    const own = plan(jam);
    expect(
      remediesOf(own, rooms)
        .filter(({ id }) => id.startsWith('room'))
        .map(({ id, label }) => [id, label]),
    ).toEqual([['room:big', 'in Food room 1']]);
    expect(by(own, 'room', rooms)!.apply(own).roomId).toBe('big');
  });

  it('two at once change both; never two of a kind', () => {
    const own = plan(jam, { briefingMinutes: 10, stations: 8 });
    const pairs = remediesInPairs(remediesOf(own));
    expect(pairs.some(({ id }) => id.split('+').every((one) => one.startsWith('fewer-stations')))).toBe(
      false,
    );
    const both = pairs.find(({ id }) => id.startsWith('shorter-briefing+fewer-stations:4'))!;
    expect(both.label).toBe('brief for 5 min instead of 10, and 4 stations instead of 8');
    expect(both.apply(own)).toMatchObject({ briefingMinutes: 5, stations: 4 });
  });
});
