import { describe, expect, it } from 'vitest';
import { newIngredient, newPlan, newStep, type Plan } from '../practical';
import { keepingLabel, labelSheets, labelsOn, labelSpots, type MadeOf } from '.';
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

describe('labels of food that is kept', () => {
  const made = Date.UTC(2026, 0, 12, 10);
  const plan = (names: string[], text: string): Plan => ({
    ...newPlan('x', null),
    formula: names.map((name, i) => newIngredient({ id: String(i), name, amount: 50, unit: 'g' })),
    steps: [newStep({ id: 's', text })],
  });
  const kitchen = { kind: 'food-room' } as const;
  const labelOf = (
    of: Plan,
    place: { kind: 'food-room' | 'laboratory' } = kitchen,
    onPacks: MadeOf['onPacks'] = () => [],
  ) => keepingLabel(of, place, { ingredients: of.formula, onPacks }, made);

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
    const scones = labelOf(plan(['plain flour', 'milk'], 'Bake 12 min.'));
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
      labelOf(plan(['plain flour', ...names], 'Bake 25 min.')).chillBy === null;
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
      { ingredients: [{ item: null, name: 'oat milk' }], onPacks: () => [] },
      made,
    );
    expect(swapped.allergens).toContain('cereals with gluten');
    expect(swapped.allergens).not.toContain('Contains milk');
  });

  it('a baked crust with something moist in it is kept cold; rice the shortest', () => {
    const minutes = (names: string[], text: string) => {
      const { chillBy } = labelOf(plan(names, text));
      return chillBy === null ? null : (chillBy - made) / 60_000;
    };
    expect(minutes(['plain flour', 'cream cheese', 'egg'], 'Bake 30 min.')).toBe(90);
    expect(minutes(['plain flour', 'milk'], 'Bake 12 min, then fill with cooled sauce.')).toBe(90);
    expect(minutes(['plain flour', 'cream of tartar', 'milk'], 'Bake 12 min.')).toBeNull();
    expect(minutes(['rice', 'water'], 'Boil.')).toBe(60);
  });
});
