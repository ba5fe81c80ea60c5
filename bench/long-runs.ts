import { chromium as browser, type Browser, type Locator, type Page } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { chromium } from '../e2e/chromium';
import { begunRunBy } from '../e2e/school';
import { TestServer } from '../e2e/server';
import { fillRun } from '../trials/long-run';
import { schoolWithRun } from '../trials/school';

const stations = 15;

/** Memory the scripts of a page hold, once what is garbage is gone, MB. */
async function heapOf(page: Page): Promise<number> {
  const devtools = await page.context().newCDPSession(page);
  await devtools.send('HeapProfiler.collectGarbage');
  const { usedSize } = await devtools.send('Runtime.getHeapUsage');
  return Number((usedSize / 1e6).toFixed(1));
}

/** How long it takes from asking for a page until what it is for is there, ms. */
async function opened(page: Page, address: string, there: (page: Page) => Locator): Promise<number> {
  const began = performance.now();
  await page.goto(address, { waitUntil: 'commit' });
  await there(page).first().waitFor();
  return Math.round(performance.now() - began);
}

const tile = (page: Page) => page.getByRole('article').filter({ hasText: /\d °C/ });
const table = (page: Page) =>
  page.getByRole('region', { name: 'Class table' }).getByRole('row').filter({ hasText: /\d/ });

/** From the link on Today, as a teacher goes from run to run. */
async function fromToday(page: Page, run: string): Promise<number> {
  await page.getByRole('link', { name: 'Today' }).first().click();
  const link = page.locator(`a[href*="/runs/${run}"]`).first();
  await link.waitFor();
  await page.waitForTimeout(500);
  const began = performance.now();
  await link.click();
  await tile(page).first().waitFor();
  return Math.round(performance.now() - began);
}

async function boardAndResults(
  instance: Browser,
  server: TestServer,
  { run, other }: { run: string; other: string },
) {
  const context = await instance.newContext({ viewport: chromium.viewport });
  const page = await context.newPage();
  const cold = await opened(page, `${server.url}/runs/${other}/bench`, tile);
  const board = await fromToday(page, run);
  const boardHeap = await heapOf(page);
  const began = performance.now();
  await page.getByRole('link', { name: 'Results' }).click();
  await table(page).first().waitFor();
  const results = Math.round(performance.now() - began);
  const resultsHeap = await heapOf(page);
  await context.close();
  return { board, results, firstOfAll: cold, boardHeap, resultsHeap };
}

/** A day of eight runs of 45 minutes, and runs of hours: board and results in a browser. */
export async function longRuns() {
  const server = await TestServer.start();
  const instance = await browser.launch(chromium.launchOptions);
  try {
    const first = await schoolWithRun(server, stations);
    const day = [first];
    for (let i = 1; i < 8; i += 1)
      day.push(await begunRunBy((path, body) => server.send('POST', path, body), uuid(), stations));
    for (const run of day) await fillRun(server, run, stations, 45 * 60);
    const figures: object[] = [];
    for (const run of [day[1]!, day[4]!, day[7]!]) {
      const one = await boardAndResults(instance, server, { run, other: day[0]! });
      figures.push({
        ...{ figure: 'day-of-eight-runs', value: Math.max(one.board, one.results), unit: 'ms until usable' },
        ...{ expected: 'under 1000 ms, heap under 100 MB', ...one },
      });
    }
    for (const hours of [2, 6]) {
      const run = await begunRunBy((path, body) => server.send('POST', path, body), uuid(), stations);
      await fillRun(server, run, stations, hours * 3600);
      const one = await boardAndResults(instance, server, { run, other: day[0]! });
      figures.push({
        ...{ figure: `run-of-${hours * 3600 * stations}`, value: one.board, unit: 'ms until usable', ...one },
      });
    }
    return figures;
  } finally {
    await instance.close();
    await server.remove();
  }
}
