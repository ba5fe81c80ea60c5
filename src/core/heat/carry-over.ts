import { RefusedValue, requireWithin } from '../bounds';
import { centreOf, conductionStep, uniformBody, type Body } from './conduction-grid';

export interface CarryOver {
  /** Centre when it comes out, °C. */
  outC: number;
  /** Highest the centre gets while it rests, °C. */
  peakC: number;
  /** Minutes after taking it out. */
  peakMinutes: number;
}

/** Heat transfer from resting food to still air, W/m²·K (handbook range 5 to 15, radiation included). */
const restingFilm = 10;

/**
 * How far the centre still climbs after the food is taken out and rests in the room: heated until its centre reaches
 * `outC`, then left. A slab, a cylinder or a sphere by the conduction grid.
 */
export function carryOver(
  body: Body,
  startC: number,
  ovenC: number,
  ovenFilm: number,
  outC: number,
  roomC = 21,
): CarryOver {
  requireWithin('outC', outC, startC, ovenC - 1, '°C');
  const dt = Math.max(1, (body.halfThicknessM * 1000) ** 2 / 100);
  let state = uniformBody(startC, 40);
  for (let s = 0; centreOf(state) < outC && s < 10 * 3600; s += dt) {
    state = conductionStep(state, body, ovenC, ovenFilm, dt, 1);
  }
  const reached = centreOf(state);
  if (reached < outC) {
    const top = reached.toFixed(1);
    throw new RefusedValue('outC', outC, `a core that is reached in ten hours; there it is at ${top} °C`);
  }
  let [peakC, peakMinutes] = [reached, 0];
  for (let s = dt; s < 3 * 3600; s += dt) {
    state = conductionStep(state, body, roomC, restingFilm, dt, 1);
    const centre = centreOf(state);
    if (centre < peakC - 0.05) break;
    if (centre > peakC) [peakC, peakMinutes] = [centre, s / 60];
  }
  return { outC: reached, peakC, peakMinutes };
}
