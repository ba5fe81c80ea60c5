import { absoluteZeroC } from '../units';
import { saturationPressureMPa, tabulatedLatentHeat } from '../water';
import { conductionStep, type Body, type BodyState } from './conduction-grid';

/** Surroundings of a body with a moist surface. */
export interface MoistSurroundings {
  airC: number;
  /** Heat transfer by air and radiation, W/m²·K. */
  filmWm2K: number;
  /** The part of it that is air moving past: it carries the vapour off, W/m²·K. */
  convectiveWm2K: number;
  /** Vapour pressure of the air, kPa. */
  vapourKPa: number;
  /** How wet the surface is: 1 a film of water, 0 dry crust. */
  wetness: number;
  /** No surface with water in it is hotter than water boils here, °C. */
  localBoilingC: number;
}

/** Specific heat of air, J/kg·K, and kg/m³ × K of air at one atmosphere; molar mass of water, kg/mol, and the gas constant. */
const [airHeat, airDensityTimesK, waterMolar, gasConstant] = [1007, 353, 0.018015, 8.314463];

/**
 * Heat that evaporation takes from a surface, W/m², by Lewis's relation (h / h_m = ρ c, as wet-bulb thermometers show
 * it): flux = wetness × h / (ρ c) × M Δp / (R T) × latent heat, air at the mean temperature of the film.
 */
export function evaporationWm2(surface: number, around: MoistSurroundings): number {
  // Frozen or far past boiling no surface is moist: the formula stops there.
  const surfaceC = Math.min(Math.max(surface, 0.5), 150);
  const filmK = (surfaceC + around.airC) / 2 - absoluteZeroC;
  const vapourKPa = saturationPressureMPa(surfaceC - absoluteZeroC) * 1000;
  const kgPerM3 = ((vapourKPa - around.vapourKPa) * 1000 * waterMolar) / (gasConstant * filmK);
  const metresPerS = around.convectiveWm2K / ((airDensityTimesK / filmK) * airHeat);
  return around.wetness * metresPerS * kgPerM3 * tabulatedLatentHeat(surfaceC) * 1000;
}

/**
 * One step of conduction in a body whose surface evaporates. The flux is taken straight about the present surface, so
 * that it damps the step instead of upsetting it; what would lift a moist surface above boiling leaves as steam.
 */
export function moistStep(
  state: BodyState,
  body: Body,
  around: MoistSurroundings,
  seconds: number,
): BodyState {
  if (around.wetness <= 0) return conductionStep(state, body, around.airC, around.filmWm2K, seconds, 1);
  const at = Math.min(state.surfaceC, around.localBoilingC);
  const flux = evaporationWm2(at, around);
  const slope = Math.max(0, evaporationWm2(at + 0.5, around) - evaporationWm2(at - 0.5, around));
  const film = around.filmWm2K + slope;
  const medium = (around.filmWm2K * around.airC - flux + slope * at) / film;
  const next = conductionStep(state, body, medium, film, seconds, 1);
  if (next.surfaceC <= around.localBoilingC) return next;
  // Held at the boil: a film so strong that the surface stays there.
  return conductionStep(state, body, around.localBoilingC, 1e5, seconds, 1);
}
