import type { Problem } from '../problem';

/** Jobs of steps, each on a machine for so long: a case of what the scheduler does, with one unit of each resource. */
function jobShop(jobs: readonly (readonly (readonly [machine: number, duration: number])[])[]): Problem {
  const machines = Math.max(...jobs.flatMap((job) => job.map(([machine]) => machine))) + 1;
  const tasks: Problem['tasks'][number][] = [];
  const arcs: Problem['arcs'][number][] = [];
  for (const job of jobs) {
    job.forEach(([resource, duration], i) => {
      tasks.push({ duration, uses: [{ resource, units: 1 }], oven: null, earliest: 0, latest: Infinity });
      const here = tasks.length - 1;
      if (i > 0) arcs.push({ before: here - 1, after: here, gap: job[i - 1]![1] });
    });
  }
  const resources = Array.from({ length: machines }, (_, m) => ({ name: `machine ${m}`, units: 1 }));
  return { tasks, arcs, resources, ovens: [] };
}

const pairs = (text: string): [number, number][][] =>
  text
    .trim()
    .split('\n')
    .map((line) => {
      const numbers = line.trim().split(/\s+/).map(Number);
      return numbers.flatMap((machine, i): [number, number][] =>
        i % 2 === 0 ? [[machine, numbers[i + 1]!]] : [],
      );
    });

/** Fisher and Thompson 1963, six jobs on six machines; the optimum is 55 (from memory, widely reprinted). */
export const ft06 = {
  optimum: 55,
  problem: jobShop(
    pairs(`
    2 1 0 3 1 6 3 7 5 3 4 6
    1 8 2 5 4 10 5 10 0 10 3 4
    2 5 3 4 5 8 0 9 1 1 4 7
    1 5 0 5 2 5 3 3 4 8 5 9
    2 9 1 3 4 5 5 4 0 3 3 1
    1 3 3 3 5 9 0 10 4 4 2 1`),
  ),
};

/** Fisher and Thompson 1963, ten jobs on ten machines; the optimum is 930 (Carlier and Pinson 1989; from memory). */
export const ft10 = {
  optimum: 930,
  problem: jobShop(
    pairs(`
    0 29 1 78 2 9 3 36 4 49 5 11 6 62 7 56 8 44 9 21
    0 43 2 90 4 75 9 11 3 69 1 28 6 46 5 46 7 72 8 30
    1 91 0 85 3 39 2 74 8 90 5 10 7 12 6 89 9 45 4 33
    1 81 2 95 0 71 4 99 6 9 8 52 7 85 3 98 9 22 5 43
    2 14 0 6 1 22 5 61 3 26 4 69 8 21 7 49 9 72 6 53
    2 84 1 2 5 52 3 95 8 48 9 72 0 47 6 65 4 6 7 25
    1 46 0 37 3 61 2 13 6 32 5 21 9 32 8 89 7 30 4 55
    2 31 0 86 1 46 5 74 4 32 6 88 8 19 9 48 7 36 3 79
    0 76 1 69 3 76 5 51 2 85 9 11 6 40 7 89 4 26 8 74
    1 85 0 13 2 61 6 7 8 64 9 76 5 47 3 52 4 90 7 45`),
  ),
};

/** Lehmer’s generator as Taillard 1993 (EJOR 64, 278–285) gives it, with Schrage’s way of not overflowing. */
function taillardUniform(seed: number): (low: number, high: number) => number {
  let state = seed;
  return (low, high) => {
    const k = Math.floor(state / 127773);
    state = 16807 * (state % 127773) - k * 2836;
    if (state < 0) state += 2147483647;
    return Math.floor(low + (state / 2147483647) * (high - low + 1));
  };
}

/** A job shop of Taillard’s, made anew from its two seeds: durations row by row, then machines by exchanges. */
export function taillardJobShop(jobs: number, machines: number, timeSeed: number, machineSeed: number) {
  const time = taillardUniform(timeSeed);
  const durations = Array.from({ length: jobs }, () => Array.from({ length: machines }, () => time(1, 99)));
  const swap = taillardUniform(machineSeed);
  const order = durations.map(() => {
    const row = Array.from({ length: machines }, (_, m) => m);
    for (let i = 0; i < machines; i += 1) {
      const other = swap(i + 1, machines) - 1;
      [row[i], row[other]] = [row[other]!, row[i]!];
    }
    return row;
  });
  const steps = durations.map((row, job) =>
    row.map((duration, i): [number, number] => [order[job]![i]!, duration]),
  );
  return { durations, order, problem: jobShop(steps) };
}

/** Taillard’s first three of fifteen jobs on fifteen machines, with their optima (from memory, widely reprinted). */
export const taillard15 = [
  { name: 'ta01', timeSeed: 840612802, machineSeed: 398197754, optimum: 1231 },
  { name: 'ta02', timeSeed: 1314640371, machineSeed: 386720536, optimum: 1244 },
  { name: 'ta03', timeSeed: 1227221349, machineSeed: 316176388, optimum: 1218 },
] as const;
