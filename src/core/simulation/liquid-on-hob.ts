import { tabulatedLatentHeat } from '../water';

/** Water, stock or thin soup in a pan at one moment. */
export interface LiquidState {
  seconds: number;
  celsius: number;
  massG: number;
}

export interface LiquidPan {
  powerW: number;
  /** Heat lost to the room for each degree above it, W/K: about 2 with a lid, 4 without (teaching values). */
  lossWPerK: number;
  roomC: number;
  localBoilingC: number;
  specificHeatJPerGK: number;
  /** Heat capacity of the pan, J/K. */
  panJPerK: number;
}

/**
 * Moves a pan of liquid on: warmth until it boils, then steam at the local boiling point. What evaporates below the
 * boil is counted in the loss. Energy is conserved to rounding.
 */
export function heatLiquid(state: LiquidState, pan: LiquidPan, stepS: number): LiquidState {
  const joules = (pan.powerW - pan.lossWPerK * (state.celsius - pan.roomC)) * stepS;
  const capacity = pan.panJPerK + pan.specificHeatJPerGK * state.massG;
  const seconds = state.seconds + stepS;
  const warmed = state.celsius + joules / capacity;
  if (warmed <= pan.localBoilingC || state.massG === 0)
    return { seconds, celsius: warmed, massG: state.massG };
  const celsius = pan.localBoilingC;
  const excess = capacity * (warmed - celsius);
  const gone = Math.min(state.massG, excess / tabulatedLatentHeat(celsius));
  const left = excess - gone * tabulatedLatentHeat(celsius);
  const beyond = left > 1e-9 && pan.panJPerK > 0 ? left / pan.panJPerK : 0;
  // Boiled dry: the rest of the heat goes into the empty pan.
  return { seconds, celsius: celsius + beyond, massG: state.massG - gone };
}
