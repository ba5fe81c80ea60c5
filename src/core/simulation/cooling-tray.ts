import { conductionStep, type Body, type BodyState, type Tray } from '../heat';

/** The body that a tray's food is: a slab cooled on both faces, or on one (then its depth is the half thickness). */
export function trayBody({ depthMm, bothFaces, material }: Tray): Body {
  return { shape: 'slab', halfThicknessM: depthMm / 1000 / (bothFaces ? 2 : 1), material };
}

/** Moves a tray of cooling food on. */
export function coolTray(state: BodyState, tray: Tray, stepS: number): BodyState {
  return conductionStep(state, trayBody(tray), tray.airC, tray.heatTransferWm2K, stepS, 1);
}
