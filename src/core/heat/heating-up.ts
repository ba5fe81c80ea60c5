import { RefusedValue, requireWithin } from '../bounds';
import type { Source } from '../working';

export const heatingUpSource: Source = {
  kind: 'from-memory',
  text: 'Heat balance with losses in proportion to the warmth above the room; of a ring’s power 70 to 90 % goes into the pan (gas less), an open pan loses about five times what a covered one does',
};

/** kJ/(kg K) of liquid water between 0 and 100 °C, mean (steam tables). */
const waterHeatKJ = 4.19;
/** kJ/K of an empty pan of a litre or two (0.8 kg of steel at 0.5). */
const panKJPerK = 0.4;
const roomC = 20;
/** Share of a ring’s power that reaches the pan: likely, and between. */
const shares = { likely: 0.8, best: 0.95, worst: 0.6 } as const;
/** Loss of a pan per area of its opening, W/(m² K): still air and steam from an open one, the outside of a covered one. */
const lossWm2K = { open: 60, lid: 12 } as const;

export interface HeatingUp {
  minutes: number;
  low: number;
  high: number;
  /** What it loses at the boil, W. */
  lossW: number;
  /** What has to go into water and pan, kJ. */
  heatKJ: number;
  /** What of the ring’s power does, likely, W. */
  intoPanW: number;
}

/** Area of the opening of a pan that is filled to a quarter of its width, m². */
function openingM2(massG: number): number {
  const diameter = Math.cbrt((16 * massG) / 1e6 / Math.PI);
  return (Math.PI * diameter ** 2) / 4;
}

/**
 * Minutes until a pan of water, or of something watery, comes to the boil.
 *
 * @param massG mass in the pan, g
 * @param powerW of the ring, W
 * @throws RefusedValue where its power is lost before it boils
 */
export function heatingUp(
  massG: number,
  startC: number,
  boilingC: number,
  powerW: number,
  lid: boolean,
): HeatingUp {
  requireWithin('waterG', massG, 1, 100_000, 'g');
  requireWithin('powerW', powerW, 1, 100_000, 'W');
  const lossWPerK = openingM2(massG) * (lid ? lossWm2K.lid : lossWm2K.open);
  const lossW = lossWPerK * (boilingC - roomC);
  const heatKJPerK = (massG / 1000) * waterHeatKJ + panKJPerK;
  const known = {
    lossW,
    heatKJ: heatKJPerK * Math.max(0, boilingC - startC),
    intoPanW: shares.likely * powerW,
  };
  if (startC >= boilingC) return { minutes: 0, low: 0, high: 0, ...known };
  // C dT/dt = ηP − K(T − room), from start to boil.
  const minutes = (share: number) => {
    const atStart = share * powerW - lossWPerK * (startC - roomC);
    const atBoil = share * powerW - lossW;
    if (atBoil <= 0) return Infinity;
    return (((heatKJPerK * 1000) / lossWPerK) * Math.log(atStart / atBoil)) / 60;
  };
  const likely = minutes(shares.likely);
  if (!Number.isFinite(likely)) {
    throw new RefusedValue(
      'powerW',
      powerW,
      `more than ${Math.ceil(lossW / shares.likely)} W: with less this pan never boils ${lid ? 'even with its lid' : 'without a lid'}`,
    );
  }
  const slow = minutes(shares.worst);
  return {
    minutes: likely,
    low: minutes(shares.best),
    high: Number.isFinite(slow) ? slow : 4 * likely,
    ...known,
  };
}

export interface Mixed {
  /** Temperature of both together, before any more heat, °C. */
  mixedC: number;
  /** Heat that brings it back to what it was, kJ. */
  heatKJ: number;
}

/** Something cold put into something hot: where they meet, and the heat that is then wanting. Specific heats in kJ/(kg K). */
export function coldIntoHot(
  hot: { massG: number; celsius: number; heatKJ?: number },
  cold: { massG: number; celsius: number; heatKJ?: number },
): Mixed {
  const hotKJPerK = (hot.massG / 1000) * (hot.heatKJ ?? waterHeatKJ);
  const coldKJPerK = (cold.massG / 1000) * (cold.heatKJ ?? waterHeatKJ);
  const mixedC = (hotKJPerK * hot.celsius + coldKJPerK * cold.celsius) / (hotKJPerK + coldKJPerK);
  return { mixedC, heatKJ: coldKJPerK * (hot.celsius - cold.celsius) };
}
