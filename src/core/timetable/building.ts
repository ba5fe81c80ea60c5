import type { Arc, Oven, OvenUse, Problem, Resource, Task } from '../schedule';
import { toTicks, type LessonTask } from './lesson';

/** Tasks, arcs and resources as they are gathered. */
export class Building {
  readonly tasks: LessonTask[] = [];
  readonly #tasks: Task[] = [];
  readonly #arcs: Arc[] = [];
  readonly #resources: Resource[] = [];
  readonly #byName = new Map<string, number>();

  /** A resource by its name, made the first time. */
  resource(name: string, units: number): number {
    const known = this.#byName.get(name);
    if (known !== undefined) return known;
    this.#byName.set(name, this.#resources.length);
    return this.#resources.push({ name, units }) - 1;
  }

  /** Adds a task; its duration is the likely one. */
  task(
    task: LessonTask,
    uses: readonly { resource: number; units: number }[],
    { oven = null, pinMin = null }: { oven?: OvenUse | null; pinMin?: number | null } = {},
  ): number {
    this.tasks.push(task);
    const pin = pinMin === null ? null : toTicks(pinMin);
    return (
      this.#tasks.push({
        duration: toTicks(task.minutes.likely),
        uses: uses.filter(({ units }) => units > 0),
        oven,
        earliest: pin ?? 0,
        latest: pin ?? Infinity,
      }) - 1
    );
  }

  duration(task: number): number {
    return this.#tasks[task]!.duration;
  }

  /** `after` begins at least `least` ticks after `before` has ended, and at most `most`. */
  follow(before: number, after: number, least = 0, most: number | null = null): void {
    const ends = this.duration(before);
    this.#arcs.push({ before, after, gap: ends + least });
    if (most !== null) this.#arcs.push({ before: after, after: before, gap: -(ends + most) });
  }

  /** `other` starts exactly so many ticks after `one`, or before it where that is negative. */
  tie(one: number, other: number, ticks: number): void {
    this.#arcs.push({ before: one, after: other, gap: ticks }, { before: other, after: one, gap: -ticks });
  }

  problem(ovens: readonly Oven[]): Problem {
    return { tasks: this.#tasks, arcs: this.#arcs, resources: this.#resources, ovens };
  }
}
