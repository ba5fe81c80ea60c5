import { conductionStep, uniformBody, type Body, type BodyState } from '../heat';

/** A pan with a piece of food lying in it, heated from below. */
export interface FryingState {
  seconds: number;
  panC: number;
  /** The food, counted from its upper side down to the pan. */
  food: BodyState;
}

export interface FryingPan {
  powerW: number;
  /** Heat capacity of the pan, J/K. */
  panJPerK: number;
  lossWPerK: number;
  roomC: number;
  /** Heat transfer between pan and food, W/m²·K: 200 to 500 with fat between (handbook range). */
  contactWm2K: number;
  /** Area of the food on the pan, m². */
  areaM2: number;
}

export function fryingAt(panC: number, foodC: number, shells = 24): FryingState {
  return { seconds: 0, panC, food: uniformBody(foodC, shells) };
}

/** A slab on a pan: its upper side is taken as insulated, so its whole thickness is the half thickness of a slab. */
export function fryingBody(thicknessMm: number, material: Body['material']): Body {
  return { shape: 'slab', halfThicknessM: thicknessMm / 1000, material };
}

/** Moves pan and food on; what the food takes, the pan gives. Energy is conserved to rounding. */
export function fry(state: FryingState, pan: FryingPan, body: Body, stepS: number): FryingState {
  const food = conductionStep(state.food, body, state.panC, pan.contactWm2K, stepS, 1);
  const toFoodJ = (food.takenJPerM2 - state.food.takenJPerM2) * pan.areaM2;
  const gained = (pan.powerW - pan.lossWPerK * (state.panC - pan.roomC)) * stepS - toFoodJ;
  return { seconds: state.seconds + stepS, panC: state.panC + gained / pan.panJPerK, food };
}
