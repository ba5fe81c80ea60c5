import { surroundingsOf } from '../forecast';
import { centreOf, conductionStep, thickSoup, uniformBody, type Body } from '../heat';
import { seededRandom, type SeededRandom } from '../random';
import { heatSyrup, type SyrupBatch } from '../sugar';
import type { Surroundings } from '../trace';
import { heatLiquid } from './liquid-on-hob';
import { between, drawOf, type Reading } from './forecast-lessons';

/** A lesson in which something is done by hand on the way, as a class would read it. */
export interface ChangedLesson {
  /** What the program is told of the syrup; null: it is none. */
  batch: SyrupBatch | null;
  localBoilingC: number;
  targetC: number;
  rising: boolean;
  /** It is read in the core of a food. */
  core: boolean;
  /** Where its plan says it stands. */
  surroundings: Surroundings | null;
  seconds: number[];
  celsius: number[];
  /** When it was done, s. */
  changedS: number;
  /** When the thermometer really gets there, s. */
  reachedS: number;
}

export interface ChangedScenario {
  id: string;
  about: string;
  lesson(seed: number): ChangedLesson;
}

const probe: Reading = { everyS: 2, noiseC: 0.15, divisionC: 0.1, offsetSdC: 0.2 };

/** A thing that warms or cools: what its thermometer would show at seconds 1, 2, 3 …, whether it was touched or not. */
interface Played {
  batch: SyrupBatch | null;
  localBoilingC: number;
  targetC: number;
  rising: boolean;
  core?: boolean;
  how: Reading;
  /** @param changedS from when on what is done holds; Infinity: it is never done */
  play(changedS: number): (second: number) => number;
}

/** Plays it untouched to see how long it is, then with the change at a moment of its middle. */
function changed(seed: number, draw: (random: SeededRandom) => Played, from = 0.25, to = 0.6): ChangedLesson {
  const random = seededRandom(seed);
  const played = draw(random);
  const { how, targetC, rising } = played;
  const offset = how.offsetSdC * random.normal();
  const mostS = 6 * 3600;
  const there = (shown: number) => (rising ? shown >= targetC : shown <= targetC);
  const untouched = played.play(Infinity);
  let undisturbedS = 1;
  while (undisturbedS < mostS && !there(untouched(undisturbedS) + offset)) undisturbedS += 1;
  const changedS = Math.round(undisturbedS * (from + (to - from) * random.uniform()));
  const shownAt = played.play(changedS);
  const seconds: number[] = [];
  const celsius: number[] = [];
  let [next, reachedS] = [3, Infinity];
  for (let s = 1; s < mostS && reachedS === Infinity; s += 1) {
    const shown = shownAt(s) + offset;
    if (s >= next) {
      seconds.push(s);
      celsius.push(Math.round((shown + how.noiseC * random.normal()) / how.divisionC) * how.divisionC);
      next = s + how.everyS;
    }
    if (there(shown) && s > changedS + 60) reachedS = s;
  }
  const { batch, localBoilingC } = played;
  const core = played.core ?? false;
  // Of what is moved the plan says where it was, not where it went.
  const surroundings = surroundingsOf({ needs: [], settings: [] }, rising, null);
  return {
    ...{ batch, localBoilingC, targetC, rising, core, surroundings },
    ...{ seconds, celsius, changedS, reachedS },
  };
}

interface SyrupChange {
  power?: number;
  /** Cold cream, or water, that is poured in: g, and how cold, °C. */
  pouredG?: number;
  /** Sugar that is added at room temperature, g. */
  sugarG?: number;
  /** Off the ring for so long before the new power, s. */
  offS?: number;
  /** What the thermometer shows, from what the pan is. */
  shows?: (celsius: number, sinceS: number, random: SeededRandom) => number;
}

/** A pan of syrup, with the whole of a change at its moment. */
const syrup = (random: SeededRandom, change: SyrupChange, how = probe): Played => {
  const localBoilingC = drawOf(random, between(96, 100));
  const batch: SyrupBatch = {
    solidsG: drawOf(random, between(100, 220)),
    waterG: drawOf(random, between(60, 140)),
    localBoilingC,
    panJPerK: 200,
  };
  const [hobW, lossWPerK, panJPerK] = [
    drawOf(random, between(260, 480)),
    drawOf(random, between(0.5, 1.3)),
    drawOf(random, between(150, 350)),
  ];
  const seed = Math.floor(1e6 * random.uniform());
  return {
    ...{ batch, localBoilingC, how, rising: true },
    targetC: localBoilingC + drawOf(random, between(14, 45)),
    play(changedS) {
      const own = seededRandom(seed);
      let state = { seconds: 0, celsius: 21, waterG: batch.waterG };
      let real: SyrupBatch = { ...batch, panJPerK };
      return (second) => {
        const since = second - changedS;
        const off = since >= 0 && since < (change.offS ?? 0);
        const powerW = off ? 0 : hobW * (since >= 0 ? (change.power ?? 1) : 1);
        if (since === 0 && change.sugarG) {
          const capacity = panJPerK + 4.18 * state.waterG + 1.4 * real.solidsG;
          const cold = 1.24 * change.sugarG;
          const celsius = (capacity * state.celsius + cold * 21) / (capacity + cold);
          state = { ...state, celsius };
          real = { ...real, solidsG: real.solidsG + change.sugarG };
        }
        if (since === 0 && change.pouredG) {
          // Mixed by warmth: what is poured in comes from the refrigerator.
          const capacity = panJPerK + 4.18 * state.waterG + 1.4 * batch.solidsG;
          const cold = 4.18 * change.pouredG;
          const celsius = (capacity * state.celsius + cold * 6) / (capacity + cold);
          state = { ...state, celsius, waterG: state.waterG + change.pouredG };
          real = { ...real, waterG: real.waterG + change.pouredG };
        }
        state = heatSyrup(state, real, { lossWPerK, roomC: 21, powerW }, 1);
        return change.shows && since >= 0 ? change.shows(state.celsius, since, own) : state.celsius;
      };
    },
  };
};

interface WaterChange {
  power?: number;
  /** Loss to the room before and afterwards, W/K: with a lid 2. */
  lossBeforeWPerK?: number;
  lossWPerK?: number;
  pouredG?: number;
  /** An open pan: watts of steam at 90 °C, rising with the pressure of vapour. */
  steamW?: number;
}

/** Pressure of water vapour against that at 90 °C (Magnus). */
const vapour = (celsius: number) =>
  Math.exp((17.27 * celsius) / (celsius + 237.7) - (17.27 * 90) / (90 + 237.7));

const water = (random: SeededRandom, change: WaterChange): Played => {
  const localBoilingC = drawOf(random, between(96, 100));
  const [power, massG, panJPerK] = [
    drawOf(random, between(700, 1600)),
    drawOf(random, between(700, 2000)),
    drawOf(random, between(150, 500)),
  ];
  const loss = drawOf(random, between(3, 6));
  return {
    ...{ batch: null, localBoilingC, rising: true, how: { ...probe, everyS: 4 } },
    targetC: localBoilingC - 1.5,
    play(changedS) {
      let state = { seconds: 0, celsius: 15, massG };
      return (second) => {
        const on = second >= changedS;
        if (second === changedS && change.pouredG) {
          const capacity = panJPerK + 4.18 * state.massG;
          const celsius =
            (capacity * state.celsius + 4.18 * change.pouredG * 8) / (capacity + 4.18 * change.pouredG);
          state = { ...state, celsius, massG: state.massG + change.pouredG };
        }
        const steam = (change.steamW ?? 0) * vapour(state.celsius);
        state = heatLiquid(
          state,
          {
            ...{ panJPerK, localBoilingC, roomC: 21, specificHeatJPerGK: 4.18 },
            powerW: power * (on ? (change.power ?? 1) : 1) - steam,
            lossWPerK: on ? (change.lossWPerK ?? loss) : (change.lossBeforeWPerK ?? loss),
          },
          1,
        );
        return state.celsius;
      };
    },
  };
};

/** Something hot that cools in a room, and then in another. */
const cooling = (
  random: SeededRandom,
  roomC: number,
  thenC: (second: number) => number,
  faster = 1,
): Played => {
  const [startC, tauS] = [drawOf(random, between(70, 92)), drawOf(random, between(900, 2700))];
  return {
    ...{ batch: null, localBoilingC: 99, rising: false },
    how: { everyS: 20, noiseC: 0.2, divisionC: 0.1, offsetSdC: 0.2 },
    targetC: drawOf(random, between(32, 45)),
    play(changedS) {
      let celsius = startC;
      return (second) => {
        const on = second >= changedS;
        const around = on ? thenC(second - changedS) : roomC;
        celsius += (around - celsius) * (1 - Math.exp((on ? -faster : -1) / tauS));
        return celsius;
      };
    },
  };
};

/** A tray of soup: its middle, in a room and then in a refrigerator. */
const movedTray = (random: SeededRandom): Played => {
  const [halfM, startC] = [drawOf(random, between(0.012, 0.022)), drawOf(random, between(63, 80))];
  return {
    ...{ batch: null, localBoilingC: 99, rising: false, targetC: 21, core: true },
    how: { everyS: 60, noiseC: 0.2, divisionC: 0.1, offsetSdC: 0.3 },
    play(changedS) {
      const body: Body = { shape: 'slab', halfThicknessM: halfM, material: thickSoup };
      let state = uniformBody(startC, 14);
      return (second) => {
        const cold = second >= changedS;
        if (second % 20 === 0) state = conductionStep(state, body, cold ? 4 : 19, cold ? 16 : 9, 20, 1);
        return centreOf(state);
      };
    },
  };
};

const scenario = (
  id: string,
  words: string,
  draw: (random: SeededRandom) => Played,
  from?: number,
  to?: number,
): ChangedScenario => ({ id, about: words, lesson: (seed) => changed(seed, draw, from, to) });

/** Out for half a minute: towards the room’s air, as fast as a bare probe, and back as fast. */
const outFor = (outS: number): SyrupChange['shows'] => {
  let shown: number | null = null;
  return (celsius, since) => {
    if (since === 0) shown = null;
    shown ??= celsius;
    shown += ((since < outS ? 30 : celsius) - shown) * (1 - Math.exp(-1 / 6));
    return since > outS + 60 ? celsius : shown;
  };
};

/** Lessons in which something is done by hand on the way. */
export const changedScenarios: readonly ChangedScenario[] = [
  scenario('turned-up', 'a burner turned up by half', (random) => syrup(random, { power: 1.5 })),
  scenario('turned-down', 'a burner turned down to 60 %', (random) => syrup(random, { power: 0.6 })),
  scenario('water-turned-up', 'water, its burner turned up by half', (random) =>
    water(random, { power: 1.5 }),
  ),
  scenario('thermometer-out', 'the thermometer out of the pan for 30 s', (random) =>
    syrup(random, { shows: outFor(30) }),
  ),
  scenario('swapped', 'another thermometer, 2 °C off', (random) => {
    const by = random.uniform() < 0.5 ? 2 : -2;
    return syrup(random, { shows: (celsius) => celsius + by });
  }),
  scenario(
    'stirring-pauses',
    'stirring that pauses: it shows up to 3 °C less for a while, again and again',
    (random) =>
      syrup(random, {
        shows: (celsius, since) =>
          celsius - (since % 70 > 40 ? 3 * Math.sin((Math.PI * ((since % 70) - 40)) / 30) : 0),
      }),
  ),
  scenario('lid-on', 'a lid put on', (random) => water(random, { lossWPerK: 1.5, power: 1.05 })),
  scenario('steaming', 'an open pan that steams', (random) => water(random, { steamW: 160 }), 0.3, 0.35),
  scenario('cream-in', 'cold cream poured in', (random) => syrup(random, { pouredG: 40 })),
  scenario('cold-water-in', 'cold water poured into warm', (random) => water(random, { pouredG: 250 })),
  scenario('window', 'a window opened: 21 °C becomes 10 °C, and a draught', (random) =>
    cooling(random, 21, () => 10, 1.3),
  ),
  scenario('into-the-refrigerator', 'a tray moved into the refrigerator', movedTray),
  scenario('room-warms', 'a room that warms by 4 °C in an hour', (random) =>
    cooling(random, 20, (since) => 20 + (4 * since) / 3600),
  ),
];

/** Four more, written when the forecasts were done, to which nothing was tuned. */
export const lastScenarios: readonly ChangedScenario[] = [
  scenario('other-ring', 'a syrup lifted for 20 s and set on a ring of three quarters', (random) =>
    syrup(random, { offS: 20, power: 0.75 }),
  ),
  scenario('lid-off', 'a lid taken off water', (random) =>
    water(random, { lossBeforeWPerK: 1.5, lossWPerK: 7 }),
  ),
  scenario('sugar-in', '40 g of sugar stirred into a syrup', (random) => syrup(random, { sugarG: 40 })),
  scenario('fan-on', 'a fan turned on what cools', (random) => cooling(random, 21, () => 21, 1.6)),
];
