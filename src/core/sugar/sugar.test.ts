import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../random';
import {
  boilingAtAltitude,
  latentHeat,
  saturationPressureMPa,
  saturationTemperatureK,
  seaLevelBoilingC,
} from '../water';
import {
  forecastSyrup,
  heatCapacity,
  heatSyrup,
  stageTarget,
  sucroseBoilingTable,
  sugarStageAt,
  sugarStages,
  syrupBoilingC,
  syrupConcentration,
  type SyrupBatch,
} from '.';

const at1200m = boilingAtAltitude(1200);

describe('boiling points of sucrose syrups', () => {
  it('passes through every line of the confectionery table at sea level (from memory)', () => {
    for (const [percent, celsius] of sucroseBoilingTable) {
      expect(syrupBoilingC(percent, seaLevelBoilingC)).toBeCloseTo(celsius, 9);
    }
  });

  it('agrees within 1.5 °C up to 80 % with Norrish’s water activity put into IF97', () => {
    // Norrish, J. Food Technol. 1 (1966) 25: ln a_w = ln x_w − K x_s², K = 6.47 for sucrose; molar masses 342.30, 18.015.
    for (const percent of [20, 40, 50, 60, 70, 75, 80]) {
      const [sugarMol, waterMol] = [percent / 342.3, (100 - percent) / 18.015];
      const sugar = sugarMol / (sugarMol + waterMol);
      const activity = (1 - sugar) * Math.exp(-6.47 * sugar ** 2);
      const norrishC = saturationTemperatureK(0.101325 / activity) - 273.15;
      expect(Math.abs(syrupBoilingC(percent, seaLevelBoilingC) - norrishC)).toBeLessThan(1.5);
    }
    expect(saturationPressureMPa(373.15)).toBeGreaterThan(0.101325);
  });

  it('rises with strength and reads back, at any altitude', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 99.4, noNaN: true }),
        fc.double({ min: -400, max: 5000, noNaN: true }),
        (percent, altitudeM) => {
          const local = boilingAtAltitude(altitudeM);
          const boilingC = syrupBoilingC(percent, local);
          expect(syrupBoilingC(percent + 0.1, local)).toBeGreaterThan(boilingC);
          expect(syrupConcentration(boilingC, local)).toBeCloseTo(percent, 5);
        },
      ),
    );
  });

  it('refuses what no syrup does, naming the field', () => {
    expect(() => syrupConcentration(90, seaLevelBoilingC)).toThrow(
      /boilingC is 90; allowed: a number from 100 to 166/,
    );
    expect(() => syrupBoilingC(99.9, seaLevelBoilingC)).toThrow(/sucrosePercent is 99.9/);
  });
});

describe('sugar stages', () => {
  // Common practice: soft ball begins at 234 °F, brittle is ready at 305 °F (hard crack).
  it.each([
    [(234 - 32) / 1.8, 'soft-ball'],
    [(305 - 32) / 1.8, 'hard-crack'],
    [112, 'soft-ball'],
    [116, 'soft-ball'],
    [117, 'between:soft-ball:firm-ball'],
    [120.5, 'between:firm-ball:hard-ball'],
    [185, 'between:dark-caramel:burnt'],
    [190, 'burnt'],
    [99, 'below-thread'],
  ])('at sea level %f °C is %s', (celsius, stageId) => {
    expect(sugarStageAt(celsius, seaLevelBoilingC).stageId).toBe(stageId);
  });

  it('says a gap in words and shifts its ends to the local thermometer', () => {
    expect(sugarStageAt(120.5 - 4, seaLevelBoilingC - 4)).toMatchObject({
      words: 'between firm and hard ball',
      localLowC: 116,
      localHighC: 117,
    });
    expect(sugarStageAt(131, seaLevelBoilingC).words).toBe('between hard ball and soft crack');
  });

  it('leaves no temperature unnamed and never goes back as the syrup gets hotter', () => {
    const order = ['below-thread', ...sugarStages.flatMap((stage) => [stage.id, `after ${stage.id}`])];
    let last = 0;
    for (let celsius = 20; celsius < 240; celsius += 0.25) {
      const { stageId } = sugarStageAt(celsius, at1200m);
      const place = order.indexOf(
        stageId.startsWith('between:') ? `after ${stageId.split(':')[1]}` : stageId,
      );
      expect(place).toBeGreaterThanOrEqual(last);
      last = place;
    }
  });

  it('gives local targets in both units, and the rule of thumb beside them', () => {
    // 1200 m is 3937 ft: the rule takes off 7.874 °F = 4.374 °C.
    const target = stageTarget(150, at1200m, 1200);
    expect(target.localC).toBeCloseTo(150 - (seaLevelBoilingC - at1200m), 9);
    expect(target.localF).toBeCloseTo(target.localC * 1.8 + 32, 9);
    expect(target.ruleOfThumbC).toBeCloseTo(150 - 1200 / 0.3048 / 500 / 1.8, 9);
    // Common practice, butter-and-milk caramel well above sea level: the rule and the shift differ by under 1 °C.
    expect(Math.abs(target.ruleOfThumbC - target.localC)).toBeLessThan(1);
  });
});

describe('heating a pan of syrup', () => {
  const batch: SyrupBatch = { solidsG: 132, waterG: 108, localBoilingC: at1200m, panJPerK: 200 };
  const hob = { powerW: 320, lossWPerK: 0.9, roomC: 21 };
  const start = { seconds: 0, celsius: 21, waterG: batch.waterG };

  it('conserves energy and sugar: what the hob gave is warmth, steam and loss', () => {
    let state = start;
    let [given, kept] = [0, 0];
    for (let i = 0; i < 1500; i += 1) {
      const next = heatSyrup(state, batch, hob, 1);
      given += hob.powerW - hob.lossWPerK * (state.celsius - hob.roomC);
      kept +=
        (state.waterG - next.waterG) * latentHeat(state.celsius) +
        heatCapacity(batch, next.waterG) * (next.celsius - state.celsius);
      expect(next.waterG).toBeLessThanOrEqual(state.waterG);
      state = next;
    }
    expect(state.celsius).toBeGreaterThan(140);
    expect(Math.abs(kept / given - 1)).toBeLessThan(1e-6);
  });

  it('stalls near local boiling while free water is left, then climbs (common practice)', () => {
    let state = start;
    let secondsOnPlateau = 0;
    while (state.celsius < 140) {
      state = heatSyrup(state, batch, hob, 1);
      if (state.celsius > at1200m && state.celsius < at1200m + 6) secondsOnPlateau += 1;
    }
    expect(secondsOnPlateau).toBeGreaterThan(300);
    // On the boiling curve all along: the strength of what is left is what the thermometer says.
    expect(syrupConcentration(state.celsius, at1200m)).toBeCloseTo((100 * 132) / (132 + state.waterG), 3);
  });

  it('forecasts the target through plateau and climb: 95 % intervals hold in at least 9 of 10 cases', () => {
    let [held, asked] = [0, 0];
    for (let seed = 1; seed <= 12; seed += 1) {
      const random = seededRandom(seed);
      const power = { ...hob, powerW: 320 * (1 + 0.12 * random.normal()) };
      const offset = 0.2 * random.normal();
      const seconds: number[] = [];
      const celsius: number[] = [];
      const forecasts: { at: number; low: number; high: number }[] = [];
      let state = start;
      while (state.celsius + offset < 146) {
        state = heatSyrup(state, batch, power, 1);
        seconds.push(state.seconds);
        celsius.push(state.celsius + offset + 0.15 * random.normal());
        if (state.seconds % 60 === 0 && state.seconds > 200) {
          const forecast = forecastSyrup({ seconds, celsius }, batch, 146, state.seconds);
          if (forecast.kind === 'reaching') {
            forecasts.push({ at: state.seconds, low: forecast.low, high: forecast.high! });
          }
        }
      }
      for (const { at, low, high } of forecasts) {
        const real = state.seconds - at;
        asked += 1;
        if (real >= low - 2 && real <= high + 2) held += 1;
      }
    }
    expect(asked).toBeGreaterThan(100);
    expect(held / asked).toBeGreaterThan(0.9);
  });
});
