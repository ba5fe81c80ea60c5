import type { Page } from '@playwright/test';
import { field } from './field';
import { TestServer } from './server';
import { expect, test } from './test';

let server: TestServer;
test.beforeAll(async () => {
  server = await TestServer.start({ demo: true });
});
test.afterAll(() => server.remove());

const questions = () =>
  server
    .query<{ plan: string }>(
      `SELECT plan FROM revisions WHERE practical_id = 'practical-scones' ORDER BY number`,
    )
    .map((row) => (JSON.parse(row.plan) as { question: string }).question);

test('a stale edit from a second window is refused; both versions are kept and either can go on', async ({
  browser,
}) => {
  const context = await browser.newContext();
  const [one, two] = [await context.newPage(), await context.newPage()];
  const address = `${server.url}/practicals/practical-scones/plan`;
  await one.goto(address);
  await two.goto(address);
  await expect(field(two, 'Question')).toHaveValue(/Does more bicarbonate/);
  await field(one, 'Question').fill('Does soda lift or brown?');
  await expect(one.getByText('Kept', { exact: true })).toBeVisible();
  await field(two, 'Prediction').fill('both');
  await field(two, 'Question').fill('What does soda do?');

  const notice = two.getByRole('alert');
  await expect(notice).toContainText('This plan was changed in another window');
  await expect(notice).toContainText('“Does soda lift or brown?” → “What does soda do?”');
  await expect(field(two, 'Question')).toHaveValue('What does soda do?');
  expect(questions()).not.toContain('What does soda do?');

  await two.getByRole('button', { name: 'Go on with the other' }).click();
  await expect(field(two, 'Question')).toHaveValue('Does soda lift or brown?');
  await expect(two.getByText('Kept', { exact: true })).toBeVisible();
  expect(questions().slice(1)).toEqual([
    'Does soda lift or brown?',
    'What does soda do?',
    'Does soda lift or brown?',
  ]);

  await two.getByRole('button', { name: /^revision/ }).click();
  await expect(two.getByRole('dialog')).toContainText('first kept');
  await two.getByRole('button', { name: 'bring this one back' }).nth(0).click();
  await expect(field(two, 'Question')).toHaveValue('What does soda do?');
});

/** Parts that are fetched when the page is there already. */
const late = /\/assets\/(TimetableView|ExplainSection)/;
const partMissing = (page: Page) => page.getByText('A part of this page did not come through');
const partsThere = (page: Page) =>
  page
    .getByRole('img', { name: /^Timetable of/ })
    .or(page.getByRole('region', { name: 'Explain', exact: true }));

for (const [again, first] of [
  ['stay away', 0],
  ['may come', 1],
] as const) {
  test(`typing goes on without the server, survives a reload, and is kept when it answers; parts that were lost on their way ${again}`, async ({
    page,
  }) => {
    const reason = `oxygen is the culprit ${first}`;
    // The server goes while parts of the page are still on their way: they are missing, and nothing else.
    let lose = () => {};
    const lost = new Promise<void>((resolve) => (lose = resolve));
    await page.route(late, (route) => lost.then(() => route.abort()));
    await page.goto(`${server.url}/practicals/practical-pears/plan`);
    await expect(field(page, 'Question')).toHaveValue(/Which dip/);
    await server.down();
    lose();
    await field(page, 'Reason').fill(reason);
    await expect(page.getByText('Kept on this device')).toBeVisible();
    if (again === 'may come') await page.unroute(late);
    await server.up();
    // Some browsers ask again for a part that failed, others never do: either end is right.
    await expect
      .poll(async () => (await partMissing(page).count()) + (await partsThere(page).count()))
      .toBe(2);
    if (again === 'stay away') await expect(partMissing(page)).toHaveCount(2);
    await expect(field(page, 'Reason')).toHaveValue(reason);
    await page.unroute(late);
    const link = page.getByRole('link', { name: 'Load the page again' }).first();
    if (await link.isVisible()) await link.click();
    await expect(partsThere(page)).toHaveCount(2);
    await expect(partMissing(page)).toBeHidden();
    await expect(field(page, 'Reason')).toHaveValue(reason);
    await expect(page.getByText('Kept', { exact: true })).toBeVisible();
    const [head] = server.query<{ plan: string }>(
      `SELECT plan FROM revisions WHERE practical_id = 'practical-pears' ORDER BY number DESC LIMIT 1`,
    );
    expect((JSON.parse(head!.plan) as { reason: string }).reason).toBe(reason);
  });
}

test('a letter in a number stays in its field with the reason, and the plan keeps its last good value', async ({
  page,
}) => {
  await page.goto(`${server.url}/practicals/practical-honeycomb/plan`);
  const water = field(page, 'Amount of Water');
  await water.fill('8o');
  await expect(page.getByRole('alert')).toContainText(
    'Amount of Water is “8o”; allowed: a number from 0 to 100000',
  );
  await field(page, 'Amount of Caster sugar').fill('120');
  await expect(water).toHaveValue('8o');
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();
  await water.fill('85,5');
  await expect(page.getByRole('alert')).toBeHidden();
  await field(page, 'Title').fill('');
  await expect(page.getByRole('alert')).toContainText('Title is empty; it needs 1 to 120 characters');
  await expect
    .poll(() => {
      const [head] = server.query<{ plan: string }>(
        `SELECT plan FROM revisions WHERE practical_id = 'practical-honeycomb' ORDER BY number DESC LIMIT 1`,
      );
      const plan = JSON.parse(head!.plan) as { title: string; formula: { amount: number }[] };
      return [plan.title, ...plan.formula.slice(0, 3).map((one) => one.amount)];
    })
    .toEqual(['Honeycomb: how hot is brittle?', 120, 40, 85.5]);
});
