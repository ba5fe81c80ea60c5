import { medianOf } from '../numeric';

/** A reading that leaves its line by so much, °C, or so many spreads, and faster than so much a second, is no pan’s. */
const [wildC, wildSpreads, wildCPerS] = [2.5, 8, 0.35];
/** Readings by eye to 5 °F leave their line by themselves, °C. */
const coarseC = 0.6;
/** Back where it would have been: so near, °C or spreads. */
const [backC, backSpreads] = [1.2, 5];
/** Away for longer than this, or steady elsewhere for so long, s, it is elsewhere. */
const [longestAwayS, steadyS] = [90, 20];
/** Readings, and seconds, that the line is drawn through. */
const [lineReadings, lineS] = [12, 90];

/** At once is so much of it between two readings. */
const atOnce = 0.6;

interface Line {
  slope: number;
  at(second: number): number;
}

/** The line through the last readings: its slope by the median of all pairs. */
function lineThrough(seconds: readonly number[], celsius: readonly number[]): Line {
  const last = seconds.length - 1;
  let from = last;
  while (from > 0 && last - from < lineReadings - 1 && seconds[last]! - seconds[from]! < lineS) from -= 1;
  const slopes: number[] = [];
  for (let i = from; i < last; i += 1)
    for (let j = i + 1; j <= last; j += 1)
      if (seconds[j]! > seconds[i]!) slopes.push((celsius[j]! - celsius[i]!) / (seconds[j]! - seconds[i]!));
  const slope = slopes.length === 0 ? 0 : medianOf(slopes);
  const level = medianOf(
    celsius.slice(from).map((one, i) => one - slope * (seconds[from + i]! - seconds[last]!)),
  );
  return { slope, at: (second) => level + slope * (second - seconds[last]!) };
}

/**
 * Readings as they come in, without those that are no pan’s: a thermometer that was out for a while, a slip of the finger.
 * Where it stays elsewhere (cold cream, another pan) that is told.
 */
export class Settling {
  readonly seconds: number[] = [];
  readonly celsius: number[] = [];
  /** Moments of readings that were left out, s. */
  readonly wild: number[] = [];
  /** How far it last stepped, °C; 0: never. */
  steppedC = 0;
  #away: { second: number; celsius: number }[] = [];
  #line: Line | null = null;

  /** @param noiseC standard deviation of single readings */
  constructor(readonly noiseC: () => number) {}

  /** It is away just now: in the air, or something cold has gone in. */
  get isAway(): boolean {
    return this.#away.length > 0;
  }

  /** @returns whether it stands elsewhere than it would have from this reading, or one just before it, on */
  add(second: number, celsius: number): 'on' | 'away' | 'elsewhere' {
    if (this.seconds.length < 4) {
      this.#keep(second, celsius);
      return 'on';
    }
    const noise = this.noiseC();
    if (this.#away.length === 0) {
      this.#line = lineThrough(this.seconds, this.celsius);
      const off = Math.abs(celsius - this.#line.at(second));
      const gap = Math.max(1, second - this.seconds.at(-1)!);
      const wild = noise < coarseC && off > Math.max(wildC, wildSpreads * noise);
      if (wild && off / gap >= wildCPerS) {
        this.#away.push({ second, celsius });
        return 'away';
      }
      this.#keep(second, celsius);
      return 'on';
    }
    const line = this.#line!;
    const near = Math.max(
      backC,
      backSpreads * noise,
      0.1 * Math.abs(line.slope) * (second - this.seconds.at(-1)!),
    );
    if (Math.abs(celsius - line.at(second)) <= near && this.#fellAtOnce(line)) {
      // What fell at once and warmed again by and by was cooled: something cold went in.
      const coldest = this.#away.reduce((least, one) => (one.celsius < least.celsius ? one : least));
      this.steppedC = coldest.celsius - line.at(coldest.second);
      this.wild.push(...this.#away.map((one) => one.second));
      this.#away = [];
      this.#keep(second, celsius);
      return 'elsewhere';
    }
    if (Math.abs(celsius - line.at(second)) <= near) {
      this.wild.push(...this.#away.map((one) => one.second));
      this.#away = [];
      this.#keep(second, celsius);
      return 'on';
    }
    this.#away.push({ second, celsius });
    return this.#settles(second, noise, line) ? 'elsewhere' : 'away';
  }

  /** A thermometer in the air falls by and by; a pan that something cold is poured into, at once. */
  #fellAtOnce(line: Line): boolean {
    if (this.#away.length < 4) return false;
    const offs = this.#away.map(({ second, celsius }) => line.at(second) - celsius);
    return offs[0]! > atOnce * Math.max(...offs);
  }

  #keep(second: number, celsius: number): void {
    this.seconds.push(second);
    this.celsius.push(celsius);
  }

  /** Steady elsewhere, or away for too long: then it stays there, and what it did on the way is left out. */
  #settles(second: number, noise: number, line: Line): boolean {
    const since = this.#away.findIndex((one) => second - one.second <= steadyS);
    const lately = this.#away.slice(since);
    const here = lately.at(-1)!.celsius;
    // As cold as the air, it is in the air.
    const steady = since > 0 && lately.length >= 3 && here > 0.5 * line.at(second) && isSteady(lately, noise);
    if (!steady && second - this.#away[0]!.second < longestAwayS) return false;
    const from = steady ? since : this.#away.length - 1;
    const first = this.#away[from]!;
    this.wild.push(...this.#away.slice(0, from).map((one) => one.second));
    this.steppedC = first.celsius - line.at(first.second);
    for (const one of this.#away.slice(from)) this.#keep(one.second, one.celsius);
    this.#away = [];
    return true;
  }
}

/** Whether readings lie on a line as pans have them: no fall through the air. */
function isSteady(readings: readonly { second: number; celsius: number }[], noise: number): boolean {
  const { slope, at } = lineThrough(
    readings.map(({ second }) => second),
    readings.map(({ celsius }) => celsius),
  );
  return (
    Math.abs(slope) < wildCPerS &&
    readings.every(({ second, celsius }) => Math.abs(celsius - at(second)) < 4 * noise)
  );
}
