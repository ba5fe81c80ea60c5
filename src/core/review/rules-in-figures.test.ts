import { describe, expect, it } from 'vitest';
import { newResponse, noPortions, type Plan, type Portions } from '../practical';
import { kindOf, open } from './testing/faults';
import { pasted } from '../recipe/testing/pasted';

const remark = (plan: Plan, kind: string) => open(plan).find((one) => kindOf(one) === kind);
const portions = (text: string, patch: Partial<Portions>) =>
  pasted(text, { portions: { ...noPortions, ...patch } });
/** Figures of the working, by the words before them. */
const figures = (plan: Plan, kind: string): Record<string, number | undefined> =>
  Object.fromEntries((remark(plan, kind)?.working.lines ?? []).map(({ text, value }) => [text, value]));

const levels = (count: number) => ({
  id: 'f',
  name: 'minutes of whisking',
  acts: { on: 'words' as const, scale: 'number' as const },
  unit: 'min',
  levels: Array.from({ length: count }, (_, i) => ({
    ...{ id: `l${i}`, value: i + 1, words: '', control: i === 0, open: false },
  })),
});
const height = (repeatSd: number | null) =>
  newResponse({ id: 'h', name: 'height of the foam', unit: 'mm', repeatSd });
const foam = (stations: number, count: number, repeatSd: number | null) =>
  pasted('Foam\n60 g sugar\n90 g water\n\nWhisk the sugar and water.', {
    ...{ stations, factors: [levels(count)], responses: [height(repeatSd)] },
  });

describe('rules that give figures', () => {
  // Sample size a group for 80 % power at 5 %, two-sided: Cohen 1988, table 2.4.1 (d = 1.00: 17; 1.20: 12; 1.40: 9), where
  // both spreads are known to be alike. Results takes each by its own: it sees a little less.
  it.each([
    [17, 10, 10],
    [12, 10, 12],
    [9, 10, 14],
    [17, 2.5, 2.5],
  ])('with %i stations a level and a spread of %f mm it sees about %f mm', (each, sd, seen) => {
    const told = remark(foam(2 * each, 2, sd), 'difference-seen')!;
    const number = Number(/would see ([\d.]+) mm, not ([\d.]+) mm/.exec(told.what)![1]);
    expect(number / seen).toBeGreaterThan(0.99);
    expect(number / seen).toBeLessThan(1.12);
    expect(told.what).toContain(`With ${each} stations a level`);
    expect(told.what).toContain(`not ${sd} mm`);
  });

  it('says what one station more a level would show, which is less', () => {
    // 16 a level is the first table value below 17: with 17 about one spread is seen.
    const { why, what } = remark(foam(32, 2, 10), 'difference-seen')!;
    const more = Number(/with 17 stations a level one of ([\d.]+) mm/.exec(why)![1]);
    expect(more / 10).toBeGreaterThan(0.99);
    expect(more / 10).toBeLessThan(1.12);
    expect(more).toBeLessThanOrEqual(Number(/see ([\d.]+) mm/.exec(what)![1]));
    expect(figures(foam(32, 2, 10), 'difference-seen')['stations a level']).toBe(16);
    expect(why).toContain('A real change of');
    expect(why).toContain('from 1 min to 2 min');
  });

  it.each([
    ['one level', foam(8, 1, 2)],
    ['one station a level', foam(3, 2, 2)],
    ['a measure whose spread nobody knows', foam(8, 2, null)],
  ])('is silent about %s', (_, plan) => {
    expect(remark(plan, 'difference-seen')).toBeUndefined();
  });

  it('of what stations share, asks for what is used in the lesson and written nowhere', () => {
    const baked = 'Buns\n200 g flour\n100 g water\n\nMix the flour and water.\nBake at 200 °C for 12 min.';
    const plan = pasted(baked, { factors: [levels(2)], stations: 4 });
    const told = remark(plan, 'confounder')!;
    expect(told).toMatchObject({
      id: 'confounder:oven',
      what: 'Nobody writes down which oven, and which shelf',
    });
    expect(figures(plan, 'confounder')).toHaveProperty('kept or noted: no word of the oven');
    const noted = told.remedy!.apply(plan);
    expect(noted.noted.map(({ what }) => what)).toEqual(['which oven, and which shelf']);
    expect(remark(noted, 'confounder')).toBeUndefined();
    const held = { ...plan, held: [{ id: 'o', what: 'oven', how: 'the left one' }] };
    expect(remark(held, 'confounder')).toBeUndefined();
    // Baked beforehand by staff, all of it together: no station has an oven of its own.
    const before = { ...plan, steps: plan.steps.map((step) => ({ ...step, when: 'before' as const })) };
    expect(remark(before, 'confounder')).toBeUndefined();
    expect(remark({ ...plan, factors: [levels(1)] }, 'confounder')).toBeUndefined();
  });

  it('of a sheet: 460 g at 1.05 g/ml, 10 mm thick, three quarters of it rounds of 5 cm', () => {
    const dough =
      'Buns\n250 g strong flour\n150 g water\n50 g sugar\n10 g butter\n\nMix the flour, water, sugar and butter.\nRoll out and cut with a 5 cm cutter.\nHeat the oven to 200 °C. Bake at 200 °C for 12 min. Cool on a rack.';
    const plan = portions(dough, { pieces: 20, sheetMm: 10 });
    const told = figures(plan, 'sheet-too-small');
    expect(told['dough / thickness']).toBeCloseTo(438.1, 1);
    expect(told['π/4 × diameter²']).toBeCloseTo(19.63, 2);
    expect(told['used at the first cut']).toBe(75);
    // 0.75 × 438.1 / 19.63 = 16.7; 20 rounds are there at 0.75 × 4381 / (20 × 19.63) = 8.4 mm.
    const { what, remedy } = remark(plan, 'sheet-too-small')!;
    expect(what).toContain('10 mm thick it gives about 16 rounds, not 20');
    expect(remedy!.label).toBe('roll it 8 mm thick');
    expect(remedy!.apply(plan).portions.sheetMm).toBe(8);
    // Two hundred rounds would be thinner than paper: no such offer.
    expect(remark(portions(dough, { pieces: 200, sheetMm: 10 }), 'sheet-too-small')!.remedy).toBeUndefined();
  });

  it('of a deep dish: 630 g are 600 ml, over 150 cm² 40 mm; no figure where it takes more than a day', () => {
    const milky =
      'Set milk\n600 g milk\n30 g cornflour\n\nStir the cornflour into the milk and boil it.\nChill for 3 hours.';
    const told = figures(portions(milky, { trayCm2: 150 }), 'deep-to-cool');
    expect(told['batch / (area × trays × layers)']).toBeCloseTo(40, 5);
    expect(told['slab in still air of 3 °C, both faces, to 8 °C in the middle']).toBeGreaterThan(300);
    const dish = portions(milky, { trayCm2: 150 });
    const iced = remark(dish, 'deep-to-cool')!.remedy!.apply(dish);
    expect(iced.steps.map(({ text }) => text.slice(0, 12))).toEqual([
      'Stir the cor',
      'Stand it in ',
      'Chill for 3 ',
    ]);
    // Nothing hot, nothing to grow cold.
    const raw = 'Set milk\n600 g milk\n30 g sugar\n\nStir the sugar into the milk.\nChill for 3 hours.';
    expect(remark(portions(raw, { trayCm2: 150 }), 'deep-to-cool')).toBeUndefined();
    const deep = portions(milky, { trayCm2: 32 });
    expect(remark(deep, 'deep-to-cool')!.what).toMatch(/^188 mm deep it is cold only after /);
  });

  it('of steam: 525 g are 500 ml, in six tins of 120 ml 69 %, in nine less than half', () => {
    const hollow =
      'Hollow buns\n150 g plain flour\n150 g egg\n223 g milk\n2 g salt\n\nMix the flour, egg, milk and salt.\nHeat the oven to 220 °C. Bake at 220 °C for 25 min. Cool on a rack.';
    const plan = portions(hollow, { vesselMl: 120, vessels: 6 });
    const { what, remedy } = remark(plan, 'steam-no-room')!;
    expect(what).toContain('Filled to 69 %');
    expect(remedy!.apply(plan).portions.vessels).toBe(9);
    expect(remark(portions(hollow, { vesselMl: 150, vessels: 6 }), 'steam-no-room')).toBeDefined();
    expect(remark(portions(hollow, { vesselMl: 153, vessels: 6 }), 'steam-no-room')).toBeUndefined();
    const other = (flour: string, egg: string, milk: string, more = '2 g salt') =>
      remark(
        portions(
          `Cups\n${flour}\n${egg}\n${milk}\n${more}\n\nMix it all.\nHeat the oven to 220 °C. Bake at 220 °C for 25 min.`,
          { vesselMl: 60, vessels: 6 },
        ),
        'steam-no-room',
      );
    expect(other('150 g plain flour', '150 g egg', '223 g milk')).toBeDefined();
    // A custard has no flour, a bread little egg, a dough little milk; yeast raises by itself.
    expect(other('60 g sugar', '150 g egg', '300 g milk')).toBeUndefined();
    expect(other('150 g plain flour', '40 g egg', '320 g milk')).toBeUndefined();
    expect(other('300 g plain flour', '150 g egg', '100 g milk')).toBeUndefined();
    expect(other('150 g plain flour', '150 g egg', '223 g milk', '8 g fresh yeast')).toBeUndefined();
  });

  it('of reheating: says what the step says, and of rice as of meat', () => {
    const again = (food: string, words: string) =>
      pasted(`Lunch\n300 g ${food}\n100 g water\n\nBoil the ${food} in the water.\n${words}`);
    expect(remark(again('rice', 'Reheat it.'), 'reheat')!.what).toMatch(/rice is heated again/i);
    expect(figures(again('rice', 'Reheat it.'), 'reheat')).toHaveProperty('said in the step: nothing');
    expect(figures(again('milk', 'Reheat to 65 °C.'), 'reheat')['said in the step']).toBe(65);
    const lukewarm = again('milk', 'Reheat to 65 °C.');
    expect(remark(remark(lukewarm, 'reheat')!.remedy!.apply(lukewarm), 'reheat')).toBeUndefined();
    // 74 °C, reached at once, is enough for one authority.
    expect(remark(again('milk', 'Reheat to 74 °C.'), 'reheat')).toBeUndefined();
    expect(remark(again('milk', 'Reheat to 73 °C.'), 'reheat')).toBeDefined();
    expect(remark(again('sugar', 'Reheat it.'), 'reheat')).toBeUndefined();
    expect(remark(again('moonbeams', 'Reheat it.'), 'reheat')).toBeUndefined();
  });

  it('of eggs: asks their age where foam or shape is measured and something is varied, only there', () => {
    const egg = (text: string, name: string, count = 2) =>
      remark(
        pasted(text, {
          ...{
            stations: 4,
            factors: [levels(count)],
            responses: [newResponse({ id: 'r', name, unit: 'mm' })],
          },
        }),
        'egg-age',
      );
    const whisked =
      'Foam\n60 g egg white\n60 g sugar\n\nWhisk the egg white to stiff peaks.\nFold in the sugar.';
    const stirred = 'Sauce\n60 g egg yolk\n60 g sugar\n\nStir the egg yolk and sugar.\nLeave to stand.';
    const poached = 'Poached\n1 egg\n500 g water\n\nPoach the egg in the water for 4 min.';
    expect(egg(whisked, 'height of the foam')).toBeDefined();
    expect(egg(whisked, 'colour')).toBeUndefined();
    expect(egg(stirred, 'height')).toBeUndefined();
    expect(egg(poached, 'spread of the white')).toBeDefined();
    expect(egg(whisked, 'height of the foam', 1)).toBeUndefined();
    const both = pasted(whisked, {
      ...{ stations: 4, factors: [levels(2)] },
      responses: [
        newResponse({ id: 'c', name: 'colour' }),
        newResponse({ id: 'h', name: 'height', unit: 'mm' }),
      ],
    });
    expect(remark(both, 'egg-age')).toBeDefined();
    const noted = { ...both, noted: [{ id: 'n', what: 'age of the eggs', unit: 'days' }] };
    expect(remark(noted, 'egg-age')).toBeUndefined();
    expect(
      egg('Foam\n60 g aquafaba\n60 g sugar\n\nWhisk to stiff peaks.', 'height of the foam'),
    ).toBeUndefined();
  });
});
