import { centreOf, cookEgg, type Material } from '../heat';
import { gellingAgents } from '../gels';
import { heatSyrup, type SyrupBatch } from '../sugar';
import { seaLevelBoilingC } from '../water';
import { heatInOven, ovenAt, type Oven } from './food-in-oven';
import { fry, fryingAt, fryingBody } from './frying-surface';
import { setGel, settingMinutes } from './gel-setting';

const batterLike: Material = { conductivityWmK: 0.4, densityKgM3: 1000, specificHeatJkgK: 3000 };
export const meatLike: Material = { conductivityWmK: 0.48, densityKgM3: 1060, specificHeatJkgK: 3500 };

/** Heat transfer through a paper parcel and the air in it, W/m²·K (teaching value, the same for both parcels). */
export const parcelFilm = 20;

export const oven = (setC: number, filmWm2K: number): Oven => ({
  setC,
  swingC: 5,
  warmingCPerS: 0.2,
  coolingCPerS: 0.08,
  filmWm2K,
  doorOpen: false,
});

/** Minutes in the oven until the centre of a slab is at a temperature. */
export function bakeMinutes(
  setting: Oven,
  halfThicknessMm: number,
  material: Material,
  startC: number,
  centreC: number,
  surfaceWaterGPerM2: number,
): number {
  const food = {
    body: { shape: 'slab' as const, halfThicknessM: halfThicknessMm / 1000, material },
    localBoilingC: seaLevelBoilingC,
    surfaceWaterGPerM2,
  };
  let state = ovenAt(setting.setC, startC);
  while (centreOf(state.food) < centreC && state.seconds < 4 * 3600)
    state = heatInOven(state, setting, food, 2);
  return state.seconds / 60;
}

/** Where a thin syrup stands while half its water boils away, °C. */
export function plateauC(): number {
  const batch: SyrupBatch = { solidsG: 60, waterG: 240, localBoilingC: seaLevelBoilingC, panJPerK: 200 };
  const hob = { powerW: 500, lossWPerK: 0.85, roomC: 21 };
  let state = { seconds: 0, celsius: 21, waterG: batch.waterG };
  let [sum, count] = [0, 0];
  while (state.waterG > 120) {
    state = heatSyrup(state, batch, hob, 1);
    if (state.waterG < 239) {
      sum += state.celsius;
      count += 1;
    }
  }
  return sum / count;
}

/** Minutes on the pan until the middle of a pancake's thickness is set. */
export function pancakeMinutes(): number {
  const body = fryingBody(7, batterLike);
  const pan = { powerW: 900, panJPerK: 700, lossWPerK: 4, roomC: 21, contactWm2K: 250, areaM2: 0.014 };
  let state = fryingAt(185, 20);
  while (state.food.shells[0]! < 60 && state.seconds < 1200) state = fry(state, pan, body, 1);
  return state.seconds / 60;
}

export function gelHours(agentId: string, airC: number, coolingMinutes: number, share: number): number {
  const agent = gellingAgents.find((one) => one.id === agentId)!;
  const gel = { agent, airC, coolingMinutes, settingMinutes: settingMinutes[agentId]! };
  let state = { minutes: 0, celsius: 85, set: 0 };
  while (state.set < share && state.minutes < 7 * 1440) state = setGel(state, gel, 1);
  return state.minutes / 60;
}

export const yolk = (minutes: number) =>
  cookEgg({ massG: 60, localBoilingC: seaLevelBoilingC }, 21, 'boiling-start', minutes).yolkPeakC;

/** Minutes in water at a simmer until the yolk, quenched, peaks at 75 °C. */
export function simmerMinutes(): number {
  let [low, high] = [4, 30];
  while (high - low > 0.05) {
    const middle = (low + high) / 2;
    const { yolkPeakC } = cookEgg({ massG: 60, localBoilingC: 88 }, 5, 'boiling-start', middle);
    if (yolkPeakC < 75) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
