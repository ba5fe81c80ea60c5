import { type Page } from '@playwright/test';
import type { RunSummary } from '../src/contract/practicals';
import { complaintsOf } from './console';
import { field } from './field';
import { TestServer } from './server';
import { expect, test } from './test';

let server: TestServer;
let run: string;
test.beforeAll(async () => {
  server = await TestServer.start({ demo: true });
  run = (await server.json<RunSummary[]>('/api/runs')).find((one) => one.status === 'running')!.id;
});
test.afterAll(() => server.remove());
test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

const bodies = (station: number, kind: string) =>
  server
    .query<{ body: string }>(
      `SELECT body FROM log WHERE run_id = ? AND station = ? AND kind = ? AND body NOT LIKE '%"probe"}' ORDER BY seq`,
      run,
      station,
      kind,
    )
    .map((row) => JSON.parse(row.body) as Record<string, unknown>);

async function type(page: Page, digits: string) {
  for (const digit of digits)
    await page.getByRole('button', { name: digit === '-' ? 'minus' : digit, exact: true }).tap();
}

test('by touch: a reading in either unit, its correction, a step done and taken back, what was seen and measured', async ({
  page,
}) => {
  const complaints = complaintsOf(page);
  await page.goto(`${server.url}/runs/${run}/station/9`);
  await expect(page.getByRole('tab', { name: 'Degrees' })).toHaveAttribute('aria-selected', 'true');
  await page.getByRole('button', { name: 'Type in °F instead' }).tap();
  await type(page, '212');
  await page.getByRole('button', { name: 'Keep 212 °F' }).tap();
  await expect.poll(() => bodies(9, 'reading')).toMatchObject([{ celsius: 100, unit: 'F', source: 'typed' }]);

  await page.getByRole('button', { name: 'correct the last' }).tap();
  await page.getByRole('button', { name: 'Type in °C instead' }).tap();
  await type(page, '101.5');
  await page.getByRole('button', { name: 'Correct 101.5 °C' }).tap();
  await expect.poll(() => bodies(9, 'correction')).toMatchObject([{ to: { celsius: 101.5 } }]);

  await type(page, '1500');
  await expect(page.getByRole('alert')).toContainText('temperature is “1500”; allowed: −90 to 400 °C');
  await expect(page.getByRole('button', { name: 'Keep' })).toBeDisabled();

  await page.getByRole('tab', { name: 'Did' }).tap();
  await page.getByRole('button', { name: 'off the heat', exact: true }).last().tap();
  await expect(page.getByText('Step 3 of 5')).toBeVisible();
  await page.getByRole('button', { name: 'off the heat is done: take it back' }).tap();
  await expect(page.getByText('Step 2 of 5')).toBeVisible();

  await page.getByRole('tab', { name: 'Saw' }).tap();
  await page.getByRole('button', { name: 'after', exact: true }).tap();
  await page.getByRole('button', { name: 'sound' }).tap();
  await field(page, 'What you saw').fill('crackles');
  await page.getByRole('button', { name: 'Keep' }).tap();
  await expect
    .poll(() => bodies(9, 'observation').at(-1))
    .toEqual({ kind: 'observation', text: 'crackles', when: 'after', sense: 'sound' });

  await page.getByRole('tab', { name: 'Measured' }).tap();
  await field(page, 'snap force in N').fill('3,4x');
  await expect(page.getByRole('alert')).toContainText('snap force is “3,4x”; allowed: a number');
  await field(page, 'snap force in N').fill('3,4');
  await page.getByRole('button', { name: 'Keep 3.4' }).tap();
  await expect(page.getByText('✓ 3.4 N')).toBeVisible();
  // The tick says that it is kept here; the board has it a moment later.
  await expect.poll(() => bodies(9, 'measurement')).toMatchObject([{ responseId: 'snap', value: 3.4 }]);
  await expect(page.getByRole('status').filter({ hasText: 'on the board' })).toContainText('6 on the board');
  expect(complaints).toEqual([]);
});

test('targets are large enough for wet hands, and nothing runs out of a phone’s width', async ({ page }) => {
  await page.goto(`${server.url}/runs/${run}/station/4`);
  await expect(page.getByRole('tab', { name: 'Degrees' })).toBeVisible();
  for (const tab of ['Weigh', 'Degrees', 'Saw', 'Did', 'Measured', 'Differently']) {
    await page.getByRole('tab', { name: tab }).tap();
    const small = await page.evaluate(() =>
      [...document.querySelectorAll('button, input, textarea')]
        .map((target) => ({
          name: target.textContent || target.getAttribute('aria-label'),
          box: target.getBoundingClientRect(),
        }))
        .filter(({ box }) => box.height > 0 && (box.height < 44 || box.width < 44))
        .map(({ name, box }) => `${name} ${Math.round(box.width)}×${Math.round(box.height)}`),
    );
    expect(small).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  }
});

test('an entry the server will not have stays on the device with the reason, and holds up no other', async ({
  page,
}) => {
  await page.goto(`${server.url}/runs/${run}/station/5`);
  await expect(page.getByRole('tab', { name: 'Degrees' })).toBeVisible();
  // What an older page, or a device whose clock is a day off, might have left in the outbox.
  await page.evaluate(async (runId) => {
    const open = indexedDB.open('tawny-outbox');
    const database = await new Promise<IDBDatabase>(
      (resolve) => (open.onsuccess = () => resolve(open.result)),
    );
    const entry = {
      id: 'stray-entry',
      station: 5,
      at: Date.now() - 86_400_000,
      offset: 0,
      body: { kind: 'deviation', text: 'from yesterday' },
    };
    const transaction = database.transaction('entries', 'readwrite');
    transaction.objectStore('entries').put({ id: entry.id, runId, entry, refused: null });
    await new Promise((resolve) => (transaction.oncomplete = resolve));
  }, run);
  await page.reload();
  const alert = page.getByRole('alert').filter({ hasText: 'Not taken' });
  await expect(alert).toContainText('went differently: from yesterday');
  await expect(alert).toContainText('is the clock of this device a day off?');
  await page.getByRole('tab', { name: 'Differently' }).tap();
  await field(page, 'What went differently').fill('spoon fell in');
  await page.getByRole('button', { name: 'Keep' }).tap();
  await expect.poll(() => bodies(5, 'deviation')).toMatchObject([{ text: 'spoon fell in' }]);
  await page.getByRole('button', { name: 'let it go' }).tap();
  await expect(alert).toBeHidden();
});

test('a station that is not in the run is said so, with a way to the board', async ({ page }) => {
  await page.goto(`${server.url}/runs/${run}/station/40`);
  await expect(page.getByRole('alert')).toContainText(
    'There is no station 40 in this run; choose a station from 1 to 12',
  );
});
