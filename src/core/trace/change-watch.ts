import { medianOf, WeightedEquations } from '../numeric';

/** Readings after a change that are tried: a large change shows in few, a small one in many. */
const afters = [3, 5, 8, 14, 24, 40];
/** A step is at one reading and no other: every one since the last look is tried. */
const stepAfters = [3, 4, 5, 6, 7, 8, 9, 10, 12, 14, 24, 40];
/** Readings before it that are looked at: at least so many, and so many times those after. */
const [leastBefore, timesBefore] = [7, 2.5];
/** By how much two pieces must be likelier than one (twice the logarithm), for a few readings by more. */
const [wanted, fewReadings] = [36, 12];
/** Seconds between two looks. */
const lookEveryS = 5;
/** So many changes, each so soon after the one before, s, are restlessness. */
const [restless, restlessS] = [3, 240];
/** Its level steps by so many spreads: less is the weather in a pan. */
const levelSpreads = 5;
/** A leap between two readings is so many spreads. */
const leapSpreads = 6;

interface Piece {
  rss: number;
  estimates: readonly number[];
}

/**
 * Watches values in time, as they come in, for a moment from which on they go otherwise: a kink or a step that a smooth curve
 * through what is beside it leaves by far more than its spread. What was found once stays found.
 */
export class ChangeWatch {
  readonly seconds: number[] = [];
  readonly #values: number[] = [];
  readonly #sds: number[] = [];
  /** A kink at a reading counts where it changes the slope by this share of itself. */
  readonly #turns: number[] = [];
  #lookedS = -Infinity;
  /** The first reading of each piece after the first, in order. */
  readonly #starts: number[] = [];

  /** The first reading of the last piece. */
  get #from(): number {
    return this.#starts.at(-1) ?? 0;
  }

  /**
   * The first reading that goes as it goes now. Where it changes again and again within minutes (a hob that cycles, stirring
   * that pauses) that is how it goes: then from before the first of these changes on.
   */
  get start(): number {
    return this.#restlessFrom ?? this.#from;
  }

  /** It changes again and again. */
  get isRestless(): boolean {
    return this.#restlessFrom !== null;
  }

  /** The first reading before the first of many changes; null: it is not restless. */
  get #restlessFrom(): number | null {
    const starts = this.#starts;
    let first = starts.length - 1;
    while (first > 0 && this.seconds[starts[first]!]! - this.seconds[starts[first - 1]!]! < restlessS)
      first -= 1;
    return starts.length - first >= restless ? (starts[first - 1] ?? 0) : null;
  }

  /** Whether anything was found: else all of it goes as it began. */
  get changed(): boolean {
    return this.#starts.length > 0;
  }

  /**
   * @param degree of the smooth curve that is no change
   * @param onlySteps it kinks by itself wherever it likes: only steps count
   */
  constructor(
    readonly degree: 2 | 3,
    readonly onlySteps = false,
  ) {}

  /** @param turn share of its slope by which a kink here must at least change it; Infinity: it kinks here by itself */
  add(second: number, value: number, sd: number, turn: number): void {
    this.seconds.push(second);
    this.#values.push(value);
    this.#sds.push(sd);
    this.#turns.push(turn);
    const end = this.seconds.length;
    // Looking takes longer than reading: often enough to see it soon.
    if (second - this.#lookedS < lookEveryS) return;
    this.#lookedS = second;
    if (turn === Infinity && !this.onlySteps) return;
    this.#look(end);
  }

  /** From a reading on it is another thing; left out: from the next one on. */
  beginAt(index = this.seconds.length): void {
    if (index > this.#from) this.#starts.push(index);
  }

  #look(end: number): void {
    let best = { gained: 0, at: -1 };
    for (const after of this.onlySteps ? stepAfters : afters) {
      const at = end - after;
      const before = Math.min(at - this.#from, Math.max(leastBefore, Math.round(timesBefore * after)));
      if (before < leastBefore || this.#blind(at - before, end)) break;
      const gained = this.#breakAt(at - before, end, at);
      if (gained > best.gained) best = { gained, at };
    }
    if (best.at < 0) return;
    this.beginAt(best.at);
  }

  /** Whether it leaps from one reading to the next, far more than its neighbours do: a corner that is rounded does not. */
  #leaps(from: number, to: number, at: number): boolean {
    const moved = (i: number) => Math.abs(this.#values[i]! - this.#values[i - 1]!);
    const others: number[] = [];
    for (let i = from + 1; i < to; i += 1) if (i !== at) others.push(moved(i));
    return moved(at) > leapSpreads * this.#sds[at]! + 2 * medianOf(others);
  }

  /** Whether something between two readings kinks by itself. */
  #blind(from: number, to: number): boolean {
    if (this.onlySteps) return false;
    for (let i = to - 1; i >= from; i -= 1) if (this.#turns[i] === Infinity) return true;
    return false;
  }

  /** How surely it goes otherwise from a reading on than before it; 0: not worth a word. */
  #breakAt(from: number, to: number, at: number): number {
    if (this.onlySteps && !this.#leaps(from, to, at)) return 0;
    const one = this.#fit(from, to, at, this.onlySteps ? 'kink' : 'smooth');
    const two = this.#fit(from, to, at, 'both');
    if (!one || !two) return 0;
    const n = to - from;
    const spread = Math.max(1, two.rss / Math.max(1, n - two.estimates.length));
    const gained = (one.rss - two.rss) / spread;
    if (gained < wanted * (1 + fewReadings / n)) return 0;
    const [turn, step] = two.estimates.slice(-2) as [number, number];
    const turns = !this.onlySteps && Math.abs(turn) > this.#turns[at]! * Math.abs(two.estimates[1]!);
    return turns || Math.abs(step) > levelSpreads * this.#sds[at]! * Math.sqrt(spread) ? gained : 0;
  }

  /** Least squares from one reading to another by a smooth curve, or by one that kinks, or steps too, before a reading. */
  #fit(from: number, to: number, at: number, how: 'smooth' | 'kink' | 'both'): Piece | null {
    const { seconds } = this;
    const middle = (seconds[at - 1]! + seconds[at]!) / 2;
    const scale = Math.max(1, seconds[to - 1]! - seconds[from]!);
    const unknowns = this.degree + 1 + (how === 'smooth' ? 0 : how === 'kink' ? 1 : 2);
    const equations = new WeightedEquations(unknowns);
    const rows: number[][] = [];
    for (let i = from; i < to; i += 1) {
      const x = (seconds[i]! - middle) / scale;
      const row = [1, x, x * x];
      if (this.degree === 3) row.push(x * x * x);
      if (how !== 'smooth') row.push(i >= at ? x : 0);
      if (how === 'both') row.push(i >= at ? 1 : 0);
      rows.push(row);
      equations.add(row, this.#values[i]!, 1 / this.#sds[i]! ** 2);
    }
    const fit = equations.solve();
    if (!fit) return null;
    const rss = rows.reduce((sum, row, k) => {
      const left = this.#values[from + k]! - row.reduce((all, a, j) => all + a * fit.estimates[j]!, 0);
      return sum + (left / this.#sds[from + k]!) ** 2;
    }, 0);
    return { rss, estimates: fit.estimates };
  }
}
