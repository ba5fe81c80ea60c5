import { describe, expect, it } from 'vitest';
import { newIngredient, newPlan, newStep, type Place } from '../practical';
import { newEquipment, type Equipment } from '../room';
import { heatHere, settingFor } from '.';

const hob = (watts: number, lagMin = 0): Equipment => ({
  ...(newEquipment('hob', `hob-${watts}`, 1) as Extract<Equipment, { kind: 'hob' }>),
  ...{ lagMin, rings: [{ cm: 18, watts: [watts / 2, watts] }] },
});
const oven = (patch: Partial<Extract<Equipment, { kind: 'oven' }>>): Equipment => ({
  ...(newEquipment('oven', 'oven', 1) as Extract<Equipment, { kind: 'oven' }>),
  ...patch,
});
const kitchen = (...equipment: Equipment[]): Place => ({
  ...{ name: 'Kitchen', kind: 'food-room', altitudeM: 0, measuredBoilingC: null },
  ...{ stations: 4, balanceG: 1, equipment, tools: [] },
});
const plan = {
  ...newPlan('x', null),
  formula: [
    newIngredient({ id: 'milk', name: 'Whole milk', amount: 300, unit: 'g' }),
    newIngredient({ id: 'sugar', name: 'Sugar', amount: 100, unit: 'g' }),
  ],
};
const said = (text: string, place: Place) => {
  const step = newStep({ id: 's', text });
  return heatHere(step, { ...plan, steps: [step] }, place).map(({ words, minutes }) => [words, minutes]);
};

describe('the heat a room has', () => {
  it('brings to the boil what the sentence says is in the pan, by the weakest ring and its lag', () => {
    // 1 L from 15 °C at 2000 W: 4.59 kJ/K × 85 K is 390 kJ; at 95 % of the power 3.4 min, at 60 % 5.4 min, and a little lost.
    const [[words, minutes]] = said(
      'Bring 1 L of water to the boil, lid on.',
      kitchen(hob(2500), hob(2000)),
    ) as [[string, { least: number; most: number }]];
    expect(minutes).toEqual({ least: 3.5, most: 5.5 });
    expect(words).toBe('To the boil here: 3.5 to 5.5 min for 1000 g with its lid.');
    const slow = said('Bring 1 L of water to the boil, lid on.', kitchen(hob(2000, 3)));
    expect(slow[0]![1]).toEqual({ least: 3.5, most: 8.5 });
    expect(said('Stir 1 L of water into it.', kitchen(hob(2000)))).toEqual([]);
    expect(said('Bring it to the boil.', kitchen(oven({})))).toEqual([]);
  });

  it('counts what the step uses where no amount is said, and says what never boils', () => {
    const [[words]] = said('Bring the milk and the sugar to the boil.', kitchen(hob(1800))) as [[string]];
    expect(words).toMatch(/for 400 g, no lid said/);
    const [[never, none]] = said('Bring 4 l of water to the boil.', kitchen(hob(200))) as [[string, null]];
    expect(never).toBe('A ring of 200 W never brings 4000 g to the boil without a lid.');
    expect(none).toBeNull();
  });

  it('knows how long its slowest oven takes', () => {
    // 180 °C in 12 and in 20 min: 220 °C is 200 K up, 15 and 25 min.
    const place = kitchen(oven({ heatMin: 12 }), oven({ id: 'slow', name: 'oven 2', heatMin: 20 }));
    expect(said('Heat the oven to 220 °C.', place)).toEqual([
      ['The ovens here are at 220 °C after 15 to 25 min.', { least: 25, most: 25 }],
    ]);
  });

  it('knows what to set an oven to that is not as hot as it says: between what was measured, as far off beyond', () => {
    const truth = [
      { set: 160, shows: 175 },
      { set: 200, shows: 225 },
    ];
    expect([165, 175, 200, 225, 240].map((celsius) => settingFor({ truth }, celsius))).toEqual([
      150, 160, 180, 200, 215,
    ]);
    expect(settingFor({ truth: [] }, 180)).toBeNull();
    expect(said('Bake at 200 °C for 12 min.', kitchen(oven({ truth })))).toEqual([
      ['oven 1: set 180 °C to have 200 °C.', null],
    ]);
    expect(said('Bake at 200 °C for 12 min.', kitchen(oven({ truth: [{ set: 200, shows: 203 }] })))).toEqual(
      [],
    );
  });
});
