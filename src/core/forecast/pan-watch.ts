import {
  fallenBy,
  heatScaleOf,
  heatShown,
  roomC,
  smallPanLossWPerK,
  syrupBoilingC,
  type HeatScale,
  type SyrupBatch,
} from '../sugar';
import { ChangeWatch, readingSpreadC, Settling, type Trace } from '../trace';

/** Readings by which the spread of one is told, and no less than this is believed, °C. */
const [spreadReadings, leastSpreadC] = [60, 0.1];
/** Readings by eye to 5 °F tell a kink of the pan from none of their own no more, °C. */
const coarseC = 0.6;
/** What was cooled by something poured in boils again so near to where it was, °C. */
const boilsAgainC = 4;
/** A kink counts from this share of the slope on; where a syrup comes to the boil it makes one by itself. */
const [leastTurn, turnOfCore, turnNearTheBoil] = [0.2, 0.35, 0.4];
/** It is coming to the boil from so near to it, °C, for so long, s. */
const [comesToBoilC, comesToBoilS] = [2.5, 110];
/** Within so many kelvin of where it begins to boil it hardly climbs. */
const plateauC = 9;
const nearTheBoilC = 4;

/** Where a batch begins to boil, °C. */
const boilingOf = (batch: SyrupBatch) =>
  syrupBoilingC((100 * batch.solidsG) / (batch.solidsG + batch.waterG), batch.localBoilingC);

/** A trace that only grows can say how often it was written anew. */
type Growing = Trace & { readonly rewritten?: number };

/** What was seen of one thermometer so far: readings that count, and since when it goes as it goes now. */
export class PanWatch {
  readonly #trace: Growing;
  readonly #scale: HeatScale | null;
  readonly #boilingC: number;
  readonly settling = new Settling(() => this.#noiseC);
  readonly changes: ChangeWatch;
  /** Another thermometer: its steps are seen in the temperature wherever the syrup boils. */
  readonly #steps = new ChangeWatch(2, true);
  #read = 0;
  #rewritten: number;
  #noiseC = leastSpreadC;
  #peakC = -Infinity;
  /** When it first came near to the boil, s; null: not yet. */
  #nearBoilS: number | null = null;
  /** Kelvin-seconds above the room so far. */
  #warmth = 0;
  /** Something cold went in: how much water nobody knows until it boils again, at about so many °C; null: nothing did. */
  poured: { untilC: number } | null = null;

  /** @param core of a food: one that warms kinks by itself, and only one that cools tells of a change by it */
  constructor(
    trace: Growing,
    batch: SyrupBatch | null,
    readonly core: boolean,
  ) {
    this.#trace = trace;
    this.#rewritten = trace.rewritten ?? 0;
    this.#scale = batch ? heatScaleOf(batch) : null;
    this.changes = new ChangeWatch(batch || core ? 3 : 2);
    this.#boilingC = batch ? boilingOf(batch) : Infinity;
  }

  /** Readings so coarse that a change tells itself by none of them. */
  get coarse(): boolean {
    return this.#noiseC >= coarseC;
  }

  /** A syrup that boils away its water and hardly climbs. */
  get onPlateau(): boolean {
    const here = this.settling.celsius.at(-1) ?? -Infinity;
    return Math.abs(here - this.#boilingC) < plateauC;
  }

  /** Whether what was seen of it is still there, and none of it is of later than a moment. */
  holdsAt(nowS: number): boolean {
    const { seconds, rewritten = 0 } = this.#trace;
    return (
      rewritten === this.#rewritten &&
      seconds.length >= this.#read &&
      (this.#read === 0 || seconds[this.#read - 1]! <= nowS)
    );
  }

  /** Reads what has come in up to a moment. */
  readTo(nowS: number): void {
    const { seconds, celsius } = this.#trace;
    for (; this.#read < seconds.length && seconds[this.#read]! <= nowS; this.#read += 1) {
      const from = Math.max(0, this.#read - spreadReadings);
      if (this.#read >= 3 && (this.#read < 16 || this.#read % 8 === 7))
        this.#noiseC = readingSpreadC(
          {
            seconds: Array.from({ length: this.#read - from + 1 }, (_, i) => seconds[from + i]!),
            celsius: Array.from({ length: this.#read - from + 1 }, (_, i) => celsius[from + i]!),
          },
          leastSpreadC,
        );
      const was = this.settling.seconds.length;
      const stands = this.settling.add(seconds[this.#read]!, celsius[this.#read]!);
      if (stands === 'away') continue;
      if (stands === 'elsewhere') {
        this.changes.beginAt();
        this.#steps.beginAt();
        if (this.settling.steppedC < 0) this.poured = { untilC: this.#peakC - boilsAgainC };
        this.#peakC = -Infinity;
      }
      for (let i = was; i < this.settling.seconds.length; i += 1) this.#watch(i);
    }
  }

  #watch(i: number): void {
    const { seconds, celsius } = this.settling;
    const told = this.#noiseC < coarseC;
    const [second, here] = [seconds[i]!, celsius[i]!];
    const noise = this.#noiseC;
    if (i > 0) this.#warmth += ((here + celsius[i - 1]!) / 2 - roomC) * (second - seconds[i - 1]!);
    if (!this.#scale) {
      const earlier = celsius[Math.max(0, i - 5)]!;
      const mayTell = told && (!this.core || here < earlier - 2 * noise);
      const turn = mayTell ? (this.core ? turnOfCore : leastTurn) : Infinity;
      this.changes.add(second, here, noise, turn);
      return;
    }
    // As heat taken up and lost: that grows in a straight line, whatever the temperature does.
    const fell = this.#peakC - here > fallenBy * noise;
    if (!fell) this.#peakC = Math.max(this.#peakC, here);
    const { heat, perDegree } = heatShown(this.#scale, here, fell ? this.#peakC : here, noise);
    // Between readings far apart it may come to the boil unseen.
    const before = i > 0 ? celsius[i - 1]! : here;
    const off = Math.abs(here - this.#boilingC);
    if (here >= this.#boilingC - comesToBoilC) this.#nearBoilS ??= second;
    const atBoil =
      (this.#nearBoilS !== null && second - this.#nearBoilS < comesToBoilS) ||
      (before < this.#boilingC && here > this.#boilingC);
    const was = this.#steps.start;
    this.#steps.add(second, here, noise, Infinity);
    this.changes.add(
      second,
      heat + smallPanLossWPerK * this.#warmth,
      perDegree * noise,
      atBoil || !told ? Infinity : off < nearTheBoilC ? turnNearTheBoil : leastTurn,
    );
    if (told && this.#steps.start > Math.max(was, this.changes.start))
      this.changes.beginAt(this.#steps.start);
  }
}
