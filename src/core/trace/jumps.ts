import type { Trace } from './trace';

/** Two readings that follow each other faster than a thermometer in a pan can move. */
export interface Jump {
  index: number;
  atS: number;
  fromC: number;
  toC: number;
  overS: number;
}

/** A bare probe plunged from air into boiling syrup moves by some 10 °C a second (common practice). */
const fastestCPerS = 10;
/** Below this a jump is noise, °C. */
const smallestC = 15;

/** Steps between neighbouring readings that no pan makes: kept in the trace, but worth a remark. */
export function findJumps(trace: Trace): Jump[] {
  const jumps: Jump[] = [];
  for (let i = 1; i < trace.seconds.length; i += 1) {
    const change = Math.abs(trace.celsius[i]! - trace.celsius[i - 1]!);
    const overS = trace.seconds[i]! - trace.seconds[i - 1]!;
    if (change >= smallestC && change > fastestCPerS * Math.max(overS, 1)) {
      jumps.push({
        index: i,
        atS: trace.seconds[i]!,
        fromC: trace.celsius[i - 1]!,
        toC: trace.celsius[i]!,
        overS,
      });
    }
  }
  return jumps;
}
