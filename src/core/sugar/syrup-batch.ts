import type { Source } from '../working';

/** One pan of syrup. Glucose and golden syrups count as their solids and their water (teaching model). */
export interface SyrupBatch {
  solidsG: number;
  waterG: number;
  /** Where water boils, °C. */
  localBoilingC: number;
  /** Heat capacity of the pan, J/K. */
  panJPerK: number;
}

/** A small stainless saucepan of about 0.4 kg (0.5 J/g·K; from memory), J/K. */
export const smallPanJPerK = 200;

/** Heat such a pan loses by air and radiation: about 12 W/m²·K over 0.07 m² (teaching value, from memory), W/K. */
export const smallPanLossWPerK = 0.85;

/**
 * Specific heat of sucrose syrup falls in a straight line from that of water: c = 4.187 − 2.35 x, J/g·K, with x
 * the mass fraction of sucrose (sugar technologists' handbooks, near 60 °C; from memory).
 */
const waterJPerGK = 4.187;
const solidsJPerGK = 4.187 - 2.35;

export const syrupHeatSource: Source = {
  kind: 'from-memory',
  text: 'Specific heat of sucrose syrup, 4.187 − 2.35 x kJ/kg·K (teaching model)',
};

/** Heat capacity of pan and syrup with `waterG` left in it, J/K. */
export function heatCapacity(batch: SyrupBatch, waterG: number): number {
  return batch.panJPerK + waterJPerGK * waterG + solidsJPerGK * batch.solidsG;
}

/** Solids by mass of the syrup with `waterG` left in it, %. */
export function concentrationPercent(batch: SyrupBatch, waterG: number): number {
  return (100 * batch.solidsG) / (batch.solidsG + waterG);
}

/** Water left in the syrup when it has reached a concentration, g. */
export function waterLeftG(batch: SyrupBatch, percent: number): number {
  return (batch.solidsG * (100 - percent)) / percent;
}
