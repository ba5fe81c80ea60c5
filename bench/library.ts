import { performance } from 'node:perf_hooks';
import { demoSchool } from '../src/demo';
import { insertPractical, insertRevision } from '../src/server/practicals/revisions';
import { Shelves } from '../src/server/library/shelves';
import { runningApp } from '../src/server/testing/running-app';

const practicals = 2000;
const searches = ['browning', 'soda', 'sugar syrup', 'thermometer probe', 's', '', 'nowhere'];

/** A library of 2,000 practicals: how long a search takes, its worst word of a few, against a scan of all stored plans for the same word. */
export async function librarySearch() {
  const server = await runningApp();
  try {
    const plans = demoSchool(Date.now()).practicals.map(({ plan }) => plan);
    await server.knex.transaction(async (transaction) => {
      for (let i = 0; i < practicals; i += 1) {
        const own = plans[i % plans.length]!;
        const plan = { ...own, title: `${own.title} ${i}` };
        await insertPractical(transaction, `p${i}`, i);
        const head = { practicalId: `p${i}`, number: 1, savedAt: i, author: null };
        await insertRevision(transaction, { ...head, plan });
      }
    });
    const shelves = new Shelves(server.knex, Date.now);
    let worst = { search: '', ms: 0 };
    for (const search of searches) {
      const ms = await fastest(() => shelves.find({ search }));
      if (ms > worst.ms) worst = { search, ms };
    }
    const scan = await fastest(() =>
      server.knex('revisions').whereLike('plan', '%browning%').select('practical_id'),
    );
    return [
      {
        figure: `search over ${practicals} practicals, slowest of ${searches.length} (“${worst.search}”)`,
        value: worst.ms,
        unit: 'ms',
        goal: 'under 50',
      },
      { figure: 'scan of all stored plans for one word', value: scan, unit: 'ms' },
    ];
  } finally {
    await server.stop();
  }
}

async function fastest(work: () => Promise<unknown>): Promise<number> {
  let best = Infinity;
  for (let i = 0; i < 7; i += 1) {
    const from = performance.now();
    await work();
    best = Math.min(best, performance.now() - from);
  }
  return Number(best.toFixed(1));
}
