import type { Arc, Oven, OvenUse, Problem, Resource, Task } from '../schedule';
import { toTicks, type LessonTask, type SharedKind } from './lesson';

/** Tasks, arcs and resources as they are gathered. */
export class Building {
  readonly tasks: LessonTask[] = [];
  readonly #tasks: Task[] = [];
  readonly #arcs: Arc[] = [];
  readonly shared: SharedKind[] = [];
  readonly #resources: Resource[] = [];
  /** Arcs there are already: what is done once for all is bound at every station. */
  readonly #known = new Set<string>();
  readonly #byName = new Map<string, number>();

  /** A resource by its name, made the first time. */
  resource(kind: SharedKind, name: string, units: number): number {
    const known = this.#byName.get(name);
    if (known !== undefined) return known;
    this.#byName.set(name, this.#resources.length);
    this.shared.push(kind);
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
    this.#arc(before, after, ends + least);
    if (most !== null) this.#arc(after, before, -(ends + most));
  }

  /** `other` starts exactly so many ticks after `one`, or before it where that is negative. */
  tie(one: number, other: number, ticks: number): void {
    this.#arc(one, other, ticks);
    this.#arc(other, one, -ticks);
  }

  #arc(before: number, after: number, gap: number): void {
    const name = `${before} ${after} ${gap}`;
    if (this.#known.has(name)) return;
    this.#known.add(name);
    this.#arcs.push({ before, after, gap });
  }

  problem(ovens: readonly Oven[]): Problem {
    return { tasks: this.#tasks, arcs: this.#arcs, resources: this.#resources, ovens };
  }
}
