import { get } from 'node:http';
import { setTimeout as pause } from 'node:timers/promises';
import { chromium as browser, type Page } from '@playwright/test';
import { chromium } from '../e2e/chromium';
import { TestServer } from '../e2e/server';
import { fillRun } from '../trials/long-run';
import { schoolWithRun } from '../trials/school';

const others = 29;
const stations = 15;
const entries = 108_000;

/** What a device asks for as it opens a page of a run: the run, then its log page by page. What it does with it takes its own time, not ours. */
async function openElsewhere(base: string): Promise<void> {
  await taken(base);
  for (let after: string | undefined = '0'; after !== undefined;)
    after = await taken(`${base}/log?after=${after}`);
}

/** Takes an answer as it comes, packed; returns where the log goes on. */
const taken = (url: string) =>
  new Promise<string | undefined>((resolve, reject) => {
    get(url, { agent: false, headers: { 'accept-encoding': 'gzip' } }, (response) => {
      response.on('end', () => resolve(response.headers['log-next'] as string | undefined)).resume();
      if (response.statusCode !== 200) reject(new Error(`${url}: ${response.statusCode}`));
    }).on('error', reject);
  });

/** Thirty devices that open a long run at the same moment: one of them is a browser, of the others only what they ask for is here. */
export async function manyPages() {
  const server = await TestServer.start();
  const instance = await browser.launch(chromium.launchOptions);
  try {
    const run = await schoolWithRun(server, stations);
    await fillRun(server, run, stations, entries / stations);
    const page = await instance.newPage({ viewport: chromium.viewport });
    const figures: object[] = [];
    for (const [what, own] of [
      ['boards', (): string => ''],
      ['stations', (i: number) => `/stations/${(i % stations) + 1}`],
    ] as const) {
      // Nothing of it is in the server’s memory yet.
      await server.down();
      await server.up();
      await pause(2500);
      const began = performance.now();
      const since = () => Math.round(performance.now() - began);
      const [browserMs, ...took] = await Promise.all([
        usable(page, `${server.url}/runs/${run}/bench`).then(since),
        ...Array.from({ length: others }, (_, i) =>
          openElsewhere(`${server.url}/api/runs/${run}${own(i)}`).then(since),
        ),
      ]);
      figures.push({
        ...{
          figure: `thirty-pages-at-once`,
          what,
          value: Math.max(browserMs, ...took),
          unit: 'ms until the last has all',
        },
        ...{ browser: browserMs, others: Math.max(...took), expected: 'under 5000' },
      });
    }
    return figures;
  } finally {
    await instance.close();
    await server.remove();
  }
}

async function usable(page: Page, address: string) {
  await page.goto(address, { waitUntil: 'commit' });
  await page.getByRole('article').filter({ hasText: /\d °C/ }).first().waitFor();
}
