import { changeTicks, firstC, lastC, type OvenUse, type Problem, type Schedule } from './problem';

/** Tasks that an oven, or ovens that stand at the same heat all along, takes in whenever a place is free. */
export interface Places {
  units: number;
  /** Units a task takes of it, by task. */
  taken: ReadonlyMap<number, number>;
}

/** A task goes in when another is out, or goes in with it. */
export interface OvenWait {
  task: number;
  on: number;
  after: 'start' | 'end';
  ticks: number;
}

/** The oven as those who carry a timetable out go by it. */
export interface OvensCarriedOut {
  places: Places[];
  waits: OvenWait[];
  /** Not before the oven is hot, by task, ticks. */
  soonest: ReadonlyMap<number, number>;
}

/** Goes in and out on its own at any moment: nobody minds the door, and it wants one heat. */
const comesAndGoes = (use: OvenUse) => !use.shut && use.profile.length === 1;

/**
 * What of a timetable’s ovens holds when it is carried out: the order of heats in an oven, who goes in together behind a shut
 * door, and how many places there are. Which of several trays of one heat goes in first is settled at the oven, and ovens that
 * stand at one heat all along serve together whoever may go into any of them.
 */
export function ovensCarriedOut({ tasks, ovens }: Problem, { starts, ovenOf }: Schedule): OvensCarriedOut {
  const waits: OvenWait[] = [];
  const soonest = new Map<number, number>();
  const alike = new Map<string, { oven: number; inside: number[] }[]>();
  const places: Places[] = [];
  ovens.forEach((oven, o) => {
    const inside = tasks
      .map((_, i) => i)
      .filter((task) => ovenOf[task] === o)
      .sort((a, b) => starts[a]! - starts[b]! || a - b);
    if (inside.length === 0) return;
    const useOf = (task: number) => tasks[task]!.oven!;
    for (const task of inside) {
      if (oven.startC !== null) soonest.set(task, changeTicks(oven, oven.startC, firstC(useOf(task))));
    }
    inside.forEach((task, i) => {
      const use = useOf(task);
      for (const on of inside.slice(0, i)) {
        const before = useOf(on);
        const oneHeat = comesAndGoes(before) && comesAndGoes(use) && firstC(before) === firstC(use);
        if (oneHeat) continue;
        if (starts[on]! + tasks[on]!.duration <= starts[task]!)
          waits.push({ task, on, after: 'end', ticks: changeTicks(oven, lastC(before), firstC(use)) });
        else if (!comesAndGoes(before) || !comesAndGoes(use))
          waits.push({ task, on, after: 'start', ticks: 0 });
      }
    });
    const [first] = inside;
    const steady = inside.every(
      (task) =>
        comesAndGoes(useOf(task)) &&
        firstC(useOf(task)) === firstC(useOf(first!)) &&
        useOf(task).places === useOf(first!).places,
    );
    const heat = `${firstC(useOf(first!))} ${useOf(first!).places} ${oven.startC}`;
    const key = steady ? heat : `oven ${o}`;
    alike.set(key, [...(alike.get(key) ?? []), { oven: o, inside }]);
  });
  for (const group of alike.values()) {
    const all = group.map(({ oven }) => oven);
    const anyOfThem = group.every(({ inside }) =>
      inside.every((task) => {
        const { among } = tasks[task]!.oven!;
        return among.length === 0 || all.every((o) => among.includes(o));
      }),
    );
    for (const part of anyOfThem ? [group] : group.map((one) => [one])) {
      const inside = part.flatMap((one) => one.inside);
      const each = tasks[inside[0]!]!.oven!.places;
      // Of ovens together no tray stands half in one and half in another.
      const units = part.reduce(
        (sum, { oven }) =>
          sum + (part.length > 1 ? Math.floor(ovens[oven]!.places / each) * each : ovens[oven]!.places),
        0,
      );
      places.push({ units, taken: new Map(inside.map((task) => [task, tasks[task]!.oven!.places])) });
    }
  }
  return { places, waits, soonest };
}
