import { counted, formatNumber } from '../format';
import {
  isImpossible,
  solve,
  type Arc,
  type Impossible,
  type Oven,
  type Problem,
  type Solved,
  type Task,
} from '../schedule';
import { searchOf } from '../timetable';

export interface StepAsked {
  id: string;
  minutes: number;
  hands: 'hands-on' | 'waiting';
  after?: { id: string; least?: number | undefined; most?: number | undefined }[] | undefined;
  needs?: { resource: string; count?: number | undefined; celsius?: number | undefined }[] | undefined;
  together?: string | undefined;
}

export interface BenchAsked {
  stations: number;
  briefingMinutes: number;
  steps: StepAsked[];
  resources: {
    id: string;
    count: number;
    kind: 'oven' | 'other';
    preheatMinutes?: number | undefined;
    changeMinutes?: number | undefined;
  }[];
}

export interface BenchLaid {
  endsMinute: number | null;
  lowerBoundMinute: number | null;
  starts: { station: number; step: string; minute: number; resource?: string }[];
}

/** A temperature nothing bakes at: that of a cold oven. */
const cold = -1000;
const usualC = 180;

/** A lesson that is asked for by itself, a minute a tick: its problem, its timetable, and why it cannot be. */
export class Bench {
  /** Steps in an oven for which no temperature is said. */
  readonly unheated: string[] = [];
  readonly #asked: BenchAsked;
  readonly #problem: Problem;
  readonly #ovens: BenchAsked['resources'];
  /** A step that needs what is not there. */
  #missing: { step: string; resource: string } | null = null;
  #found: Solved | Impossible | null = null;

  constructor(asked: BenchAsked) {
    this.#asked = asked;
    this.#ovens = asked.resources.filter(({ kind }) => kind === 'oven');
    this.#problem = this.#problemOf();
  }

  layOut(): BenchLaid {
    if (this.#missing) return { endsMinute: null, lowerBoundMinute: null, starts: [] };
    const { tasks } = this.#problem;
    const found = solve(this.#problem, { most: searchOf(tasks.length) });
    this.#found = found;
    if (isImpossible(found)) return { endsMinute: null, lowerBoundMinute: null, starts: [] };
    const { steps } = this.#asked;
    return {
      endsMinute: found.ends,
      lowerBoundMinute: found.bound.ticks,
      starts: tasks.map((_, i) => {
        const step = steps[i % steps.length]!;
        const oven = this.#ovens[found.schedule.ovenOf[i]!];
        const resource = oven?.id ?? step.needs?.[0]?.resource;
        return {
          station: Math.floor(i / steps.length) + 1,
          ...{ step: step.id, minute: found.schedule.starts[i]! },
          ...(resource !== undefined && { resource }),
        };
      }),
    };
  }

  /** Why it does not fit, by the names of its steps and resources. */
  binding({ endsMinute, lowerBoundMinute }: BenchLaid, latest: number): string {
    if (this.#missing) return `${this.#missing.step} needs ${this.#missing.resource}, and there is none`;
    const found = this.#found!;
    if (isImpossible(found)) return this.#impossible(found);
    const proved = lowerBoundMinute! > latest + 1e-9;
    const ends = proved
      ? `no timetable ends before ${lowerBoundMinute} min`
      : `the shortest timetable found ends at ${endsMinute} min`;
    return `${this.#bound(found)}: ${ends}, and all must be over at ${formatNumber(latest)} min`;
  }

  #bound({ bound: { by } }: Solved): string {
    const { tasks, resources } = this.#problem;
    switch (by.kind) {
      case 'path':
        return `${this.#longestWay().join(', ')} one after the other`;
      case 'resource': {
        const { name, units } = resources[by.resource]!;
        const sum = tasks.reduce(
          (total, { uses, duration }) =>
            total + duration * (uses.find((use) => use.resource === by.resource)?.units ?? 0),
          0,
        );
        return `${name} (${units}) is wanted for ${sum} min in all`;
      }
      case 'ovens': {
        const within = ({ among }: { among: readonly number[] }) =>
          among.length === 0
            ? by.ovens.length === this.#ovens.length
            : among.every((o) => by.ovens.includes(o));
        const sum = tasks.reduce(
          (total, { oven, duration }) => total + (oven && within(oven) ? duration * oven.places : 0),
          0,
        );
        const wanted = by.ovens.map((o) => this.#ovens[o]!);
        const places = wanted.reduce((total, { count }) => total + count, 0);
        return `${wanted.map(({ id }) => id).join(', ')} (${counted(places, 'tray')}) ${wanted.length === 1 ? 'is' : 'are'} wanted for ${sum} min of trays in all`;
      }
    }
  }

  #impossible(why: Impossible): string {
    const { resources } = this.#problem;
    const step = (task: number) => this.#step(task).id;
    const named = (tasks: readonly number[]) => [...new Set(tasks.map(step))].join(', ');
    switch (why.kind) {
      case 'circle': {
        const arcs = why.arcs.map((arc) => this.#problem.arcs[arc]!);
        const most = arcs.some(({ gap }) => gap < 0);
        const ids = named(arcs.map(({ after }) => after));
        return most
          ? `${ids}: the most minutes between them are too few by ${why.excess}`
          : `${ids} wait for each other`;
      }
      case 'late':
        return `${step(why.task)} cannot begin before ${why.earliest} min`;
      case 'too-few': {
        const { name, units } = resources[why.resource]!;
        return `${step(why.task)} needs more of ${name} than ${units}`;
      }
      case 'no-oven':
        return `${step(why.task)} needs more trays than ${this.#ovens.map(({ id }) => id).join(', ') || 'any oven'} has`;
      case 'no-room':
        return `${named(why.tasks)} cannot keep the minutes between them with what is shared`;
    }
  }

  #step(task: number): StepAsked {
    return this.#asked.steps[task % this.#asked.steps.length]!;
  }

  /** Steps that must follow one another and take longest. */
  #longestWay(): string[] {
    const { steps } = this.#asked;
    const { tasks, arcs } = this.#problem;
    const low = tasks.slice(0, steps.length).map(({ earliest }) => earliest);
    const came: number[] = steps.map(() => -1);
    for (let round = 0; round < steps.length; round += 1) {
      for (const { before, after, gap } of arcs) {
        if (before >= steps.length || after >= steps.length || gap < 0) continue;
        if (low[before]! + gap <= low[after]!) continue;
        low[after] = low[before]! + gap;
        came[after] = before;
      }
    }
    let at = low.reduce(
      (last, _, i) => (low[i]! + tasks[i]!.duration > low[last]! + tasks[last]!.duration ? i : last),
      0,
    );
    const way: string[] = [];
    for (let hops = 0; at >= 0 && hops < steps.length; hops += 1) {
      way.unshift(steps[at]!.id);
      at = came[at]!;
    }
    return way;
  }

  #problemOf(): Problem {
    const { stations, briefingMinutes, steps, resources } = this.#asked;
    const others = resources.filter(({ kind }) => kind === 'other');
    const tasks: Task[] = [];
    const arcs: Arc[] = [];
    for (let station = 0; station < stations; station += 1) {
      const first = tasks.length;
      for (const step of steps)
        tasks.push(this.#task(step, others, station, Math.ceil(briefingMinutes - 1e-9)));
      arcs.push(...this.#arcs(first, tasks));
    }
    return {
      ...{ tasks, arcs, ovens: this.#ovens.map(ovenOf) },
      resources: [
        ...others.map(({ id, count }) => ({ name: id, units: count })),
        ...Array.from({ length: stations }, (_, s) => ({ name: `hands of station ${s + 1}`, units: 1 })),
      ],
    };
  }

  #task(step: StepAsked, others: BenchAsked['resources'], station: number, earliest: number): Task {
    const uses: { resource: number; units: number }[] = [];
    let oven: Task['oven'] = null;
    for (const { resource, count = 1, celsius } of step.needs ?? []) {
      const plain = others.findIndex(({ id }) => id === resource);
      const among = this.#ovens.flatMap(({ id }, o) => (id === resource ? [o] : []));
      const any = among.length === 0 && /^ovens?$/i.test(resource) && this.#ovens.length > 0;
      if (plain >= 0) {
        const known = uses.find((use) => use.resource === plain);
        if (known) known.units += count;
        else uses.push({ resource: plain, units: count });
      } else if (among.length > 0 || any) {
        if (celsius === undefined && !this.unheated.includes(step.id)) this.unheated.push(step.id);
        const places: number = (oven?.places ?? 0) + count;
        oven = { places, shut: false, among, profile: [{ from: 0, celsius: celsius ?? usualC }] };
      } else this.#missing ??= { step: step.id, resource };
    }
    if (step.hands === 'hands-on') uses.push({ resource: others.length + station, units: 1 });
    return { duration: whole(step.minutes), uses, oven, earliest, latest: Infinity };
  }

  #arcs(first: number, tasks: readonly Task[]): Arc[] {
    const { steps } = this.#asked;
    const at = (id: string) => first + steps.findIndex((one) => one.id === id);
    const afters = steps.flatMap((step, i) =>
      (step.after ?? []).flatMap(({ id, least = 0, most }): Arc[] => {
        const [before, after] = [at(id), first + i];
        const ends = tasks[before]!.duration;
        return [
          { before, after, gap: ends + whole(least) },
          ...(most === undefined
            ? []
            : [{ before: after, after: before, gap: -(ends + Math.floor(most + 1e-9)) }]),
        ];
      }),
    );
    const words = [...new Set(steps.flatMap(({ together }) => (together ? [together] : [])))];
    const ties = words.flatMap((word) => {
      const [one, ...rest] = steps.flatMap((step, i) => (step.together === word ? [first + i] : []));
      return rest.flatMap((other): Arc[] => {
        const gap = tasks[one!]!.duration - tasks[other]!.duration;
        return [
          { before: one!, after: other, gap },
          { before: other, after: one!, gap: -gap },
        ];
      });
    });
    return [...afters, ...ties];
  }
}

const whole = (minutes: number) => Math.ceil(minutes - 1e-9);

/** An oven that takes the same minutes to any temperature; cold only where it has to be heated. */
function ovenOf({ id, count, preheatMinutes = 0, changeMinutes = 0 }: BenchAsked['resources'][number]): Oven {
  return {
    ...{ name: id, places: count, risePerTick: 1, fallPerTick: 1 },
    startC: preheatMinutes > 0 ? cold : null,
    flat: { cold: whole(preheatMinutes), change: whole(changeMinutes) },
  };
}
