import { v7 as uuid } from 'uuid';
import type { Run } from '../contract/runs';
import { stepMinutes, type Plan, type StationStep } from '../core/practical';
import { seededRandom, type SeededRandom } from '../core/random';
import {
  settingOfRun,
  eventOf,
  lessonSteps,
  watchesOf,
  type Entry,
  type EntryBody,
  type OwnPlan,
} from '../core/run';
import {
  fallBelowSeaLevel,
  heatSyrup,
  smallPanLossWPerK,
  type HeatingState,
  type SyrupBatch,
} from '../core/sugar';

/** A reading goes into the log this often, s. */
const readingEveryS = 2;
const stepS = 1;
const roomC = 21;
/** What a small hob brings into a small pan, W. */
const hobW = 325;

/** How one invented station works: drawn by lot, the same for the same seed. */
interface Character {
  powerW: number;
  lossWPerK: number;
  /** What its probe reads too high, °C, and how its readings scatter. */
  offsetC: number;
  noiseC: number;
  /** How long weighing takes, s, and how quick the hands are at the target, s. */
  weighingS: number;
  reactionS: number;
  /** A second thermometer that reads too high by this, °C; null for none. */
  secondOffsetC: number | null;
}

const sights: readonly (readonly [seaLevelC: number, text: string])[] = [
  [101.5, 'boiling hard, clear bubbles'],
  [113, 'thick slow bubbles'],
  [132, 'pale straw, bubbles burst late'],
  [147, 'deep straw at the rim'],
];

/** One invented station: a pan, a probe and a pair of hands. */
class SimulatedStation {
  readonly #station: number;
  readonly #run: Run;
  readonly #batch: SyrupBatch;
  readonly #character: Character;
  readonly #random: SeededRandom;
  readonly #targetC: number;
  readonly #fallC: number;
  readonly #steps: readonly StationStep[];
  readonly #hotIndex: number;
  #state: HeatingState;
  #second = 0;
  /** Index of the step the hands are at. */
  #at = 0;
  #stepEndsS: number;
  #reachedS: number | null = null;
  #gapUntilS = 0;
  #sightsSeen = 0;

  constructor(run: Run, station: number, own: OwnPlan, batch: SyrupBatch) {
    const hot = watchesOf(run.plan, own).findLast((watch) => watch.medium === 'syrup')?.step;
    this.#station = station;
    this.#run = run;
    this.#batch = batch;
    this.#targetC = hot?.target?.localC ?? Infinity;
    this.#fallC = fallBelowSeaLevel(batch.localBoilingC);
    this.#random = seededRandom((run.seed ^ Math.imul(station, 0x9e3779b1)) >>> 0);
    this.#character = drawCharacter(this.#random, station, run);
    this.#steps = lessonSteps(own);
    this.#hotIndex = hot ? this.#steps.indexOf(hot) : -1;
    this.#state = { seconds: 0, celsius: roomC, waterG: batch.waterG };
    this.#stepEndsS = this.#hotIndex > 0 ? this.#character.weighingS : 0;
  }

  /** Lives up to `toS` seconds after the start and says what went into the log. */
  advance(toS: number): Entry[] {
    const entries: Entry[] = [];
    while (this.#second + stepS <= toS) {
      this.#second += stepS;
      this.#live(entries);
    }
    return entries;
  }

  /** A step was logged by someone: the hands take it as done. */
  hearStep(stepId: string): void {
    const index = this.#steps.findIndex((step) => step.id === stepId);
    if (index >= this.#at) this.#goTo(index + 1);
  }

  #live(entries: Entry[]) {
    const now = this.#second;
    const onTheHob = this.#hotIndex < 0 || this.#at === this.#hotIndex;
    const { powerW, lossWPerK } = this.#character;
    if (onTheHob || this.#at > this.#hotIndex) {
      const heat = { powerW: onTheHob ? powerW : 0, lossWPerK, roomC };
      this.#state = heatSyrup(this.#state, this.#batch, heat, stepS);
    }
    if (onTheHob) this.#read(entries);
    const step = this.#steps[this.#at];
    if (step && this.#isDone(now)) {
      entries.push(
        this.#entry({
          kind: 'event',
          text: eventOf(step),
          stepId: step.id,
        }),
      );
      this.#goTo(this.#at + 1);
    }
  }

  /** The temperature step ends at the target, after the time the hands need; the others by the clock. */
  #isDone(now: number): boolean {
    if (this.#at !== this.#hotIndex) return now >= this.#stepEndsS;
    if (this.#reachedS === null && this.#shown() >= this.#targetC) this.#reachedS = now;
    return this.#reachedS !== null && now >= this.#reachedS + this.#character.reactionS;
  }

  #goTo(index: number) {
    this.#at = index;
    const step = this.#steps[index];
    const minutes = (step && stepMinutes(step)?.most) ?? 1;
    this.#stepEndsS = this.#second + minutes * 60 * (0.9 + 0.25 * this.#random.uniform());
  }

  #shown(): number {
    return this.#state.celsius + this.#character.offsetC;
  }

  #read(entries: Entry[]) {
    const now = this.#second;
    if (this.#random.uniform() < 0.0006) this.#gapUntilS = now + 20 + 60 * this.#random.uniform();
    const noise = this.#character.noiseC * this.#random.normal();
    if (now % readingEveryS === 0 && now >= this.#gapUntilS)
      entries.push(this.#reading(this.#shown() + noise, 1));
    const { secondOffsetC } = this.#character;
    if (secondOffsetC !== null && now % 30 === 0)
      entries.push(this.#reading(this.#state.celsius + secondOffsetC, 2));
    const sight = sights[this.#sightsSeen];
    if (sight && this.#state.celsius + this.#fallC > sight[0]) {
      this.#sightsSeen += 1;
      if (this.#random.uniform() < 0.6) {
        entries.push(
          this.#entry({ kind: 'observation', text: sight[1], when: 'during', sense: 'appearance' }),
        );
      }
    }
  }

  #reading(celsius: number, probe: number): Entry {
    return this.#entry({
      kind: 'reading',
      celsius: Math.round(celsius * 10) / 10,
      probe,
      unit: 'C',
      source: 'probe',
    });
  }

  #entry(body: EntryBody): Entry {
    const at = this.#run.startedAt! + this.#second * 1000;
    return { id: uuid(), station: this.#station, at, offset: -new Date(at).getTimezoneOffset(), body };
  }
}

function drawCharacter(random: SeededRandom, station: number, run: Run): Character {
  const dreamer = run.stations.length > 3 && station === run.stations[run.seed % run.stations.length];
  const doubter = run.stations.length > 3 && station === run.stations[(run.seed + 5) % run.stations.length];
  return {
    powerW: hobW * (1 + 0.1 * random.normal()),
    lossWPerK: smallPanLossWPerK * (1 + 0.08 * random.normal()),
    offsetC: 0.15 * random.normal(),
    noiseC: 0.1 + 0.08 * random.uniform(),
    weighingS: 120 + 420 * random.uniform(),
    reactionS: dreamer ? 24 : 2 + 5 * random.uniform(),
    secondOffsetC: doubter ? 2.1 : null,
  };
}

/** A whole invented class with a pan and a probe at each station. */
export class SimulatedClass {
  readonly #stations = new Map<number, SimulatedStation>();
  readonly #run: Run;
  /** Nothing up to here goes into the log again, ms. */
  #knownUntilMs: number;

  /**
   * @param past what the log holds already: the class lives through it again, silently, and goes on from there
   */
  constructor(run: Run, past: readonly Entry[], resumeMs: number | null) {
    this.#run = run;
    const setting = settingOfRun(run);
    for (const { station } of run.allocation) {
      const own = setting.own(station);
      if (own.syrup) this.#stations.set(station, new SimulatedStation(run, station, own, own.syrup));
    }
    this.#knownUntilMs = run.startedAt!;
    if (resumeMs !== null) this.#relive(past, resumeMs);
  }

  advance(toMs: number): Entry[] {
    const toS = (toMs - this.#run.startedAt!) / 1000;
    const entries = [...this.#stations.values()]
      .flatMap((station) => station.advance(toS))
      .filter((entry) => entry.at > this.#knownUntilMs)
      .sort((a, b) => a.at - b.at);
    this.#knownUntilMs = Math.max(this.#knownUntilMs, Math.floor(toS) * 1000 + this.#run.startedAt!);
    return entries;
  }

  hear(entries: readonly Entry[]): void {
    for (const { station, body } of entries) {
      if (body.kind !== 'event' || body.stepId === null) continue;
      for (const [number, simulated] of this.#stations) {
        if (station === null || station === number) simulated.hearStep(body.stepId);
      }
    }
  }

  #relive(past: readonly Entry[], resumeMs: number) {
    const steps = past.filter((entry) => entry.body.kind === 'event').sort((a, b) => a.at - b.at);
    for (const entry of steps) {
      this.advance(entry.at);
      this.hear([entry]);
    }
    this.advance(resumeMs);
  }
}

/** The bench of a run, as its plan has it. */
/** What the invented class would measure at its station once the honeycomb is cold. */
export function honeycombMeasures(plan: Plan, reachedSeaLevelC: number, random: SeededRandom): EntryBody[] {
  const x = reachedSeaLevelC;
  const snap = 4.4 / (1 + Math.exp(-(x - 142.5) / 3.2)) + 0.28 * random.normal();
  const bubble = 3.6 - 0.09 * (x - 140) + 0.22 * random.normal();
  const colour = 2.2 + 0.34 * (x - 140) + 0.5 * random.normal();
  const values: Record<string, number> = {
    snap: Math.max(0.3, Math.round(snap * 10) / 10),
    bubble: Math.max(0.5, Math.round(bubble * 10) / 10),
    colour: Math.min(10, Math.max(1, Math.round(colour))),
  };
  return plan.responses.flatMap(({ id, name, unit }): EntryBody[] => {
    const value = values[id];
    return value === undefined ? [] : [{ kind: 'measurement', responseId: id, name, value, unit }];
  });
}
