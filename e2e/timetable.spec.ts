import { expect, test } from '@playwright/test';
import { graveFindings } from './axe';
import { field } from './field';
import { TestServer } from './server';

let server: TestServer;
test.beforeAll(async () => {
  server = await TestServer.start({ demo: true });
});
test.afterAll(() => server.remove());

interface SavedPlan {
  stations: number;
  briefingMinutes: number;
}
const latest = (title: string): SavedPlan =>
  JSON.parse(
    server.query<{ plan: string }>(
      `SELECT plan FROM revisions WHERE title LIKE '${title}%' ORDER BY number DESC LIMIT 1`,
    )[0]!.plan,
  ) as SavedPlan;

test('a lesson that does not fit its room says what binds it, and fits after one remedy; the room can be changed too', async ({
  page,
}) => {
  await page.goto(`${server.url}/practicals/practical-honeycomb/plan`);
  const time = page.getByRole('region', { name: 'Time', exact: true });
  // Twelve stations share six thermometers for 20 min each: two rounds of them, and one teacher for twelve pans.
  await expect(time).toContainText('over the bell', { timeout: 20_000 });
  await expect(time).toContainText('6 thermometers are wanted for 240 min in all, 40 min each');
  const drawing = time.getByRole('img', { name: /^Timetable of 12 stations/ });
  await expect(drawing).toBeVisible();
  const ways = time.getByRole('region', { name: 'Ways to make it fit' });
  await expect(ways.getByRole('listitem').first()).toContainText('6 stations instead of 12', {
    timeout: 20_000,
  });
  expect(await graveFindings(page)).toEqual([]);

  // The bars stand where the table says.
  await time.getByText('In words: who does what when').click();
  const first = time.getByRole('row').filter({ hasText: '1. Weigh sugar' });
  await expect(first).toContainText('8 to 13');
  const bar = drawing.locator('[data-start="8"][data-end="13"]').first();
  const clearing = drawing.locator('[data-bar="clearing@1"]');
  const place = async (one: typeof bar) => ({
    x: Number(await one.getAttribute('x')),
    from: Number(await one.getAttribute('data-start')),
  });
  const [a, b] = [await place(bar), await place(clearing)];
  const briefing = await place(drawing.locator('[data-bar="briefing"]'));
  // To the pixel’s minute: one scale for all of them.
  const scale = (a.x - briefing.x) / (a.from - briefing.from);
  expect(Math.abs(b.x - briefing.x - scale * (b.from - briefing.from))).toBeLessThan(0.01);

  await ways.getByRole('button', { name: '6 stations instead of 12' }).click();
  await expect(time).toContainText('All have cleared up at', { timeout: 20_000 });
  await expect(time.getByRole('img', { name: /^Timetable of 6 stations/ })).toBeVisible();
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();
  expect(latest('Honeycomb').stations).toBe(6);
  // One undo takes it back.
  await page.keyboard.press('Escape');
  await page.getByRole('heading', { name: 'Time', exact: true }).click();
  await page.keyboard.press('Control+z');
  await expect(time.getByRole('img', { name: /^Timetable of 12 stations/ })).toBeVisible({ timeout: 20_000 });

  // Six more thermometers: what bound it binds no longer.
  await page.getByRole('button', { name: 'change the room' }).click();
  const dialog = page.getByRole('dialog');
  const count = dialog.getByLabel('How many thermometers');
  await count.click();
  await field(page, 'How many thermometers').fill('12');
  await page.keyboard.press('Tab');
  await dialog.getByRole('button', { name: 'Keep the room' }).click();
  await expect(dialog).toBeHidden();
  await expect(time).not.toContainText('thermometers are wanted', { timeout: 20_000 });
  const [room] = server.query<{ equipment: string }>("SELECT equipment FROM rooms WHERE id = 'room-kitchen'");
  const kinds = (JSON.parse(room!.equipment) as { kind: string }[]).map(({ kind }) => kind);
  expect(kinds.filter((kind) => kind === 'thermometer')).toHaveLength(12);
});
