import { isImpossible, solve } from '../src/core/schedule';
import { classProblem } from '../src/core/schedule/testing/class-problem';
import { ft06, ft10, taillard15, taillardJobShop } from '../src/core/schedule/testing/standard-instances';
import { layOut, lessonOdds, lessonOf, timetableOfLesson } from '../src/core/timetable';
import { demoSchool } from '../src/demo';

/** Searching until so long has gone by; when the first timetable was there, and how long the shortest was then. */
function searched(problem: ReturnType<typeof classProblem>, forMs: number, seed = 1) {
  const start = performance.now();
  let firstMs = 0;
  const found = solve(problem, {
    most: Infinity,
    seed,
    enough: () => {
      const gone = performance.now() - start;
      if (firstMs === 0) firstMs = gone;
      return gone > forMs;
    },
  });
  if (isImpossible(found)) throw new Error('a class of the bench has no timetable');
  return { firstMs, ends: found.ends, bound: found.bound.ticks };
}

/** Timetables: of classes by lot, against the best that a far longer search knows; of the demo; a thousand lessons. */
export function timetables() {
  const sizes = [
    {
      name: '15 stations × 15 steps × 3 shared',
      of: [15, 15, 3] as [number, number, number],
      forMs: 3000,
      longMs: 15_000,
    },
    {
      name: '30 stations × 20 steps × 6 shared',
      of: [30, 20, 6] as [number, number, number],
      forMs: 5000,
      longMs: 20_000,
    },
  ];
  const figures = sizes.flatMap(({ name, of, forMs, longMs }) => {
    const tried = [1, 2, 3].map((seed) => {
      const problem = classProblem(seed, ...of);
      const short = searched(problem, forMs);
      const best = Math.min(short.ends, searched(problem, longMs, 7).ends);
      return { ...short, best };
    });
    const worst = (of: (one: (typeof tried)[number]) => number) => Math.max(...tried.map(of));
    return [
      {
        figure: `${name}: first timetable`,
        value: Math.round(worst(({ firstMs }) => firstMs)),
        unit: 'ms',
        goal: 1000,
      },
      {
        figure: `${name}: after ${forMs / 1000} s, longer than the best known`,
        value: Number((100 * worst(({ ends, best }) => ends / best - 1)).toFixed(2)),
        unit: '%',
        goal: 1,
        overTheBound: Number((100 * worst(({ ends, bound }) => ends / bound - 1)).toFixed(1)),
      },
    ];
  });
  const standard = [
    { name: 'ft06', ...ft06 },
    { name: 'ft10', ...ft10 },
    ...taillard15.map(({ name, timeSeed, machineSeed, optimum }) => ({
      ...{ name, optimum },
      problem: taillardJobShop(15, 15, timeSeed, machineSeed).problem,
    })),
  ].map(({ name, optimum, problem }) => {
    const { ends } = searched(problem, 5000);
    return {
      figure: `standard ${name} after 5 s, above its optimum ${optimum}`,
      ...{ value: Number((100 * (ends / optimum - 1)).toFixed(1)), unit: '%' },
    };
  });
  const school = demoSchool(Date.UTC(2026, 0, 12));
  const plan = school.practicals.map((one) => one.plan).find(({ title }) => title.startsWith('Honeycomb'))!;
  const place = school.rooms.find(({ id }) => id === plan.roomId) ?? null;
  const laid = layOut(lessonOf(plan), place, { most: 60 });
  if ('impossible' in laid) throw new Error('the demo has no timetable');
  const drawn = performance.now();
  const again = layOut(lessonOf(plan), place, { most: 20 });
  if ('solved' in again) timetableOfLesson(again.made, again.solved);
  const redraw = performance.now() - drawn;
  const begun = performance.now();
  lessonOdds(laid.made, laid.solved.schedule, plan.periodMinutes, { runs: 1000 });
  const thousand = performance.now() - begun;
  return [
    ...figures,
    ...standard,
    { figure: 'a timetable made anew, 12 stations', value: Math.round(redraw), unit: 'ms', goal: 100 },
    { figure: 'a thousand lessons, 12 stations', value: Math.round(thousand), unit: 'ms', goal: 3000 },
  ];
}
