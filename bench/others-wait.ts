import { TestServer } from '../e2e/server';
import { examplePlan, newIngredient, newStep, type Plan } from '../src/core/practical';
import { reviewInParts } from '../src/core/review';

const things = ['bread flour', 'caster sugar', 'butter', 'free-range eggs', 'whole milk', 'vanilla extract'];

/** A plan as large as plans may be: a hundred ingredients, a hundred steps of a thousand characters each. */
const largestPlan = (salt = ''): Plan => ({
  ...examplePlan,
  formula: Array.from({ length: 100 }, (_, i) =>
    newIngredient({ id: `i${i}`, name: `${things[i % 6]!} ${i}${salt}`, amount: 10 + i, unit: 'g' }),
  ),
  steps: Array.from({ length: 100 }, (_, i) =>
    newStep({
      id: `s${i}`,
      text: `Stir the ${things[i % 6]!} ${i}${salt} into the bowl, bake at 18${i % 10} °C until golden. `
        .repeat(20)
        .slice(0, 1000),
      minutes: 1,
    }),
  ),
  factors: examplePlan.factors.map((factor) => ({
    ...factor,
    acts: { on: 'end-temperature', stepId: null },
  })),
  periodMinutes: 240,
});

/** Rubbish of 1.8 MB, of kinds that take a reader of CSV longest. */
const rubbish: Readonly<Record<string, string>> = {
  quotes: '"'.repeat(1_800_000),
  lines: `ingredient,pack_g\n${'a,b\n'.repeat(450_000)}`,
  columns: `ingredient,pack_g${',x'.repeat(900_000)}\nflour,3`,
};

const figure = (name: string, ms: number, more: object = {}) => ({
  ...{ figure: name, value: Math.round(ms), unit: 'ms', expected: 'under 100', ...more },
});

/** How long the answer to a small question takes at worst while something large is worked at. */
async function worstWhile(server: TestServer, large: () => Promise<unknown>) {
  let [worst, over] = [0, false];
  const ended = large()
    .catch(() => undefined)
    .finally(() => (over = true));
  while (!over) {
    const began = performance.now();
    await (await fetch(`${server.url}/healthz`)).text();
    worst = Math.max(worst, performance.now() - began);
  }
  await ended;
  return worst;
}

/** What is large keeps nobody waiting: remarks on the largest plan, and rubbish for a file of packs. */
export async function othersWait() {
  let longest = 0;
  const work = reviewInParts({ plan: largestPlan(' cold'), place: null, rooms: [] });
  for (let [began, end] = [performance.now(), work.next()]; !end.done; end = work.next()) {
    longest = Math.max(longest, performance.now() - began);
    began = performance.now();
  }
  const figures = [figure('largest-plan-longest-part-of-its-remarks', longest)];
  const server = await TestServer.start();
  try {
    await server.send('POST', '/api/rooms', {
      ...{ id: 'k', name: 'Kitchen', kind: 'food-room', altitudeM: 10, measuredBoilingC: null },
      ...{ stations: 12, balanceG: 1 },
    });
    await server.send('POST', '/api/classes', { id: 'c', name: '9B', students: 24, unit: 'C' });
    await server.send('POST', '/api/practicals', { id: 'large', plan: largestPlan() });
    await server.send('POST', '/api/runs', {
      ...{ id: 'r', practicalId: 'large', revision: 1, roomId: 'k', classId: 'c' },
      ...{ startsAt: Date.now() + 86_400_000, stations: 8, probes: 'none' },
    });
    await server.json('/api/runs/r');
    figures.push(
      figure(
        'others-wait-while-the-largest-plan-is-remarked-on',
        await worstWhile(server, () => server.json('/api/runs/r/remarks')),
      ),
    );
    for (const [kind, csv] of Object.entries(rubbish)) {
      figures.push(
        figure(
          `others-wait-while-a-csv-of-${kind}-is-refused`,
          await worstWhile(server, () =>
            server.send('POST', '/api/pantry/products/file', { csv, how: 'add' }),
          ),
        ),
      );
    }
    return figures;
  } finally {
    await server.remove();
  }
}
