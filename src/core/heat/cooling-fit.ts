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
  /** null: in a room a degree warmer it would never get there. */
  high: number | null;
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
    throw new RefusedValue(
      `readings[${i}].minute`,
      minute,
      `after minute ${readings[i - 1]!.minute}: in order of time`,
    );
  });
}

/**
 * Fits Newton's law to readings and says when a temperature will be reached, with a 95 % interval that counts the readings'
 * own spread and a room that is known to a degree.
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
  const own = fitAgainst(readings, ambientC, targetC);
  if (!own || own.slope >= 0)
    throw new RefusedValue('readings', readings, 'readings that near the surroundings');
  const last = readings.at(-1)!;
  // A room is known to about a degree: what that does to the moment is seen by fitting against a warmer and a colder one.
  const moved = [-1, 1].map((way) => fitAgainst(readings, ambientC + way * ambientSdC, targetC));
  const shifts = moved.map((one) => (one && one.slope < 0 ? Math.abs(one.at - own.at) : null));
  const unknown = shifts.includes(null);
  const ofRoom = Math.max(...shifts.map((shift) => shift ?? 0));
  const half = Math.hypot(studentT(readings.length - 2) * own.se, 1.96 * ofRoom);
  const after = (minute: number) => Math.max(0, minute - last.minute);
  return {
    timeConstantMinutes: -1 / own.slope,
    startC: ambientC + side * Math.exp(own.intercept),
    r2: own.r2,
    minutes: after(own.at),
    low: after(own.at - half),
    high: unknown ? null : after(own.at + half),
    atMinute: own.at,
  };
}

/** How well the surroundings are known, °C, and the least spread of a reading, °C (half a division of 0.5 °C and more). */
const [ambientSdC, leastSpreadC] = [1, 0.2];

/** The straight line through ln|T − surroundings|, and when it is at the target, with its standard error; null where it never is. */
function fitAgainst(readings: readonly TimedReading[], ambientC: number, targetC: number) {
  const side = Math.sign(readings[0]!.celsius - ambientC);
  if (
    (targetC - ambientC) * side <= 0 ||
    readings.some(({ celsius }) => Math.sign(celsius - ambientC) !== side)
  )
    return null;
  const x = readings.map((one) => one.minute);
  const line = fitLine(
    x,
    readings.map((one) => Math.log(Math.abs(one.celsius - ambientC))),
  );
  const at = (Math.log(Math.abs(targetC - ambientC)) - line.intercept) / line.slope;
  const n = x.length;
  const mean = x.reduce((sum, one) => sum + one, 0) / n;
  const spread = x.reduce((sum, one) => sum + (one - mean) ** 2, 0);
  // A reading's own spread, as it stands in the logarithm where the food is by then.
  const nearest = Math.min(...readings.map((one) => Math.abs(one.celsius - ambientC)));
  const sd = Math.max(line.residualSd, leastSpreadC / nearest);
  const se = (sd * Math.sqrt(1 / n + (at - mean) ** 2 / spread)) / Math.abs(line.slope);
  return { ...line, at, se };
}
