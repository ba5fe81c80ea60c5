import { conductionStep, dimensionsOf, uniformBody, type Body, type BodyState } from '../heat';
import { tabulatedLatentHeat } from '../water';

/** An oven with food in it at one moment. */
export interface OvenState {
  seconds: number;
  airC: number;
  elementOn: boolean;
  food: BodyState;
  /** Water evaporated from the surface so far, g for each m². */
  evaporatedGPerM2: number;
}

export interface Oven {
  setC: number;
  /** The thermostat switches this far above and below the setting, °C. */
  swingC: number;
  /** How fast the air warms with the element on and cools with it off, °C a second. */
  warmingCPerS: number;
  coolingCPerS: number;
  /** Heat transfer to the food, radiation included, W/m²·K: about 18 still, 28 with a fan (handbook ranges). */
  filmWm2K: number;
  doorOpen: boolean;
}

export interface OvenFood {
  body: Body;
  localBoilingC: number;
  /** Water that the surface can give before it is dry crust, g for each m². */
  surfaceWaterGPerM2: number;
}

/** The oven's air while its door stands open falls this fast, °C a second (common practice: 30 to 50 °C in 20 s). */
const doorCPerS = 2;
const roomC = 21;

export function ovenAt(setC: number, foodC: number, shells = 30): OvenState {
  return { seconds: 0, airC: setC, elementOn: false, food: uniformBody(foodC, shells), evaporatedGPerM2: 0 };
}

/**
 * Moves food in an oven on. The thermostat swings the air about its setting; heat goes in by conduction; a surface that
 * would pass the local boiling point spends the surplus on evaporation while it has water: wet surfaces do not brown.
 */
export function heatInOven(state: OvenState, oven: Oven, food: OvenFood, stepS: number): OvenState {
  const elementOn = oven.doorOpen
    ? state.elementOn
    : state.airC >= oven.setC + oven.swingC
      ? false
      : state.airC <= oven.setC - oven.swingC
        ? true
        : state.elementOn;
  const drift = oven.doorOpen ? -doorCPerS : elementOn ? oven.warmingCPerS : -oven.coolingCPerS;
  const airC = Math.max(roomC, state.airC + drift * stepS);
  const heated = conductionStep(state.food, food.body, airC, oven.filmWm2K, stepS, 1);
  const { food: body, evaporatedGPerM2 } = evaporate(heated, food, state.evaporatedGPerM2);
  return { seconds: state.seconds + stepS, airC, elementOn, food: body, evaporatedGPerM2 };
}

/** Turns what the outer shell has above local boiling into steam, as long as there is water. */
function evaporate(heated: BodyState, food: OvenFood, before: number) {
  const { body, localBoilingC, surfaceWaterGPerM2 } = food;
  const n = heated.shells.length;
  const surplus = heated.shells[n - 1]! - localBoilingC;
  const left = surfaceWaterGPerM2 - before;
  if (surplus <= 0 || left <= 0) return { food: heated, evaporatedGPerM2: before };
  const joulesPerK = shellCapacity(body, n);
  const latent = tabulatedLatentHeat(localBoilingC);
  const gone = Math.min(left, (surplus * joulesPerK) / latent);
  const shells = heated.shells.slice();
  shells[n - 1] = heated.shells[n - 1]! - (gone * latent) / joulesPerK;
  return { food: { ...heated, shells }, evaporatedGPerM2: before + gone };
}

/** Heat capacity of the outer shell for each m² of surface, J/K. */
function shellCapacity({ shape, halfThicknessM, material }: Body, shells: number): number {
  const d = dimensionsOf[shape];
  const inner = (shells - 1) / shells;
  return ((material.densityKgM3 * material.specificHeatJkgK * halfThicknessM) / d) * (1 - inner ** d);
}
