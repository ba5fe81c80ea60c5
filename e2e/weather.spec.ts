import { execFileSync } from 'node:child_process';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { type Locator, type Page } from '@playwright/test';
import { tries } from '../src/core/random/testing/sampled';
import { begunRunBy, runBy, schoolBy } from './school';
import { TestServer } from './server';
import { expect, test } from './test';

let server: TestServer;
const run = 'r';
/** A run of four stations that has begun, and one that is to come; no probes, so that only what is typed is there. */
test.beforeEach(async () => {
  server = await TestServer.start();
  const post = (path: string, body: object) => server.send('POST', path, body);
  await schoolBy(post);
  await begunRunBy(post, run);
  await runBy(post, 'other');
});
test.afterEach(() => server.remove());
test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

const typed = () =>
  server
    .query<{ celsius: number }>(
      `SELECT json_extract(body, '$.celsius') AS celsius FROM log WHERE run_id = ? AND body LIKE '%"typed"%' ORDER BY seq`,
      run,
    )
    .map(({ celsius }) => celsius);

async function log(page: Page, digits: string) {
  for (const digit of digits) await page.getByRole('button', { name: digit, exact: true }).tap();
  await page.getByRole('button', { name: /^Keep/ }).tap();
}

test('many tabs of one browser: each shows the run, what one writes all the others show, at one stream', async ({
  context,
}) => {
  const pages: Page[] = [];
  // More than a browser has connections to one server.
  for (let i = 0; i < tries(9, 7); i += 1) {
    const page = await context.newPage();
    await page.goto(`${server.url}/runs/${run}/station/2`);
    await expect(page.getByRole('tab', { name: 'Degrees' })).toBeVisible();
    pages.push(page);
  }
  await log(pages.at(-1)!, '77');
  for (const page of pages) await expect(page.getByText('77.0').first()).toBeVisible();
  // The first is closed: another tab listens, and all go on.
  await pages[0]!.close();
  await log(pages[1]!, '78');
  for (const page of pages.slice(1)) await expect(page.getByText('78.0').first()).toBeVisible();
  expect(typed()).toEqual([77, 78]);
});

test('many stations and two boards in one browser: every page opens, and what one writes the boards show', async ({
  context,
}) => {
  const wide = await begunRunBy((path, body) => server.send('POST', path, body), 'wide', 8);
  const open = async (address: string, there: (page: Page) => Locator) => {
    const page = await context.newPage();
    await page.goto(`${server.url}/runs/${wide}/${address}`);
    await expect(there(page)).toBeVisible();
    return page;
  };
  const isBoard = (page: Page) => page.getByRole('article').first();
  const isStation = (page: Page) => page.getByRole('tab', { name: 'Degrees' });
  const boards = [await open('bench', isBoard), await open('bench', isBoard)];
  const stations: Page[] = [];
  const many = tries(8, 6);
  for (let station = 1; station <= many; station += 1)
    stations.push(await open(`station/${station}`, isStation));
  for (const [i, page] of [...stations.entries()].reverse()) await log(page, String(61 + i));
  for (const board of boards) await expect(board.getByText(`${60 + many}.0`).first()).toBeVisible();
  for (const board of boards) await expect(board.getByText('61.0').first()).toBeVisible();
  const kept = server.query<{ n: number }>('SELECT count(*) AS n FROM log WHERE run_id = ?', wide);
  expect(kept).toEqual([{ n: many }]);
});

test('a browser that keeps nothing: the page opens, says so, and what is logged reaches the board', async ({
  page,
}) => {
  await page.addInitScript(() => {
    const refuses = () => {
      throw new DOMException('The operation is insecure.', 'SecurityError');
    };
    indexedDB.open = refuses;
    for (const name of ['localStorage', 'sessionStorage']) {
      Object.defineProperty(window, name, { get: refuses, configurable: true });
    }
  });
  await page.goto(`${server.url}/runs/${run}/station/2`);
  await expect(page.getByText('This tablet cannot save anything.')).toBeVisible();
  await log(page, '66');
  await expect(page.getByText('1 on the board')).toBeVisible();
  expect(typed()).toEqual([66]);
  await server.down();
  await log(page, '67');
  await expect(page.getByText('1 only on this page, no network')).toBeVisible();
  await server.up();
  await expect(page.getByText('2 on the board')).toBeVisible();
  expect(typed()).toEqual([66, 67]);
  // The teacher’s pages as well.
  await page.goto(`${server.url}/practicals/p/plan`);
  await expect(page.getByText('Fair test')).toBeVisible();
});

test('a database put back to an older day: what the tablet had sent goes there again, once, and is not said to be there before', async ({
  page,
}) => {
  await page.goto(`${server.url}/runs/${run}/station/2`);
  await log(page, '61');
  await expect(page.getByText('1 on the board')).toBeVisible();
  // A copy from before the second reading.
  await server.send('POST', '/api/runs/other/start', {});
  await server.send('POST', '/api/runs/other/finish', {});
  await log(page, '62');
  await expect(page.getByText('2 on the board')).toBeVisible();
  await server.down('SIGKILL');
  const copies = join(server.data, 'backups');
  execFileSync(
    process.execPath,
    ['--import', 'tsx', 'src/server/restore.ts', join(copies, readdirSync(copies).sort().at(-1)!)],
    {
      env: { ...process.env, TAWNY_DATA: server.data },
    },
  );
  expect(typed()).toEqual([61]);
  await server.up();
  await expect.poll(typed).toEqual([61, 62]);
  await expect(page.getByText('2 on the board')).toBeVisible();
});

test('a part of the program that is gone after an upgrade: the page says so and offers the new version', async ({
  page,
}) => {
  await page.route(/\/assets\/StationApp-/, (route) =>
    route.fulfill({ status: 404, contentType: 'application/problem+json', body: '{}' }),
  );
  await page.goto(`${server.url}/runs/${run}/station/2`);
  await expect(page.getByRole('alert')).toContainText('There is a newer version of the program.');
  await page.unroute(/\/assets\/StationApp-/);
  await page.getByRole('button', { name: 'Load the new version' }).tap();
  await expect(page.getByRole('tab', { name: 'Degrees' })).toBeVisible();
});
