import { type Page } from '@playwright/test';
import ExcelJS from 'exceljs';
import jsQR from 'jsqr';
import { labelSheets, labelSpots } from '../src/core/labels';
import { picturesOf, textOf } from '../src/server/paper/testing/pdf';
import { TestServer } from './server';
import { expect, test } from './test';

let server: TestServer;
const runId = 'prep-run';
test.beforeAll(async () => {
  server = await TestServer.start({ demo: true });
  const startsAt = new Date(Date.now() + 86_400_000).setHours(11, 0, 0, 0);
  await server.send('POST', '/api/runs', {
    ...{ id: runId, practicalId: 'practical-honeycomb', revision: 1, roomId: 'room-kitchen' },
    ...{ classId: 'class-10a', startsAt, stations: 12, probes: 'none', seed: 4 },
  });
});
test.afterAll(() => server.remove());

const weighedRows = () =>
  server.query<{ station: number; body: string }>(
    `SELECT station, body FROM log WHERE run_id = '${runId}' AND kind = 'weighed' ORDER BY seq`,
  );

async function fileOf(page: Page, link: string): Promise<Buffer> {
  const href = await page.getByRole('link', { name: link, exact: true }).getAttribute('href');
  const answer = await page.request.get(server.url + href!);
  expect(answer.status()).toBe(200);
  return answer.body();
}

test('from the plan to the order, the balance, thermometers, tray, labels, sugar a cup short, and the run', async ({
  page,
  browser,
}) => {
  await page.goto(`${server.url}/practicals/practical-honeycomb/plan?run=${runId}`);
  const thread = page.getByRole('navigation', { name: 'Stops of this practical' });
  await expect(thread.getByRole('link')).toHaveText([
    /Plan/,
    /Prep.*(to do|short)/,
    /Run.*to start/,
    /Report.*to print/,
  ]);
  await page.keyboard.press('2');
  await expect(page).toHaveURL(new RegExp(`/runs/${runId}/prep`));

  // The tray in order of use; the arrow keys go from station to station.
  const tray = page.getByRole('region', { name: 'Tray of station 1', exact: true });
  await expect(tray.getByRole('listitem').filter({ hasText: 'Caster sugar' })).toContainText('100 g');
  await page.getByRole('button', { name: 'Tray of station 1', exact: true }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('region', { name: 'Tray of station 2' })).toBeVisible();

  // One spare of each level: the order follows. Twelve stations and four spares take 1.6 kg; 1.2 kg are there.
  const order = page.getByRole('region', { name: 'To buy and to bring' });
  const sugar = order.getByRole('row').filter({ hasText: 'Caster sugar' });
  await expect(sugar).toContainText('in stock');
  await page.getByLabel('Spares of each level').fill('1');
  await page.keyboard.press('Tab');
  await expect(sugar).toContainText('1 × 500 g');
  await expect(sugar).toContainText('1.6 kg');
  expect(server.query<{ ways: string }>(`SELECT ways FROM run_prep WHERE run_id = '${runId}'`)).toMatchObject(
    [{ ways: expect.stringContaining('"spares":1') }],
  );

  // The order of the week, made of it and the others; ticked off here.
  await page.getByRole('link', { name: 'Order made and in the house: open' }).click();
  await expect(page.getByRole('heading', { name: 'The order' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Honeycomb: how hot is brittle?' }).first()).toBeVisible();
  const book = new ExcelJS.Workbook();
  await book.xlsx.load((await fileOf(page, 'XLSX, live sums')) as never);
  const bought = book.getWorksheet('Order')!.getColumn('B').values;
  expect(bought).toContain('Caster sugar');
  const needs = book
    .getWorksheet('Needs')!
    .getRows(2, 400)!
    .filter((row) => row.getCell(1).value === 'Caster sugar');
  const honeycomb = needs.filter(
    (row) => row.getCell(3).value === 'Honeycomb: how hot is brittle?' && row.getCell(6).value === 4,
  );
  // Three stations and a spare of each of four levels, 100 g each.
  expect(honeycomb.map((row) => row.getCell(9).result)).toEqual([400, 400, 400, 400]);
  await page.goBack();
  await page.getByRole('checkbox', { name: /Order made and in the house/ }).check();
  await expect
    .poll(() => server.query(`SELECT done FROM ticks WHERE what = 'prep:${runId}:order'`))
    .toEqual([{ done: 1 }]);

  // A tray card and a label whose code leads to the station’s page.
  expect(textOf(await fileOf(page, 'Tray cards'))).toContain('Station 12');
  const labels = await fileOf(page, 'Labels, PDF');
  const address = await codeOn(labels);
  expect(address).toMatch(new RegExp(`/runs/${runId}/station/1$`));
  const tablet = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await tablet.goto(server.url + new URL(address).pathname);
  await expect(tablet.getByText('This run has not started yet.')).toBeVisible();

  await weighOut(page);
  await thermometers(page);
  await cupShort(page);
  await theRun(page, tablet);
});

async function codeOn(labels: Buffer): Promise<string> {
  const sheet = labelSheets.find(({ id }) => id === 'a4-21')!;
  const [picture] = await picturesOf(labels, 300);
  const { xMm, yMm } = labelSpots(sheet, 1)[0]!;
  const scale = 300 / 25.4;
  const [x0, y0] = [Math.round(xMm * scale), Math.round(yMm * scale)];
  const [w, h] = [Math.floor(sheet.widthMm * scale), Math.floor(sheet.heightMm * scale)];
  const cut = new Uint8ClampedArray(4 * w * h);
  for (let y = 0; y < h; y += 1) {
    const from = 4 * ((y0 + y) * picture!.width + x0);
    cut.set(picture!.rgba.subarray(from, from + 4 * w), 4 * y * w);
  }
  return jsQR(cut, w, h)!.data;
}

/** A slip that does not matter, and one that does: judged as it is typed, kept as it is. */
async function weighOut(page: Page) {
  await page.goto(`${server.url}/runs/${runId}/weigh-out`);
  await page.getByRole('button', { name: /^Bicarbonate of soda/ }).click();
  const shows = page.getByLabel('What the scale shows now');
  await shows.fill('5.1');
  await expect(page.getByText('Fine.')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByText('1 of 16 dishes weighed')).toBeVisible();
  // Twelve stations and a spare of each of four levels. The scale is not at zero: 12.3 g on it, 5 g wanted, stop at 17.3; 18.8 is one and a half too much.
  await page.getByRole('button', { name: /The scale shows 0 g/ }).click();
  await page.getByLabel('What the scale shows before').fill('12.3');
  await page.keyboard.press('Enter');
  await expect(page.getByText('17.3', { exact: true })).toBeVisible();
  await shows.fill('18.8');
  await expect(page.getByText('Check.')).toBeVisible();
  await expect(page.getByText(/1\.5 g \(30 %\) too much/i).first()).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByText('2 of 16 dishes weighed')).toBeVisible();
  await expect.poll(() => weighedRows().length).toBe(2);
  const grams = weighedRows().map(({ station, body }) => [
    station,
    (JSON.parse(body) as { grams: number }).grams,
  ]);
  expect(grams).toEqual([
    [1, 5.1],
    [2, 6.5],
  ]);
}

/** 0.6 too high in ice and in boiling water, at station 1. */
async function thermometers(page: Page) {
  await page.goto(`${server.url}/rooms/room-kitchen/thermometers`);
  const line = page.getByRole('form', { name: 'thermometer 1', exact: true });
  await line.getByLabel('thermometer 1 lies at station').fill('1');
  await line.getByLabel('thermometer 1 in ice').fill('0.6');
  await line.getByLabel('thermometer 1 in boiling water').fill('96.6');
  await page.keyboard.press('Tab');
  await line.getByRole('button', { name: 'keep' }).click();
  await expect(line).toContainText('0.6 °C too high in ice');
  await expect(line).toContainText(/100\.0 °C typed counts as 99\.\d °C/);
  const [room] = server.query<{ equipment: string }>("SELECT equipment FROM rooms WHERE id = 'room-kitchen'");
  expect(JSON.parse(room!.equipment)).toContainEqual(
    expect.objectContaining({ id: 'thermometer-1', inIceC: 0.6, station: 1 }),
  );
}

/** A cup of sugar (225 g) short of what the twelve stations take. */
async function cupShort(page: Page) {
  await page.goto(`${server.url}/runs/${runId}/prep`);
  await page.getByRole('button', { name: 'Something is short or missing' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('What is short').selectOption({ label: 'Caster sugar' });
  await dialog.getByLabel('There is, g').fill('975');
  await page.keyboard.press('Tab');
  const ways = dialog.getByRole('list', { name: 'Ways out, best first' }).getByRole('listitem');
  await expect(ways.nth(0)).toContainText('buy 1 × 1 kg'.replace('1 kg', '1000 g'));
  await expect(ways.nth(1)).toContainText('batches of 0.81');
  await expect(ways.nth(1)).toContainText('81 g caster sugar for 100 g');
  await expect(ways.nth(2)).toContainText('225 g granulated sugar instead');
  await dialog.getByRole('button', { name: 'Take it: batches of 0.81' }).click();
  await expect(dialog.getByRole('status')).toContainText('Logged with the run');
  await expect
    .poll(() =>
      server.query<{ body: string }>(`SELECT body FROM log WHERE run_id = '${runId}' AND kind = 'deviation'`),
    )
    .toMatchObject([{ body: expect.stringContaining('short of Caster sugar: batches of 0.81') }]);
  await page.keyboard.press('Escape');
}

/** What was weighed is known at the board, and what is typed at station 1 is put right. */
async function theRun(page: Page, tablet: Page) {
  await server.send('POST', `/api/runs/${runId}/start`, {});
  await page.goto(`${server.url}/runs/${runId}/bench`);
  await expect(page.getByText(/Station 2: 6\.5 g bicarbonate of soda, 5 g wanted/i).first()).toBeVisible();
  await expect(page.getByText('Station 1: readings are put right').first()).toBeVisible();
  await expect(tablet.getByRole('tab', { name: 'Degrees' })).toBeVisible();
  await tablet.getByRole('tab', { name: 'Degrees' }).click();
  await tablet.getByLabel('Temperature').fill('118.6');
  await tablet.keyboard.press('Enter');
  await expect(page.getByText('118.0').first()).toBeVisible();
  const [reading] = server.query<{ body: string }>(
    `SELECT body FROM log WHERE run_id = '${runId}' AND kind = 'reading'`,
  );
  expect(JSON.parse(reading!.body)).toMatchObject({ celsius: 118.6 });
  // What the students weigh: too much flour of their own, seen at once.
  await tablet.getByRole('tab', { name: 'Weigh' }).click();
  await tablet.getByLabel('What the scale shows now').fill('101');
  await expect(tablet.getByText('Fine.')).toBeVisible();
  await tablet.keyboard.press('Enter');
  await expect.poll(() => weighedRows().length).toBe(3);
}

/** What a list says of where its ticks are. */
const where = (page: Page) => page.getByRole('status', { name: 'Where the ticks are' });

/** Waits until the page is kept on the device. */
const kept = (page: Page) =>
  expect
    .poll(() =>
      page.evaluate(() => caches.open('parts').then((parts) => parts.keys().then((all) => all.length))),
    )
    .toBeGreaterThan(5);

test('a list ticked on a phone while the server is stopped is there when it is back', async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const page = await context.newPage();
  await page.goto(`${server.url}/jobs`);
  const trays = page
    .getByRole('region', { name: /11 Food, Soda scones/ })
    .getByRole('checkbox', { name: /Trays laid, as drawn/ });
  await expect(trays).toBeVisible();
  await expect(where(page)).toContainText('All of it is on the server');
  // The oven is to be at 200 °C: at 183 it is not ticked off by what is read, at 197 it is.
  const scones = page.getByRole('region', { name: /11 Food, Soda scones/ });
  const oven = scones.getByLabel('What the oven shows');
  await oven.fill('183');
  await oven.press('Tab');
  await expect(scones.getByText('17 °C too cold')).toBeVisible();
  const ovens = scones.getByRole('checkbox', { name: /Ovens really at their heat/ });
  await expect(ovens).not.toBeChecked();
  await oven.fill('197');
  await oven.press('Tab');
  await expect(ovens).toBeChecked();
  await expect
    .poll(() => server.query("SELECT done, celsius FROM ticks WHERE what LIKE '%:ovens'"))
    .toEqual([{ done: 1, celsius: 197 }]);
  await kept(page);
  await server.down('SIGKILL');
  // Opened anew without the server, it is there all the same.
  await page.reload();
  await trays.check();
  await expect(where(page)).toContainText('kept on this device');
  expect(server.query("SELECT what FROM ticks WHERE what LIKE '%:trays'")).toEqual([]);
  await server.up();
  await expect(where(page)).toContainText('All of it is on the server');
  expect(
    server.query<{ what: string; done: number }>("SELECT what, done FROM ticks WHERE what LIKE '%:trays'"),
  ).toMatchObject([{ done: 1 }]);
  await context.close();
});
