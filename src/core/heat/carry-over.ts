import { RefusedValue, requireWithin } from '../bounds';
import type { Source } from '../working';
import { centreOf, uniformBody, type Body, type BodyState } from './conduction-grid';
import { moistStep, type MoistSurroundings } from './wet-surface';

export const carryOverSource: Source = {
  kind: 'handbook',
  text: 'Conduction (finite volumes) with a moist surface: never above boiling, evaporation by the analogy of heat and mass transfer (Incropera and DeWitt, 6.7); how moist is a teaching value',
};

/** How a core goes on after it is taken out, for one idea of how moist the surface is. */
export interface CarryOver {
  /** Centre when it comes out, °C. */
  outC: number;
  /** Highest the centre gets while it rests, °C. */
  peakC: number;
  /** Minutes after taking it out. */
  peakMinutes: number;
}

export interface CarryOverBand extends CarryOver {
  /** Peak with a surface that goes on steaming in the open, °C. */
  lowC: number;
  /** Peak with a surface that dried to a crust or rests under foil, °C. */
  highC: number;
}

export interface Roasting {
  startC: number;
  ovenC: number;
  /** Heat transfer in the oven, radiation included, W/m²·K. */
  ovenFilm: number;
  roomC?: number;
  localBoilingC?: number;
}

/** Resting in still air: radiation and air, and the part that is air, W/m²·K (handbook ranges). */
const resting = { filmWm2K: 10, convectiveWm2K: 4.5 } as const;
/** Vapour in oven air over a roast, and in a room at 21 °C and half saturated, kPa (teaching values). */
const [ovenVapourKPa, roomVapourKPa] = [10, 1.25];
/** How moist a roast's surface is, in the oven and at rest: drier, likely, wetter (teaching values). */
const wetness = {
  dry: { oven: 0.16, rest: 0 },
  likely: { oven: 0.24, rest: 0.15 },
  wet: { oven: 0.4, rest: 0.4 },
} as const;

/**
 * How far the centre still climbs after the food is taken out and rests in the room: heated until its centre reaches
 * `outC`, then left. A moist surface stays below boiling and steams as it rests, so the band is much lower than dry
 * conduction would have it. A teaching model: the probe decides, and nothing is promised.
 */
export function carryOver(
  body: Body,
  { startC, ovenC, ovenFilm, roomC = 21, localBoilingC = 99.97 }: Roasting,
  outC: number,
): CarryOverBand {
  requireWithin('outC', outC, startC, Math.min(ovenC, localBoilingC) - 1, '°C');
  const run = ({ oven, rest }: { oven: number; rest: number }) =>
    heatAndRest(
      body,
      startC,
      outC,
      {
        airC: ovenC,
        filmWm2K: ovenFilm,
        convectiveWm2K: ovenFilm / 2,
        vapourKPa: ovenVapourKPa,
        wetness: oven,
        localBoilingC,
      },
      { ...resting, airC: roomC, vapourKPa: roomVapourKPa, wetness: rest, localBoilingC },
    );
  const [dry, likely, wet] = [run(wetness.dry), run(wetness.likely), run(wetness.wet)];
  if (!likely) throw new RefusedValue('outC', outC, 'a core that is reached in ten hours in this oven');
  const peaks = [dry, likely, wet].flatMap((one) => (one ? [one.peakC] : []));
  return { ...likely, lowC: Math.min(...peaks), highC: Math.max(...peaks) };
}

function heatAndRest(
  body: Body,
  startC: number,
  outC: number,
  oven: MoistSurroundings,
  rest: MoistSurroundings,
): CarryOver | null {
  const dt = Math.max(1, (body.halfThicknessM * 1000) ** 2 / 400);
  let state: BodyState = uniformBody(startC, 40);
  for (let s = 0; centreOf(state) < outC && s < 10 * 3600; s += dt) state = moistStep(state, body, oven, dt);
  const reached = centreOf(state);
  if (reached < outC) return null;
  let [peakC, peakMinutes] = [reached, 0];
  for (let s = dt; s < 3 * 3600; s += dt) {
    state = moistStep(state, body, rest, dt);
    const centre = centreOf(state);
    if (centre < peakC - 0.05) break;
    if (centre > peakC) [peakC, peakMinutes] = [centre, s / 60];
  }
  return { outC: reached, peakC, peakMinutes };
}
