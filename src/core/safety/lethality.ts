import { requireWithin } from '../bounds';
import { requireReadings, type TimedReading } from '../heat';
import type { Source } from '../working';

export const lethalitySource: Source = {
  kind: 'handbook',
  text: 'F = ∫ 10^((T − T_ref)/z) dt, the temperature taken as straight between readings (general method of Bigelow; Ball and Olson)',
};

/** Core equivalents of UK guidance, 70 °C for 2 min as reference; z = 7.5 °C reproduces them within 20 %. */
export const ukReferenceC = 70;
export const ukZC = 7.5;

/**
 * Minutes at the reference temperature that kill as much as the readings did. Between two readings the temperature runs
 * straight, so the lethal rate runs as an exponential, which is integrated exactly.
 *
 * @param readings at least two, in order of time
 * @param referenceC 40 to 130 °C
 * @param zC 2 to 20 °C
 */
export function equivalentMinutes(readings: readonly TimedReading[], referenceC: number, zC: number): number {
  requireReadings(readings);
  requireWithin('referenceC', referenceC, 40, 130, '°C');
  requireWithin('zC', zC, 2, 20, '°C');
  const perDegree = Math.LN10 / zC;
  let total = 0;
  let before = Math.exp((readings[0]!.celsius - referenceC) * perDegree);
  for (let i = 1; i < readings.length; i += 1) {
    const rate = Math.exp((readings[i]!.celsius - referenceC) * perDegree);
    const growth = (readings[i]!.celsius - readings[i - 1]!.celsius) * perDegree;
    // The logarithmic mean of the two rates; where they are nearly the same, the start of its series.
    const mean =
      Math.abs(growth) < 1e-4 ? before * (1 + growth / 2 + (growth * growth) / 6) : (rate - before) / growth;
    total += mean * (readings[i]!.minute - readings[i - 1]!.minute);
    before = rate;
  }
  return total;
}
