import { robustSlope } from './robust-slope';

/** A reading that leaves its line by so much, °C, or so many spreads, and faster than so much a second, is no pan’s. */
const [wildC, wildSpreads, wildCPerS] = [2.5, 8, 0.35];
/** Readings by eye to 5 °F leave their line by themselves, °C. */
const coarseC = 0.6;
/** Back where it would have been: so near, °C or spreads. */
const [backC, backSpreads] = [1.2, 5];
/** Readings that are wanted before one is judged by them. */
const leastToJudge = 4;
/** So many readings in a row above the line are a pan that runs away: in the air a thermometer never rises. */
const runsAway = 2;
/** Away for longer than this, or steady elsewhere for so long, s, it is elsewhere. */
const [longestAwayS, steadyS] = [90, 20];
/** Readings, and seconds, that the line is drawn through. */
const [lineReadings, lineS] = [12, 90];

/** At once is so much of it between two readings. */
const atOnce = 0.6;

interface Away {
  second: number;
  celsius: number;
}

interface Line {
  slope: number;
  at(second: number): number;
}

/** The line through the last readings. */
function lineThrough(seconds: readonly number[], celsius: readonly number[]): Line {
  const last = seconds.at(-1)!;
  const from = Math.max(
    seconds.length - lineReadings,
    seconds.findIndex((second) => last - second <= lineS),
  );
  const fitted = robustSlope({ seconds: seconds.slice(from), celsius: celsius.slice(from) });
  const { slope, levelC } = fitted ?? { slope: 0, levelC: celsius.at(-1)! };
  return { slope, at: (second) => levelC + slope * (second - last) };
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
  /** The first reading since it last stepped. */
  #since = 0;
  #away: Away[] = [];
  #line: Line | null = null;

  /** @param noiseC standard deviation of single readings */
  constructor(readonly noiseC: () => number) {}

  /** It is away just now: in the air, or something cold has gone in. */
  get isAway(): boolean {
    return this.#away.length > 0;
  }

  /** @returns whether it stands elsewhere than it would have from this reading, or one just before it, on */
  add(second: number, celsius: number): 'on' | 'away' | 'elsewhere' {
    if (this.seconds.length - this.#since < leastToJudge) {
      this.#keep(second, celsius);
      return 'on';
    }
    const noise = this.noiseC();
    if (this.#away.length === 0) {
      this.#line = lineThrough(this.seconds.slice(this.#since), this.celsius.slice(this.#since));
      const off = Math.abs(celsius - this.#line.at(second));
      const gap = Math.max(1, second - this.seconds.at(-1)!);
      const wild = noise < coarseC && off > Math.max(wildC, wildSpreads * noise);
      // A pan that comes to the boil leaves its line as well: but by standing still, not by moving.
      const moved = Math.abs(celsius - this.celsius.at(-1)!);
      if (wild && off / gap >= wildCPerS && moved / gap >= wildCPerS) {
        this.#away.push({ second, celsius });
        return 'away';
      }
      this.#keep(second, celsius);
      return 'on';
    }
    const line = this.#line!;
    this.#away.push({ second, celsius });
    const near = Math.max(
      backC,
      backSpreads * noise,
      0.1 * Math.abs(line.slope) * (second - this.seconds.at(-1)!),
    );
    if (Math.abs(celsius - line.at(second)) <= near) {
      // What fell at once and warmed again by and by was cooled: something cold went in.
      const cooled = this.#fellAtOnce(line);
      this.#goOnFrom(this.#away.length - 1, cooled ? line : null);
      return cooled ? 'elsewhere' : 'on';
    }
    const above = this.#away.slice(-runsAway).filter((one) => one.celsius > line.at(one.second));
    if (above.length === runsAway) {
      const [one, other] = above as [Away, Away];
      const rate = (other.celsius - one.celsius) / Math.max(1, other.second - one.second);
      // Higher, and going on as before: another thermometer. Else it is on its way up.
      const stepped = rate < line.slope + wildCPerS;
      this.#since = this.seconds.length;
      this.#goOnFrom(this.#away.length - runsAway, stepped ? line : null);
      return stepped ? 'elsewhere' : 'on';
    }
    return this.#settles(second, noise, line) ? 'elsewhere' : 'away';
  }

  /** A thermometer in the air falls by and by; a pan that something cold is poured into, at once. */
  #fellAtOnce(line: Line): boolean {
    const away = this.#away.slice(0, -1);
    if (away.length < 4) return false;
    const offs = away.map(({ second, celsius }) => line.at(second) - celsius);
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
    this.#goOnFrom(steady ? since : this.#away.length - 1, line);
    return true;
  }

  /**
   * From one of the readings that were away on they count again; those before it never did.
   *
   * @param line where it would be; null: it is there
   */
  #goOnFrom(from: number, line: Line | null): void {
    const [left, here] = [this.#away.slice(0, from), this.#away.slice(from)];
    if (line) {
      this.#since = this.seconds.length;
      const farthest = [...left, here[0]!].reduce((most, one) =>
        Math.abs(one.celsius - line.at(one.second)) > Math.abs(most.celsius - line.at(most.second))
          ? one
          : most,
      );
      this.steppedC = farthest.celsius - line.at(farthest.second);
    }
    this.wild.push(...left.map((one) => one.second));
    for (const one of here) this.#keep(one.second, one.celsius);
    this.#away = [];
  }
}

/** Whether readings lie on a line as pans have them: no fall through the air. */
function isSteady(readings: readonly Away[], noise: number): boolean {
  const { slope, at } = lineThrough(
    readings.map(({ second }) => second),
    readings.map(({ celsius }) => celsius),
  );
  return (
    Math.abs(slope) < wildCPerS &&
    readings.every(({ second, celsius }) => Math.abs(celsius - at(second)) < 4 * noise)
  );
}
