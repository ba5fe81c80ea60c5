import { type Page } from '@playwright/test';
import type { RunSummary } from '../src/contract/practicals';
import { sampled } from '../src/core/random/testing/sampled';
import { atRest } from './at-rest';
import { graveFindings } from './axe';
import { complaintsOf } from './console';
import { field } from './field';
import { TestServer } from './server';
import { expect, test } from './test';

let server: TestServer;
let running: string;
let finished: string;
let planned: string;
test.beforeAll(async () => {
  server = await TestServer.start({ demo: true });
  const runs = await server.json<RunSummary[]>('/api/runs');
  const idOf = (status: string) => runs.find((run) => run.status === status)!.id;
  [running, finished, planned] = [idOf('running'), idOf('finished'), idOf('planned')];
});
test.afterAll(() => server.remove());

const pages: Record<string, { path: () => string; ready: string; phone?: boolean }> = {
  today: { path: () => '/', ready: 'This week' },
  plan: { path: () => '/practicals/practical-honeycomb/plan', ready: 'Fair test' },
  'new run': { path: () => '/practicals/practical-scones/run', ready: 'A new run' },
  'planned run': { path: () => `/runs/${planned}/bench`, ready: 'Who does what' },
  bench: { path: () => `/runs/${running}/bench`, ready: 'Needs you now' },
  station: { path: () => `/runs/${running}/station/4`, ready: 'Degrees', phone: true },
  results: { path: () => `/runs/${finished}/results`, ready: 'What this tells' },
  report: { path: () => `/runs/${finished}/report`, ready: 'What the stations measured' },
  library: { path: () => '/library', ready: '8 practicals' },
  'sheet for home': { path: () => '/practicals/practical-scones/home', ready: 'Tick what is there' },
  trial: { path: () => '/practicals/practical-honeycomb/trial', ready: 'One station, before the class' },
  school: { path: () => '/school', ready: 'Periods' },
  week: { path: () => '/week', ready: '08:00–09:10' },
  'a room drawn': { path: () => '/rooms/room-lab', ready: 'The room also has a' },
  wall: { path: () => `/runs/${planned}/timetable`, ready: 'Running order' },
  prep: { path: () => `/runs/${planned}/prep`, ready: 'Tray of station 1' },
  'weigh-out': { path: () => `/runs/${planned}/weigh-out`, ready: 'To weigh out' },
  order: { path: () => '/order', ready: 'Hand it on' },
  packs: { path: () => '/school/packs', ready: 'What our measures weigh' },
  thermometers: { path: () => '/rooms/room-kitchen/thermometers', ready: 'at station' },
  'jobs on a phone': { path: () => '/jobs', ready: 'Trays laid, as drawn', phone: true },
  lost: { path: () => '/nowhere', ready: 'There is no page' },
};

for (const [name, { path, ready, phone }] of sampled(Object.entries(pages), 9, 4)) {
  test(`${name}: no serious or critical finding of axe on light or dark, nothing on the console`, async ({
    browser,
  }) => {
    const context = await browser.newContext({
      reducedMotion: 'reduce',
      viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
    });
    const page = await context.newPage();
    const complaints = complaintsOf(page);
    await page.goto(server.url + path());
    await expect(page.getByText(ready).first()).toBeVisible();
    await atRest(page);
    expect(await graveFindings(page)).toEqual([]);
    // The sheet for dim rooms is the same page in other colours: only they can be wrong.
    const dim = page.getByRole('button', { name: 'Sheet for dim rooms' });
    if (await dim.isVisible()) await dim.click();
    else await page.evaluate(() => document.documentElement.classList.replace('light', 'dark'));
    await expect(page.locator('html')).toHaveClass(/dark/);
    await atRest(page);
    expect(await graveFindings(page, ['color-contrast'])).toEqual([]);
    expect(complaints).toEqual([]);
    await context.close();
  });
}

test('a device that asks for dark gets the sheet for dim rooms', async ({ browser }) => {
  const page = await browser.newPage({ colorScheme: 'dark' });
  await page.goto(server.url);
  await expect(page.locator('html')).toHaveClass(/dark/);
  await page.close();
});

const opened: Record<string, { path: () => string; open: (page: Page) => Promise<void> }> = {
  working: {
    path: () => '/practicals/practical-honeycomb/plan',
    open: (page) => page.getByRole('button', { name: /150 °C is .* here/ }).click(),
  },
  'step details': {
    path: () => '/practicals/practical-scones/plan',
    open: (page) => page.getByRole('button', { name: 'Details of step 2' }).click(),
  },
  'a measure': {
    path: () => '/practicals/practical-panna-cotta/plan',
    open: (page) => page.getByRole('button', { name: 'Details of sag' }).click(),
  },
  room: {
    path: () => '/practicals/practical-honeycomb/plan',
    open: async (page) => {
      await page.getByRole('button', { name: 'change the room' }).click();
      await page.getByRole('dialog').getByLabel('Altitude').fill('high');
      await page.getByRole('dialog').getByLabel('Name').focus();
    },
  },
  history: {
    path: () => '/practicals/practical-honeycomb/plan',
    open: (page) => page.getByRole('button', { name: /^revision/ }).click(),
  },
  log: {
    path: () => `/runs/${finished}/bench`,
    open: (page) => page.getByRole('button', { name: 'The log' }).click(),
  },
  'station codes': {
    path: () => `/runs/${running}/bench`,
    open: (page) => page.getByRole('button', { name: 'Pages for the stations' }).click(),
  },
  shelf: {
    path: () => '/practicals/practical-honeycomb/plan',
    open: async (page) => {
      await page.getByRole('button', { name: /^Shelf/ }).click();
      await page.getByPlaceholder('soft ball').fill('carbon dioxide');
    },
  },
  'shelf table': {
    path: () => '/',
    open: async (page) => {
      await page.getByRole('button', { name: /^Shelf/ }).click();
      await page.getByPlaceholder('soft ball').fill('chicken');
    },
  },
  'go anywhere': {
    path: () => '/',
    open: (page) => page.getByRole('button', { name: 'Go anywhere' }).click(),
  },
};

for (const [name, { path, open }] of sampled(Object.entries(opened), 4, 4)) {
  test(`${name}, opened: no serious or critical finding of axe`, async ({ page }) => {
    const complaints = complaintsOf(page);
    await page.goto(server.url + path());
    await open(page);
    await atRest(page);
    expect(await graveFindings(page)).toEqual([]);
    expect(complaints).toEqual([]);
  });
}

test('the plan, the keys and the palette work by keyboard alone', async ({ page }) => {
  await page.goto(`${server.url}/practicals/practical-honeycomb/plan`);
  await expect(page.getByText('Fair test')).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('Keys of this screen');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.keyboard.press('4');
  await expect(page).toHaveURL(/results/);
  await page.keyboard.press('Control+k');
  await page.getByPlaceholder('Where to?').fill('pear slices plan');
  await expect(page.getByRole('option', { selected: true })).toContainText('Pear slices');
  await page.keyboard.press('Enter');
  await expect(field(page, 'Title')).toHaveValue(/Pear slices/);
  const step = page.getByRole('button', { name: 'Move step 3', exact: true });
  await step.focus();
  const said = page.locator('[id^="DndLiveRegion"]').filter({ hasText: /./ });
  let before = '';
  for (const key of ['Space', 'ArrowUp', 'Space']) {
    await page.keyboard.press(key);
    // The step glides to its new place, and says so, before the next key counts.
    await expect(said).not.toHaveText(before);
    await atRest(page);
    before = (await said.textContent())!;
  }
  await expect(field(page, 'Step 2').last()).toHaveValue(/Dip for 30 s/);
});
