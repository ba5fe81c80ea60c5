import { latentHeat } from '../water';
import { syrupBoilingC, strongestSyrupPercent } from './boiling-table';
import { concentrationPercent, heatCapacity, waterLeftG, type SyrupBatch } from './syrup-batch';

/** Heat that a batch of syrup has taken up by the time its thermometer shows a temperature. */
export interface HeatScale {
  /** Joules from 20 °C to `celsius`; beyond the scale, its end. */
  joulesAt(celsius: number): number;
  /** The temperature at which so many joules have been taken up, the other way about. */
  celsiusAt(joules: number): number;
  /** Joules for one more degree at `celsius`: huge on the plateau, small in the climb. */
  joulesPerDegreeAt(celsius: number): number;
  /**
   * Seconds from having taken up `joules` to showing `targetC`, with the net power at each temperature;
   * Infinity where it falls to nothing on the way.
   */
  secondsBetween(joules: number, targetC: number, netWattsAt: (celsius: number) => number): number;
}

const points = 120;
/** Where the scale counts from, °C; only differences along it matter. */
const fromC = 20;
const scales = new WeakMap<SyrupBatch, HeatScale>();

/** The heat scale of a batch, worked out once for each batch object. */
export function heatScaleOf(batch: SyrupBatch): HeatScale {
  const known = scales.get(batch);
  if (known) return known;
  const scale = layOut(batch);
  scales.set(batch, scale);
  return scale;
}

/**
 * Lays the heating of a batch out by heat instead of time. Under steady power the heat taken up grows in a
 * straight line while the temperature stalls and then climbs, so a line through it forecasts both.
 */
function layOut(batch: SyrupBatch): HeatScale {
  const startPercent = concentrationPercent(batch, batch.waterG);
  const boilsAtC = syrupBoilingC(Math.min(startPercent, strongestSyrupPercent), batch.localBoilingC);
  const coldCapacity = heatCapacity(batch, batch.waterG);
  const celsius = [fromC, boilsAtC];
  const joules = [0, coldCapacity * (boilsAtC - fromC)];
  const startWater = batch.waterG;
  const endWater = waterLeftG(batch, strongestSyrupPercent);
  for (let i = 1; i <= points; i += 1) {
    // Equal ratios of water: fine where little is left and a gram moves the temperature most.
    const water = startWater * (endWater / startWater) ** (i / points);
    const percent = Math.min(strongestSyrupPercent, concentrationPercent(batch, water));
    const here = syrupBoilingC(percent, batch.localBoilingC);
    const before = celsius.at(-1)!;
    const waterBefore = i === 1 ? startWater : startWater * (endWater / startWater) ** ((i - 1) / points);
    celsius.push(here);
    joules.push(
      joules.at(-1)! +
        heatCapacity(batch, water) * (here - before) +
        latentHeat(here) * (waterBefore - water),
    );
  }

  const pieceOf = (value: number) => {
    let [low, high] = [0, celsius.length - 1];
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (celsius[middle]! <= value) low = middle;
      else high = middle;
    }
    return low;
  };
  const slope = (i: number) => (joules[i + 1]! - joules[i]!) / Math.max(1e-9, celsius[i + 1]! - celsius[i]!);

  const joulesAt = (value: number) => {
    if (value >= celsius.at(-1)!) return joules.at(-1)!;
    const i = pieceOf(value);
    return joules[i]! + slope(i) * (value - celsius[i]!);
  };

  const celsiusAt = (value: number) => {
    let [low, high] = [0, joules.length - 1];
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (joules[middle]! <= value) low = middle;
      else high = middle;
    }
    return celsius[low]! + (value - joules[low]!) / slope(low);
  };

  return {
    joulesAt,
    celsiusAt,
    joulesPerDegreeAt: (value) => slope(pieceOf(value)),
    secondsBetween(from, targetC, netWattsAt) {
      const to = joulesAt(targetC);
      let [seconds, here] = [0, from];
      for (let i = 0; i < celsius.length - 1 && here < to; i += 1) {
        const next = Math.min(to, joules[i + 1]!);
        if (next <= here) continue;
        const watts = netWattsAt((celsius[i]! + celsius[i + 1]!) / 2);
        if (watts <= 0) return Infinity;
        seconds += (next - here) / watts;
        here = next;
      }
      return seconds;
    },
  };
}
