import { requireReadings, type TimedReading } from '../heat';
import type { Source } from '../working';
import { ukEquivalents } from './core-limits';

export const printedEquivalentsSource: Source = {
  kind: 'from-memory',
  text: 'UK Food Standards Agency: 60 °C 45 min, 65 °C 10 min, 70 °C 2 min, 75 °C 30 s, 80 °C 6 s; between them log time runs straight against temperature; nothing below 60 °C, nothing faster than at 80 °C',
};

const coolest = ukEquivalents[0]!;
const hottest = ukEquivalents.at(-1)!;

/** Seconds the printed table asks for at a temperature; Infinity below its coolest line, never less than its hottest. */
export function printedHoldS(celsius: number): number {
  if (celsius < coolest.celsius - 1e-9) return Infinity;
  if (celsius >= hottest.celsius) return hottest.holdS;
  const above = Math.max(
    1,
    ukEquivalents.findIndex((line) => line.celsius > celsius),
  );
  const [from, to] = [ukEquivalents[above - 1]!, ukEquivalents[above]!];
  const share = Math.max(0, celsius - from.celsius) / (to.celsius - from.celsius);
  return from.holdS * (to.holdS / from.holdS) ** share;
}

/** What readings are worth of the full UK treatment at the least and at the most: 1 is 70 °C for 2 min or as much. */
export interface Treatment {
  least: number;
  most: number;
}

/**
 * At the least: between two readings the core was as hot as the cooler of them, where both stand in the table and no more
 * than a stated gap lies between; nothing else was seen. At the most: as hot as the hotter one.
 */
export function treatmentOf(readings: readonly TimedReading[], longestGapMinutes: number): Treatment {
  requireReadings(readings, 1);
  let [least, most] = [0, 0];
  for (let i = 1; i < readings.length; i += 1) {
    const [from, to] = [readings[i - 1]!, readings[i]!];
    const seconds = (to.minute - from.minute) * 60;
    if (to.minute - from.minute <= longestGapMinutes)
      least += seconds / printedHoldS(Math.min(from.celsius, to.celsius));
    most += seconds / printedHoldS(Math.max(from.celsius, to.celsius));
  }
  return { least, most };
}
