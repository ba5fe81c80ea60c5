import type { RunSummary } from '../src/contract/practicals';
import { field } from './field';
import { TestServer } from './server';
import { expect, test } from './test';

let server: TestServer;
test.beforeAll(async () => {
  server = await TestServer.start({ demo: true });
});
test.afterAll(() => server.remove());

const plan = (id: string) => {
  const [head] = server.query<{ plan: string }>(
    'SELECT plan FROM revisions WHERE practical_id = ? ORDER BY number DESC LIMIT 1',
    id,
  );
  return JSON.parse(head!.plan) as {
    dismissed: { reason: string }[];
    steps: { id: string; hazards: string[] }[];
    roomId: string;
  };
};

test('a remark stands level with its line, can be set aside with a reason, and comes back', async ({
  page,
}) => {
  await page.goto(`${server.url}/practicals/practical-scones/plan`);
  const remark = page.getByRole('note', { name: 'How is “shelf” kept the same?' });
  await expect(remark).toBeVisible();
  await expect
    .poll(async () => {
      const line = await page.locator('[data-anchor="fair-test:held-oven"]').boundingBox();
      return Math.abs((await remark.boundingBox())!.y - line!.y);
    })
    .toBeLessThan(24);

  await remark.getByRole('button', { name: 'set aside' }).click();
  await page.getByLabel('Reason for setting it aside').fill('one shelf only');
  await page.getByRole('button', { name: 'keep', exact: true }).click();
  await expect(remark).toBeHidden();
  await expect.poll(() => plan('practical-scones').dismissed).toMatchObject([{ reason: 'one shelf only' }]);
  await page.getByText('1 set aside').click();
  await expect(page.getByText('one shelf only')).toBeVisible();
  await page.getByRole('button', { name: 'bring back' }).click();
  await expect(remark).toBeVisible();
});

test('the working opens with equation, values and source; a remedy really changes the plan', async ({
  page,
}) => {
  await page.goto(`${server.url}/practicals/practical-honeycomb/plan`);
  await page.getByRole('button', { name: /150 °C is 146.0 °C here/ }).click();
  const working = page.getByRole('dialog');
  await expect(working).toContainText('target here = 150 − 3.99');
  await expect(working).toContainText('IAPWS-IF97');
  await expect(working).toContainText('ISO 2533');
  await page.keyboard.press('Escape');

  // What is to stop for beside the step about to be changed: the lesson is longer than its bell.
  const thread = page.getByRole('navigation');
  await expect(thread).toContainText('1 to stop for');
  await page.getByRole('button', { name: 'Details of step 2' }).click();
  await page.getByRole('checkbox', { name: 'hot sugar' }).uncheck();
  const remark = page.getByRole('note', { name: 'Hot sugar without its cautions' });
  await expect(remark).toContainText('Stop.');
  await expect(thread).toContainText('2 to stop for');
  await remark.getByRole('button', { name: 'put them on the step' }).click();
  await expect(remark).toBeHidden();
  await expect(thread).toContainText('1 to stop for');
  await expect(page.getByRole('checkbox', { name: 'hot sugar' })).toBeChecked();
  await expect.poll(() => plan('practical-honeycomb').steps[1]!.hazards).toEqual(['hot-sugar']);
});

test('tasting is stopped in the laboratory and not in the food room; the targets follow the room', async ({
  page,
}) => {
  await page.goto(`${server.url}/practicals/practical-honeycomb/plan`);
  await field(page, 'Room').selectOption({ label: 'Laboratory 5' });
  // Measured there: 95.8 °C, so 150 °C at sea level is 145.8 °C.
  await expect(page.getByRole('button', { name: /150 °C is 145.8 °C here/ })).toBeVisible();
  await field(page, 'Step 5').fill('Taste a strip and describe it.');
  const remark = page.getByRole('note', { name: 'Tasting in Laboratory 5, a science laboratory' });
  await expect(remark).toContainText('Stop.');
  await remark.getByRole('button', { name: 'move it to Food room 2' }).click();
  await expect(remark).toBeHidden();
  await expect.poll(() => plan('practical-honeycomb').roomId).toBe('room-kitchen');
  await page.keyboard.press('Control+z');
  await expect(remark).toBeVisible();
});

test('a run that is planned takes over the plan as it was edited since', async ({ page }) => {
  const runs = await server.json<{ id: string; title: string }[]>('/api/runs');
  const run = runs.find((one) => one.title.startsWith('Pear'))!.id;
  await page.goto(`${server.url}/practicals/practical-pears/plan?run=${run}`);
  await page.getByRole('button', { name: 'Remove level both, ½ % each' }).click();
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: /^Run/ }).click();
  const notice = page.getByRole('status').filter({ hasText: 'The plan has been edited since' });
  await expect(notice).toContainText('this run is at revision 1, the plan at 2');
  await expect(notice).toContainText('changed: “dip” levels: both, ½ % each removed');
  await notice.getByRole('button').click();
  await expect(notice).toBeHidden();
  await expect(page.getByText('both, ½ % each')).toBeHidden();
  expect(server.query('SELECT revision FROM runs WHERE id = ?', run)).toEqual([{ revision: 2 }]);
});

test('on a narrow screen the remarks stand below the sheet, and nothing runs out of it', async ({ page }) => {
  await page.setViewportSize({ width: 800, height: 1000 });
  await page.goto(`${server.url}/practicals/practical-scones/plan`);
  await expect(page.getByRole('note').first()).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(800);
});

test('plans, results and report are no wider than a phone, and a shopping list asks for no dates', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const runs = await server.json<RunSummary[]>('/api/runs');
  const { id } = runs.find(({ status }) => status === 'finished')!;
  for (const [address, there] of [
    ['/practicals/practical-honeycomb/plan', /All have cleared|over the bell/],
    ['/practicals/practical-custard/plan', /All have cleared|over the bell/],
    ['/practicals/practical-koftas/plan', /All have cleared|over the bell/],
    [`/runs/${id}/results`, 'What this tells'],
    [`/runs/${id}/report`, 'What the stations measured'],
    ['/shopping', 'Shopping list'],
  ] as const) {
    await page.goto(server.url + address);
    await expect(page.getByText(there).first()).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth), address).toBeLessThanOrEqual(390);
  }
});
