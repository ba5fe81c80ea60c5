import { tabulatedLatentHeat } from '../water';
import { boilingElevationSlope, strongestSyrupPercent, syrupBoilingC } from './boiling-table';
import { concentrationPercent, heatCapacity, waterLeftG, type SyrupBatch } from './syrup-batch';

/** A pan of syrup on a hob at one moment. */
export interface HeatingState {
  seconds: number;
  celsius: number;
  waterG: number;
}

export interface Heat {
  /** Power that reaches the pan, W. */
  powerW: number;
  /** Heat lost to the room for each degree above it, W/K. */
  lossWPerK: number;
  roomC: number;
}

/**
 * Moves a pan of syrup on by `stepS` seconds: heat goes into warmth until the syrup boils at its present
 * strength; then warmth and evaporation share it, along the local boiling curve. Lumped (the pan has one
 * temperature), no stirring, no breakdown of sugar: a teaching model. Energy is conserved to 1e-6 of the step.
 *
 * @param stepS seconds, above 0 and up to 5
 */
export function heatSyrup(state: HeatingState, batch: SyrupBatch, heat: Heat, stepS: number): HeatingState {
  const joules = (heat.powerW - heat.lossWPerK * (state.celsius - heat.roomC)) * stepS;
  const seconds = state.seconds + stepS;
  const percent = concentrationPercent(batch, state.waterG);
  const capacity = heatCapacity(batch, state.waterG);
  const warmed = state.celsius + joules / capacity;
  if (percent >= strongestSyrupPercent || warmed <= syrupBoilingC(percent, batch.localBoilingC)) {
    return { seconds, celsius: warmed, waterG: state.waterG };
  }
  return { seconds, ...boil(state, batch, joules) };
}

/** Finds the water m that leaves so that C·(T(w − m) − T) + L·m uses the joules up (Newton's method). */
function boil(state: HeatingState, batch: SyrupBatch, joules: number): Omit<HeatingState, 'seconds'> {
  const joulesPerG = tabulatedLatentHeat(state.celsius);
  const most = state.waterG - waterLeftG(batch, strongestSyrupPercent);
  const startPercent = concentrationPercent(batch, state.waterG);
  const startWarming = (boilingElevationSlope(startPercent) * startPercent) / (batch.solidsG + state.waterG);
  // Near enough that one or two rounds do.
  let gone = Math.min(most, joules / (joulesPerG + heatCapacity(batch, state.waterG) * startWarming));
  for (let round = 0; round < 8; round += 1) {
    const left = state.waterG - gone;
    const percent = Math.min(strongestSyrupPercent, concentrationPercent(batch, left));
    const celsius = syrupBoilingC(percent, batch.localBoilingC);
    const capacity = heatCapacity(batch, left);
    const surplus = capacity * (celsius - state.celsius) + joulesPerG * gone - joules;
    const warmingPerG = (boilingElevationSlope(percent) * percent) / (batch.solidsG + left);
    const step = surplus / (joulesPerG + capacity * warmingPerG);
    gone = Math.min(most, Math.max(0, gone - step));
    if (Math.abs(step) < 1e-9) break;
  }
  const left = state.waterG - gone;
  const capacity = heatCapacity(batch, left);
  return { celsius: state.celsius + (joules - joulesPerG * gone) / capacity, waterG: left };
}
