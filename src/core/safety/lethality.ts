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
  let total = 0;
  for (let i = 1; i < readings.length; i += 1) {
    const [from, to] = [readings[i - 1]!, readings[i]!];
    const [a, b] = [(from.celsius - referenceC) / zC, (to.celsius - referenceC) / zC];
    const rate = 10 ** a;
    const growth = (b - a) * Math.LN10;
    // (e^x − 1)/x, which is 1 where the temperature stands still.
    const mean = Math.abs(growth) < 1e-9 ? rate : (rate * Math.expm1(growth)) / growth;
    total += mean * (to.minute - from.minute);
  }
  return total;
}
