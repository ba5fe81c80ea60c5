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

/** Share of the full treatment that a straight run between two readings is worth, integrated between printed lines. */
function shareOfTreatment(from: TimedReading, to: TimedReading): number {
  const seconds = (to.minute - from.minute) * 60;
  const rise = to.celsius - from.celsius;
  // No rise to speak of: the constant at the cooler end.
  if (Math.abs(rise) < 1e-9) return seconds / printedHoldS(Math.min(from.celsius, to.celsius));
  const [low, high] = [Math.min(from.celsius, to.celsius), Math.max(from.celsius, to.celsius)];
  const cuts = [
    low,
    ...ukEquivalents.map((line) => line.celsius).filter((at) => at > low && at < high),
    high,
  ];
  let share = 0;
  for (let i = 1; i < cuts.length; i += 1) {
    const [a, b] = [cuts[i - 1]!, cuts[i]!];
    if ((a + b) / 2 < coolest.celsius) continue;
    const spent = (seconds * (b - a)) / (high - low);
    const [slow, fast] = [1 / printedHoldS(a), 1 / printedHoldS(b)];
    // The rate runs as an exponential within a piece: its mean is the logarithmic one.
    share += spent * (Math.abs(fast / slow - 1) < 1e-6 ? slow : (fast - slow) / Math.log(fast / slow));
  }
  return share;
}

/** Share of the full UK treatment that readings are worth: 1 and more is 70 °C for 2 min or as much. */
export function treatmentOf(readings: readonly TimedReading[], longestGapMinutes = Infinity): number {
  requireReadings(readings, 1);
  let total = 0;
  for (let i = 1; i < readings.length; i += 1) {
    if (readings[i]!.minute - readings[i - 1]!.minute > longestGapMinutes) continue;
    total += shareOfTreatment(readings[i - 1]!, readings[i]!);
  }
  return total;
}
