import { describe, expect, it } from 'vitest';
import { newIngredient, newPlan, newStep, type Plan } from '../practical';
import {
  dishLabel,
  keepingLabel,
  keptLabel,
  labelSheets,
  labelsOn,
  labelSpots,
  stationLabel,
  type MadeOf,
} from '.';
import { papers } from '../paper';

describe('sheets of labels', () => {
  it.each(labelSheets.map((sheet) => [sheet.id, sheet] as const))(
    '%s: none upon another, all on the paper',
    (_, sheet) => {
      const { widthMm, heightMm } = papers[sheet.paper];
      const spots = labelSpots(sheet, labelsOn(sheet));
      for (const { xMm, yMm } of spots) {
        expect(Math.min(xMm, yMm)).toBeGreaterThanOrEqual(3);
        expect(xMm + sheet.widthMm).toBeLessThanOrEqual(widthMm - 3);
        expect(yMm + sheet.heightMm).toBeLessThanOrEqual(heightMm - 3);
      }
      expect(sheet.stepXMm).toBeGreaterThanOrEqual(sheet.widthMm);
      expect(sheet.stepYMm).toBeGreaterThanOrEqual(sheet.heightMm);
      expect(new Set(spots.map(({ xMm, yMm }) => `${xMm} ${yMm}`)).size).toBe(labelsOn(sheet));
    },
  );

  it('there are sheets of 8 to 65 for A4 and for Letter', () => {
    const counts = (paper: string) => labelSheets.filter((one) => one.paper === paper).map(labelsOn);
    expect([Math.min(...counts('A4')), Math.max(...counts('A4'))]).toEqual([8, 65]);
    expect(counts('Letter')).toContain(30);
  });

  // As the sheets’ makers print them on the packet (common practice): 21 of 63.5 × 38.1 mm begin 7.2 mm from the left, 15.1 from the top.
  it('21 to a sheet of A4 lie where such sheets have them, to half a millimetre', () => {
    const [first, , , fourth] = labelSpots(
      labelSheets.find(({ id }) => id === 'a4-21')!,
      21,
    );
    expect(Math.abs(first!.xMm - 7.25)).toBeLessThan(0.5);
    expect(Math.abs(first!.yMm - 15.15)).toBeLessThan(0.5);
    expect(fourth!.yMm - first!.yMm).toBeCloseTo(38.1, 9);
  });

  it('begin where the sheet has its first one left, and go on to the next', () => {
    const sheet = labelSheets.find(({ id }) => id === 'a4-8')!;
    const spots = labelSpots(sheet, 3, 7);
    expect(spots.map((spot) => spot.sheet)).toEqual([0, 0, 1]);
    expect(spots[2]).toMatchObject({ xMm: sheet.leftMm, yMm: sheet.topMm });
    expect(spots[1]!.xMm - spots[0]!.xMm).toBeCloseTo(sheet.stepXMm, 9);
    expect(() => labelSpots(sheet, 1, 9)).toThrow('startAt is 9; allowed: a number from 1 to 8');
    expect(() => labelSpots(sheet, 1, 0)).toThrow('startAt');
  });
});

describe('what stands on a label', () => {
  const startsAt = Date.UTC(2026, 0, 12, 10);
  const of = { className: '9B', title: 'Scones', startsAt, address: 'http://x/1' };

  it('a letter stands beside the station, a level in words under it', () => {
    expect(stationLabel({ ...of, station: 3, mark: 'AB' })).toMatchObject({
      large: 'Station 3 · AB',
      code: of.address,
    });
    const worded = stationLabel({ ...of, station: 3, mark: '2 % of flour' });
    expect([worded.large, worded.lines[0], worded.lines.at(-1)]).toEqual([
      'Station 3',
      '2 % of flour',
      'Scones',
    ]);
    expect(stationLabel({ ...of, station: 3, mark: '' }).large).toBe('Station 3');
  });

  it('a dish says what is in it, and no amount where nobody is to know', () => {
    const dish = { whose: 'Spare', mark: 'C', className: '9B', name: 'Soda', amount: '4 g' };
    expect(dishLabel(dish)).toEqual({
      large: 'Spare · C',
      lines: ['Soda, 4 g', '9B'],
      whole: null,
      code: null,
    });
    expect(dishLabel({ ...dish, amount: '' }).lines[0]).toBe('Soda');
  });

  it('kept food says when it was made, cold by, eaten by, heated to, and its allergens to the last word', () => {
    const kept = {
      ...{ madeAt: startsAt, chillBy: startsAt + 5_400_000, eatBy: startsAt + 2 * 86_400_000 },
      ...{ heatTo: '75 °C', allergens: 'Contains milk.', notEaten: '' },
    };
    const food = { station: 4, mark: '', className: '9B', title: 'Custard', seat: '' };
    const label = keptLabel(food, kept);
    expect([label.large, label.whole]).toEqual(['9B · station 4', 'Contains milk.']);
    expect(label.lines.join('; ')).toMatch(
      /^Custard; made Monday 12 Jan .*; cold \(5 °C\) by .*; eat by Wednesday 14 Jan; heat to 75 °C, once$/,
    );
    expect(keptLabel({ ...food, seat: 'seat 7' }, kept).large).toBe('9B · seat 7');
    const dry = keptLabel(food, { ...kept, chillBy: null, heatTo: '' }).lines;
    expect([dry.includes('keep dry, in a closed tin'), dry.some((said) => said.startsWith('heat'))]).toEqual([
      true,
      false,
    ]);
    // What is not to be eaten has no day to be eaten by.
    const tested = keptLabel(food, { ...kept, notEaten: 'Not to be eaten' });
    expect([tested.whole, tested.lines.some((said) => said.startsWith('eat'))]).toEqual([
      'Not to be eaten. Contains milk.',
      false,
    ]);
  });
});

describe('labels of food that is kept', () => {
  const made = Date.UTC(2026, 0, 12, 10);
  const plan = (names: string[], text: string, title = 'x'): Plan => ({
    ...newPlan(title, null),
    formula: names.map((name, i) => newIngredient({ id: String(i), name, amount: 50, unit: 'g' })),
    steps: [newStep({ id: 's', text })],
  });
  const kitchen = { kind: 'food-room' } as const;
  const labelOf = (
    of: Plan,
    place: { kind: 'food-room' | 'laboratory' } = kitchen,
    onPacks: MadeOf['onPacks'] = () => [],
  ) => {
    const batch = of.formula.map((line) => ({ ...line, grams: line.amount }));
    return keepingLabel(of, place, { batches: [batch], onPacks }, made);
  };

  it('cream: cold within 90 minutes, eaten within two days, as it is (FSA guidance; from memory)', () => {
    const label = labelOf(plan(['double cream', 'gelatine', 'sugar'], 'Chill until set.'));
    expect([label.chillBy! - made, label.eatBy - made, label.heatTo]).toEqual([
      90 * 60_000,
      48 * 3_600_000,
      '',
    ]);
    expect(label.allergens).toContain('Contains milk');
  });

  it('minced turkey is heated through again; scones are kept dry', () => {
    expect(labelOf(plan(['minced turkey'], 'Fry.')).heatTo).toMatch(/70 °C|75 °C/);
    const scones = labelOf(plan(['plain flour', 'milk'], 'Bake 12 min.', 'Scones'));
    expect([scones.chillBy, scones.eatBy - made]).toEqual([null, 72 * 3_600_000]);
    expect(scones.allergens).toContain('cereals with gluten');
  });

  it('rice by any of its names is cold within the hour and kept a day; its flour and noodles are no rice', () => {
    const hours = (name: string) => {
      const label = labelOf(plan([name], 'Boil 12 min.'));
      return [(label.chillBy! - made) / 3_600_000, (label.eatBy - made) / 3_600_000];
    };
    for (const name of [
      'basmati rice',
      'arborio',
      'jasmine rice',
      'brown rice',
      'pudding rice',
      'wholegrain red rice',
    ])
      expect([name, ...hours(name)]).toEqual([name, 1, 24]);
    for (const name of ['rice flour', 'rice noodles', 'rice vinegar', 'rice milk'])
      expect([name, ...hours(name)]).toEqual([name, 1.5, 48]);
  });

  it('a bake with vegetables, pulses or rice in it is kept cold; fruit and carrot bake in', () => {
    const dry = (...names: string[]) =>
      labelOf(plan(['plain flour', ...names], 'Bake 25 min.', 'A plain cake')).chillBy === null;
    for (const name of [
      'potatoes',
      'leeks',
      'spinach',
      'chickpeas',
      'tofu',
      'mushrooms',
      'tinned tomatoes',
      'basmati rice',
      'sweetcorn',
    ])
      expect([name, dry(name)]).toEqual([name, false]);
    for (const name of [
      'apples',
      'bananas',
      'carrots',
      'raisins',
      'lemon juice',
      'blueberries',
      'rosemary',
      'ground ginger',
    ])
      expect([name, dry(name)]).toEqual([name, true]);
  });

  it('what nobody knows is said, and what stood in a laboratory is not eaten', () => {
    const label = labelOf(plan(['moon dust'], 'Mix.'), { kind: 'laboratory' });
    expect(label.allergens).toContain('can’t be told: moon');
    expect(label.notEaten).toBe('Made in a laboratory: not to be eaten');
  });

  it('what a pack says is added, never taken off, and what a level swaps in is what counts', () => {
    const dough = plan(['plain flour', 'vegetable spread'], 'Bake 12 min.');
    const packs = labelOf(dough, kitchen, ({ name }) => (name === 'vegetable spread' ? ['soya'] : []));
    expect(packs.allergens).toMatch(/Contains cereals with gluten and soya/);
    const swapped = keepingLabel(
      plan(['milk', 'sugar'], 'Warm.'),
      kitchen,
      { batches: [[{ item: null, name: 'oat milk', grams: 50 }]], onPacks: () => [] },
      made,
    );
    expect(swapped.allergens).toContain('cereals with gluten');
    expect(swapped.allergens).not.toContain('Contains milk');
  });

  it('a baked crust with something moist in it is kept cold; rice the shortest', () => {
    const minutes = (names: string[], text: string) => {
      const { chillBy } = labelOf(plan(names, text, 'Scones'));
      return chillBy === null ? null : (chillBy - made) / 60_000;
    };
    expect(minutes(['plain flour', 'cream cheese', 'egg'], 'Bake 30 min.')).toBe(90);
    expect(minutes(['plain flour', 'milk'], 'Bake 12 min, then fill with cooled sauce.')).toBe(90);
    expect(minutes(['plain flour', 'cream of tartar', 'milk'], 'Bake 12 min.')).toBeNull();
    expect(minutes(['rice', 'water'], 'Boil.')).toBe(60);
  });
});
