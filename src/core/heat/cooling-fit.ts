import { RefusedValue, requireWithin } from '../bounds';
import { fitLine, studentT } from '../statistics';
import type { Source } from '../working';

/** One reading of a food that cools. */
export interface TimedReading {
  minute: number;
  celsius: number;
}

export const newtonSource: Source = {
  kind: 'handbook',
  text: 'Newton’s law of cooling, dT/dt = −(T − T_room)/τ, fitted as a straight line to ln(T − T_room)',
};

export interface CoolingFit {
  /** Time constant τ, minutes. */
  timeConstantMinutes: number;
  /** Temperature the fitted line has at minute 0, °C. */
  startC: number;
  r2: number;
}

export interface CoolingForecast extends CoolingFit {
  /** Minutes after the last reading until the target; 0 when it is reached. */
  minutes: number;
  low: number;
  high: number;
  /** The same on the clock of the readings. */
  atMinute: number;
}

/**
 * @throws RefusedValue unless readings are in order of time, no two at once, each within −90 to 400 °C
 */
export function requireReadings(readings: readonly TimedReading[], least = 2): void {
  if (readings.length < least) throw new RefusedValue('readings', readings, `at least ${least} readings`);
  let before = -Infinity;
  readings.forEach(({ minute, celsius }, i) => {
    const sound = minute > before && Math.abs(minute) <= 1e5 && celsius >= -90 && celsius <= 400;
    before = minute;
    if (sound) return;
    requireWithin(`readings[${i}].minute`, minute, -1e5, 1e5, 'min');
    requireWithin(`readings[${i}].celsius`, celsius, -90, 400, '°C');
    if (i > 0 && minute <= readings[i - 1]!.minute) {
      throw new RefusedValue(
        `readings[${i}].minute`,
        minute,
        `after minute ${readings[i - 1]!.minute}: in order of time`,
      );
    }
  });
}

/**
 * Fits Newton's law to readings and says when a temperature will be reached, with a 95 % prediction interval.
 *
 * @param readings at least three, all on one side of the surroundings, in order of time
 * @param ambientC temperature of the surroundings, °C
 * @param targetC between the surroundings and the last reading
 */
export function forecastCooling(
  readings: readonly TimedReading[],
  ambientC: number,
  targetC: number,
): CoolingForecast {
  requireReadings(readings, 3);
  requireWithin('ambientC', ambientC, -90, 400, '°C');
  requireWithin('targetC', targetC, -90, 400, '°C');
  const side = Math.sign(readings[0]!.celsius - ambientC);
  readings.forEach(({ celsius }, i) => {
    if (Math.sign(celsius - ambientC) !== side || side === 0) {
      throw new RefusedValue(
        `readings[${i}].celsius`,
        celsius,
        `on one side of the surroundings (${ambientC} °C), as the first is`,
      );
    }
  });
  if ((targetC - ambientC) * side <= 0) {
    throw new RefusedValue(
      'targetC',
      targetC,
      `${side > 0 ? 'above' : 'below'} the surroundings (${ambientC} °C): it is never reached`,
    );
  }
  const x = readings.map((one) => one.minute);
  const y = readings.map((one) => Math.log(Math.abs(one.celsius - ambientC)));
  const line = fitLine(x, y);
  if (line.slope >= 0) throw new RefusedValue('readings', readings, 'readings that near the surroundings');
  const last = readings.at(-1)!;
  const wanted = Math.log(Math.abs(targetC - ambientC));
  const at = (wanted - line.intercept) / line.slope;
  const n = x.length;
  const mean = x.reduce((sum, one) => sum + one, 0) / n;
  const spread = x.reduce((sum, one) => sum + (one - mean) ** 2, 0);
  const error =
    (studentT(n - 2) * line.residualSd * Math.sqrt(1 / n + (at - mean) ** 2 / spread)) / Math.abs(line.slope);
  const after = (minute: number) => Math.max(0, minute - last.minute);
  return {
    timeConstantMinutes: -1 / line.slope,
    startC: ambientC + side * Math.exp(line.intercept),
    r2: line.r2,
    minutes: after(at),
    low: after(at - error),
    high: after(at + error),
    atMinute: at,
  };
}
