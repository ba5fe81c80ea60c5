import { networkInterfaces } from 'node:os';
import { type Browser, type BrowserContext, type Page } from '@playwright/test';
import { graveFindings } from './axe';
import { chromium } from './chromium';
import { complaintsOf } from './console';
import { field } from './field';
import { runBy, schoolBy } from './school';
import { TestServer } from './server';
import { Wire } from './wire';
import { expect, test } from './test';

/*
 * The program open to the network, at this machine’s own address there: the first teacher, a run, two tablets that join by
 * code, one of them without the network for a while, the other closed by the teacher.
 */

const address = Object.values(networkInterfaces())
  .flatMap((one) => one ?? [])
  .find(({ family, internal }) => family === 'IPv4' && !internal)?.address;
const words = 'copper kettle on tuesday';

let server: TestServer;
let wire: Wire;
let ours: string;
test.beforeAll(async () => {
  server = await TestServer.start({ lan: true, names: 'tablets.localhost' });
  wire = await Wire.to(server.port);
  ours = `http://${address ?? '127.0.0.1'}:${server.port}`;
});
test.afterAll(async () => {
  await wire.remove();
  await server.remove();
});
/** A name that browsers trust as they do HTTPS: they keep a page for later only where nobody can listen in. */
const tablets = () => `http://tablets.localhost:${wire.port}`;

/** A school with a planned run, put up by the teacher who is signed in. */
async function plannedRun(teacher: BrowserContext): Promise<string> {
  const post = async (path: string, data: object) => {
    const answer = await teacher.request.post(ours + path, { data });
    expect(answer.ok(), `${path}: ${answer.status()} ${await answer.text()}`).toBe(true);
  };
  await schoolBy(post);
  return runBy(post);
}

const tablet = (instance: Browser) =>
  instance.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, locale: 'en-GB' });

async function type(page: Page, digits: string) {
  for (const digit of digits) await page.getByRole('button', { name: digit, exact: true }).tap();
  await page.getByRole('button', { name: /^Keep/ }).tap();
}

test('a teacher sets a passphrase, tablets join by code, one reloads without the network and goes on, one is closed', async ({
  browser: instance,
}) => {
  const teacher = await instance.newContext({ viewport: chromium.viewport, locale: 'en-GB' });
  const board = await teacher.newPage();
  const complaints = complaintsOf(board);

  // The first start, by keyboard alone, with the code from the console.
  await board.goto(ours);
  await expect(board.getByRole('heading', { name: 'The first teacher' })).toBeVisible();
  expect(await graveFindings(board)).toEqual([]);
  const code = /asks for this code:\s+(\S+)/.exec(server.said)![1]!;
  for (const text of ['nonsense', 'M. Ashdown', words]) {
    await board.keyboard.type(text);
    await board.keyboard.press('Tab');
  }
  await board.keyboard.press('Enter');
  await expect(board.getByRole('alert')).toContainText('code is “nonsense”');
  expect(await field(board, 'Passphrase').inputValue()).toBe(words);
  await field(board, 'Code').fill(code);
  await board.keyboard.press('Enter');
  await expect(board.getByText('This week')).toBeVisible();

  const run = await plannedRun(teacher);
  await board.goto(`${ours}/runs/${run}/bench`);
  await board.getByRole('button', { name: 'Start the run' }).click();
  await expect(board.getByText('Needs you now')).toBeVisible();
  await board.getByRole('button', { name: 'Pages for the stations' }).click();
  const dialog = board.getByRole('dialog', { name: 'A page for each station' });
  await expect(dialog.getByText(`open http://tablets.localhost:${server.port}/join`)).toBeVisible();
  await expect(dialog.getByText('No tablet is in yet.')).toBeVisible();
  const codes = (await dialog.getByText(/^[A-Z0-9]{3} [A-Z0-9]{3}$/).allTextContents()).map((one) =>
    one.trim(),
  );
  expect(codes).toHaveLength(4);

  // One tablet types its code, the other was held before it.
  const first = await (await tablet(instance)).newPage();
  await first.goto(`${tablets()}/join`);
  expect(await graveFindings(first)).toEqual([]);
  await field(first, 'Code of your station').fill('AAA AAA');
  await first.getByRole('button', { name: 'Join' }).tap();
  await expect(first.getByRole('alert')).toContainText('This code leads nowhere');
  await field(first, 'Code of your station').fill(codes[0]!.toLowerCase());
  await first.getByRole('button', { name: 'Join' }).tap();
  await expect(first).toHaveURL(`${tablets()}/runs/${run}/station/1`);
  await type(first, '21');
  await expect(first.getByText('1 on the board')).toBeVisible();
  const second = await (await tablet(instance)).newPage();
  await second.goto(`${ours}/join#${codes[1]!.replace(' ', '')}`);
  await expect(second).toHaveURL(`${ours}/runs/${run}/station/2`);
  await type(second, '22');
  await expect(second.getByText('1 on the board')).toBeVisible();
  await expect(dialog.getByText('2 tablets are in')).toBeVisible();
  expect(await graveFindings(board)).toEqual([]);

  // A tablet of another station opens nothing else.
  await second.goto(`${ours}/runs/${run}/station/3`);
  await expect(second.getByText('This tablet is not in at this station.')).toBeVisible();
  await second.goto(`${ours}/runs/${run}/bench`);
  await expect(second.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await second.goto(`${ours}/runs/${run}/station/2`);

  // Without the network, and reloaded there: the page is on the tablet, with what was written.
  await expect
    .poll(() => first.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.active?.state))
    .toBe('activated');
  await first.reload();
  await expect(first.getByText('1 on the board')).toBeVisible();
  wire.cut();
  await type(first, '23');
  await expect(first.getByText('1 saved here, no network')).toBeVisible();
  await first.reload();
  await expect(first.getByText('1 saved here, no network')).toBeVisible();
  await type(first, '24');
  await expect(first.getByText('2 saved here, no network')).toBeVisible();
  // Elsewhere it says what it cannot do.
  const away = await first.context().newPage();
  await away.goto(`${tablets()}/practicals/p/plan`);
  await expect(away.getByRole('alert')).toContainText('This page is not kept on this device');
  expect(await graveFindings(away)).toEqual([]);
  await away.close();
  wire.mend();
  await expect(first.getByText('3 on the board')).toBeVisible();

  // Closed by the teacher while an entry waits on it: said, after a reload too; joined anew, and the entry is there.
  await second.context().setOffline(true);
  await type(second, '26');
  await expect(second.getByText('1 saved here, no network')).toBeVisible();
  await dialog.getByRole('button', { name: 'Close the tablet at station 2' }).click();
  await dialog.getByRole('button', { name: 'yes, close it' }).click();
  await second.context().setOffline(false);
  const notIn = second.getByText('This tablet is not in at this station.');
  await expect(notIn).toBeVisible();
  await second.reload();
  await expect(notIn).toBeVisible();
  await expect(
    second.getByRole('status').filter({ hasText: '1 entry is saved on this tablet' }),
  ).toBeVisible();
  await expect(dialog.getByText('1 tablet is in')).toBeVisible();
  await field(second, 'Code of your station').fill(codes[1]!);
  await second.getByRole('button', { name: 'Join' }).tap();
  await type(second, '25');
  await expect(second.getByText('3 on the board')).toBeVisible();
  await dialog.getByRole('button', { name: 'Done' }).click();
  await expect(board.getByRole('button', { name: 'Pages for the stations' })).toContainText('2 in');

  // What is in the database: six readings, each once, each with its author.
  const rows = server.query<{ station: number; celsius: number; author: string; run: string }>(
    `SELECT log.station, json_extract(body, '$.celsius') AS celsius, author, passes.run_id AS run
       FROM log JOIN passes ON author = 'station:' || passes.id ORDER BY celsius`,
  );
  expect(rows.map(({ station, celsius }) => [station, celsius])).toEqual([
    [1, 21],
    [2, 22],
    [1, 23],
    [1, 24],
    [2, 25],
    [2, 26],
  ]);
  expect(server.query('SELECT id FROM log')).toHaveLength(6);
  expect(complaints.filter((one) => !/422|403|401/.test(one))).toEqual([]);

  // The session ends elsewhere: the page stays, the door stands over it, and opens again.
  await board.goto(`${ours}/practicals/p/plan`);
  await field(board, 'Question').first().fill('Does it snap?');
  const other = await teacher.request.post(`${ours}/api/sign-out`, { data: {} });
  expect(other.ok()).toBe(true);
  await field(board, 'Question').first().fill('Does it snap at 150 °C?');
  await expect(board.getByRole('heading', { name: 'Sign in again' })).toBeVisible();
  await field(board, 'Your name').fill('m. ashdown');
  await field(board, 'Passphrase').fill(words);
  await board.keyboard.press('Enter');
  await expect(board.getByRole('heading', { name: 'Sign in again' })).toBeHidden();
  await expect(field(board, 'Question').first()).toHaveValue('Does it snap at 150 °C?');
  await expect
    .poll(() => server.query<{ q: string }>('SELECT question AS q FROM revisions ORDER BY number DESC')[0]!.q)
    .toBe('Does it snap at 150 °C?');
});
