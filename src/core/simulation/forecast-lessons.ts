import { centreOf, conductionStep, thickSoup, uniformBody, type Body, type Material } from '../heat';
import { seededRandom, type SeededRandom } from '../random';
import { heatSyrup, type SyrupBatch } from '../sugar';
import { heatLiquid } from './liquid-on-hob';
import { heatInOven, ovenAt } from './food-in-oven';

/** One simulated pan, core or tray as a class would read it. */
export interface ForecastLesson {
  /** What the program is told. */
  batch: SyrupBatch | null;
  targetC: number;
  /** Surroundings as far as they are known, °C; null: not known. */
  ambientC: number | null;
  seconds: number[];
  celsius: number[];
  /** When the thermometer really gets there, s. */
  reachedS: number;
}

export interface ForecastScenario {
  id: string;
  about: string;
  /** Syrups are held to a median error as well. */
  syrup: boolean;
  lesson(seed: number): ForecastLesson;
}

/** How a reading is taken: how often, how noisy, to what division, with what error of the thermometer. */
interface Reading {
  everyS: number;
  noiseC: number;
  divisionC: number;
  offsetSdC: number;
  jitterS?: number;
}

const probe: Reading = { everyS: 2, noiseC: 0.15, divisionC: 0.1, offsetSdC: 0.2 };
const hand: Reading = { everyS: 30, noiseC: 0.3, divisionC: 1, offsetSdC: 0.3, jitterS: 8 };

/** Reads a run of true temperatures, one a second, until the thermometer shows the target. */
function readings(
  random: SeededRandom,
  how: Reading,
  targetC: number,
  rising: boolean,
  step: (second: number) => number,
  mostS = 5 * 3600,
): Pick<ForecastLesson, 'seconds' | 'celsius' | 'reachedS'> {
  const offset = how.offsetSdC * random.normal();
  const seconds: number[] = [];
  const celsius: number[] = [];
  let next = 5;
  for (let s = 1; s < mostS; s += 1) {
    const shown = step(s) + offset;
    if (s >= next) {
      const noisy = shown + how.noiseC * random.normal();
      seconds.push(s);
      celsius.push(Math.round(noisy / how.divisionC) * how.divisionC);
      next = s + how.everyS + (how.jitterS ?? 0) * (2 * random.uniform() - 1);
    }
    if (rising ? shown >= targetC : shown <= targetC) return { seconds, celsius, reachedS: s };
  }
  return { seconds, celsius, reachedS: Infinity };
}

interface SyrupTruth {
  how?: Reading;
  /** Power at a second of the lesson, as a share of the hob's. */
  power?: (second: number) => number;
  weighing?: number;
  weatherC?: number;
  pan?: [low: number, high: number];
  loss?: [low: number, high: number];
  extraJPerK?: number;
  targetC?: number;
}

const between = (random: SeededRandom, [low, high]: [number, number]) =>
  low + (high - low) * random.uniform();

function syrupLesson(seed: number, truth: SyrupTruth): ForecastLesson {
  const random = seededRandom(seed);
  const localBoilingC = 96 + 4 * random.uniform();
  const told: SyrupBatch = {
    solidsG: between(random, [100, 220]),
    waterG: between(random, [60, 140]),
    localBoilingC,
    // Butter and milk stand in the formula: their warmth is known.
    panJPerK: 200 + (truth.extraJPerK ?? 0),
  };
  const off = () => 1 + (truth.weighing ?? 0) * (2 * random.uniform() - 1);
  const real: SyrupBatch = {
    solidsG: told.solidsG * off(),
    waterG: told.waterG * off(),
    localBoilingC: localBoilingC + (truth.weatherC ?? 0) * random.normal(),
    panJPerK: (truth.pan ? between(random, truth.pan) : 200) + (truth.extraJPerK ?? 0),
  };
  const hobW = between(random, [260, 480]);
  const heat = { lossWPerK: truth.loss ? between(random, truth.loss) : 0.85, roomC: 21 };
  const targetC = localBoilingC + (truth.targetC ?? between(random, [14, 50]));
  let state = { seconds: 0, celsius: 21, waterG: real.waterG };
  return {
    batch: told,
    targetC,
    ambientC: null,
    ...readings(random, truth.how ?? probe, targetC, true, (s) => {
      state = heatSyrup(state, real, { ...heat, powerW: hobW * (truth.power?.(s) ?? 1) }, 1);
      return state.celsius;
    }),
  };
}

const lag = (tau: number) => (s: number) => 1 - Math.exp(-s / tau);

const syrup = (id: string, about: string, truth: SyrupTruth): ForecastScenario => ({
  id,
  about,
  syrup: true,
  lesson: (seed) => syrupLesson(seed, truth),
});

const meat: Material = { conductivityWmK: 0.48, densityKgM3: 1060, specificHeatJkgK: 3500 };

/** Lessons whose forecasts are measured: what a class really has in front of it. */
export const forecastScenarios: readonly ForecastScenario[] = [
  syrup('own-pan', 'syrup in the model’s own pan, a probe', {}),
  syrup('hand', 'hand readings to 1 °C, about every 30 s', { how: hand }),
  syrup('half-degree', 'every 30 s to 0.5 °C, thermometer error of SD 0.5 °C', {
    how: { everyS: 30, noiseC: 0.2, divisionC: 0.5, offsetSdC: 0.5 },
  }),
  syrup('weighing', 'weighing ±3 %', { weighing: 0.03 }),
  syrup('weather', 'weather ±0.4 °C', { weatherC: 0.4 }),
  syrup('pans', 'pans of 150 to 500 J/K, unknown losses', { pan: [150, 500], loss: [0.4, 1.6] }),
  syrup('falling-power', 'power falling 20 % in ten minutes', {
    power: (s) => Math.max(0.4, 1 - (0.2 * s) / 600),
  }),
  syrup('lag-60', 'a plate that lags 60 s', { power: lag(60) }),
  syrup('lag-120', 'a plate that lags 120 s', { power: lag(120) }),
  syrup('cycling', 'a hob that cycles, 60 s on and 30 s off', { power: (s) => (s % 90 < 60 ? 1.5 : 0) }),
  syrup('caramel', 'butter-and-milk caramel, by eye to 5 °F', {
    how: { everyS: 35, noiseC: 0.4, divisionC: 25 / 9, offsetSdC: 0.5, jitterS: 15 },
    extraJPerK: 150,
    pan: [150, 500],
    loss: [0.4, 1.6],
    targetC: 12,
  }),
  {
    id: 'water',
    about: 'water to the boil',
    syrup: false,
    lesson(seed) {
      const random = seededRandom(seed);
      const boiling = 96 + 4 * random.uniform();
      const pan = {
        powerW: between(random, [700, 1800]),
        lossWPerK: between(random, [2, 6]),
        roomC: 21,
        localBoilingC: boiling,
        specificHeatJPerGK: 4.19,
        panJPerK: between(random, [150, 500]),
      };
      let state = { seconds: 0, celsius: 15, massG: between(random, [500, 2500]) };
      const targetC = boiling - 1;
      return {
        batch: null,
        targetC,
        ambientC: null,
        ...readings(random, { ...probe, everyS: 5 }, targetC, true, () => {
          state = heatLiquid(state, pan, 1);
          return state.celsius;
        }),
      };
    },
  },
  {
    id: 'newton',
    about: 'Newton cooling, the room unknown by SD 1 °C',
    syrup: false,
    lesson(seed) {
      const random = seededRandom(seed);
      const room = 21 + random.normal();
      const [start, tau] = [between(random, [70, 95]), between(random, [15, 60]) * 60];
      const targetC = between(random, [30, 45]);
      return {
        batch: null,
        targetC,
        ambientC: 21,
        ...readings(
          random,
          { everyS: 60, noiseC: 0.2, divisionC: 0.5, offsetSdC: 0.2 },
          targetC,
          false,
          (s) => room + (start - room) * Math.exp(-s / tau),
        ),
      };
    },
  },
  {
    id: 'deep-tray',
    about: 'the core of a deep tray in a refrigerator',
    syrup: false,
    lesson(seed) {
      const random = seededRandom(seed);
      const body: Body = {
        shape: 'slab',
        halfThicknessM: between(random, [0.012, 0.03]),
        material: thickSoup,
      };
      const film = between(random, [8, 20]);
      let state = uniformBody(between(random, [63, 80]), 16);
      return {
        batch: null,
        targetC: 21,
        ambientC: 4,
        ...readings(
          random,
          { everyS: 120, noiseC: 0.2, divisionC: 0.1, offsetSdC: 0.3 },
          21,
          false,
          (s) => {
            if (s % 20 === 0) state = conductionStep(state, body, 4, film, 20, 1);
            return centreOf(state);
          },
          10 * 3600,
        ),
      };
    },
  },
  {
    id: 'roast',
    about: 'a roasting core',
    syrup: false,
    lesson(seed) {
      const random = seededRandom(seed);
      const body: Body = {
        shape: 'cylinder',
        halfThicknessM: between(random, [0.02, 0.045]),
        material: meat,
      };
      const oven = {
        setC: between(random, [160, 210]),
        swingC: 6,
        warmingCPerS: 0.15,
        coolingCPerS: 0.08,
        filmWm2K: between(random, [16, 28]),
        doorOpen: false,
      };
      let state = ovenAt(oven.setC, 5, 16);
      const targetC = between(random, [58, 72]);
      return {
        batch: null,
        targetC,
        ambientC: null,
        ...readings(
          random,
          { everyS: 60, noiseC: 0.15, divisionC: 0.1, offsetSdC: 0.3 },
          targetC,
          true,
          (s) => {
            if (s % 10 === 0)
              state = heatInOven(state, oven, { body, localBoilingC: 99, surfaceWaterGPerM2: 4000 }, 10);
            return centreOf(state.food);
          },
        ),
      };
    },
  },
  {
    id: 'egg',
    about: 'an egg in water',
    syrup: false,
    lesson(seed) {
      const random = seededRandom(seed);
      const body: Body = {
        shape: 'sphere',
        halfThicknessM: between(random, [0.02, 0.024]),
        material: { conductivityWmK: 0.45, densityKgM3: 1040, specificHeatJkgK: 3500 },
      };
      const waterC = between(random, [80, 99]);
      const targetC = between(random, [60, 72]);
      let state = uniformBody(between(random, [5, 21]), 20);
      return {
        batch: null,
        targetC,
        ambientC: null,
        ...readings(
          random,
          { everyS: 10, noiseC: 0.15, divisionC: 0.1, offsetSdC: 0.2 },
          targetC,
          true,
          () => {
            state = conductionStep(state, body, waterC, 800, 1, 1);
            return centreOf(state);
          },
        ),
      };
    },
  },
];

export interface ForecastFigures {
  id: string;
  lessons: number;
  forecasts: number;
  /** Share of intervals that held the moment it was reached, %. */
  coveragePercent: number;
  /** Share of moments at which no forecast was given, %. */
  silentPercent: number;
  /** Median width of the interval against the time that was really left, %. */
  widthPercent: number;
  /** Median error of the forecast two minutes ahead, s; null where none was made. */
  errorAtTwoMinutesS: number | null;
}

export type Forecaster = (
  lesson: ForecastLesson,
  seconds: readonly number[],
  celsius: readonly number[],
  nowS: number,
) => { seconds: number; low: number; high: number | null } | null;

const median = (values: number[]) =>
  values.length === 0 ? 0 : [...values].sort((a, b) => a - b)[values.length >> 1]!;

/** Measures a forecaster over lessons of a scenario: at eight moments of each, spread over its last three quarters. */
export function measureForecasts(
  scenario: ForecastScenario,
  forecaster: Forecaster,
  lessons: number,
): ForecastFigures {
  let [asked, given, held] = [0, 0, 0];
  const widths: number[] = [];
  const errors: number[] = [];
  for (let seed = 1; seed <= lessons; seed += 1) {
    const lesson = scenario.lesson(seed);
    if (!Number.isFinite(lesson.reachedS)) continue;
    const moments = Array.from({ length: 8 }, (_, i) => lesson.reachedS * (0.25 + 0.09 * i));
    const early = lesson.reachedS - 120;
    for (const [i, now] of [...moments, early].entries()) {
      if (now < 30) continue;
      const upTo = lesson.seconds.findIndex((second) => second > now);
      const n = upTo < 0 ? lesson.seconds.length : upTo;
      const forecast = forecaster(lesson, lesson.seconds.slice(0, n), lesson.celsius.slice(0, n), now);
      const real = lesson.reachedS - now;
      if (i === moments.length) {
        if (forecast) errors.push(Math.abs(forecast.seconds - real));
        continue;
      }
      asked += 1;
      if (!forecast) continue;
      given += 1;
      if (real >= forecast.low && (forecast.high === null || real <= forecast.high)) held += 1;
      widths.push(((forecast.high ?? 4 * 3600) - forecast.low) / real);
    }
  }
  return {
    id: scenario.id,
    lessons,
    forecasts: given,
    coveragePercent: (100 * held) / Math.max(1, given),
    silentPercent: (100 * (asked - given)) / Math.max(1, asked),
    widthPercent: 100 * median(widths),
    errorAtTwoMinutesS: errors.length === 0 ? null : median(errors),
  };
}
