import { readFileSync } from 'node:fs';
import { type Page } from '@playwright/test';
import ICAL from 'ical.js';
import { graveFindings } from './axe';
import { TestServer } from './server';
import { expect, test } from './test';

let server: TestServer;
test.beforeAll(async () => {
  server = await TestServer.start({ demo: true });
});
test.afterAll(() => server.remove());

/** “10:23” so many minutes after a moment, as the clocks of this machine show it. */
const clock = (ms: number, minutes: number) => {
  const at = new Date(ms + minutes * 60_000);
  return `${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`;
};

/** The calendar file as another library reads it: what each lesson and job says. */
async function calendarOf(page: Page) {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'All lessons as a calendar file' }).click(),
  ]);
  const text = readFileSync(await download.path(), 'utf8');
  return new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent').map((one) => {
    const { summary, description, startDate } = new ICAL.Event(one);
    return { summary, description, startMs: startDate.toJSDate().getTime() };
  });
}

test('a lesson that does not fit, its second remedy, a step dragged, the wall page, and the same minutes in the calendar', async ({
  page,
}) => {
  const [run] = server.query<{ id: string; starts_at: number }>(
    "SELECT id, starts_at FROM runs WHERE practical_id = 'practical-scones'",
  );
  await page.goto(`${server.url}/practicals/practical-scones/plan?run=${run!.id}`);
  const time = page.getByRole('region', { name: 'Time', exact: true });
  const drawing = time.getByRole('img', { name: /^Timetable of 8 stations/ });
  await expect(drawing).toBeVisible();
  await expect(time).toContainText('12 min to spare');

  // Fifty-five minutes are too few: what binds is said, with ways to make it fit.
  await time.getByLabel('Period', { exact: true }).fill('55');
  await page.keyboard.press('Tab');
  await expect(time).toContainText('over the bell');
  await expect(time).toContainText(
    'The steps one after the other, with briefing and clearing up, take 58 min.',
  );
  const ways = time.getByRole('region', { name: 'Ways to make it fit' });
  const second = ways.getByRole('listitem').nth(1);
  await expect(second).toContainText('to spare');
  const words = await second.getByRole('button').textContent();
  const told = Number(/([\d.]+) min, /.exec((await second.textContent())!.replace(words!, ''))![1]);
  await second.getByRole('button').click();
  await expect(time).toContainText(`All have cleared up at ${told} min`);
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();

  // A step of station 2 is dragged to the right and stays where it was let go.
  const bar = drawing.locator('[data-bar="roll@2"]');
  await bar.scrollIntoViewIfNeeded();
  const before = Number(await bar.getAttribute('data-start'));
  const box = (await bar.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 12, box.y + box.height / 2, { steps: 4 });
  await page.mouse.up();
  await expect(time.getByRole('list', { name: 'Steps held by hand' })).toContainText(
    'at station 2 is held at',
  );
  await expect.poll(async () => Number(await bar.getAttribute('data-start'))).toBeGreaterThan(before);
  const heldAt = Number(await bar.getAttribute('data-start'));
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();
  const [revision] = server.query<{ number: number; plan: string }>(
    "SELECT number, plan FROM revisions WHERE practical_id = 'practical-scones' ORDER BY number DESC LIMIT 1",
  );
  expect((JSON.parse(revision!.plan) as { pins: object[] }).pins).toEqual([
    { stepId: 'roll', station: 2, startMin: heldAt },
  ]);

  // The run takes the change; its wall page has clock times.
  await page.goto(`${server.url}/runs/${run!.id}/bench`);
  await page.getByRole('button', { name: 'take the plan as it is now' }).click();
  await expect
    .poll(
      () =>
        server.query<{ revision: number }>(`SELECT revision FROM runs WHERE id = '${run!.id}'`)[0]!.revision,
    )
    .toBe(revision!.number);
  await page.getByRole('link', { name: 'Timetable to print' }).click();
  await expect(page.getByRole('heading', { name: 'Running order' })).toBeVisible();
  const held = clock(run!.starts_at, heldAt);
  const row = page.getByRole('row').filter({ has: page.getByRole('rowheader', { name: held, exact: true }) });
  await expect(row).toContainText('Station 2: 3. Roll to 20 mm');
  const wallBar = page.locator('[data-bar="roll@2"]');
  await expect(wallBar).toHaveAttribute('data-start', String(heldAt));
  await expect(wallBar.locator('xpath=..').locator('title')).toContainText(
    `(${held} to ${clock(run!.starts_at, heldAt + 5)})`,
  );
  expect(await graveFindings(page)).toEqual([]);
  // Printed, the wall page is one sheet on its side and the card one upright.
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  expect(
    [...pdf.matchAll(/\/MediaBox ?\[ ?0 0 ([\d.]+) ([\d.]+) ?\]/g)].map(([, w, h]) => Number(w) > Number(h)),
  ).toEqual([true, false]);

  // The calendar file has the same minutes, and the job before the bell its clock time.
  const events = await calendarOf(page);
  const lesson = events.find(({ summary }) => summary === '11 Food · Soda scones: higher, or only browner?')!;
  expect(lesson.startMs).toBe(run!.starts_at);
  const line = lesson.description
    .split('\n')
    .find((one) => one.startsWith(`${held} Station 2: 3. Roll to 20 mm`));
  expect(line).toContain(`(to ${clock(run!.starts_at, heldAt + 5)})`);
  const oven = events.find(({ summary }) => summary.startsWith('Set the oven to 200 °C'))!;
  expect(oven.startMs).toBe(run!.starts_at - 20 * 60_000);
  await page.goto(server.url);
  const jobs = page.getByRole('region', { name: 'Jobs', exact: true });
  await expect(jobs.getByRole('listitem').filter({ hasText: 'Set the oven to 200 °C' })).toContainText(
    clock(run!.starts_at, -20),
  );
  expect(await graveFindings(page)).toEqual([]);
});

test('the school’s lists and closed days by keyboard: every timetable and job follows; somebody else’s change is not written over', async ({
  page,
}) => {
  const [run] = server.query<{ id: string; starts_at: number }>(
    "SELECT id, starts_at FROM runs WHERE practical_id = 'practical-panna-cotta'",
  );
  const measured = new Date(run!.starts_at + 24 * 3_600_000);
  const day = `${measured.getFullYear()}-${String(measured.getMonth() + 1).padStart(2, '0')}-${String(measured.getDate()).padStart(2, '0')}`;
  const told = async () =>
    (await (await page.request.get(`${server.url}/api/runs/${run!.id}/timetable`)).json()) as {
      timetable: { endsMin: number };
      clashes: { words: string; daysThatHold: number[] }[];
    };
  const before = await told();
  expect(before.clashes).toEqual([]);

  await page.goto(`${server.url}/school`);
  await page.getByLabel('One more line of “First”').focus();
  await page.keyboard.type('goggles on');
  await page.keyboard.press('Enter');
  await page.getByLabel('Minutes for goggles on').focus();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('3');
  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: 'more days' }).press('Enter');
  await page.getByLabel('First day').fill(day);
  await page.getByLabel('Last day').fill(day);
  await page.getByLabel('Why', { exact: true }).focus();
  await page.keyboard.type('staff day');
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();
  await expect
    .poll(() => server.query<{ value: string }>("SELECT value FROM school WHERE key = 'ways'")[0]!.value)
    .toContain('staff day');
  expect(await graveFindings(page)).toEqual([]);

  const after = await told();
  expect(after.timetable.endsMin).toBe(before.timetable.endsMin + 3);
  expect(after.clashes[0]!.words).toContain('“Measure the height in the mould');
  expect(after.clashes[0]!.daysThatHold.length).toBeGreaterThan(0);
  await page.goto(server.url);
  await expect(page.getByRole('region', { name: 'Jobs', exact: true })).toContainText('would hold');

  // A second window changes it first.
  await page.goto(`${server.url}/school`);
  const other = await page.context().newPage();
  await other.goto(`${server.url}/school`);
  await other.getByLabel('Monday from').fill('7:00');
  await expect(other.getByText('Kept', { exact: true })).toBeVisible();
  await expect
    .poll(() => server.query<{ value: string }>("SELECT value FROM school WHERE key = 'ways'")[0]!.value)
    .toContain('"fromMin":420');
  await page.getByLabel('Tuesday from').fill('9:99');
  await expect(page.getByRole('alert')).toContainText(
    'Tuesday from is “9:99”; allowed: a time from 00:00 to 24:00',
  );
  await page.getByLabel('Tuesday from').fill('9.30');
  await expect(page.getByRole('alert')).toContainText('changed somewhere else');
  await page.getByRole('button', { name: 'take theirs' }).click();
  await expect(page.getByLabel('Monday from')).toHaveValue('07:00');

  // An address to subscribe to opens the lessons without signing in.
  await page.getByRole('button', { name: 'Make an address to subscribe to' }).click();
  const address = await page.getByRole('status').filter({ hasText: '/api/calendar/' }).textContent();
  const answer = await page.request.get(address!.trim());
  expect(answer.headers()['content-type']).toContain('text/calendar');
  expect(await answer.text()).toContain('BEGIN:VCALENDAR');
  await page.getByRole('button', { name: 'close it' }).click();
  await expect(page.getByRole('button', { name: 'Make an address to subscribe to' })).toBeVisible();
  expect((await page.request.get(address!.trim())).status()).toBe(404);
});

test('a room on its plan: moved by arrow keys and by mouse, described, printed', async ({ page }) => {
  await page.goto(`${server.url}/rooms/room-kitchen`);
  const equipment = () =>
    JSON.parse(
      server.query<{ equipment: string }>("SELECT equipment FROM rooms WHERE id = 'room-kitchen'")[0]!
        .equipment,
    ) as { id: string; name: string; x: number | null; y: number | null; inIceC?: number | null }[];
  const thing = (id: string) => equipment().find((one) => one.id === id)!;
  const oven = page.getByRole('button', { name: /^oven 1, square/ });
  const was = thing('oven-1');
  await oven.focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowRight');
  await expect.poll(() => [thing('oven-1').x, thing('oven-1').y]).toEqual([was.x! + 1, was.y! + 1]);
  await expect(oven).toHaveAccessibleName(new RegExp(`square ${was.x! + 2} across, ${was.y! + 2} down`));

  const sink = page.getByRole('button', { name: /^sink 1, square/ });
  const from = thing('sink-1');
  const box = (await sink.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x - 2 * box.width, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  await expect.poll(() => thing('sink-1').x).toBeLessThan(from.x!);
  const details = page.getByRole('region', { name: 'sink 1' });
  await expect(details).toBeVisible();

  await page.getByRole('button', { name: /^thermometer 2, square/ }).press('Enter');
  const thermometer = page.getByRole('region', { name: 'thermometer 2' });
  await thermometer.getByLabel('Shows in melting ice').fill('0.8');
  await thermometer.getByLabel('Shows in boiling water').fill('95.5');
  await expect(thermometer).toContainText('0.8 °C too high in ice, 0.5 °C too low in boiling water');
  await expect.poll(() => thing('thermometer-2').inIceC).toBe(0.8);
  // Taken back: one change after the other.
  await page.getByRole('button', { name: /^hob 3, square/ }).press('Delete');
  await expect.poll(() => thing('hob-3').x).toBeNull();
  await expect(page.getByText('Not on the plan yet: 1 thing.')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect.poll(() => thing('hob-3').x).not.toBeNull();
  expect(await graveFindings(page)).toEqual([]);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('heading', { name: 'What it has' })).toBeVisible();
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
  expect([...pdf.matchAll(/\/MediaBox/g)]).toHaveLength(1);
});
