import { yeastInhibition, yeastKilledC, yeastRate } from '../leavening';

/** A piece of dough in a measuring cylinder at one moment. */
export interface DoughState {
  minutes: number;
  /** Gas made so far, of it held in the dough and lost through its skin, ml. */
  producedMl: number;
  heldMl: number;
  lostMl: number;
  /** Yeast that is alive, 1 at first. */
  alive: number;
}

export interface Dough {
  /** Volume without gas, ml. */
  doughMl: number;
  flourG: number;
  /** Instant dry yeast, % of the flour. */
  yeastPercent: number;
  saltPercent: number;
  sugarPercent: number;
  temperatureC: number;
  /** Minutes until the cells are awake. */
  lagMinutes: number;
}

/** Gas at the best temperature, ml a minute for each gram of flour and % of yeast (teaching value, fitted to the trade's hour). */
const mlPerMinute = 0.0145;
/** A dough holds gas well up to about this expansion, then leaks. */
const holdsWell = 2;

export const restedDough: DoughState = { minutes: 0, producedMl: 0, heldMl: 0, lostMl: 0, alive: 1 };

/** Moves a dough on. Gas made is gas held and gas lost. */
export function riseDough(state: DoughState, dough: Dough, stepMinutes: number): DoughState {
  const { temperatureC } = dough;
  const dying = temperatureC >= yeastKilledC ? 0.5 * 2 ** ((temperatureC - yeastKilledC) / 4) : 0;
  const alive = state.alive * Math.exp(-dying * stepMinutes);
  const awake = 1 / (1 + Math.exp(-(state.minutes - dough.lagMinutes) / (dough.lagMinutes / 4 + 0.5)));
  const made =
    mlPerMinute *
    dough.flourG *
    dough.yeastPercent *
    yeastRate(temperatureC) *
    yeastInhibition(dough.saltPercent, dough.sugarPercent) *
    alive *
    awake *
    stepMinutes;
  const expansion = 1 + state.heldMl / dough.doughMl;
  const leak = Math.min(1, Math.max(0, (expansion - holdsWell) / 1.5));
  const lost = Math.min(
    state.heldMl + made,
    made * leak + state.heldMl * 0.0008 * Math.max(1, expansion) * stepMinutes,
  );
  return {
    minutes: state.minutes + stepMinutes,
    producedMl: state.producedMl + made,
    heldMl: state.heldMl + made - lost,
    lostMl: state.lostMl + lost,
    alive,
  };
}

/** Minutes until a dough has doubled; null when it does not in six hours. */
export function minutesToDouble(dough: Dough): number | null {
  let state = restedDough;
  while (state.minutes < 360) {
    if (state.heldMl >= dough.doughMl) return state.minutes;
    state = riseDough(state, dough, 0.5);
  }
  return null;
}
