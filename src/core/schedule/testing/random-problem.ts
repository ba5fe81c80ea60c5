import { seededRandom } from '../../random';
import type { Arc, Problem, Task } from '../problem';

export interface RandomSize {
  stations: number;
  steps: number;
  shared: number;
  ovens: number;
  /** Longest step, ticks. */
  longest: number;
  /** Most-lags anywhere, so that some lessons cannot be; else only now and then to the step above, as lessons have them. */
  tight: boolean;
}

/**
 * A lesson by lot: chains of steps at stations with one pair of hands or two, shared things, ovens of one temperature at a
 * time, least and most times between, now and then a step that ends with another.
 */
export function randomProblem(seed: number, size: RandomSize): Problem {
  const random = seededRandom(seed);
  const upTo = (n: number) => Math.floor(random.uniform() * n);
  const chance = (share: number) => random.uniform() < share;
  const resources = [
    ...Array.from({ length: size.stations }, (_, s) => ({ name: `station ${s + 1}`, units: 1 + upTo(2) })),
    ...Array.from({ length: size.shared }, (_, r) => ({ name: `shared ${r + 1}`, units: 1 + upTo(2) })),
  ];
  const ovens = Array.from({ length: size.ovens }, (_, o) => ({
    name: `oven ${o + 1}`,
    places: 1 + upTo(3),
    risePerTick: 20,
    fallPerTick: 10,
    startC: chance(0.3) ? null : 20,
  }));
  const temperatures = [140, 180, 200];
  const tasks: Task[] = [];
  const arcs: Arc[] = [];
  for (let s = 0; s < size.stations; s += 1) {
    const first = tasks.length;
    for (let k = 0; k < size.steps; k += 1) {
      const inOven = size.ovens > 0 && chance(0.3);
      const duration = 1 + upTo(size.longest);
      const uses: { resource: number; units: number }[] = [];
      if (!inOven && chance(0.8)) uses.push({ resource: s, units: 1 + upTo(resources[s]!.units) });
      if (!inOven && size.shared > 0 && chance(0.5)) {
        const resource = size.stations + upTo(size.shared);
        uses.push({ resource, units: 1 + upTo(resources[resource]!.units) });
      }
      const celsius = temperatures[upTo(temperatures.length)]!;
      tasks.push({
        duration,
        uses,
        oven: inOven
          ? {
              places: 1,
              profile:
                duration > 3 && chance(0.15)
                  ? [
                      { from: 0, celsius },
                      { from: 2, celsius: celsius - 40 },
                    ]
                  : [{ from: 0, celsius }],
              shut: chance(0.2),
              among: [],
            }
          : null,
        earliest: chance(0.1) ? upTo(4) : 0,
        latest: Infinity,
      });
      const here = tasks.length - 1;
      if (k === 0) continue;
      const before = chance(0.75) ? here - 1 : first + upTo(k);
      const least = tasks[before]!.duration + (chance(0.25) ? upTo(3) : 0);
      arcs.push({ before, after: here, gap: least });
      const held = size.tight ? chance(0.35) : before === here - 1 && chance(0.1);
      if (held) arcs.push({ before: here, after: before, gap: -(least + upTo(4)) });
    }
    // Two steps served together.
    if (size.steps > 3 && chance(0.2)) {
      const [one, other] = [tasks.length - 1, first];
      const gap = tasks[one]!.duration - tasks[other]!.duration;
      arcs.push({ before: one, after: other, gap: gap - 6 - size.longest * size.steps });
    }
  }
  return { tasks, arcs, resources, ovens };
}
