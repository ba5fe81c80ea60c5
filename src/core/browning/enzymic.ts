import { requireWithin } from '../bounds';
import type { Source } from '../working';

export const enzymicSource: Source = {
  kind: 'from-memory',
  text: 'Teaching model of polyphenol oxidase: best near pH 6.5 and 30 °C, little below pH 3.5, destroyed from 75 °C; ascorbic acid delays, salt and citrate hinder',
};

export interface CutFruit {
  pH: number;
  temperatureC: number;
  /** Ascorbic acid of the dip, % by mass. */
  ascorbicPercent: number;
  /** Salt of the dip, % by mass. */
  saltPercent: number;
}

/** Rate constant of a plain cut pear at room temperature, 1/min (teaching value: half brown in about 20 min). */
const plainFruitRate = 0.035;

/** Rate of enzymic browning, 1/min, once the ascorbic acid is used up. */
export function enzymicRate({ pH, temperatureC, saltPercent }: CutFruit): number {
  requireWithin('pH', pH, 1.5, 9);
  requireWithin('temperatureC', temperatureC, 0, 100, '°C');
  requireWithin('saltPercent', saltPercent, 0, 10, '%');
  const acid = 1 / (1 + 10 ** (1.2 * (4.6 - pH))) / (1 + 10 ** (1.2 * (pH - 8.4)));
  const warm =
    temperatureC <= 30
      ? 2 ** ((temperatureC - 21) / 12)
      : 2 ** (9 / 12) * Math.exp(-(((temperatureC - 30) / 25) ** 2));
  const alive = 1 / (1 + Math.exp((temperatureC - 72) / 2.5));
  return plainFruitRate * acid * warm * alive * Math.exp(-saltPercent / 1.5);
}

/** Minutes during which ascorbic acid turns the quinones back: none browns until it is spent. */
export function ascorbicDelayMinutes({ ascorbicPercent }: CutFruit): number {
  return requireWithin('ascorbicPercent', ascorbicPercent, 0, 10, '%') * 45;
}

/** Share of the final browning reached after some minutes: a delay, then a first-order approach. */
export function enzymicBrowning(fruit: CutFruit, minutes: number): number {
  requireWithin('minutes', minutes, 0, 10_000, 'min');
  const browning = Math.max(0, minutes - ascorbicDelayMinutes(fruit));
  return 1 - Math.exp(-enzymicRate(fruit) * browning);
}
