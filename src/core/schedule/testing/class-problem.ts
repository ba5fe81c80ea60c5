import { seededRandom } from '../../random';
import type { Arc, Problem, Task } from '../problem';

/**
 * A class that does one method: every station the same steps with minutes of its own level, hands and waiting by turns, a
 * few things shared by some stations at a time, three ovens of four places for a step or two.
 */
export function classProblem(seed: number, stations: number, steps: number, shared: number): Problem {
  const random = seededRandom(seed);
  const upTo = (n: number) => Math.floor(random.uniform() * n);
  const resources = [
    ...Array.from({ length: stations }, (_, s) => ({ name: `hands at station ${s + 1}`, units: 2 })),
    ...Array.from({ length: shared }, (_, r) => ({
      name: `shared ${r + 1}`,
      units: Math.ceil(stations / (2 + upTo(3))),
    })),
  ];
  const ovens = [1, 2, 3].map((o) => ({
    name: `oven ${o}`,
    places: 4,
    risePerTick: 7,
    fallPerTick: 3,
    startC: null,
  }));
  const ovenStep = Math.floor(steps * 0.6);
  const method = Array.from({ length: steps }, (_, k) => ({
    ticks: 2 + upTo(14),
    waiting: random.uniform() < 0.3,
    resource: k !== ovenStep && random.uniform() < 0.4 ? stations + upTo(shared) : null,
  }));
  const tasks: Task[] = [];
  const arcs: Arc[] = [];
  for (let s = 0; s < stations; s += 1) {
    method.forEach(({ ticks, waiting, resource }, k) => {
      const inOven = k === ovenStep;
      tasks.push({
        duration: inOven ? 20 + 4 * (s % 3) : ticks + (s % 3 === 0 ? upTo(3) : 0),
        uses: [
          ...(waiting || inOven ? [] : [{ resource: s, units: 1 }]),
          ...(resource === null ? [] : [{ resource, units: 1 }]),
        ],
        oven: inOven ? { places: 1, profile: [{ from: 0, celsius: 180 }], shut: false, among: [] } : null,
        earliest: 0,
        latest: Infinity,
      });
      const here = tasks.length - 1;
      if (k === 0) return;
      // Every fifth step needs only what is two above it, so that a wait can be filled.
      const before = k % 5 === 4 ? here - 2 : here - 1;
      const { duration } = tasks[before]!;
      arcs.push({ before, after: here, gap: duration });
      // What is mixed does not wait more than ten minutes for the oven.
      if (inOven) arcs.push({ before: here, after: before, gap: -(duration + 20) });
    });
  }
  return { tasks, arcs, resources, ovens };
}
