import { readingSpreadC } from './reading-spread';
import { Settling } from './settling';
import { windowOf, type Trace } from './trace';

interface Readings {
  seconds: number[];
  celsius: number[];
}

/** Readings the spread of single ones is taken from, and how often it is taken anew. */
const [spreadReadings, spreadEvery] = [60, 32];

/** A trace that only grows is read on from where it was read to; one that can be written anew says how often it was. */
interface Reader {
  settling: Settling;
  read: number;
  rewritten: number;
  noiseC: number;
}

const readers = new WeakMap<Trace, Reader>();

function readerOf(trace: Trace & { readonly rewritten?: number }): Reader {
  const { rewritten = 0 } = trace;
  const known = readers.get(trace);
  if (known && known.rewritten === rewritten && known.read <= trace.seconds.length) return known;
  const reader: Reader = { settling: new Settling(() => reader.noiseC), read: 0, rewritten, noiseC: 0.1 };
  readers.set(trace, reader);
  return reader;
}

/** A trace without the readings that are no pan’s (a thermometer in the air, a slip of the finger), and those apart. */
export function withoutWild(trace: Trace): { kept: Readings; wild: Readings } {
  const reader = readerOf(trace);
  const { seconds, celsius } = trace;
  for (; reader.read < seconds.length; reader.read += 1) {
    if (reader.read % spreadEvery === 8) {
      const lately = windowOf(
        trace,
        seconds[Math.max(0, reader.read - spreadReadings)]!,
        seconds[reader.read]!,
      );
      reader.noiseC = readingSpreadC(lately);
    }
    reader.settling.add(seconds[reader.read]!, celsius[reader.read]!);
  }
  const away = new Set(reader.settling.wild);
  const where = (isWild: boolean): Readings => {
    const places = Array.from(seconds, (_, i) => i).filter((i) => away.has(seconds[i]!) === isWild);
    return { seconds: places.map((i) => seconds[i]!), celsius: places.map((i) => celsius[i]!) };
  };
  return { kept: where(false), wild: where(true) };
}
