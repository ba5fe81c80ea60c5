import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { gellingAgents, starchCalled } from '../gels';
import { centreOf, cookEgg, eggAt, eggStep, meanOfBody, thickSoup, uniformBody, type Body } from '../heat';
import { latentHeat } from '../water';
import {
  brownFruit,
  coolTray,
  freshSlice,
  fruitColour,
  fry,
  fryingAt,
  fryingBody,
  heatInOven,
  heatLiquid,
  minutesToDouble,
  ovenAt,
  restedDough,
  riseDough,
  sauceThickness,
  setGel,
  settingMinutes,
  thickenSauce,
  tradeFacts,
  trayBody,
  type Dough,
  type SaucePan,
} from '.';

const batter = { conductivityWmK: 0.4, densityKgM3: 1000, specificHeatJkgK: 3000 };

describe('facts of the trade (common practice)', () => {
  it('each lies where the trade has it, or as far off as it says', () => {
    const facts = tradeFacts();
    expect(facts.length).toBeGreaterThanOrEqual(20);
    for (const { fact, low, high, model, tolerance } of facts) {
      expect(model, fact).toBeGreaterThanOrEqual(low - tolerance);
      expect(model, fact).toBeLessThanOrEqual(high + tolerance);
    }
    expect(
      facts.filter(({ low, high, model }) => low <= model && model <= high).length,
    ).toBeGreaterThanOrEqual(17);
  });

  it('come out the same each time: nothing but inputs goes in', () => {
    expect(tradeFacts()).toEqual(tradeFacts());
  });
});

describe('liquid on a hob', () => {
  const pan = {
    powerW: 1500,
    lossWPerK: 0,
    roomC: 20,
    localBoilingC: 100,
    specificHeatJPerGK: 4.186,
    panJPerK: 0,
  };

  it('by hand: 1 kg of water from 20 °C boils after 223 s at 1500 W, and is gone 1505 s later', () => {
    let state = { seconds: 0, celsius: 20, massG: 1000 };
    while (state.celsius < 100) state = heatLiquid(state, pan, 1);
    expect(state.seconds).toBeCloseTo((1000 * 4.186 * 80) / 1500, -0.5);
    const boiling = state.seconds;
    while (state.massG > 0) state = heatLiquid(state, { ...pan, panJPerK: 300 }, 1);
    // Steam tables: 2257 kJ/kg at 100 °C.
    expect(state.seconds - boiling).toBeCloseTo(2257_000 / 1500, -1);
  });

  it('boiled dry, the pan gets hotter than any water', () => {
    const pan = {
      powerW: 1000,
      lossWPerK: 0,
      roomC: 21,
      localBoilingC: 100,
      specificHeatJPerGK: 4.19,
      panJPerK: 400,
    };
    // A gram at the boil takes 2.257 s of 1000 W; of the third second 743 J are left for 400 J/K: 1.86 °C.
    let state = { seconds: 0, celsius: 100, massG: 1 };
    for (let i = 0; i < 3; i += 1) state = heatLiquid(state, pan, 1);
    expect(state.massG).toBe(0);
    expect(state.celsius).toBeCloseTo(101.86, 1);
  });

  it('conserves energy with losses and a pan', () => {
    const lossy = { ...pan, lossWPerK: 3, panJPerK: 400 };
    let state = { seconds: 0, celsius: 20, massG: 500 };
    let [given, kept] = [0, 0];
    for (let i = 0; i < 900; i += 1) {
      const next = heatLiquid(state, lossy, 1);
      given += 1500 - 3 * (state.celsius - 20);
      kept +=
        (400 + 4.186 * state.massG) * (next.celsius - state.celsius) +
        (state.massG - next.massG) * latentHeat(100);
      state = next;
    }
    expect(kept / given).toBeCloseTo(1, 5);
  });
});

describe('food in an oven', () => {
  const oven = { setC: 180, swingC: 6, warmingCPerS: 0.2, coolingCPerS: 0.08, filmWm2K: 25, doorOpen: false };
  const body: Body = { shape: 'slab', halfThicknessM: 0.015, material: batter };
  const food = { body, localBoilingC: 96, surfaceWaterGPerM2: 300 };

  it('conserves energy: what went in is warmth and steam', () => {
    let state = ovenAt(180, 20);
    for (let i = 0; i < 900; i += 1) state = heatInOven(state, oven, food, 2);
    const warmth = 0.015 * 1000 * 3000 * (meanOfBody(state.food, 'slab') - 20);
    expect(state.evaporatedGPerM2).toBeGreaterThan(100);
    expect((warmth + state.evaporatedGPerM2 * latentHeat(96)) / state.food.takenJPerM2).toBeCloseTo(1, 5);
  });

  it('swings about its setting, and keeps a wet surface at the local boiling point until it is dry', () => {
    let state = ovenAt(180, 20);
    const air: number[] = [];
    let hottestWet = 0;
    for (let i = 0; i < 1500; i += 1) {
      state = heatInOven(state, oven, food, 2);
      air.push(state.airC);
      if (state.evaporatedGPerM2 < 300) hottestWet = Math.max(hottestWet, state.food.shells.at(-1)!);
    }
    expect(Math.min(...air)).toBeGreaterThan(172);
    expect(Math.max(...air)).toBeLessThan(188);
    expect(hottestWet).toBeLessThanOrEqual(96 + 1e-9);
    expect(state.food.shells.at(-1)!).toBeGreaterThan(110);
    expect(heatInOven(state, { ...oven, doorOpen: true }, food, 20).airC).toBeLessThan(state.airC - 30);
  });
});

describe('a thermostat', () => {
  const oven = { setC: 180, swingC: 6, warmingCPerS: 0.2, coolingCPerS: 0.08, filmWm2K: 25, doorOpen: false };
  const body: Body = { shape: 'slab', halfThicknessM: 0.015, material: batter };
  const food = { body, localBoilingC: 96, surfaceWaterGPerM2: 0 };
  const air = (airC: number, elementOn: boolean, patch: object = {}, seconds = 1) => {
    const after = heatInOven({ ...ovenAt(airC, 20), elementOn }, { ...oven, ...patch }, food, seconds);
    return [Number(after.airC.toFixed(6)), after.elementOn];
  };

  it('switches off at 186 and on at 174, and in between goes on as it was', () => {
    expect(air(186, true)).toEqual([185.92, false]);
    expect(air(185.9, true)).toEqual([186.1, true]);
    expect(air(185.9, false)).toEqual([185.82, false]);
    expect(air(174, false)).toEqual([174.2, true]);
    expect(air(174.1, false)).toEqual([174.02, false]);
  });

  it('an open door costs 2 °C a second, never below the room’s 21, and leaves the switch alone', () => {
    expect(air(180, false, { doorOpen: true }, 20)).toEqual([140, false]);
    expect(air(170, true, { doorOpen: true }, 20)).toEqual([130, true]);
    expect(air(30, true, { doorOpen: true }, 20)).toEqual([21, true]);
  });

  it('a dry surface gets hotter than the boil, a wet one gives its water first', () => {
    let [dry, wet] = [ovenAt(180, 20), ovenAt(180, 20)];
    for (let i = 0; i < 1500; i += 1) {
      dry = heatInOven(dry, oven, food, 2);
      wet = heatInOven(wet, oven, { ...food, surfaceWaterGPerM2: 5 }, 2);
    }
    expect(dry.evaporatedGPerM2).toBe(0);
    expect(wet.evaporatedGPerM2).toBeCloseTo(5, 9);
    expect(dry.food.shells.at(-1)!).toBeGreaterThan(96);
    expect(dry.food.takenJPerM2).toBeLessThan(wet.food.takenJPerM2);
  });
});

describe('frying', () => {
  it('conserves energy between hob, pan, food and room', () => {
    const pan = { powerW: 900, panJPerK: 700, lossWPerK: 4, roomC: 21, contactWm2K: 250, areaM2: 0.014 };
    const body = fryingBody(8, batter);
    let state = fryingAt(185, 20);
    let lost = 0;
    for (let i = 0; i < 200; i += 1) {
      lost += 4 * (state.panC - 21);
      state = fry(state, pan, body, 1);
    }
    const inFood = 0.014 * 0.008 * 1000 * 3000 * (meanOfBody(state.food, 'slab') - 20);
    expect((700 * (state.panC - 185) + inFood + lost) / (900 * 200)).toBeCloseTo(1, 9);
    expect(centreOf(state.food)).toBeLessThan(state.food.shells.at(-1)!);
  });
});

describe('an egg, step by step', () => {
  it('is the egg that was cooked in one go, and takes the water’s heat and no more', () => {
    const pan = { massG: 60, localBoilingC: 96 };
    let state = eggAt(20, 96);
    for (let i = 0; i < 480; i += 1) state = eggStep(state, pan, 'boiling', 1);
    expect(centreOf(state.body)).toBe(cookEgg(pan, 20, 'boiling-start', 8).yolkCentreC);
    expect(Math.max(...state.body.shells)).toBeLessThan(96);
    expect(eggStep(state, pan, 'standing', 60).waterC).toBeLessThan(96);
  });
});

describe('cooling in a tray', () => {
  it('conserves heat and never passes its surroundings', () => {
    const tray = { depthMm: 40, material: thickSoup, bothFaces: true, airC: 4, heatTransferWm2K: 15 };
    let state = uniformBody(80, 20);
    for (let i = 0; i < 2000; i += 1) state = coolTray(state, tray, 10);
    const stored = trayBody(tray).halfThicknessM * 1030 * 3850 * (meanOfBody(state, 'slab') - 80);
    expect(state.takenJPerM2 / stored).toBeCloseTo(1, 9);
    expect(Math.min(...state.shells)).toBeGreaterThan(4);
  });
});

const dough: Dough = {
  doughMl: 340,
  flourG: 250,
  yeastPercent: 2.8,
  saltPercent: 1.6,
  sugarPercent: 0,
  temperatureC: 28,
  lagMinutes: 12,
};

describe('dough', () => {
  it('gas made is gas held and gas lost, at any temperature', () => {
    fc.assert(
      fc.property(fc.double({ min: 2, max: 70, noNaN: true }), (temperatureC) => {
        let state = restedDough;
        for (let i = 0; i < 240; i += 1) state = riseDough(state, { ...dough, temperatureC }, 1);
        expect(state.heldMl + state.lostMl).toBeCloseTo(state.producedMl, 8);
        expect(Math.min(state.heldMl, state.lostMl)).toBeGreaterThanOrEqual(0);
      }),
    );
  });

  it('wakes over its lag: half awake when that is over, hardly before a half of it, wholly at its double', () => {
    const madeAt = (minutes: number) =>
      riseDough({ ...restedDough, minutes }, { ...dough, temperatureC: 28 }, 1).producedMl;
    const awake = madeAt(1000);
    expect(madeAt(12) / awake).toBeCloseTo(0.5, 9);
    expect(madeAt(6) / awake).toBeLessThan(0.2);
    expect(madeAt(24) / awake).toBeGreaterThan(0.95);
    expect(madeAt(24) / awake).toBeLessThan(0.99);
  });

  it('rises faster warm than cool, and not at all in the cold or when it was scalded', () => {
    const at = (temperatureC: number) => minutesToDouble({ ...dough, temperatureC });
    expect(at(32)!).toBeLessThan(at(24)!);
    expect([at(4), at(62)]).toEqual([null, null]);
    expect(minutesToDouble({ ...dough, saltPercent: 4 })!).toBeGreaterThan(at(28)!);
  });
});

describe('yeast that is scalded', () => {
  it('dies from 55 °C on, half as fast again with each few degrees; below it lives', () => {
    const alive = (temperatureC: number) => riseDough(restedDough, { ...dough, temperatureC }, 1).alive;
    expect(alive(54.9)).toBe(1);
    // 0.5 a minute at 55 °C, twice that at 59, four times at 63.
    expect(alive(55)).toBeCloseTo(Math.exp(-0.5), 9);
    expect(alive(59)).toBeCloseTo(Math.exp(-1), 9);
    expect(alive(63)).toBeCloseTo(Math.exp(-2), 9);
  });

  it('a dough that has grown to its double and more leaks, first a little, then all it makes', () => {
    const share = (heldMl: number) => {
      const after = riseDough({ ...restedDough, minutes: 1000, heldMl }, dough, 1);
      // Through its skin it loses 0.8 per mille a minute of what it holds, times how far it has grown.
      return (after.lostMl - heldMl * 0.0008 * (1 + heldMl / dough.doughMl)) / after.producedMl;
    };
    expect(share(dough.doughMl)).toBeCloseTo(0, 9);
    expect(share(1.75 * dough.doughMl)).toBeCloseTo(0.5, 9);
    expect(share(2.5 * dough.doughMl)).toBeCloseTo(1, 9);
  });
});

describe('fruit, sauce and gel', () => {
  it('fruit browns only when its ascorbic acid is spent, and the closed form says the same', () => {
    const dipped = { pH: 6, temperatureC: 21, ascorbicPercent: 0.5, saltPercent: 0 };
    let state = freshSlice(dipped);
    for (let i = 0; i < 22; i += 1) state = brownFruit(state, dipped, 1);
    expect(state.browned).toBe(0);
    for (let i = 0; i < 38; i += 1) state = brownFruit(state, dipped, 1);
    const inOne = brownFruit(freshSlice(dipped), dipped, 60);
    expect(state.browned).toBeCloseTo(inOne.browned, 12);
    expect(fruitColour(state).L).toBeLessThan(fruitColour(freshSlice(dipped)).L);
  });

  it('a sauce thickens as its starch swells, and thickens again as it cools', () => {
    const pan: SaucePan = {
      powerW: 500,
      lossWPerK: 2,
      roomC: 21,
      localBoilingC: 96,
      specificHeatJPerGK: 3.9,
      panJPerK: 200,
      starch: starchCalled('cornflour')!,
      starchG: 30,
      sugarPercent: 8,
      pH: 6.5,
    };
    let state = { liquid: { seconds: 0, celsius: 20, massG: 500 }, gelatinised: 0 };
    expect(sauceThickness(state, pan)).toBe(0);
    while (state.liquid.celsius < 92) state = thickenSauce(state, pan, 2);
    for (let i = 0; i < 60; i += 1) state = thickenSauce(state, { ...pan, powerW: 150 }, 2);
    const hot = sauceThickness(state, pan);
    expect(state.gelatinised).toBeGreaterThan(0.95);
    while (state.liquid.celsius > 40) state = thickenSauce(state, { ...pan, powerW: 0, lossWPerK: 6 }, 5);
    expect(sauceThickness(state, pan)).toBeGreaterThan(1.8 * hot);
  });

  it('gelatine sets in the refrigerator, melts in a warm room, and agar stands there (hysteresis)', () => {
    const left = (id: string, airC: number, set: number, minutes: number) => {
      const agent = gellingAgents.find((one) => one.id === id)!;
      let state = { minutes: 0, celsius: airC, set };
      for (let i = 0; i < minutes; i += 1)
        state = setGel(state, { agent, airC, coolingMinutes: 20, settingMinutes: settingMinutes[id]! }, 1);
      return state.set;
    };
    expect(left('gelatine', 4, 0, 240)).toBeGreaterThan(0.95);
    expect(left('gelatine', 34, 1, 60)).toBeLessThan(0.01);
    expect(left('agar', 34, 1, 60)).toBe(1);
    expect(left('gelatine', 22, 0.5, 60)).toBe(0.5);
  });
});
