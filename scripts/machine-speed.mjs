// How slow this machine is just now, for guards against hanging: never for a verdict. Plain Node, no dependencies.
import { createHash } from 'node:crypto';

/** What the work below takes on the machine the guards were set on, when nothing else runs there, ms. */
const usualMs = 120;
/** A machine slower than this is not waited for. */
const most = 30;

/** Some of all that tests do: numbers, objects, text, hashes. Deterministic; what it comes to is of no interest. */
function work() {
  let sum = 0;
  for (let i = 1; i < 3_000_000; i += 1) sum += Math.sqrt(i) / (i + 1);
  const rows = Array.from({ length: 8_000 }, (_, i) => ({
    id: `entry ${i}`,
    at: i * 1000,
    body: { celsius: i / 10 },
  }));
  for (let i = 0; i < 4; i += 1) sum += JSON.parse(JSON.stringify(rows)).length;
  return createHash('sha256').update(`${sum}`.repeat(200_000)).digest('hex');
}

/** The median of five: one interruption says nothing, a machine that is busy all the time does. */
function measured() {
  const took = Array.from({ length: 5 }, () => {
    const began = performance.now();
    work();
    return performance.now() - began;
  }).sort((a, b) => a - b);
  return Math.min(most, Math.max(1, took[2] / usualMs));
}

/**
 * How many times slower than usual this machine is, at least 1. Measured once; processes that are started from here are
 * told by the environment. `TAWNY_SLOWNESS` set by hand counts instead.
 */
export function slowness() {
  const told = Number(process.env.TAWNY_SLOWNESS);
  if (told >= 1) return told;
  const found = measured();
  process.env.TAWNY_SLOWNESS = found.toFixed(1);
  return found;
}
