import type { Source } from '../working';
import { centreOf, conductionStep, uniformBody, type Body, type BodyState } from './conduction-grid';
import { eggConductivity, eggDensity, eggSpecificHeat } from './egg-closed-form';

/** Into boiling water; from cold with the water, timed from the boil; brought to the boil and left standing, covered. */
export const eggMethods = ['boiling-start', 'cold-start', 'boil-and-stand'] as const;
export type EggMethod = (typeof eggMethods)[number];

export const eggModelSource: Source = {
  kind: 'from-memory',
  text: 'Sphere of Williams’s constants by finite volumes; surface 1200 W/m²·K in boiling, 500 in still water (teaching values)',
};

/** Heat transfer from water to shell, W/m²·K: at the boil, and standing. */
const boilingFilm = 1200;
const stillFilm = 500;
/** Cold water with eggs in it comes to the boil in about this time on a hob, s, in a straight line (common practice). */
const heatUpS = 600;
const coldWaterC = 15;
/** A covered pan off the heat cools towards the room with this time constant, s (about 1 °C a minute at first). */
const standingS = 4800;
const roomC = 21;
/** Quenched in running cold water, °C. */
const quenchC = 15;

export interface EggState {
  body: BodyState;
  waterC: number;
}

export interface EggPan {
  massG: number;
  localBoilingC: number;
}

/** An egg's body: a sphere of its mass. */
export function eggBody(massG: number): Body {
  return {
    shape: 'sphere',
    halfThicknessM: ((3 * massG) / (4 * Math.PI * eggDensity)) ** (1 / 3) / 100,
    material: {
      conductivityWmK: eggConductivity * 100,
      densityKgM3: eggDensity * 1000,
      specificHeatJkgK: eggSpecificHeat * 1000,
    },
  };
}

export function eggAt(celsius: number, waterC: number, shells = 30): EggState {
  return { body: uniformBody(celsius, shells), waterC };
}

export type EggPhase = 'heating' | 'boiling' | 'standing' | 'quench';

/** One step of an egg in a pan: the water does what the phase says, the egg follows. */
export function eggStep(state: EggState, pan: EggPan, phase: EggPhase, seconds: number): EggState {
  const waterC = waterAfter(state.waterC, pan, phase, seconds);
  const film = phase === 'boiling' ? boilingFilm : stillFilm;
  return { waterC, body: conductionStep(state.body, eggBody(pan.massG), waterC, film, seconds, 1) };
}

function waterAfter(waterC: number, { localBoilingC }: EggPan, phase: EggPhase, seconds: number): number {
  switch (phase) {
    case 'heating':
      return Math.min(localBoilingC, waterC + ((localBoilingC - coldWaterC) * seconds) / heatUpS);
    case 'boiling':
      return localBoilingC;
    case 'standing':
      return roomC + (waterC - roomC) * Math.exp(-seconds / standingS);
    case 'quench':
      return quenchC;
  }
}

export interface CookedEgg {
  /** Centre of the yolk when it is taken out, °C. */
  yolkCentreC: number;
  /** Highest the centre gets, in the quench, °C. */
  yolkPeakC: number;
}

const stepS = 1;

/**
 * Cooks an egg by one of three schools and quenches it in cold water; heat goes on to the centre meanwhile.
 *
 * @param minutes counted as that school counts: from the egg's going into boiling water; from the boil; from the lid
 */
export function cookEgg(pan: EggPan, startC: number, method: EggMethod, minutes: number): CookedEgg {
  let state = eggAt(startC, method === 'boiling-start' ? pan.localBoilingC : coldWaterC);
  if (method !== 'boiling-start') {
    while (state.waterC < pan.localBoilingC) state = eggStep(state, pan, 'heating', stepS);
  }
  const phase = method === 'boil-and-stand' ? 'standing' : 'boiling';
  for (let s = 0; s < minutes * 60; s += stepS) {
    state = eggStep(state, pan, phase, Math.min(stepS, minutes * 60 - s));
  }
  const yolkCentreC = centreOf(state.body);
  let yolkPeakC = yolkCentreC;
  for (let s = 0; s < 900; s += stepS) {
    state = eggStep(state, pan, 'quench', stepS);
    const centre = centreOf(state.body);
    if (centre < yolkPeakC) break;
    yolkPeakC = centre;
  }
  return { yolkCentreC, yolkPeakC };
}
