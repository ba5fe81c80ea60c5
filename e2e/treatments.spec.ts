import { type Page } from '@playwright/test';
import type { RunNow } from '../src/contract/runs';
import { complaintsOf } from './console';
import { field } from './field';
import { TestServer } from './server';
import { expect, test } from './test';

/*
 * A level reaches into batch, method and page: two factors planned by keyboard alone, and a dose of soda, both from the
 * plan to the class table.
 */

let server: TestServer;
test.beforeAll(async () => {
  server = await TestServer.start();
  await server.send('POST', '/api/rooms', {
    ...{ id: 'kitchen', name: 'Food room 1', kind: 'food-room', altitudeM: null, measuredBoilingC: null },
    ...{ stations: 8, balanceG: 0.1 },
  });
  await server.send('POST', '/api/classes', { id: '9b', name: '9B', students: 20, unit: 'C' });
});
test.afterAll(() => server.remove());

/** Tabs until what has the focus is called so. */
async function reach(page: Page, label: string, key: 'Tab' | 'Shift+Tab' = 'Tab') {
  for (let i = 0; i < 220; i += 1) {
    await page.keyboard.press(key);
    const name = await page.evaluate(() => {
      const element = document.activeElement;
      return element?.getAttribute('aria-label') ?? element?.textContent?.trim() ?? '';
    });
    if (name === label) return;
  }
  throw new Error(`“${label}” was not reached by ${key}`);
}

async function type(page: Page, label: string, ...lines: string[]) {
  await reach(page, label);
  for (const line of lines) {
    await page.keyboard.type(line);
    await page.keyboard.press('Enter');
  }
}

async function quick(page: Page, line: string, says: string) {
  const input = field(page, 'Quick line');
  await input.fill(line);
  await expect(page.locator('#quick-line-says')).toContainText(says);
  await input.press('Enter');
  await expect(input).toHaveValue('');
}

/** Which treatment each station does, in words. */
async function labels(runId: string): Promise<Map<number, string>> {
  const { run } = await server.json<RunNow>(`/api/runs/${runId}`);
  const words = (id: string) =>
    id
      .split('.')
      .map((one, i) => {
        const factor = run.plan.factors[i]!;
        return String(factor.levels.find((level) => level.id === one)!.value);
      })
      .join(' × ');
  return new Map(run.allocation.map(({ station, treatmentId }) => [station, words(treatmentId)]));
}

/** Takes what begins with some words in the list that has the focus, by arrow keys: letters typed into one are forgotten after a second. */
async function choose(page: Page, words: string) {
  const list = page.locator('select:focus');
  const options = await list.locator('option').allTextContents();
  const at = options.findIndex((one) => one.startsWith(words));
  expect(options[at], options.join(', ')).toBeDefined();
  await page.keyboard.press('Home');
  for (let step = 0; step < at; step += 1) await page.keyboard.press('ArrowDown');
  await expect(list.locator('option:checked')).toHaveText(options[at]!);
}

test('two factors, minutes of a step and size of a piece: planned by keyboard, run, and read with both', async ({
  page,
}) => {
  const complaints = complaintsOf(page);
  await page.goto(server.url);
  await type(page, 'Title of a new practical', 'Carrots: how long, how thick?');
  await expect(field(page, 'Title')).toHaveValue('Carrots: how long, how thick?');

  await test.step('the plan, by keyboard', async () => {
    await type(page, 'Question', 'What do time and thickness do to a carrot?');
    await type(page, 'Add what is kept the same', 'carrots by one bag');
    await type(page, 'Add what is noted', 'which hob');
    await type(page, 'Add an ingredient', '2 carrots', '1½ litres water');
    await type(page, 'Add a step', 'Cut the carrots, 10 min', 'Simmer the carrots in the water, 6 min');
    await expect(field(page, 'Minutes of step 2')).toHaveValue('6');
    await expect(field(page, 'Amount of Water')).toHaveValue('1.5');
    await expect(field(page, 'Unit of Water')).toHaveValue('l');
    await reach(page, 'What changes', 'Shift+Tab');
    await page.keyboard.type('simmering');
    await reach(page, 'Kind of factor');
    await choose(page, 'the minutes of step 2');
    await expect(field(page, 'Kind of factor')).toHaveValue(/^minutes:/);
    await type(page, 'Add a level', '4', '8');
    await reach(page, 'change a second thing as well');
    await page.keyboard.press('Enter');
    await reach(page, 'What changes of the second thing', 'Shift+Tab');
    await page.keyboard.type('cut');
    await reach(page, 'Kind of factor of cut');
    await choose(page, 'the size of a piece');
    await reach(page, 'Which size of cut');
    await choose(page, 'thickness');
    await type(page, 'Add a level of cut', '8', '16');
    await type(page, 'Add what is measured', 'force to cut in N');
    await reach(page, 'Instrument for force to cut', 'Shift+Tab');
    await page.keyboard.type('spring balance on a wire');
    await reach(page, 'Smallest division for force to cut');
    await page.keyboard.type('0.1');
    await reach(page, 'What force to cut is taken of');
    await choose(page, 'of each piece');
    await reach(page, 'Pieces for force to cut');
    await page.keyboard.press('Control+a');
    await page.keyboard.type('3');
    await reach(page, 'First piece for force to cut');
    await choose(page, 'the first is a warm-up');
    const grid = page.getByRole('table', { name: 'Treatments' });
    await expect(grid.getByRole('button')).toHaveCount(4);
    await expect(grid.getByRole('button', { name: '8 min · 16 mm: 2 stations' })).toBeVisible();
    await expect(page.getByText('Kept', { exact: true })).toBeVisible();
    // The room of the school was taken; nothing in the margin stops the lesson.
    await expect(page.getByRole('complementary', { name: 'Margin' })).not.toContainText('Stop.');
  });

  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: /^Run/ }).click();
  await page.getByRole('button', { name: 'Draw the layout' }).click();
  await expect(page.getByText('8 min · 16 mm')).toHaveCount(2);
  const runId = /runs\/([^/]+)/.exec(page.url())![1]!;
  const does = await labels(runId);
  const [thin] = [...does].find(([, label]) => label === '4 × 8')!;
  const [thick] = [...does].find(([, label]) => label === '8 × 16')!;

  await test.step('each sheet has its own minutes and pieces, and nobody else’s', async () => {
    await page.getByRole('link', { name: 'Sheets to print' }).click();
    const sheet = page
      .locator('.paper')
      .filter({ hasText: /cut4 min · 8 mm/ })
      .first();
    await expect(sheet).toContainText(`☐ ${thin}`);
    await expect(sheet).toContainText('pieces 8 mm thick');
    await expect(sheet).toContainText('1.5 l (1500 g) water');
    await expect(sheet).toContainText('Simmer the carrots in the water, 4 min');
    await expect(sheet).not.toContainText('16 mm');
    await expect(sheet).not.toContainText('6 min');
    await expect(
      page
        .locator('.paper')
        .filter({ hasText: /cut8 min · 16 mm/ })
        .first(),
    ).toContainText('8 min');
    await page.goBack();
  });

  await page.getByRole('button', { name: 'Start the run' }).click();
  await test.step('board and station page say what this station does', async () => {
    await quick(page, 'all step 1 done', 'All stations · event: step 1 done');
    await expect(page.getByRole('article', { name: `Station ${thin}` })).toContainText(/[34]:\d\d/);
    await expect(page.getByRole('article', { name: `Station ${thick}` })).toContainText(/[78]:\d\d/);
    await page.goto(`${server.url}/runs/${runId}/station/${thick}`);
    await expect(page.getByRole('main')).toContainText('your level: 8 min · 16 mm');
    await expect(page.getByRole('main')).toContainText('8 min · pieces 16 mm thick');
    await page.getByRole('button', { name: 'our batch' }).click();
    await expect(page.getByRole('list', { name: 'Our batch' })).toContainText('1.5 l (1500 g) water');
    await page.getByRole('tab', { name: 'Measured' }).click();
    await page.getByLabel('which hob', { exact: true }).fill('back left');
    await page.getByLabel('which hob', { exact: true }).press('Enter');
    await expect(page.getByText('✓ back left')).toBeVisible();
    const pieces = page.getByRole('group', { name: 'Piece for force to cut' });
    await expect(pieces.getByRole('button')).toHaveText(['1 warm-up', '2', '3']);
    await page.getByLabel('force to cut of piece 1 in N').fill('30');
    await page.getByLabel('force to cut of piece 1 in N').press('Enter');
    await expect(pieces.getByRole('button', { pressed: true })).toHaveText('2');
    await page.goto(`${server.url}/runs/${runId}/bench`);
  });

  await test.step('typed values, piece by piece; the warm-up does not count', async () => {
    // Means of pieces 2 and 3: 6 and 7, 12 and 13 N at 4 min; 2 and 3, 8 and 9 N at 8 min.
    const forces: Record<string, number[]> = {
      '4 × 8': [6, 7],
      '4 × 16': [12, 13],
      '8 × 8': [2, 3],
      '8 × 16': [8, 9],
    };
    for (const [station, label] of does) {
      const force = forces[label]!.shift()!;
      await quick(page, `${station} force p2 ${force - 0.5}`, `force to cut of piece 2 ${force - 0.5} N`);
      await quick(page, `${station} force p3 ${force + 0.5}`, `force to cut of piece 3 ${force + 0.5} N`);
    }
    await field(page, 'Quick line').fill(`${thin} force p4 5`);
    await expect(page.locator('#quick-line-says')).toContainText('piece is “p4”; allowed: p1 to p3');
    await field(page, 'Quick line').fill('');
  });

  await page.getByRole('link', { name: 'Results' }).click();
  const table = page.getByRole('region', { name: 'Class table' }).getByRole('row');
  await expect(table).toHaveCount(9);
  await expect(table.nth(1)).toContainText('4 min · 8 mm');
  const tells = page.getByRole('complementary', { name: 'What this tells' });
  // By hand: 5.5 against 9.5 N and 10.5 against 4.5 N; within cells 0.5 N² and 0.1²/12 for the division, 4 degrees of
  // freedom. Were all spreads known to be alike, Bonferroni’s t for three questions, 3.961 (Dunn, 1961), would give
  // ±3.961 · √(2 · 0.5008 / 4) = 1.98; each treatment by its own spread it is a little more.
  await expect(tells).toContainText('Force to cut lower at 8 min than at 4 min');
  await expect(tells).toContainText(
    /a difference of 4\.0 N \(95 % interval 1\.[5-9] to 6\.[1-5], all comparisons counted\)/,
  );
  await expect(tells).toContainText('Force to cut higher at 16 mm than at 8 mm');
  await expect(tells).toContainText(
    /a difference of 6\.0 N \(95 % interval 3\.[3-9] to 8\.[1-7], all comparisons counted\)/,
  );
  await expect(tells).toContainText('Whether simmering works otherwise at another cut can’t be told');
  const kept = server.query<{ body: string }>(
    `SELECT body FROM log WHERE run_id = ? AND kind IN ('measurement', 'noted')`,
    runId,
  );
  expect(kept).toHaveLength(18);
  expect(
    kept.map((row) => (JSON.parse(row.body) as { piece?: number }).piece).filter((one) => one === 1),
  ).toHaveLength(1);
  expect(complaints).toEqual([]);
});

test('soda as a share of the flour: 0, 2, 4 and 8 g where they belong, 28 g in all', async ({ page }) => {
  await page.goto(server.url);
  await page.getByLabel('Title of a new practical').fill('Scones by dose');
  await page.getByRole('button', { name: 'Begin it' }).click();
  const add = async (label: string, ...lines: string[]) => {
    for (const line of lines) {
      await field(page, label).fill(line);
      await field(page, label).press('Enter');
    }
  };
  await add(
    'Add an ingredient',
    '200 g plain flour',
    'bicarbonate of soda',
    '150 ml buttermilk',
    'a pinch of salt',
  );
  await add(
    'Add a step',
    'Rub in, stir in the soda, salt, flour and buttermilk, 8 min',
    'Bake 12–15 min until risen',
  );
  await field(page, 'What changes').fill('soda');
  await page.getByLabel('Kind of factor').selectOption({ label: 'the amount of Bicarbonate of soda' });
  await page.getByLabel('Measure of the dose').selectOption({ label: 'as % of' });
  await page.getByLabel('What the dose is a share of').selectOption({ label: 'Plain flour' });
  await add('Add a level', '0', '1', '2', '4');
  await field(page, 'Stations').fill('8');
  const soda = page.getByRole('group', { name: 'Bicarbonate of soda', exact: true });
  await expect(soda).toContainText('0 · 2 · 4 · 8 g');
  await expect(soda).toContainText('28 g');
  await expect(page.getByRole('group', { name: 'Plain flour', exact: true })).toContainText('1.6 kg');
  // 155 g of buttermilk with 0.8 % lactic acid take 1.24 / 90.08 × 84.007 = 1.16 g of soda; the rest finds no acid.
  const left = page.getByRole('table', { name: 'Soda that finds no acid' }).getByRole('row');
  await expect(left).toHaveText([/0\.0/, /0\.8/, /2\.8/, /6\.8/]);
  await page.getByRole('button', { name: /Soda that finds no acid/ }).click();
  await expect(page.getByRole('dialog', { name: 'Soda that finds no acid' })).toContainText('IUPAC');
  await page.keyboard.press('Escape');
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: /^Run/ }).click();
  await page.getByRole('button', { name: 'Draw the layout' }).click();
  await expect(page.getByText('8 g bicarbonate of soda')).toHaveCount(2);
  const runId = /runs\/([^/]+)/.exec(page.url())![1]!;
  await page.getByRole('button', { name: 'Start the run' }).click();
  await expect(page.getByRole('article').first()).toBeVisible();
  const grams: Record<string, string> = {
    0: 'no bicarbonate',
    1: '2 g bicarbonate',
    2: '4 g bicarbonate',
    4: '8 g bicarbonate',
  };
  for (const [station, label] of await labels(runId)) {
    await expect(page.getByRole('article', { name: `Station ${station}` })).toContainText(grams[label]!);
    await page.goto(`${server.url}/runs/${runId}/station/${station}`);
    await expect(page.getByRole('list', { name: 'What goes in now' })).toContainText(grams[label]!);
    await page.goBack();
  }
});
