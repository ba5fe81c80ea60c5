import { medianOf } from '../numeric';
import { windowOf, type Trace } from './trace';

/** A stretch in which the temperature stayed nearly level. */
export interface Plateau {
  fromS: number;
  toS: number;
  levelC: number;
}

/** Readings are gathered into blocks of this length and each block speaks with its median, s. */
const blockS = 10;

/** What counts as level: how long it lasts at least, s, and how fast it may move, °C a second. */
export interface Levelness {
  shortestS: number;
  levelCPerS: number;
}

/** A pan that boils its water away: under 0.9 °C a minute for a minute. */
export const boilingLevel: Levelness = { shortestS: 60, levelCPerS: 0.015 };
/** A core or a tray: under 0.15 °C a minute (9 °C an hour) for four minutes; a roast climbs by 20 to 60 °C an hour. */
export const foodLevel: Levelness = { shortestS: 240, levelCPerS: 0.0025 };

/**
 * All plateaus of a trace, in order of time. A block belongs to one when the trend over the minute around it
 * is flat by that measure; noise of a few tenths and single wild readings do not break it.
 */
export function findPlateaus(trace: Trace, { shortestS, levelCPerS }: Levelness = boilingLevel): Plateau[] {
  const blocks = blockMedians(trace);
  const reach = Math.round(shortestS / blockS / 2);
  const plateaus: Plateau[] = [];
  let run: { at: number; celsius: number }[] = [];
  const close = () => {
    const [first, last] = [run[0], run.at(-1)];
    if (first && last && last.at - first.at >= shortestS - blockS) {
      plateaus.push({ fromS: first.at, toS: last.at, levelC: medianOf(run.map((block) => block.celsius)) });
    }
    run = [];
  };
  blocks.forEach((block, i) => {
    const before = blocks[Math.max(0, i - reach)]!;
    const after = blocks[Math.min(blocks.length - 1, i + reach)]!;
    const span = after.at - before.at;
    const flat = span > 0 && Math.abs(after.celsius - before.celsius) / span < levelCPerS;
    const gap = run.length > 0 && block.at - run.at(-1)!.at > shortestS;
    if (!flat || gap) close();
    if (flat) run.push(block);
  });
  close();
  return plateaus;
}

/** The plateau a trace is on at `nowS`, or null. Looks back over three times the shortest only. */
export function presentPlateau(trace: Trace, nowS: number, level: Levelness = boilingLevel): Plateau | null {
  const recent = windowOf(trace, nowS - 3 * level.shortestS, nowS);
  const last = findPlateaus(recent, level).at(-1);
  return last && nowS - last.toS <= Math.max(2 * blockS, level.shortestS / 3) ? last : null;
}

function blockMedians(trace: Trace): { at: number; celsius: number }[] {
  const blocks: { at: number; celsius: number }[] = [];
  const n = trace.seconds.length;
  const sorted: number[] = [];
  for (let i = 0; i < n;) {
    const start = trace.seconds[i]!;
    let count = 0;
    for (; i < n && trace.seconds[i]! < start + blockS; i += 1) {
      // Put in its place among the readings of the block: they are few, and nearly in order.
      const celsius = trace.celsius[i]!;
      let place = count;
      while (place > 0 && sorted[place - 1]! > celsius) {
        sorted[place] = sorted[place - 1]!;
        place -= 1;
      }
      sorted[place] = celsius;
      count += 1;
    }
    const middle = (sorted[(count - 1) >> 1]! + sorted[count >> 1]!) / 2;
    blocks.push({ at: (start + trace.seconds[i - 1]!) / 2, celsius: middle });
  }
  return blocks;
}
