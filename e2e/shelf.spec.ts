import { type Page } from '@playwright/test';
import { complaintsOf } from './console';
import { field } from './field';
import { TestServer } from './server';
import { expect, test } from './test';

let server: TestServer;
test.beforeAll(async () => {
  server = await TestServer.start({ demo: true });
});
test.afterAll(() => server.remove());

const shelf = (page: Page) => page.getByRole('dialog', { name: /Shelf/ });
const chosen = (page: Page) => shelf(page).locator('[cmdk-item][aria-selected=true]');

test('by keyboard alone: asked five ways, the first answer is the right one, as it is in this room', async ({
  page,
}) => {
  const complaints = complaintsOf(page);
  await page.goto(`${server.url}/practicals/practical-honeycomb/plan`);
  await expect(page.getByText('Fair test')).toBeVisible();
  await page.keyboard.press('/');
  await expect(shelf(page)).toContainText('for Food room 2, where water boils at 96.0 °C');

  const ask = async (question: string) => {
    await page.keyboard.press('Control+a');
    await page.keyboard.type(question);
  };
  await ask('soft ball');
  await expect(chosen(page)).toContainText('soft ball');
  // 112 °C at sea level, 4.0 °C less at 1200 m; 226 °F.
  await expect(shelf(page)).toContainText('108 to 112 °C (226 to 234 °F)');
  await ask('gas 5');
  await expect(chosen(page)).toContainText('Oven settings');
  await expect(shelf(page).getByRole('status')).toContainText('190.0 °C (374 °F)');
  await ask('chicken');
  await expect(chosen(page)).toContainText('poultry');
  await expect(shelf(page)).toContainText('74 °C at once (165 °F)');
  await ask('how much cream of tartar');
  await expect(shelf(page).getByRole('status')).toContainText('11.11 g');
  await ask('cup of flour');
  await expect(shelf(page).getByRole('status')).toContainText('125.4 g (4.4 oz)');

  // Enter goes into the answer; what is typed there is worked out at once, and a slip is said at its field.
  await page.keyboard.press('Enter');
  await expect(shelf(page).getByLabel('amount')).toBeFocused();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('2');
  await expect(shelf(page).getByRole('status')).toContainText('250.8 g');
  await page.keyboard.type('x');
  await expect(shelf(page).getByRole('alert')).toContainText(
    'amount is "2x"; allowed: a number from 0 to 1000000',
  );
  await page.keyboard.press('Escape');
  await expect(shelf(page)).toBeHidden();
  expect(complaints).toEqual([]);
});

test('a value goes back into the field it was looked up for, and into the plan', async ({ page }) => {
  await page.goto(`${server.url}/practicals/practical-honeycomb/plan`);
  await field(page, 'Level 150 °C').focus();
  await page.keyboard.press('Control+/');
  await expect(shelf(page)).toContainText('Ctrl Enter puts it into “Level 150 °C”');
  await page.keyboard.type('152 c in f');
  await expect(shelf(page).getByRole('status')).toContainText('305.6');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('hard crack');
  await expect(chosen(page)).toContainText('hard crack');
  await shelf(page).getByRole('button', { name: 'use 146 in Level 150 °C' }).click();
  await expect(shelf(page)).toBeHidden();
  await expect(field(page, 'Level 146 °C')).toHaveValue('146');
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();
  await expect
    .poll(() => {
      const [head] = server.query<{ plan: string }>(
        `SELECT plan FROM revisions WHERE practical_id = 'practical-honeycomb' ORDER BY number DESC LIMIT 1`,
      );
      return (
        JSON.parse(head!.plan) as { factors: { levels: { value: number }[] }[] }
      ).factors[0]!.levels.map((one) => one.value);
    })
    .toContain(146);
});

test('from the bench it answers beside the quick line, and on a phone it opens and closes by touch', async ({
  browser,
}) => {
  const runs = await server.json<{ id: string; status: string }[]>('/api/runs');
  const running = runs.find((run) => run.status === 'running')!.id;
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${server.url}/runs/${running}/bench`);
  await field(page, 'Quick line').fill('4 ');
  // The stroke belongs to the line (it corrects); the shelf needs Ctrl there.
  await page.keyboard.press('/');
  await expect(shelf(page)).toBeHidden();
  await field(page, 'Quick line').fill('');
  await page.keyboard.press('Control+/');
  await expect(shelf(page).getByLabel('What do you look for?')).toBeFocused();
  await page.keyboard.type('244 f');
  await expect(shelf(page).getByRole('status')).toContainText('117.8');
  await page.keyboard.press('Control+Enter');
  await expect(field(page, 'Quick line')).toHaveValue('117.8');
  await expect(field(page, 'Quick line')).toBeFocused();
  await page.close();

  const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const small = await phone.newPage();
  await small.goto(server.url);
  await small.getByRole('button', { name: /^Shelf/ }).tap();
  await small.getByPlaceholder('soft ball').fill('salmon');
  await expect(shelf(small)).toContainText('63 °C for 15 s (145 °F)');
  const overflow = await small.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(overflow).toBeLessThanOrEqual(0);
  await small.getByRole('button', { name: 'Close the shelf' }).tap();
  await expect(shelf(small)).toBeHidden();
  await phone.close();
});
