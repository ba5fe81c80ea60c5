import { graveFindings } from './axe';
import { field } from './field';
import { TestServer } from './server';
import { expect, test } from './test';

let server: TestServer;
test.beforeAll(async () => {
  server = await TestServer.start({ demo: true });
});
test.afterAll(() => server.remove());

interface SavedPlan {
  stations: number;
  steps: { when: string }[];
  briefingMinutes: number;
  pins: { stepId: string; station: number | null; startMin: number }[];
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
  await expect(time).toContainText('over the bell');
  await expect(time).toContainText('6 thermometers are wanted for 240 min in all, 40 min each');
  const drawing = time.getByRole('img', { name: /^Timetable of 12 stations/ });
  await expect(drawing).toBeVisible();
  const ways = time.getByRole('region', { name: 'Ways to make it fit' });
  // No one way does it: two at once do, each change of the plan undone together.
  const both = 'weigh out before the lesson (step 1), and 6 stations instead of 12';
  await expect(ways.getByRole('listitem').first()).toContainText(both);
  expect(await graveFindings(page)).toEqual([]);

  // The bars stand where the table says.
  await time.getByText('In words: who does what when').click();
  const first = time.getByRole('row').filter({ hasText: '1. Weigh sugar' });
  await expect(first.getByLabel(/^Minute at which step 1 begins/)).toHaveValue('10');
  await expect(first).toContainText('to 15');
  const bar = drawing.locator('[data-start="10"][data-end="15"]').first();
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

  await ways.getByRole('button', { name: both }).click();
  await expect(time).toContainText('All have cleared up at');
  await expect(time.getByRole('img', { name: /^Timetable of 6 stations/ })).toBeVisible();
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();
  expect(latest('Honeycomb')).toMatchObject({ stations: 6 });
  expect(latest('Honeycomb').steps[0]!.when).toBe('before');
  // One undo takes it back.
  await page.keyboard.press('Escape');
  await page.getByRole('heading', { name: 'Time', exact: true }).click();
  await page.keyboard.press('Control+z');
  await expect(time.getByRole('img', { name: /^Timetable of 12 stations/ })).toBeVisible();

  // Six more thermometers: what bound it binds no longer.
  await page.getByRole('button', { name: 'change the room' }).click();
  const dialog = page.getByRole('dialog');
  const count = dialog.getByLabel('How many thermometers');
  await count.click();
  await field(page, 'How many thermometers').fill('12');
  await page.keyboard.press('Tab');
  await dialog.getByRole('button', { name: 'Keep the room' }).click();
  await expect(dialog).toBeHidden();
  await expect(time).not.toContainText('thermometers are wanted');
  const [room] = server.query<{ equipment: string }>("SELECT equipment FROM rooms WHERE id = 'room-kitchen'");
  const kinds = (JSON.parse(room!.equipment) as { kind: string }[]).map(({ kind }) => kind);
  expect(kinds.filter((kind) => kind === 'thermometer')).toHaveLength(12);
});

test('a step dragged, or given a minute by keyboard, is held there; what cannot be is said; let go, it is free again', async ({
  page,
}) => {
  await page.goto(`${server.url}/practicals/practical-scones/plan`);
  const time = page.getByRole('region', { name: 'Time', exact: true });
  const drawing = time.getByRole('img', { name: /^Timetable of/ });
  await expect(drawing).toBeVisible();
  const held = time.getByRole('list', { name: 'Steps held by hand' });
  const last = drawing.locator('[data-bar="cool@2"]');
  await last.scrollIntoViewIfNeeded();
  const before = Number(await last.getAttribute('data-start'));
  const box = (await last.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 30, box.y + box.height / 2, { steps: 5 });
  await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2, { steps: 5 });
  await page.mouse.up();
  await expect(held).toContainText(/Step \d at station 2 is held at [\d.]+ min/);
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();
  const pinsOf = () => latest('Soda scones').pins;
  await expect.poll(() => pinsOf().length).toBe(1);
  const [pin] = pinsOf();
  expect(pin).toMatchObject({ stepId: 'cool', station: 2 });
  expect(pin!.startMin).toBeGreaterThan(before);
  await expect(last).toHaveAttribute('data-start', String(pin!.startMin));

  // By keyboard, and too soon: what comes before it is not over by then.
  await time.getByText('In words: who does what when').click();
  await held.getByRole('button').press('Enter');
  await expect(held).toBeHidden();
  const minute = time.getByLabel(/^Minute at which step \d begins at/).last();
  // The lesson may be laid out once more while the minute is typed: then it is typed again, as a person would.
  await expect(async () => {
    await minute.focus();
    await page.keyboard.press('Control+a');
    await page.keyboard.type('9');
    await page.keyboard.press('Tab');
    await expect(time.getByRole('alert')).toContainText(/is held at 9 min and cannot begin before/, {
      timeout: 10_000,
    });
  }).toPass();
  expect(await graveFindings(page)).toEqual([]);
  for (const button of await held.getByRole('button').all()) {
    void button;
    await held.getByRole('button').first().press('Enter');
  }
  await expect(drawing).toBeVisible();
});
