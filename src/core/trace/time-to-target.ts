import { robustSlope } from './robust-slope';
import { windowOf, type Trace } from './trace';

/** When a trace will reach a temperature, counted from now. */
export type Forecast =
  | {
      kind: 'reaching';
      seconds: number;
      low: number;
      /** null: it may never get there */ high: number | null;
    }
  | { kind: 'reached'; byC: number }
  | { kind: 'not-approaching' }
  | { kind: 'too-few-readings' };

/** How far back the line is drawn, s, and the most readings it is drawn through. */
const windowS = 120;
const mostReadings = 40;
/** Farther ahead than this a straight line says nothing, s. */
const horizonS = 4 * 3600;

/**
 * Time until a trace reaches `targetC` if it goes on as in the last two minutes: a robust straight line,
 * with the 95 % interval of its slope and of its level.
 *
 * @param nowS the present moment on the trace's clock, s
 */
export function timeToTarget(trace: Trace, targetC: number, nowS: number): Forecast {
  const line = robustSlope(windowOf(trace, nowS - windowS, nowS, mostReadings));
  if (!line) return { kind: 'too-few-readings' };
  const n = trace.seconds.length;
  const nowC = line.levelC + line.slope * (nowS - trace.seconds[n - 1]!);
  const gap = targetC - nowC;
  const slack = Math.max(line.spreadC / 2, 0.05);
  const heading = Math.sign(line.slope);
  if (Math.abs(gap) <= slack || (heading !== 0 && passed(trace, targetC, heading, slack))) {
    return { kind: 'reached', byC: -gap };
  }
  if (gap * line.slope <= 0) return { kind: 'not-approaching' };
  const seconds = gap / line.slope;
  if (seconds > horizonS) return { kind: 'not-approaching' };
  const [slowest, fastest] = heading > 0 ? [line.low, line.high] : [line.high, line.low];
  const nearer = Math.max(0, Math.abs(gap) - slack);
  const farther = Math.abs(gap) + slack;
  const low = nearer / Math.abs(fastest);
  const high = slowest * heading > 0 ? farther / Math.abs(slowest) : null;
  return {
    kind: 'reaching',
    seconds,
    low: Math.min(low, seconds),
    high: high === null ? null : Math.max(high, seconds),
  };
}

/** Whether the last few readings lie beyond the target in the direction the trace is heading. */
function passed(trace: Trace, targetC: number, heading: number, slack: number): boolean {
  const n = trace.celsius.length;
  let beyond = 0;
  for (let i = Math.max(0, n - 3); i < n; i += 1) {
    if ((trace.celsius[i]! - targetC) * heading >= -slack) beyond += 1;
  }
  return beyond >= Math.min(2, n);
}
