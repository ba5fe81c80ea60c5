import { chromium as browser, type Browser } from '@playwright/test';
import { chromium } from '../e2e/chromium';
import { pause, TestServer } from '../e2e/server';
import { fillRun } from '../trials/long-run';
import { schoolWithRun } from '../trials/school';

const pages = 30;
const entries = 108_000;

/** Opens thirty pages of one run at the same moment; how long until the last of them shows a temperature, ms. */
async function openAll(instance: Browser, addresses: readonly string[]): Promise<number[]> {
  const context = await instance.newContext({ viewport: chromium.viewport });
  // The program itself is in the cache, as on a tablet that was here before.
  const first = await context.newPage();
  await first.goto(addresses[0]!);
  await first.getByText(/\d °C/).first().waitFor();
  await first.close();
  const tabs = await Promise.all(addresses.map(() => context.newPage()));
  const began = performance.now();
  const took = await Promise.all(
    tabs.map(async (tab, i) => {
      await tab.goto(addresses[i]!, { waitUntil: 'commit' });
      await tab.getByText(/\d °C/).first().waitFor();
      return performance.now() - began;
    }),
  );
  await context.close();
  return took.sort((a, b) => a - b);
}

/** Thirty pages that open at once on a long run: stations, each with its own entries, and boards, each with all. */
export async function manyPages() {
  const stations = 15;
  const server = await TestServer.start();
  const instance = await browser.launch(chromium.launchOptions);
  try {
    const run = await schoolWithRun(server, stations);
    await fillRun(server, run, stations, entries / stations);
    await pause(2000);
    const at = `${server.url}/runs/${run}`;
    const station = (i: number) => `${at}/station/${(i % stations) + 1}`;
    const mixes: [string, (i: number) => string][] = [
      ['25 stations, 5 boards', (i) => (i < 25 ? station(i) : `${at}/bench`)],
      ['30 boards', () => `${at}/bench`],
    ];
    const figures: object[] = [];
    for (const [what, address] of mixes) {
      await server.down();
      await server.up();
      const took = await openAll(
        instance,
        Array.from({ length: pages }, (_, i) => address(i)),
      );
      figures.push({
        ...{
          figure: 'thirty-pages-at-once',
          what,
          value: Math.round(took.at(-1)!),
          unit: 'ms until the last is usable',
        },
        ...{ middle: Math.round(took[15]!), expected: 'under 5000 ms' },
      });
    }
    return figures;
  } finally {
    await instance.close();
    await server.remove();
  }
}
