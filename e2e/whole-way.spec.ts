import { readFileSync } from 'node:fs';
import { type Page } from '@playwright/test';
import type { RunFile } from '../src/contract/run-file';
import { complaintsOf } from './console';
import { field } from './field';
import { TestServer } from './server';
import { expect, test } from './test';

/*
 * One teacher, the whole way: a new practical from nothing, its margin, a run with a simulated probe, everything
 * logged that can be logged, the station page through a server that goes away, results, report, and the run file
 * on another, empty machine.
 */

let server: TestServer;
let elsewhere: TestServer;
test.beforeAll(async () => {
  [server, elsewhere] = await Promise.all([TestServer.start(), TestServer.start()]);
});
test.afterAll(() => Promise.all([server.remove(), elsewhere.remove()]));

const margin = (page: Page) => page.getByRole('complementary', { name: 'Margin' });

async function fill(page: Page, label: string, text: string) {
  await field(page, label).fill(text);
}

async function addLine(page: Page, label: string, ...lines: string[]) {
  for (const line of lines) {
    await field(page, label).fill(line);
    await field(page, label).press('Enter');
  }
}

async function quick(page: Page, line: string, says: string | RegExp) {
  const input = field(page, 'Quick line');
  await input.fill(line);
  await expect(page.locator('#quick-line-says')).toContainText(says);
  await input.press('Enter');
  await expect(input).toHaveValue('');
}

test('a practical goes from nothing to a report, and its run to another machine', async ({
  page,
  browser,
}) => {
  const complaints = complaintsOf(page);

  await test.step('a new practical, from a title', async () => {
    await page.goto(server.url);
    await page.getByRole('button', { name: 'Begin it' }).click();
    await expect(page.getByRole('alert')).toContainText('The title is empty; it needs 1 to 120 characters');
    await page.getByLabel('Title of a new practical').fill('Toffee: when does it snap?');
    await page.getByRole('button', { name: 'Begin it' }).click();
    await expect(field(page, 'Title')).toHaveValue('Toffee: when does it snap?');
    await expect(margin(page)).toContainText('No question yet');
  });

  await test.step('the plan is written line by line', async () => {
    await fill(page, 'Question', 'What does the final temperature do to the snap?');
    await fill(page, 'Prediction', 'hotter snaps cleaner');
    await fill(page, 'Reason', 'less water stays in the glass');
    await fill(page, 'What changes', 'final temperature');
    await page.getByLabel('Kind of factor').selectOption('end-temperature:');
    await addLine(page, 'Add a level', '140', '150');
    await addLine(page, 'Add a level', '140');
    await expect(page.getByRole('alert')).toContainText('“140 °C” is there already');
    await page.getByLabel('Add a level').fill('1S0');
    await page.getByLabel('Add a level').press('Enter');
    await expect(page.getByRole('alert')).toContainText(
      'level is “1S0”; allowed: a number from −30 to 300 °C',
    );
    await expect(page.getByLabel('Add a level')).toHaveValue('1S0');
    await page.getByLabel('Add a level').fill('');
    await addLine(page, 'Add what is measured', 'snap force in N');
    await addLine(page, 'Add what is kept the same', 'pan by the 16 cm pans only');
    await addLine(page, 'Add an ingredient', '100 g caster sugar', '40 g golden syrup', '60 ml water');
    await addLine(
      page,
      'Add a step',
      'Weigh sugar, golden syrup and water into the pan, 4 min',
      'Boil without stirring, 15 min',
      'Pour it out and let it cool, 12 min',
    );
    await page.getByRole('button', { name: 'Details of step 2' }).click();
    await page.getByLabel('What ends step 2').selectOption('level');
    await fill(page, 'Words for the log when step 2 is done', 'off the heat');
    await fill(page, 'Stations', '4');
  });

  await test.step('a room: 90 km is refused at the field, 1200 m is kept', async () => {
    await page.getByRole('button', { name: 'new room' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Name').fill('Food room 1');
    await dialog.getByLabel('Altitude').fill('90000');
    await dialog.getByRole('button', { name: 'Keep the room' }).click();
    await expect(dialog.getByRole('alert')).toContainText(
      'Altitude is “90000”; allowed: a number from −430 to 6000 m',
    );
    await dialog.getByLabel('Altitude').fill('1200');
    await expect(dialog).toContainText('Water boils here at 96.0 °C (204.8 °F)');
    await dialog.getByRole('button', { name: 'Keep the room' }).click();
    await expect(dialog).toBeHidden();
    await expect(margin(page)).toContainText('150 °C is a stage of boiling syrup');
    await page.getByRole('button', { name: 'the thermometer is in the syrup' }).click();
    await expect(margin(page)).not.toContainText('is a stage of boiling syrup');
    // 1200 m: 150 °C at sea level is 146.0 °C here, 294.8 °F.
    await expect(page.getByRole('button', { name: /150 °C is 146.0 °C here/ })).toBeVisible();
    await expect(page.getByText('294.8 °F')).toBeVisible();
  });

  await test.step('remarks appear, and their remedies clear them', async () => {
    await expect(margin(page)).toContainText('Hot sugar without its cautions');
    await page.getByRole('button', { name: 'put them on the step', exact: true }).click();
    await expect(margin(page)).not.toContainText('Hot sugar without its cautions');
    await expect(margin(page)).toContainText('No level is the control');
    await page.getByRole('button', { name: 'make 140 °C the control' }).click();
    await expect(margin(page)).not.toContainText('No level is the control');
    await page.keyboard.press('Control+z');
    await expect(margin(page)).toContainText('No level is the control');
    await page.getByRole('button', { name: 'make 140 °C the control' }).click();
    await expect(page.getByText('Kept', { exact: true })).toBeVisible();
    const [head] = server.query<{ plan: string }>('SELECT plan FROM revisions ORDER BY number DESC LIMIT 1');
    const plan = JSON.parse(head!.plan) as RunFile['practical']['plan'];
    expect(plan.factors[0]!.levels.map((level) => [level.value, level.control])).toEqual([
      [140, true],
      [150, false],
    ]);
    expect(plan.steps[1]!.hazards).toEqual(['hot-sugar']);
  });

  await test.step('a run is laid out and started, its probes simulated', async () => {
    await page.getByRole('link', { name: /Run/ }).click();
    await page.getByRole('button', { name: 'another class' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Name').fill('9B');
    await dialog.getByLabel('Students').fill('2o');
    await dialog.getByRole('button', { name: 'Keep the class' }).click();
    await expect(dialog.getByRole('alert')).toContainText('a whole number from 1 to 60');
    await dialog.getByLabel('Students').fill('20');
    await dialog.getByRole('button', { name: 'Keep the class' }).click();
    await expect(dialog).toBeHidden();
    await page.getByLabel('Thermometers').selectOption('simulated');
    await page.getByRole('button', { name: 'Draw the layout' }).click();
    await expect(page.getByRole('heading', { name: 'Who does what' })).toBeVisible();
    await expect(page.getByText('stop at 136.0 °C')).toHaveCount(2);
    await page.getByRole('button', { name: 'Start the run' }).click();
    await expect(page.getByRole('article', { name: 'Station 4' })).toBeVisible();
  });

  const runId = /runs\/([^/]+)/.exec(page.url())![1]!;

  await test.step('at ×60 a probe boils its syrup to the target', async () => {
    await page.getByRole('button', { name: '×60' }).click();
    // Whichever of these a page that is slow to draw sees first.
    await expect(page.getByRole('article', { name: 'Station 1' })).toContainText(
      /water boiling off|in \d+ (min|s)|at target|past target|off the heat/,
    );
    await expect
      .poll(
        () => server.query(`SELECT id FROM log WHERE kind = 'event' AND body LIKE '%off the heat%'`).length,
      )
      .toBe(4);
    await page.getByRole('button', { name: '×1', exact: true }).click();
  });

  await test.step('the quick line writes down everything, in both units', async () => {
    await quick(page, '2 118.5', 'Station 2 · temperature 118.5 °C (245.3 °F)');
    await quick(page, '2 / 118.0', 'corrects 118.5 °C to temperature 118.0 °C');
    await quick(page, '3 244F', 'temperature 244.0 °F (117.8 °C)');
    await quick(page, '3 golden, edges darker', 'saw: golden, edges darker');
    await quick(page, '4 ! dropped the spoon', 'went differently: dropped the spoon');
    await quick(page, 'all window opened', 'All stations · event: window opened');
    // Snap by level: 2.1 and 2.4 N at 140 °C, 4.2 and 4.0 N at 150 °C.
    const { run } = await server.json<{ run: RunFile['run'] & { plan: RunFile['practical']['plan'] } }>(
      `/api/runs/${runId}`,
    );
    const snaps: Record<number, number[]> = { 140: [2.1, 2.4], 150: [4.2, 4.0] };
    for (const { station, treatmentId } of run.allocation) {
      const level = run.plan.factors[0]!.levels.find((one) => one.id === treatmentId)!;
      const value = snaps[level.value!]!.shift()!;
      await quick(page, `${station} snap ${value}`, `snap force ${value} N`);
    }
    const input = field(page, 'Quick line');
    for (const [line, says] of [
      ['9 118', 'station is “9”; allowed: a station from 1 to 4, or all'],
      ['2 1500', 'temperature is “1500 °C”; allowed: −90 to 400 °C'],
      ['2 11B', 'allowed: a number, such as 118.5, 118.5C or 244F'],
    ] as const) {
      await input.fill(line);
      await expect(page.locator('#quick-line-says')).toContainText(says);
      await input.press('Enter');
      await expect(input).toHaveValue(line);
    }
    await input.fill('');
    await expect.poll(() => server.query(`SELECT id FROM log WHERE kind = 'measurement'`).length).toBe(4);
  });

  await test.step('the station page logs while the server is down; it all arrives, once', async () => {
    const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
    const station = await phone.newPage();
    await station.goto(`${server.url}/runs/${runId}/station/3`);
    await expect(station.getByText('Toffee: when does it snap?')).toBeVisible();
    await server.down();
    await expect(station.getByRole('status')).toContainText('no network');
    for (const key of ['1', '0', '1', '.', '5'])
      await station.getByRole('button', { name: key, exact: true }).tap();
    await station.getByRole('button', { name: /Keep 101.5/ }).tap();
    await station.getByRole('tab', { name: 'Saw' }).tap();
    await station.getByRole('button', { name: 'texture' }).tap();
    await station.getByLabel('What you saw').fill('cracks like glass');
    await station.getByRole('button', { name: 'Keep' }).tap();
    await station.getByRole('tab', { name: 'Differently' }).tap();
    await station.getByLabel('What went differently').fill('tin was not lined');
    await station.getByRole('button', { name: 'Keep' }).tap();
    await expect(station.getByRole('status')).toContainText('3 saved here, no network');
    await server.up();
    await expect(station.getByRole('status')).toContainText('3 on the board');
    const arrived = server.query<{ kind: string; body: string }>(
      `SELECT kind, body FROM log WHERE station = 3 AND (body LIKE '%101.5%' OR body LIKE '%like glass%' OR body LIKE '%not lined%') AND body NOT LIKE '%probe"}' ORDER BY seq`,
    );
    expect(arrived.map((one) => one.kind)).toEqual(['reading', 'observation', 'deviation']);
    await phone.close();
  });

  await test.step('finished, the results show what was logged', async () => {
    await expect(page.getByText('no connection')).toBeHidden();
    await page.getByRole('button', { name: 'Finish the run' }).click();
    await page.getByRole('button', { name: 'Yes, finish' }).click();
    await expect(page.getByRole('button', { name: 'Finish the run' })).toBeHidden();
    await page.getByRole('link', { name: 'Results' }).click();
    await expectResults(page);
    expect(server.query('SELECT id FROM runs WHERE finished_at IS NOT NULL')).toHaveLength(1);
  });

  let file = '';
  await test.step('the report prints, and the run comes out as a file', async () => {
    await page.getByRole('link', { name: 'Report' }).click();
    await expect(page.getByText('What the stations measured')).toBeVisible();
    await expect(page.getByText('tin was not lined').first()).toBeVisible();
    const a4 = await page.pdf({ preferCSSPageSize: true, printBackground: true });
    expect(pagesOf(a4)).toEqual({ count: 6, box: '595 842' });
    await page.getByRole('button', { name: 'Letter' }).click();
    expect(pagesOf(await page.pdf({ preferCSSPageSize: true, printBackground: true }))).toEqual({
      count: 6,
      box: '612 792',
    });
    const [csv] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('link', { name: 'The log, CSV' }).click(),
    ]);
    expect(readFileSync(await csv.path(), 'utf8')).toContain('"golden, edges darker"');
    const [archive] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('link', { name: 'The whole run, ZIP' }).click(),
    ]);
    expect(archive.suggestedFilename()).toMatch(/\.zip$/);
    file = await archive.path();
  });

  await test.step('read in on an empty machine, it shows the same results', async () => {
    await page.goto(elsewhere.url);
    await page.getByLabel('Run file').setInputFiles({
      name: 'soup.json',
      mimeType: 'application/json',
      buffer: Buffer.from('{"format":"soup"}'),
    });
    await expect(page.getByRole('alert')).toContainText('format is “soup”; allowed: one of tawny-beaker-run');
    const mimeType = 'application/zip';
    const buffer = readFileSync(file);
    await page
      .getByLabel('Run file')
      .setInputFiles({ name: 'half.zip', mimeType, buffer: buffer.subarray(0, 2000) });
    await expect(page.getByRole('alert')).toContainText('no archive of a run, or it is damaged');
    await page.getByLabel('Run file').setInputFiles({ name: 'run.zip', mimeType, buffer });
    await expectResults(page);
    const dump = (from: TestServer) =>
      from.query('SELECT id, run_id, station, kind, at, "offset", arrived_at, body FROM log ORDER BY seq');
    expect(dump(elsewhere)).toEqual(dump(server));
  });

  // The browser itself reports requests that met no server while it was down, and files it could not send for.
  expect(
    complaints.filter((text) => !/ERR_CONNECTION_REFUSED|ERR_INCOMPLETE_CHUNKED|400|422/.test(text)),
  ).toEqual([]);
});

/** What the class found, wherever it is looked at. */
async function expectResults(page: Page) {
  const table = page.getByRole('region', { name: 'Class table' });
  for (const value of ['2.1', '4.2', '2.4', '4'])
    await expect(table.getByRole('cell', { name: value, exact: true })).toBeVisible();
  await expect(table.getByLabel('went differently: dropped the spoon')).toBeVisible();
  const tells = page.getByRole('complementary', { name: 'What this tells' });
  await expect(tells).toContainText('Snap force rose with final temperature');
  // By hand: means 2.25 and 4.10 N; the straight line through four points at two levels rises by their difference.
  await expect(tells).toContainText('From 140 °C to 150 °C by 1.85 N');
  await expect(tells).toContainText('Station 3 went differently');
  await expect(page.getByRole('img', { name: /Temperature against time for 4 stations/ })).toBeVisible();
  await expect(page.getByRole('img', { name: /snap force against final temperature/ })).toBeVisible();
}

/** Number of pages of a PDF and the size of the first, points. */
function pagesOf(pdf: Buffer) {
  const text = pdf.toString('latin1');
  const box = /\/MediaBox\s*\[\s*0 0 ([\d.]+) ([\d.]+)/.exec(text);
  return {
    count: text.match(/\/Type\s*\/Page\b/g)?.length ?? 0,
    box: `${Math.round(Number(box![1]))} ${Math.round(Number(box![2]))}`,
  };
}
