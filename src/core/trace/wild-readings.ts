import { readingSpreadC } from './reading-spread';
import { Settling } from './settling';
import type { Trace } from './trace';

interface Readings {
  seconds: number[];
  celsius: number[];
}

/** A trace without the readings that are no pan’s (a thermometer in the air, a slip of the finger), and those apart. */
export function withoutWild(trace: Trace): { kept: Readings; wild: Readings } {
  const noiseC = readingSpreadC(trace);
  const settling = new Settling(() => noiseC);
  for (let i = 0; i < trace.seconds.length; i += 1) settling.add(trace.seconds[i]!, trace.celsius[i]!);
  const away = new Set(settling.wild);
  const where = (isWild: boolean): Readings => {
    const places = Array.from(trace.seconds, (_, i) => i).filter(
      (i) => away.has(trace.seconds[i]!) === isWild,
    );
    return {
      seconds: places.map((i) => trace.seconds[i]!),
      celsius: places.map((i) => trace.celsius[i]!),
    };
  };
  return { kept: where(false), wild: where(true) };
}
