import { conductionStep, uniformBody, type Body } from './conduction-grid';
import type { Material } from './shapes';

/** A dish of hot food: cooled from above and below, or from above only when it stands on a cloth or a board. */
export interface Tray {
  depthMm: number;
  material: Material;
  bothFaces: boolean;
  /** Surroundings, °C: bench, blast of cold air or refrigerator. */
  airC: number;
  heatTransferWm2K: number;
}

/** Thick soup or sauce, about 85 % water (from Choi and Okos at 40 °C, rounded). */
export const thickSoup: Material = { conductivityWmK: 0.57, densityKgM3: 1030, specificHeatJkgK: 3850 };

/**
 * Minutes for the warmest place of a tray to cool to a temperature, by conduction only: liquids that turn over cool faster.
 * Null when it takes longer than a day.
 */
export function trayMinutes(tray: Tray, startC: number, targetC: number): number | null {
  const body: Body = {
    shape: 'slab',
    halfThicknessM: tray.depthMm / 1000 / (tray.bothFaces ? 2 : 1),
    material: tray.material,
  };
  let state = uniformBody(startC, 30);
  const dt = 20;
  for (let s = 0; s <= 86_400; s += dt) {
    if (state.shells[0]! <= targetC) return s / 60;
    state = conductionStep(state, body, tray.airC, tray.heatTransferWm2K, dt, 1);
  }
  return null;
}
