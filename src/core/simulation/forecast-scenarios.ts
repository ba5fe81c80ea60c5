import { centreOf, conductionStep, thickSoup, uniformBody, type Body, type Material } from '../heat';
import { heatSyrup, type SyrupBatch } from '../sugar';
import {
  about,
  between,
  drawOf,
  lessonOf,
  type Draw,
  type ForecastScenario,
  type Reading,
} from './forecast-lessons';
import { heatInOven, ovenAt } from './food-in-oven';
import { heatLiquid } from './liquid-on-hob';

const probe: Reading = { everyS: 2, noiseC: 0.15, divisionC: 0.1, offsetSdC: 0.2 };
const hand: Reading = { everyS: 30, noiseC: 0.3, divisionC: 1, offsetSdC: 0.3, jitterS: 8 };

/** How a syrup's lesson differs from the model's own. */
interface SyrupTruth {
  how?: Reading;
  /** Power at a second of the lesson, as a share of the hob's. */
  power?: (second: number) => number;
  /** Weighing is off by up to this share. */
  weighing?: number;
  weatherC?: number;
  panJPerK?: Draw;
  lossWPerK?: Draw;
  extraJPerK?: number;
  /** Target above the boiling point of water, °C. */
  aboveBoilingC?: Draw;
}

/** As good as known. */
const known = (value: number): Draw => about(value, 1e-6 * Math.max(1, Math.abs(value)));

/** What any syrup may bring at once, as the scenarios below have it one by one. */
const anySyrup = {
  hobW: 64,
  solids: 0.017,
  water: 0.017,
  weatherC: 0.4,
  panJPerK: 101,
  lossWPerK: 0.35,
  drift: 3.3e-4,
  lag: 0.5,
  offsetC: 0.3,
};

const syrup = (id: string, words: string, truth: SyrupTruth): ForecastScenario => ({
  id,
  about: words,
  syrup: true,
  lesson: (seed) =>
    lessonOf(seed, (random) => {
      const localBoilingC = drawOf(random, between(96, 100));
      // Butter and milk stand in the formula: their warmth is known.
      const extra = truth.extraJPerK ?? 0;
      const told: SyrupBatch = {
        solidsG: drawOf(random, between(100, 220)),
        waterG: drawOf(random, between(60, 140)),
        localBoilingC,
        panJPerK: 200 + extra,
      };
      const off = truth.weighing ? between(1 - truth.weighing, 1 + truth.weighing) : known(1);
      return {
        batch: told,
        targetC: localBoilingC + drawOf(random, truth.aboveBoilingC ?? between(14, 50)),
        how: truth.how ?? probe,
        rising: true,
        unknown: {
          hobW: between(260, 480),
          solids: off,
          water: off,
          weatherC: truth.weatherC ? about(0, truth.weatherC) : known(0),
          panJPerK: truth.panJPerK ?? known(200),
          lossWPerK: truth.lossWPerK ?? known(0.85),
          drift: known(0),
          lag: known(0),
        },
        anyLesson: anySyrup,
        play(value) {
          const real: SyrupBatch = {
            solidsG: told.solidsG * value('solids'),
            waterG: told.waterG * value('water'),
            localBoilingC: localBoilingC + value('weatherC'),
            panJPerK: value('panJPerK') + extra,
          };
          const pan = { lossWPerK: value('lossWPerK'), roomC: 21 };
          const [hobW, drift, lagging] = [value('hobW'), value('drift'), value('lag')];
          let state = { seconds: 0, celsius: 21, waterG: real.waterG };
          return (second) => {
            const share = truth.power?.(second) ?? 1;
            const powerW = hobW * share * (1 + drift * second) * (1 - lagging * Math.exp(-second / 90));
            state = heatSyrup(state, real, { ...pan, powerW }, 1);
            return state.celsius;
          };
        },
      };
    }),
});

const lag = (tau: number) => (second: number) => 1 - Math.exp(-second / tau);
const anyPan = { panJPerK: between(150, 500), lossWPerK: between(0.4, 1.6) };

const water: ForecastScenario = {
  id: 'water',
  about: 'water to the boil',
  syrup: false,
  lesson: (seed) =>
    lessonOf(seed, (random) => {
      const localBoilingC = drawOf(random, between(96, 100));
      return {
        batch: null,
        targetC: localBoilingC - 1,
        in: 'water',
        how: { ...probe, everyS: 5 },
        rising: true,
        unknown: {
          powerW: between(700, 1800),
          lossWPerK: between(2, 6),
          panJPerK: between(150, 500),
          massG: between(500, 2500),
        },
        play(value) {
          let state = { seconds: 0, celsius: 15, massG: value('massG') };
          const [powerW, lossWPerK, panJPerK] = [value('powerW'), value('lossWPerK'), value('panJPerK')];
          const pan = { powerW, lossWPerK, panJPerK, roomC: 21, localBoilingC, specificHeatJPerGK: 4.19 };
          return () => {
            state = heatLiquid(state, pan, 1);
            return state.celsius;
          };
        },
      };
    }),
};

const newton: ForecastScenario = {
  id: 'newton',
  about: 'Newton cooling, the room unknown by SD 1 °C',
  syrup: false,
  lesson: (seed) =>
    lessonOf(seed, (random) => ({
      batch: null,
      targetC: drawOf(random, between(30, 45)),
      how: { everyS: 60, noiseC: 0.2, divisionC: 0.5, offsetSdC: 0.2 },
      rising: false,
      unknown: { roomC: about(21, 1), startC: between(70, 95), tauS: between(15 * 60, 60 * 60) },
      play(value) {
        const [roomC, startC, tauS] = [value('roomC'), value('startC'), value('tauS')];
        return (second) => roomC + (startC - roomC) * Math.exp(-second / tauS);
      },
    })),
};

const deepTray: ForecastScenario = {
  id: 'deep-tray',
  about: 'the core of a deep tray in a refrigerator',
  syrup: false,
  lesson: (seed) =>
    lessonOf(seed, () => ({
      batch: null,
      targetC: 21,
      in: 'core',
      step: { needs: [{ resource: 'refrigerator', celsius: null }] },
      how: { everyS: 120, noiseC: 0.2, divisionC: 0.1, offsetSdC: 0.3 },
      rising: false,
      mostS: 10 * 3600,
      unknown: { halfM: between(0.012, 0.03), filmWm2K: between(8, 20), startC: between(63, 80) },
      play(value) {
        const filmWm2K = value('filmWm2K');
        const body: Body = { shape: 'slab', halfThicknessM: value('halfM'), material: thickSoup };
        let state = uniformBody(value('startC'), 16);
        return (second) => {
          if (second % 20 === 0) state = conductionStep(state, body, 4, filmWm2K, 20, 1);
          return centreOf(state);
        };
      },
    })),
};

const meat: Material = { conductivityWmK: 0.48, densityKgM3: 1060, specificHeatJkgK: 3500 };

const roast: ForecastScenario = {
  id: 'roast',
  about: 'a roasting core',
  syrup: false,
  lesson: (seed) =>
    lessonOf(seed, (random) => ({
      batch: null,
      targetC: drawOf(random, between(58, 72)),
      in: 'core',
      // It is set between 160 and 210 °C, and the plan says so much.
      step: { settings: [{ what: 'oven', celsius: 185 }] },
      how: { everyS: 60, noiseC: 0.15, divisionC: 0.1, offsetSdC: 0.3 },
      rising: true,
      unknown: { halfM: between(0.02, 0.045), setC: between(160, 210), filmWm2K: between(16, 28) },
      play(value) {
        const setC = value('setC');
        const filmWm2K = value('filmWm2K');
        const body: Body = { shape: 'cylinder', halfThicknessM: value('halfM'), material: meat };
        const oven = { setC, swingC: 6, warmingCPerS: 0.15, coolingCPerS: 0.08, filmWm2K, doorOpen: false };
        let state = ovenAt(setC, 5, 16);
        return (second) => {
          if (second % 10 === 0) {
            state = heatInOven(state, oven, { body, localBoilingC: 99, surfaceWaterGPerM2: 4000 }, 10);
          }
          return centreOf(state.food);
        };
      },
    })),
};

const egg: ForecastScenario = {
  id: 'egg',
  about: 'an egg in water',
  syrup: false,
  lesson: (seed) =>
    lessonOf(seed, (random) => ({
      batch: null,
      targetC: drawOf(random, between(60, 72)),
      in: 'core',
      how: { everyS: 10, noiseC: 0.15, divisionC: 0.1, offsetSdC: 0.2 },
      rising: true,
      unknown: { halfM: between(0.02, 0.024), waterC: between(80, 99), startC: between(5, 21) },
      play(value) {
        const waterC = value('waterC');
        const material = { conductivityWmK: 0.45, densityKgM3: 1040, specificHeatJkgK: 3500 };
        const body: Body = { shape: 'sphere', halfThicknessM: value('halfM'), material };
        let state = uniformBody(value('startC'), 20);
        return () => {
          state = conductionStep(state, body, waterC, 800, 1, 1);
          return centreOf(state);
        };
      },
    })),
};

/** Lessons whose forecasts are measured: what a class really has in front of it. */
export const forecastScenarios: readonly ForecastScenario[] = [
  syrup('own-pan', 'syrup in the model’s own pan, a probe', {}),
  syrup('hand', 'hand readings to 1 °C, about every 30 s', { how: hand }),
  syrup('half-degree', 'every 30 s to 0.5 °C, thermometer error of SD 0.5 °C', {
    how: { everyS: 30, noiseC: 0.2, divisionC: 0.5, offsetSdC: 0.5 },
  }),
  syrup('weighing', 'weighing ±3 %', { weighing: 0.03 }),
  syrup('weather', 'weather ±0.4 °C', { weatherC: 0.4 }),
  syrup('pans', 'pans of 150 to 500 J/K, unknown losses', anyPan),
  syrup('falling-power', 'power falling 20 % in ten minutes', {
    power: (second) => Math.max(0.4, 1 - (0.2 * second) / 600),
  }),
  syrup('lag-60', 'a plate that lags 60 s', { power: lag(60) }),
  syrup('lag-120', 'a plate that lags 120 s', { power: lag(120) }),
  syrup('cycling', 'a hob that cycles, 60 s on and 30 s off', {
    power: (second) => (second % 90 < 60 ? 1.5 : 0),
  }),
  syrup('caramel', 'butter-and-milk caramel, by eye to 5 °F', {
    how: { everyS: 35, noiseC: 0.4, divisionC: 25 / 9, offsetSdC: 0.5, jitterS: 15 },
    extraJPerK: 150,
    ...anyPan,
    aboveBoilingC: known(12),
  }),
  water,
  newton,
  deepTray,
  roast,
  egg,
];
