import { stationPlan, stepMinutes, type Place, type StationStep } from '../practical';
import type { EquipmentKind } from '../room';
import type { Oven } from '../schedule';
import { Building } from './building';
import { demandOf, heatsOven, isInOven, type Demand } from './demand';
import { ovensOf } from './ovens-of';
import { callMin, callsTheTeacher, callTask, leavesHandsUnclean, washTask } from './around-steps';
import {
  ticksPerMinute,
  toTicks,
  type Assumption,
  type LaneOf,
  type Lesson,
  type LessonProblem,
  type LessonTask,
} from './lesson';

/** °C an oven is taken to stand at where nothing says so: a moderate one. */
const moderateC = 180;
/** What has room for everybody’s at once. */
const holdsMany: ReadonlySet<string> = new Set(['refrigerator', 'freezer', 'sink']);

/** A lesson as tasks, what binds them and what they share. */
export function lessonProblem(lesson: Lesson, place: Place | null): LessonProblem {
  const making = new Making(lesson, place);
  making.begin();
  making.method();
  making.clear();
  return making.done();
}

/** A station and where it has got to. */
interface Chain {
  number: number;
  hands: number;
  steps: readonly StationStep[];
  /** Tasks of its own by step. */
  own: Map<string, number>;
}

class Making {
  readonly #building = new Building();
  readonly #ovens: Oven[];
  readonly #chains: Chain[];
  /** Tasks done once for all, by step. */
  readonly #common = new Map<string, number>();
  readonly #teacher: number;
  readonly #assumed = new Map<string, Assumption>();
  readonly #counts = new Map<EquipmentKind, number>();
  #begun = -1;

  constructor(
    readonly lesson: Lesson,
    place: Place | null,
  ) {
    const { plan, stations, hands, teachers } = lesson;
    this.#teacher = this.#building.resource('teacher', 'the teacher', teachers);
    this.#chains = stations.map(({ number, treatment }) => ({
      number,
      hands: this.#building.resource('hands', `hands at station ${number}`, hands),
      steps: stationPlan(plan, place, treatment).steps.filter(({ when }) => when === 'lesson'),
      own: new Map<string, number>(),
    }));
    for (const one of place?.equipment ?? []) {
      const units = one.kind === 'hob' ? one.rings.length : 1;
      this.#counts.set(one.kind, (this.#counts.get(one.kind) ?? 0) + units);
    }
    const heated = plan.steps.some((step) => step.when === 'before' && heatsOven(step));
    this.#ovens = ovensOf(place, stations.length, heated);
  }

  /** Briefing, then what every lesson begins with: everybody, together. */
  begin(): void {
    const { plan, opening } = this.lesson;
    const everybody = [
      { resource: this.#teacher, units: 1 },
      ...this.#chains.map(({ hands }) => ({ resource: hands, units: this.lesson.hands })),
    ];
    const begin = (kind: 'briefing' | 'opening', words: string, minutes: number) => {
      const task = this.#building.task({ ...classTask(kind, words, minutes), id: kind }, everybody, {
        pinMin: kind === 'briefing' ? 0 : null,
      });
      if (this.#begun !== -1) this.#building.follow(this.#begun, task);
      this.#begun = task;
    };
    begin('briefing', 'Briefing', plan.briefingMinutes);
    const minutes = opening.reduce((sum, item) => sum + item.minutes, 0);
    if (minutes > 0) begin('opening', opening.map(({ words }) => words).join('; '), minutes);
  }

  /** Every step of the method, at each station or once for all; then what binds them. */
  method(): void {
    const common = this.#chains.flatMap(({ steps }) => steps).filter(({ lane }) => lane !== 'stations');
    for (const step of common) {
      if (this.#common.has(step.id)) continue;
      this.#common.set(step.id, this.#add(step, null));
    }
    for (const chain of this.#chains) {
      for (const step of chain.steps) {
        if (step.lane === 'stations') chain.own.set(step.id, this.#add(step, chain));
      }
    }
    this.#chains.forEach((chain) => this.#bind(chain));
  }

  /** Each station clears up when all of its own is done, and the class with it. */
  clear(): void {
    const { plan, closing, hands } = this.lesson;
    const minutes = plan.clearUpMinutes + closing.reduce((sum, item) => sum + item.minutes, 0);
    for (const chain of this.#chains) {
      const words = ['Clear up', ...closing.map((item) => item.words)].join('; ');
      const task = this.#building.task(
        {
          ...classTask('clearing', words, minutes),
          id: `clearing@${chain.number}`,
          lane: laneOf(chain),
        },
        [{ resource: chain.hands, units: hands }],
      );
      for (const before of [...chain.own.values(), ...this.#common.values(), this.#begun]) {
        this.#building.follow(before, task);
      }
    }
  }

  done(): LessonProblem {
    return {
      problem: this.#building.problem(this.#ovens),
      shared: this.#building.shared,
      tasks: this.#building.tasks,
      assumptions: [...this.#assumed.values()],
    };
  }

  #add(step: StationStep, chain: Chain | null): number {
    const { steps } = this.lesson.plan;
    const demand = demandOf(
      step,
      steps.slice(
        0,
        steps.findIndex(({ id }) => id === step.id),
      ),
    );
    const task = this.#building.task(this.#lessonTask(step, chain), this.#uses(step, demand, chain), {
      oven: this.#ovenUse(step, demand),
      pinMin: this.#pinOf(step, chain),
    });
    this.#building.follow(this.#begun, task);
    if (callsTheTeacher(step)) this.#call(task, step, chain);
    return task;
  }

  #lessonTask(step: StationStep, chain: Chain | null): LessonTask {
    const range = stepMinutes(step);
    if (range === null && !heatsOven(step)) this.#assume({ kind: 'no-minutes', stepId: step.id });
    const { least, most } = range ?? { least: 0, most: 0 };
    const lane: LaneOf = chain
      ? { kind: 'station', number: chain.number }
      : { kind: step.lane === 'demonstration' ? 'teacher' : 'class' };
    return {
      id: `${step.id}@${chain ? chain.number : 'all'}`,
      kind: 'step',
      lane,
      step,
      words: step.text,
      hands: step.hands,
      minutes: { least, likely: (least + most) / 2, most },
    };
  }

  #uses(step: StationStep, { things }: Demand, chain: Chain | null): { resource: number; units: number }[] {
    const uses = things.flatMap(({ resource, count }) => {
      if (holdsMany.has(resource)) return [];
      const units = this.#counts.get(resource);
      if (units === undefined) {
        this.#assume({ kind: 'not-counted', resource });
        return [];
      }
      return [{ resource: this.#building.resource(resource, resource, units), units: count }];
    });
    const { hands } = this.lesson;
    if (step.lane === 'everybody') {
      uses.push(...this.#chains.map((one) => ({ resource: one.hands, units: hands })));
    } else if (chain && step.hands === 'hands-on' && !step.adult && !heatsOven(step)) {
      uses.push({ resource: chain.hands, units: Math.min(step.people, hands) });
    }
    const byTeacher =
      step.adult || (chain === null && (step.hands === 'hands-on' || step.lane === 'everybody'));
    if (byTeacher) uses.push({ resource: this.#teacher, units: 1 });
    return uses;
  }

  #ovenUse(step: StationStep, { oven }: Demand) {
    if (!oven) return null;
    if (oven.profile.length === 0) this.#assume({ kind: 'oven-temperature', stepId: step.id });
    const profile = oven.profile.length > 0 ? oven.profile : [{ fromMin: 0, celsius: moderateC }];
    return {
      places: oven.places,
      shut: oven.shut,
      profile: profile.map(({ fromMin, celsius }) => ({ from: toTicks(fromMin), celsius })),
      among: [],
    };
  }

  #pinOf({ id }: StationStep, chain: Chain | null): number | null {
    const own = this.lesson.pins.find(
      ({ stepId, station }) => stepId === id && (station === null || station === chain?.number),
    );
    return own?.startMin ?? null;
  }

  #call(task: number, step: StationStep, chain: Chain | null): void {
    const ticks = toTicks(callMin);
    const duration = this.#building.duration(task);
    if (duration < ticks) return;
    const call = this.#building.task(callTask(step, laneOf(chain)), [{ resource: this.#teacher, units: 1 }]);
    this.#building.tie(task, call, duration - ticks);
  }

  /** What comes after what at a station: as it is said, else after the step above it. */
  #bind(chain: Chain): void {
    const taskOf = (id: string) => chain.own.get(id) ?? this.#common.get(id);
    let above: number[] = [];
    let beforeAbove: number[] = [];
    let heating: number[] = [];
    /** What is done once for all, and what is shown, goes on beside the stations, each in its own order. */
    const last = new Map<string, number>();
    /** Hands washed after a step. */
    const washed = new Map<number, number>();
    for (const step of chain.steps) {
      const task = taskOf(step.id)!;
      const said = step.after.flatMap((one) => {
        const before = taskOf(one.stepId);
        return before === undefined || before === task ? [] : [{ ...one, before }];
      });
      for (const { before, least, most } of said) {
        this.#building.follow(
          before,
          task,
          toTicks(least),
          most === null ? null : Math.floor(most * ticksPerMinute),
        );
        const wash = washed.get(before);
        if (wash !== undefined && step.hands === 'hands-on') this.#building.follow(wash, task);
      }
      const partner = step.endsWith === null ? undefined : taskOf(step.endsWith);
      if (partner !== undefined && partner !== task) {
        this.#building.tie(task, partner, this.#building.duration(task) - this.#building.duration(partner));
      }
      if (heatsOven(step)) heating = [...heating, task];
      if (isInOven(step)) heating.forEach((heat) => this.#building.follow(heat, task));
      const free = step.lane === 'class' || step.lane === 'demonstration';
      // What is to be ready together with the step above begins beside it, not after it.
      const chained = partner !== undefined && above.includes(partner) ? beforeAbove : above;
      const own = last.get(step.lane);
      const before = free ? (own === undefined ? [] : [own]) : chained;
      if (said.length === 0) before.forEach((one) => this.#building.follow(one, task));
      if (free) last.set(step.lane, task);
      if (step.lane === 'demonstration' || heatsOven(step)) continue;
      beforeAbove = above;
      // A step done once for all holds up the next beside the one above it.
      above = step.lane === 'class' ? [...above, task] : [task];
      if (leavesHandsUnclean(step, chain.steps)) {
        const wash = this.#wash(task, step, chain);
        washed.set(task, wash);
        above = [wash];
      }
    }
  }

  /** Hands are washed before anything else is touched. */
  #wash(task: number, step: StationStep, chain: Chain): number {
    const sinks = this.#counts.get('sink');
    const uses = [{ resource: chain.hands, units: Math.min(step.people, this.lesson.hands) }];
    if (sinks !== undefined)
      uses.push({ resource: this.#building.resource('sink', 'sink', sinks), units: 1 });
    const wash = this.#building.task(washTask(step, laneOf(chain)), uses);
    this.#building.follow(task, wash);
    chain.own.set(`wash-${step.id}`, wash);
    return wash;
  }

  #assume(assumption: Assumption): void {
    this.#assumed.set(JSON.stringify(assumption), assumption);
  }
}

const laneOf = (chain: Chain | null): LaneOf =>
  chain ? { kind: 'station', number: chain.number } : { kind: 'class' };

const classTask = (kind: 'briefing' | 'opening' | 'clearing', words: string, minutes: number) => ({
  kind,
  lane: { kind: 'class' } as LaneOf,
  step: null,
  words,
  hands: 'hands-on' as const,
  minutes: { least: minutes, likely: minutes, most: minutes },
});
